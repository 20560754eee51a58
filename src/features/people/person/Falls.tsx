import Button from '@mui/material/Button'
import { useState } from 'react'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { fallsEntry } from '@/documents/record-document'
import { beginsWithHand } from '@/records/falls'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Tick } from '@/ui/forms/Tick'
import { ENGLISH } from '@/words/language'
import { sayFalls } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** Falls in the year before, as they were told: how many, whether they were hurt, what they were doing. */
export function Falls({ record, change, day }: PartProps) {
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
    <section className={styles.part} aria-label="Falls">
      <h2>Falls in the last year</h2>
      {record.falls.length === 0 && <p className={styles.soft}>Not asked yet: at the start, and every quarter.</p>}
      <ul className={styles.lines}>
        {record.falls.toReversed().map((told) => (
          <li key={`${told.on} ${told.times} ${told.doing}`}>
            <strong>{sayFalls(told)}</strong>
            <Button
              aria-label={`Remove: ${sayFalls(told)}`}
              onClick={() => change((r) => ({ ...r, falls: r.falls.filter((one) => one !== told) }))}
            >
              remove
            </Button>
          </li>
        ))}
      </ul>
      {beginsWithHand(record, day) && <p>{ENGLISH.say('records.falls.begin')}</p>}
      {asking ? (
        <Form verb="Write it down" className={styles.answer} onEnter={enter} onLeave={() => setAsking(false)}>
          <Field
            name="times"
            required
            inputMode="numeric"
            aria-label="How many times"
            placeholder="how many"
            autoFocus
          />
          <Tick name="injured">hurt</Tick>
          <Field name="doing" maxLength={200} aria-label="Doing what" placeholder="doing what" />
        </Form>
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => add({ on: day, times: 0 })}>None</Button>
          <Button onClick={() => setAsking(true)}>They fell…</Button>
        </p>
      )}
    </section>
  )
}
