import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Decision, NextWay } from '@/core'
import { type DecisionDocument, NEXT_WAYS, type NextVersion } from '@/formats/decision-document'
import type { Posture } from '@/formats/posture-document'
import type { Decided } from '@/server/decisions'
import { ask, sayUnsaved } from '@/ui/api/ask'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { ENGLISH } from '@/words/language'
import { sayDecided, sayNext, sayReason, sayWay, sayWayFirst } from '@/words/practice'
import styles from './weeks.module.css'

type DecideProps = {
  person: string
  today: string
  decision: Decision
  /** The next version for this body, for either way; none where nothing passes. */
  next: NextVersion | null
  decided: readonly Decided[]
  postures: readonly Posture[]
  onDecided: (decided: Decided) => void
}

const say = (key: string, values?: Record<string, string>) => ENGLISH.say(`practice.decide.${key}`, values)

/** Harder, the same or easier: the reason first, then what is proposed, concretely; taken, changed or left with a reason. */
export function Decide({ person, today, decision, next, decided, postures, onDecided }: DecideProps) {
  const [choosing, setChoosing] = useState<NextWay | 'leave' | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const { way, reasons } = decision
  const keep = async (taken: NextWay | null, reason?: string) => {
    const document: DecisionDocument = {
      proposed: way,
      taken,
      ...(taken === way && next && { next }),
      ...(reason && { reason }),
    }
    try {
      onDecided(await ask<Decided>('/api/decisions', 'PUT', { person, day: today, document }))
      setChoosing(null)
      setProblem(null)
    } catch (error) {
      setProblem(sayUnsaved(error))
    }
  }
  const last = decided.findLast((one) => one.day < today)
  const now = decided.find((one) => one.day === today)
  return (
    <section className={styles.decide} aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <ul>
        {reasons.map((reason) => (
          <li key={`${reason.code} ${reason.day}`}>{sayReason(reason)}</li>
        ))}
      </ul>
      <p className={styles.way}>
        <strong>{say('proposed', { way: sayWayFirst(way) })}</strong>
        {way !== 'same' && next && say('colon', { next: sayNext(next, postures) })}
        {(way === 'same' || !next) && say('stop')} {way === 'harder' && !next && ENGLISH.say('practice.next.nothing')}
      </p>
      {last && <p className={styles.soft}>{sayDecided(last.day, last.document)}</p>}
      {now ? (
        <p>{sayDecided(now.day, now.document)}</p>
      ) : choosing ? (
        <Form
          className={styles.why}
          verb={choosing === 'leave' ? say('leave') : sayWayFirst(choosing)}
          onEnter={(form) => keep(choosing === 'leave' ? null : choosing, String(form.get('reason')).trim())}
          onLeave={() => setChoosing(null)}
        >
          <Field
            name="reason"
            required
            maxLength={500}
            aria-label={say('reason')}
            placeholder={say('reason')}
            autoFocus
          />
        </Form>
      ) : (
        <p className={styles.acts}>
          <Button variant="contained" onClick={() => keep(way)}>
            {say('take')}
          </Button>
          {NEXT_WAYS.filter((one) => one !== way).map((one) => (
            <Button key={one} onClick={() => setChoosing(one)}>
              {say('other', { way: sayWay(one) })}
            </Button>
          ))}
          <Button onClick={() => setChoosing('leave')}>{say('leave')}</Button>
        </p>
      )}
      {problem && <p role="alert">{problem}</p>}
    </section>
  )
}
