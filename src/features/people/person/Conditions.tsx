import Button from '@mui/material/Button'
import { useState } from 'react'
import type { Side } from '@/core'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { limitEntry } from '@/documents/record-document'
import {
  CONDITIONS,
  confirmCaution,
  declineCaution,
  findCondition,
  listProposals,
  type Proposal,
} from '@/records/conditions'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { useSay, useWords } from '@/ui/words/use-words'
import { saySide } from '@/words/findings'
import type { Words } from '@/words/language'
import { sayLimit } from '@/words/limits'
import { sayAnswered, sayCaution, sayCondition } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** Conditions bring their usual cautions; the instructor confirms, changes or declines each. */
export function Conditions({ record, change, day }: PartProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const proposals = listProposals(record)
  const open = proposals.filter(({ answer }) => answer === null)
  const had = record.conditions
  return (
    <section className={styles.part} aria-label={t('conditions')}>
      <h2>{t('conditions')}</h2>
      {had.length > 0 && (
        <ul className={styles.lines}>
          {had.map((one) => (
            <li key={`${one.condition} ${one.side}`}>
              <strong>{sayHad(one.condition, one.side, words)}</strong>
              <span className={styles.origin}>{t('sinceDay', { day: words.day(one.on, day.slice(0, 4)) })}</span>
              <Button
                aria-label={t('removeHad', { had: sayHad(one.condition, one.side, words) })}
                onClick={() => change((r) => ({ ...r, conditions: r.conditions.filter((other) => other !== one) }))}
              >
                {t('remove')}
              </Button>
              {proposals
                .filter(({ answer, condition, side }) => answer && condition.id === one.condition && side === one.side)
                .map((proposal) => (
                  <small key={proposal.key}>
                    {proposal.answer && sayAnswered(sayCautionOf(proposal, words), proposal.answer, words)}
                    <Button
                      aria-label={t('askAgainCautionof', { cautionOf: sayCautionOf(proposal, words) })}
                      onClick={() =>
                        change((r) => ({ ...r, answers: r.answers.filter(({ caution }) => caution !== proposal.key) }))
                      }
                    >
                      {t('askAgain')}
                    </Button>
                  </small>
                ))}
            </li>
          ))}
        </ul>
      )}
      {open.length > 0 && (
        <div className={styles.proposals}>
          <p>{t('usualCautionsForYou')}</p>
          {open.map((proposal) => (
            <OneProposal key={proposal.key} proposal={proposal} change={change} record={record} day={day} />
          ))}
        </div>
      )}
      <ConditionForm
        onAdd={(condition, side) =>
          change((r) => ({ ...r, conditions: [...r.conditions, { condition, ...(side && { side }), on: day }] }))
        }
      />
    </section>
  )
}

const sayHad = (id: string, side: Side | undefined, words: Words) =>
  side ? `${saySide(side, words)}: ${sayCondition(id, words)}` : sayCondition(id, words)

const sayCautionOf = ({ condition, caution }: Proposal, words: Words) => sayCaution(condition.id, caution.id, words)

function OneProposal({ proposal, change, day }: PartProps & { proposal: Proposal }) {
  const t = useSay('screens.people')
  const words = useWords()

  const [doing, setDoing] = useState<'changing' | 'declining' | null>(null)
  const { caution, condition, side } = proposal
  const [limit] = caution.limits ?? []
  const source = { kind: 'instructor' as const }
  const enter = (read: Read) => {
    const text = read('text')
    if (doing === 'declining') return change((r) => declineCaution(r, proposal, text, day))
    const value = readFigure(text)
    const said = { what: limit?.what, value, source, on: day }
    parse(limitEntry, said)
    change((r) => confirmCaution(r, proposal, { on: day, source, value }))
  }
  return (
    <div className={styles.proposal}>
      <p>
        <strong>{sayCautionOf(proposal, words)}</strong>{' '}
        <small>
          {side ? `${side}, ` : ''}
          {sayCondition(condition.id, words)}
          {limit && `; would set: ${sayLimit({ ...limit, side }, words)}`}
          {caution.askClinician && '; ask the clinician'}
        </small>
      </p>
      {doing ? (
        <Form
          className={styles.answer}
          verb={doing === 'declining' ? t('decline') : t('set')}
          onEnter={enter}
          onLeave={() => setDoing(null)}
        >
          <Field
            name="text"
            required
            maxLength={500}
            aria-label={doing === 'declining' ? t('reason') : t('anotherFigure')}
            placeholder={doing === 'declining' ? t('whyNot') : t('anotherFigure2')}
            autoFocus
          />
        </Form>
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => change((r) => confirmCaution(r, proposal, { on: day, source }))}>
            {t('confirm')}
          </Button>
          {typeof limit?.value === 'number' && <Button onClick={() => setDoing('changing')}>{t('change')}</Button>}
          <Button onClick={() => setDoing('declining')}>{t('decline')}</Button>
        </p>
      )}
    </div>
  )
}

function ConditionForm({ onAdd }: { onAdd: (condition: string, side: Side | undefined) => void }) {
  const t = useSay('screens.people')
  const words = useWords()

  const [id, setId] = useState('')
  const condition = findCondition(id)
  const add = (side?: Side) => {
    onAdd(id, side)
    setId('')
  }
  return (
    <p className={styles.actions}>
      <Pick aria-label={t('aCondition')} value={id} onChange={(event) => setId(event.target.value)}>
        <option value="">{t('aCondition2')}</option>
        {CONDITIONS.filter(({ retired }) => !retired).map((one) => (
          <option key={one.id} value={one.id}>
            {sayCondition(one.id, words)}
          </option>
        ))}
      </Pick>
      {condition?.sided && (
        <>
          <Button onClick={() => add('left')}>{t('left')}</Button>
          <Button onClick={() => add('right')}>{t('right')}</Button>
        </>
      )}
      {condition && !condition.sided && <Button onClick={() => add()}>{t('add')}</Button>}
    </p>
  )
}
