import Button from '@mui/material/Button'
import { useMemo, useState } from 'react'
import type { Body, Decision, NextWay } from '@/core'
import { type DecisionDocument, NEXT_WAYS } from '@/documents/decision-document'
import { fromStance } from '@/documents/from-core'
import type { Posture } from '@/documents/posture-document'
import type { Decided } from '@/keeping/decisions'
import type { Done } from '@/teaching/practice/doing'
import { findNextVersion, type Next } from '@/teaching/practice/next-version'
import { ask } from '@/ui/api/ask'
import { useAttempt } from '@/ui/api/use-attempt'
import { Field } from '@/ui/forms/Field'
import { Form } from '@/ui/forms/Form'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPostureName } from '@/words/postures'
import { sayDecided, sayNext, sayReason, sayWay, sayWayFirst } from '@/words/practice'
import styles from './weeks.module.css'

type DecideProps = {
  person: string
  body: Body
  today: string
  decision: Decision
  /** What they do now. */
  doing: readonly Done[]
  decided: readonly Decided[]
  postures: readonly Posture[]
  onDecided: (decided: Decided) => void
}

/** Harder, the same or easier: the reason first, then what is proposed, concretely; taken, changed or left with a reason. */
export function Decide({ person, body, today, decision, doing, decided, postures, onDecided }: DecideProps) {
  const say = useSay('practice.decide')
  const words = useWords()
  const [choosing, setChoosing] = useState<NextWay | 'leave' | null>(null)
  const [again, setAgain] = useState(false)
  const { problem, attempt } = useAttempt()
  const [at, setAt] = useState(0)
  const { way, reasons, grave } = decision
  const done = doing[at]
  const versions = useMemo(() => {
    const find = (towards: 'harder' | 'easier') => done && findNextVersion(body, done, done.stance, towards)
    return { harder: find('harder') ?? null, easier: find('easier') ?? null, same: null, leave: null }
  }, [body, done])
  const keep = async (taken: NextWay | null, next: Next | null, reason?: string) => {
    const document: DecisionDocument = {
      proposed: way,
      taken,
      ...(next && { next: next.version }),
      ...(reason && { reason }),
    }
    const form = next &&
      done?.plan && { group: done.plan.id, posture: done.posture.id, stance: fromStance(next.stance) }
    await attempt(async () => {
      onDecided(await ask<Decided>('/api/decisions', 'PUT', { person, day: today, document, ...(form && { form }) }))
      setChoosing(null)
      setAgain(false)
    })
  }
  const last = decided.findLast((one) => one.day < today)
  const now = decided.find((one) => one.day === today)
  const proposed = versions[way]
  if (grave.length > 0)
    return (
      <section className={styles.decide} aria-label={say('label')}>
        <h2>{words.say('practice.grave.label')}</h2>
        <ul>
          {grave.map((reason) => (
            <li key={reason.code}>
              <strong>{sayReason(reason, words)}</strong>
            </li>
          ))}
        </ul>
        <p className={styles.way}>{words.say('practice.grave.card')}</p>
        <p className={styles.soft}>{words.say('practice.grave.tell')}</p>
        <Form
          className={styles.why}
          verb={words.say('practice.grave.verb')}
          onEnter={(read) => keep(null, null, read('reason'))}
        >
          <Field
            name="reason"
            required
            maxLength={500}
            aria-label={words.say('practice.grave.reason')}
            placeholder={words.say('practice.grave.reason')}
          />
        </Form>
        {problem && <p role="alert">{problem}</p>}
      </section>
    )
  return (
    <section className={styles.decide} aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <ul>
        {reasons.map((reason) => (
          <li key={`${reason.code} ${reason.day}`}>{sayReason(reason, words)}</li>
        ))}
      </ul>
      {doing.length > 1 && (
        <p>
          {say('in')}{' '}
          <ChoiceWord
            label={say('posture')}
            value={String(at)}
            choices={doing.map(({ posture, plan }, i) => ({
              value: String(i),
              name: sayPostureName(posture, words),
              detail: plan?.group ?? '',
            }))}
            onChoose={(next) => setAt(Number(next))}
          />
        </p>
      )}
      <p className={styles.way}>
        <strong>{say('proposed', { way: sayWayFirst(way, words) })}</strong>
        {proposed ? say('colon', { next: sayNext(proposed.version, postures, words) }) : say('stop')}{' '}
        {way === 'harder' && !proposed && words.say('practice.next.nothing')}
      </p>
      {last && <p className={styles.soft}>{sayDecided(last.day, last.document, words)}</p>}
      {now && !again ? (
        <>
          <p>
            {sayDecided(now.day, now.document, words)}
            {now.document.next && ` ${say('becomes', { next: sayNext(now.document.next, postures, words) })}`}{' '}
            {now.document.plan && (
              <a href={`/class?group=${now.document.plan.group}&posture=${now.document.plan.posture}`}>
                {say('inPlan')}
              </a>
            )}
          </p>
          <p className={styles.acts}>
            <Button onClick={() => setAgain(true)}>{say('again')}</Button>
          </p>
        </>
      ) : choosing ? (
        <Form
          className={styles.why}
          verb={choosing === 'leave' ? say('leave') : sayWayFirst(choosing, words)}
          onEnter={(read) => keep(choosing === 'leave' ? null : choosing, versions[choosing], read('reason'))}
          onLeave={() => setChoosing(null)}
        >
          {versions[choosing] && (
            <p>{say('becomes', { next: sayNext(versions[choosing].version, postures, words) })}</p>
          )}
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
        <>
          {(versions.harder || versions.easier) && (
            <p className={styles.soft}>{done?.plan ? say('goesIn', { group: done.plan.group }) : say('noPlan')}</p>
          )}
          <p className={styles.acts}>
            <Button variant="contained" onClick={() => keep(way, proposed)}>
              {say('take')}
            </Button>
            {NEXT_WAYS.filter((one) => one !== way).map((one) => (
              <Button key={one} onClick={() => setChoosing(one)}>
                {say('other', { way: sayWay(one, words) })}
              </Button>
            ))}
            <Button onClick={() => setChoosing('leave')}>{say('leave')}</Button>
          </p>
        </>
      )}
      {problem && <p role="alert">{problem}</p>}
    </section>
  )
}
