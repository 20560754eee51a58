import Button from '@mui/material/Button'
import { type FormEvent, useState } from 'react'
import { type DayRulesDocument, TODAY_REASONS } from '@/documents/day-rules'
import type { TodayEntry } from '@/documents/record-document'
import { isAway, liftToday, lowerToday, markDay, proposeToday } from '@/records/today'
import { Field } from '@/ui/forms/Field'
import { SoreAt } from '@/ui/people/SoreAt'
import { sayLowered, sayToday } from '@/words/limits'
import type { PartProps } from './part-props'
import styles from './person.module.css'

type TodayProps = PartProps & { lowered: TodayEntry | null; rules: DayRulesDocument }

/** One press lowers what somebody may do until the day ends; nothing is overwritten. */
export function Today({ record, change, day, lowered, rules }: TodayProps) {
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
    <section className={styles.part} data-today={lowered !== null} aria-label="Today">
      <h2>Today</h2>
      {isAway(record, day) && (
        <p className={styles.actions}>
          <strong>Not here today.</strong>
          <Button onClick={() => change((r) => markDay(r, 'here', day))}>Here after all</Button>
        </p>
      )}
      {lowered ? (
        <>
          <p>
            <strong>{sayToday(lowered.reason)}.</strong>{' '}
            {lowered.reason === 'sore' && (
              <SoreAt
                name={record.name}
                at={lowered.at ?? null}
                onChoose={(at) => change((r) => markDay(r, 'sore', day, rules, at))}
              />
            )}{' '}
            {sayLowered(lowered)} Until the day ends; then the standing limits are back by themselves.
          </p>
          <p className={styles.actions}>
            <Button onClick={() => change((r) => liftToday(r, day))}>Back to usual now</Button>
            {!lowered.seatedOnly && (
              <Button onClick={() => lower(lowered.reason, { seatedOnly: true })}>Sits today</Button>
            )}
          </p>
        </>
      ) : (
        <div className={styles.actions}>
          As usual. Arrived{' '}
          {TODAY_REASONS.map((reason) => (
            <Button key={reason} type="button" onClick={() => lower(reason)}>
              {sayToday(reason)}
            </Button>
          ))}
          {!isAway(record, day) && (
            <Button onClick={() => change((r) => markDay(r, 'away', day))}>not here today</Button>
          )}
          {other ? (
            <form onSubmit={submit}>
              <Field name="reason" aria-label="Reason" maxLength={200} placeholder="why" autoFocus />
              <Button type="submit">Lower</Button>
            </form>
          ) : (
            <Button onClick={() => setOther(true)}>other…</Button>
          )}
        </div>
      )}
      {record.today.some(({ on }) => on !== day) && (
        <p className={styles.soft}>{record.today.filter(({ on }) => on !== day).length} lowered days before.</p>
      )}
    </section>
  )
}
