import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { type DayRulesDocument, TODAY_REASONS } from '@/documents/day-rules'
import type { TodayEntry } from '@/documents/record-document'
import { isAway, liftToday, lowerToday, markDay, proposeToday } from '@/records/today'
import { Field } from '@/ui/forms/Field'
import { SoreAt } from '@/ui/people/SoreAt'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayLowered, sayToday } from '@/words/limits'
import type { PartProps } from './part-props'
import styles from './person.module.css'

type TodayProps = PartProps & { lowered: TodayEntry | null; rules: DayRulesDocument }

/** One press lowers what somebody may do until the day ends; nothing is overwritten. */
export function Today({ record, change, day, lowered, rules }: TodayProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const [other, setOther] = useState(false)
  const lower = (reason: string, more: Partial<TodayEntry> = {}) => {
    change((r) => lowerToday(r, { ...proposeToday(r, reason, day, rules), ...more }))
    setOther(false)
  }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const reason = String(new FormData(event.currentTarget).get('reason')).trim()
    if (reason) lower(reason)
  }
  return (
    <section className={styles.part} data-today={lowered !== null} aria-label={t('today')}>
      <h2>{t('today')}</h2>
      {isAway(record, day) && (
        <p className={styles.actions}>
          <strong>{t('notHereToday')}</strong>
          <Button onClick={() => change((r) => markDay(r, 'here', day))}>{t('hereAfterAll')}</Button>
        </p>
      )}
      {lowered ? (
        <>
          <p>
            <strong>{sayToday(lowered.reason, words)}.</strong>{' '}
            {lowered.reason === 'sore' && (
              <SoreAt
                name={record.name}
                at={lowered.at ?? null}
                onChoose={(at) => change((r) => markDay(r, 'sore', day, rules, at))}
              />
            )}{' '}
            {t('loweredUntilDayEnds', { lowered: sayLowered(lowered, words) })}
          </p>
          <p className={styles.actions}>
            <Button onClick={() => change((r) => liftToday(r, day))}>{t('backUsualNow')}</Button>
            {!lowered.seatedOnly && (
              <Button onClick={() => lower(lowered.reason, { seatedOnly: true })}>{t('sitsToday')}</Button>
            )}
          </p>
        </>
      ) : (
        <div className={styles.actions}>
          {t('asUsualArrived')}{' '}
          {TODAY_REASONS.map((reason) => (
            <Button key={reason} type="button" onClick={() => lower(reason)}>
              {sayToday(reason, words)}
            </Button>
          ))}
          {!isAway(record, day) && (
            <Button onClick={() => change((r) => markDay(r, 'away', day))}>{t('notHereToday2')}</Button>
          )}
          {other ? (
            <form onSubmit={submit}>
              <Field name="reason" aria-label={t('reason')} maxLength={200} placeholder={t('why')} autoFocus />
              <Button type="submit">{t('lower')}</Button>
            </form>
          ) : (
            <Button onClick={() => setOther(true)}>{t('other')}</Button>
          )}
        </div>
      )}
      {record.today.some(({ on }) => on !== day) && (
        <p className={styles.soft}>
          {t('nLoweredDaysBefore', { n: record.today.filter(({ on }) => on !== day).length })}
        </p>
      )}
    </section>
  )
}
