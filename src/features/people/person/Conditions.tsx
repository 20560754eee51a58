import { type FormEvent, useState } from 'react'
import type { Side } from '@/core'
import { readFigure } from '@/formats/read-figure'
import {
  CONDITIONS,
  confirmCaution,
  declineCaution,
  findCondition,
  listProposals,
  type Proposal,
} from '@/records/conditions'
import { saySide } from '@/words/findings'
import { ENGLISH } from '@/words/language'
import { sayLimit } from '@/words/limits'
import { sayCaution, sayCondition } from '@/words/records'
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
              <button
                type="button"
                aria-label={`Take away: ${sayHad(one.condition, one.side)}`}
                onClick={() => change((r) => ({ ...r, conditions: r.conditions.filter((other) => other !== one) }))}
              >
                take away
              </button>
              {proposals
                .filter(({ answer, condition, side }) => answer && condition.id === one.condition && side === one.side)
                .map((proposal) => (
                  <small key={proposal.key}>
                    {sayCautionOf(proposal)} {sayAnswer(proposal)}
                    <button
                      type="button"
                      aria-label={`Ask again: ${sayCautionOf(proposal)}`}
                      onClick={() =>
                        change((r) => ({ ...r, answers: r.answers.filter(({ caution }) => caution !== proposal.key) }))
                      }
                    >
                      ask again
                    </button>
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

function sayAnswer({ answer }: Proposal): string {
  if (!answer) return ''
  const reason = answer.reason ? `: ${answer.reason}` : ''
  return `– ${answer.answer} ${ENGLISH.day(answer.on)}${reason}.`
}

function OneProposal({ proposal, change, day }: PartProps & { proposal: Proposal }) {
  const [doing, setDoing] = useState<'changing' | 'declining' | null>(null)
  const { caution, condition, side } = proposal
  const [limit] = caution.limits ?? []
  const source = { kind: 'instructor' as const }
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const text = String(new FormData(event.currentTarget).get('text')).trim()
    if (doing === 'declining') change((r) => declineCaution(r, proposal, text, day))
    else {
      const value = readFigure(text)
      if (!Number.isFinite(value) || value < 0) return
      change((r) => confirmCaution(r, proposal, { on: day, source, value }))
    }
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
        <form className={styles.actions} onSubmit={submit}>
          <input
            name="text"
            required
            maxLength={500}
            aria-label={doing === 'declining' ? 'Reason' : 'Another figure'}
            placeholder={doing === 'declining' ? 'why not' : 'another figure'}
            // biome-ignore lint/a11y/noAutofocus: the form was just asked for
            autoFocus
          />
          <button type="submit">{doing === 'declining' ? 'Decline' : 'Set it'}</button>
          <button type="button" onClick={() => setDoing(null)}>
            Back
          </button>
        </form>
      ) : (
        <p className={styles.actions}>
          <button type="button" onClick={() => change((r) => confirmCaution(r, proposal, { on: day, source }))}>
            Confirm
          </button>
          {typeof limit?.value === 'number' && (
            <button type="button" onClick={() => setDoing('changing')}>
              Change
            </button>
          )}
          <button type="button" onClick={() => setDoing('declining')}>
            Decline
          </button>
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
      <select aria-label="A condition" value={id} onChange={(event) => setId(event.target.value)}>
        <option value="">a condition…</option>
        {CONDITIONS.map((one) => (
          <option key={one.id} value={one.id}>
            {sayCondition(one.id)}
          </option>
        ))}
      </select>
      {condition?.sided && (
        <>
          <button type="button" onClick={() => add('left')}>
            left
          </button>
          <button type="button" onClick={() => add('right')}>
            right
          </button>
        </>
      )}
      {condition && !condition.sided && (
        <button type="button" onClick={() => add()}>
          Add
        </button>
      )}
    </p>
  )
}
