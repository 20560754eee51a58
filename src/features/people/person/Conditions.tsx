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
import { saySide } from '@/words/findings'
import { ENGLISH } from '@/words/language'
import { sayLimit } from '@/words/limits'
import { sayAnswered, sayCaution, sayCondition } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** Conditions bring their usual cautions; the instructor confirms, changes or declines each. */
export function Conditions({ record, change, day }: PartProps) {
  const proposals = listProposals(record)
  const open = proposals.filter(({ answer }) => answer === null)
  const had = record.conditions
  return (
    <section className={styles.part} aria-label="Conditions">
      <h2>Conditions</h2>
      {had.length > 0 && (
        <ul className={styles.lines}>
          {had.map((one) => (
            <li key={`${one.condition} ${one.side}`}>
              <strong>{sayHad(one.condition, one.side)}</strong>
              <span className={styles.origin}>since {ENGLISH.day(one.on, day.slice(0, 4))}</span>
              <Button
                aria-label={`Remove: ${sayHad(one.condition, one.side)}`}
                onClick={() => change((r) => ({ ...r, conditions: r.conditions.filter((other) => other !== one) }))}
              >
                remove
              </Button>
              {proposals
                .filter(({ answer, condition, side }) => answer && condition.id === one.condition && side === one.side)
                .map((proposal) => (
                  <small key={proposal.key}>
                    {proposal.answer && sayAnswered(sayCautionOf(proposal), proposal.answer)}
                    <Button
                      aria-label={`Ask again: ${sayCautionOf(proposal)}`}
                      onClick={() =>
                        change((r) => ({ ...r, answers: r.answers.filter(({ caution }) => caution !== proposal.key) }))
                      }
                    >
                      ask again
                    </Button>
                  </small>
                ))}
            </li>
          ))}
        </ul>
      )}
      {open.length > 0 && (
        <div className={styles.proposals}>
          <p>Usual cautions, for you to confirm, change or decline. A clinician’s order always wins.</p>
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

const sayHad = (id: string, side: Side | undefined) =>
  side ? `${saySide(side)}: ${sayCondition(id)}` : sayCondition(id)

const sayCautionOf = ({ condition, caution }: Proposal) => sayCaution(condition.id, caution.id)

function OneProposal({ proposal, change, day }: PartProps & { proposal: Proposal }) {
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
        <strong>{sayCautionOf(proposal)}</strong>{' '}
        <small>
          {side ? `${side}, ` : ''}
          {sayCondition(condition.id)}
          {limit && `; would set: ${sayLimit({ ...limit, side })}`}
          {caution.askClinician && '; ask the clinician'}
        </small>
      </p>
      {doing ? (
        <Form
          className={styles.answer}
          verb={doing === 'declining' ? 'Decline' : 'Set it'}
          onEnter={enter}
          onLeave={() => setDoing(null)}
        >
          <Field
            name="text"
            required
            maxLength={500}
            aria-label={doing === 'declining' ? 'Reason' : 'Another figure'}
            placeholder={doing === 'declining' ? 'why not' : 'another figure'}
            autoFocus
          />
        </Form>
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => change((r) => confirmCaution(r, proposal, { on: day, source }))}>Confirm</Button>
          {typeof limit?.value === 'number' && <Button onClick={() => setDoing('changing')}>Change</Button>}
          <Button onClick={() => setDoing('declining')}>Decline</Button>
        </p>
      )}
    </div>
  )
}

function ConditionForm({ onAdd }: { onAdd: (condition: string, side: Side | undefined) => void }) {
  const [id, setId] = useState('')
  const condition = findCondition(id)
  const add = (side?: Side) => {
    onAdd(id, side)
    setId('')
  }
  return (
    <p className={styles.actions}>
      <Pick aria-label="A condition" value={id} onChange={(event) => setId(event.target.value)}>
        <option value="">a condition…</option>
        {CONDITIONS.filter(({ retired }) => !retired).map((one) => (
          <option key={one.id} value={one.id}>
            {sayCondition(one.id)}
          </option>
        ))}
      </Pick>
      {condition?.sided && (
        <>
          <Button onClick={() => add('left')}>left</Button>
          <Button onClick={() => add('right')}>right</Button>
        </>
      )}
      {condition && !condition.sided && <Button onClick={() => add()}>Add</Button>}
    </p>
  )
}
