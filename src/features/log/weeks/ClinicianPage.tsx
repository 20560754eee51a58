import Button from '@mui/material/Button'
import { useState } from 'react'
import type { ClassDay, Concern } from '@/core'
import type { Weeks } from '@/server/weeks'
import { TypedField } from '@/ui/words/TypedField'
import { ENGLISH } from '@/words/language'
import { sayLimit } from '@/words/limits'
import { sayConcern } from '@/words/practice'
import styles from './weeks.module.css'

type ClinicianPageProps = {
  weeks: Weeks
  days: readonly ClassDay[]
  concerns: readonly Concern[]
  today: string
  onClose: () => void
}

const say = (key: string, values?: Record<string, string | number>) => ENGLISH.say(`practice.clinician.${key}`, values)

const meanOf = (values: readonly (number | null)[]): string => {
  const told = values.filter((value): value is number => value !== null)
  return told.length > 0
    ? ENGLISH.number(told.reduce((sum, one) => sum + one, 0) / told.length, 1)
    : ENGLISH.say('practice.unsaid')
}

/** One page that can be read in a minute: orders with their dates, what was done, what was seen, the question. */
export function ClinicianPage({ weeks: { person, rows }, days, concerns, today, onClose }: ClinicianPageProps) {
  const [question, setQuestion] = useState(say('default', { name: person.name }))
  const came = days.filter((one) => one.came)
  const orders = person.limits.filter(({ entry }) => entry.source.kind === 'clinician')
  const words = rows.filter(({ word }) => word).slice(-3)
  const year = today.slice(0, 4)
  return (
    <main className={styles.paper}>
      <p className={styles.acts} data-print="no">
        <Button variant="contained" onClick={() => window.print()}>
          {say('print')}
        </Button>
        <Button href={`/paper?as=clinician&person=${encodeURIComponent(person.id)}`}>{ENGLISH.say('paper.on')}</Button>
        <Button onClick={onClose}>{ENGLISH.say('lesson.teach.leave')}</Button>
      </p>
      <h1>{say('title', { name: person.name })}</h1>
      <h2>{say('orders')}</h2>
      <ul>
        {orders.length === 0 && <li>{say('noOrders')}</li>}
        {orders.map(({ entry, what, side }) => (
          <li key={`${what} ${side}`}>
            {sayLimit(entry)} ({[entry.source.name, ENGLISH.day(entry.on, year)].filter(Boolean).join(', ')})
          </li>
        ))}
      </ul>
      <h2>{say('done')}</h2>
      <p>
        {say('doneLine', {
          came: came.length,
          all: days.length,
          day: days[0] ? ENGLISH.day(days[0].day, year) : '',
          effort: meanOf(came.map(({ effort }) => effort)),
          pain: meanOf(came.map(({ pain }) => pain)),
        })}
      </p>
      <h2>{say('seen')}</h2>
      <ul>
        {concerns.map((one) => (
          <li key={one.code}>{sayConcern(one)}</li>
        ))}
        {concerns.length === 0 && <li>{ENGLISH.say('practice.concerns.none')}</li>}
        {words.map(({ day, word }) => (
          <li key={day}>
            {ENGLISH.day(day, year)}: {word}
          </li>
        ))}
      </ul>
      <h2>{say('question')}</h2>
      <TypedField rows={3} maxLength={500} value={question} onTyped={setQuestion} />
      <p className={styles.soft}>{say('careful')}</p>
    </main>
  )
}
