import Button from '@mui/material/Button'
import { useState } from 'react'
import type { ClassDay, Concern } from '@/core'
import type { Weeks } from '@/keeping/weeks'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayForClinician } from '@/words/clinician'
import styles from './weeks.module.css'

type ClinicianPageProps = {
  weeks: Weeks
  days: readonly ClassDay[]
  concerns: readonly Concern[]
  today: string
  onClose: () => void
}

/** One page that can be read in a minute: orders with their dates, what was done, what was seen, the question. */
export function ClinicianPage({ weeks: { person, rows }, days, concerns, today, onClose }: ClinicianPageProps) {
  const say = useSay('practice.clinician')
  const words = useWords()
  const lines = sayForClinician(
    { name: person.name, falls: person.falls, limits: person.limits, rows, days, concerns },
    today,
    words,
  )
  const [question, setQuestion] = useState(lines.question)
  return (
    <main id="about" tabIndex={-1} className={styles.paper}>
      <p className={styles.acts} data-print="no">
        <Button variant="contained" onClick={() => window.print()}>
          {say('print')}
        </Button>
        <Button href={`/paper?as=clinician&person=${encodeURIComponent(person.id)}`}>{words.say('paper.on')}</Button>
        <Button onClick={onClose}>{words.say('lesson.teach.leave')}</Button>
      </p>
      <h1>{say('title', { name: person.name })}</h1>
      <h2>{say('orders')}</h2>
      <ul>
        {(lines.orders.length > 0 ? lines.orders : [say('noOrders')]).map((order) => (
          <li key={order}>{order}</li>
        ))}
      </ul>
      <h2>{say('done')}</h2>
      <p>{lines.done}</p>
      <h2>{say('seen')}</h2>
      <ul>
        {(lines.seen.length > 0 ? lines.seen : [words.say('practice.concerns.none')]).map((seen) => (
          <li key={seen}>{seen}</li>
        ))}
      </ul>
      <h2>{say('question')}</h2>
      <TypedField rows={3} maxLength={500} value={question} onTyped={setQuestion} />
      <p className={styles.soft}>{say('careful')}</p>
    </main>
  )
}
