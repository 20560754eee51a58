import Button from '@mui/material/Button'
import { useState } from 'react'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { fallsEntry } from '@/documents/record-document'
import { beginsWithHand } from '@/records/falls'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Tick } from '@/ui/forms/Tick'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFalls } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** Falls in the year before, as they were told: how many, whether they were hurt, what they were doing. */
export function Falls({ record, change, day }: PartProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const [asking, setAsking] = useState(false)
  const add = (told: unknown) => {
    const entry = parse(fallsEntry, told)
    change((r) => ({ ...r, falls: [...r.falls, entry] }))
    setAsking(false)
  }
  const enter = (read: Read) => {
    const doing = read('doing')
    add({
      on: day,
      times: readFigure(read('times')),
      ...(read('injured') && { injured: true }),
      ...(doing && { doing }),
    })
  }
  return (
    <section className={styles.part} aria-label={t('falls')}>
      <h2>{t('fallsInLastYear')}</h2>
      {record.falls.length === 0 && <p className={styles.soft}>{t('notAskedYetAt')}</p>}
      <ul className={styles.lines}>
        {record.falls.toReversed().map((told) => (
          <li key={`${told.on} ${told.times} ${told.doing}`}>
            <strong>{sayFalls(told, words)}</strong>
            <Button
              aria-label={t('removeFalls', { falls: sayFalls(told, words) })}
              onClick={() => change((r) => ({ ...r, falls: r.falls.filter((one) => one !== told) }))}
            >
              {t('remove')}
            </Button>
          </li>
        ))}
      </ul>
      {beginsWithHand(record, day) && <p>{words.say('records.falls.begin')}</p>}
      {asking ? (
        <Form verb={t('writeDown')} className={styles.answer} onEnter={enter} onLeave={() => setAsking(false)}>
          <Field
            name="times"
            required
            inputMode="numeric"
            aria-label={t('howManyTimes')}
            placeholder={t('howMany')}
            autoFocus
          />
          <Tick name="injured">{t('hurt')}</Tick>
          <Field name="doing" maxLength={200} aria-label={t('doingWhat')} placeholder={t('doingWhat2')} />
        </Form>
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => add({ on: day, times: 0 })}>{t('none')}</Button>
          <Button onClick={() => setAsking(true)}>{t('theyFell')}</Button>
        </p>
      )}
    </section>
  )
}
