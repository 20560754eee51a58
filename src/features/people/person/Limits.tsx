import Button from '@mui/material/Button'
import { useState } from 'react'
import { SUPPORTS_BY_HELP } from '@/core'
import { LIMIT_WHATS, type LimitWhat, rowOf } from '@/documents/limit-fields'
import { parse } from '@/documents/parse'
import { readFigure } from '@/documents/read-figure'
import { type LimitEntry, limitEntry, SOURCES } from '@/documents/record-document'
import type { Binding } from '@/records/binding'
import { DayField } from '@/ui/forms/DayField'
import { Field } from '@/ui/forms/Field'
import { Form, type Read } from '@/ui/forms/Form'
import { Pick } from '@/ui/forms/Pick'
import { saySupport } from '@/words/findings'
import { sayBinding, sayLimit, sayLimitName, sayOrigin } from '@/words/limits'
import type { PartProps } from './part-props'
import styles from './person.module.css'

/** What binds and who said so; what it outranks stays in sight. */
export function Limits({ change, day, bindings, record }: PartProps & { bindings: readonly Binding[] }) {
  const [adding, setAdding] = useState(false)
  const remove = (entry: LimitEntry) => change((r) => ({ ...r, limits: r.limits.filter((one) => one !== entry) }))
  return (
    <section className={styles.part} aria-label="Limits and orders">
      <h2>Limits and orders</h2>
      {bindings.length === 0 && <p className={styles.soft}>None set: the house rules apply.</p>}
      <ul className={styles.lines}>
        {bindings.map((binding) => {
          const { what, side, entry, outranked } = binding
          return (
            <li key={`${what} ${side}`}>
              <strong>{sayBinding(binding)}</strong>
              <span className={styles.origin} data-due={entry.reviewOn !== undefined && entry.reviewOn <= day}>
                {sayOrigin(entry, binding.today)}
              </span>
              {record.limits.includes(entry) && (
                <Button aria-label={`Remove: ${sayBinding(binding)}`} onClick={() => remove(entry)}>
                  remove
                </Button>
              )}
              {entry.note && <small>{entry.note}</small>}
              {outranked.map((other) => (
                <small key={`${other.source.kind} ${other.on} ${other.value} ${other.side}`}>
                  outranks: {sayLimit(other)} ({sayOrigin(other)})
                  {record.limits.includes(other) && (
                    <Button aria-label={`Remove: ${sayLimit(other)}`} onClick={() => remove(other)}>
                      remove
                    </Button>
                  )}
                </small>
              ))}
            </li>
          )
        })}
      </ul>
      {adding ? (
        <LimitForm
          day={day}
          onLeave={() => setAdding(false)}
          onAdd={(entry) => {
            change((r) => ({ ...r, limits: [...r.limits, entry] }))
            setAdding(false)
          }}
        />
      ) : (
        <p className={styles.actions}>
          <Button onClick={() => setAdding(true)}>Set a limit</Button>
        </p>
      )}
    </section>
  )
}

const SOURCE_NAMES = {
  clinician: 'a clinician’s order',
  instructor: 'seen by the instructor',
  'self-reported': 'their own word',
  estimate: 'an estimate',
} as const

const GRADES = [
  ['none', 'none', 0],
  ['touch', 'touch', 10],
  ['partial', 'partial', 50],
  ['as-tolerated', 'as tolerated', 100],
  ['full', 'full', 100],
] as const

type LimitFormProps = { day: string; onAdd: (entry: LimitEntry) => void; onLeave: () => void }

function LimitForm({ day, onAdd, onLeave }: LimitFormProps) {
  const [what, setWhat] = useState<LimitWhat>('kneeFlexionMaxDeg')
  const [grade, setGrade] = useState<(typeof GRADES)[number][0]>('partial')
  const { unit, per } = rowOf(what)
  return (
    <Form
      className={styles.form}
      label="A limit"
      verb="Set it"
      onEnter={(read) => onAdd(readForm(read, what))}
      names={{ reviewOn: 'review', kind: 'source', name: 'who' }}
      onLeave={onLeave}
    >
      <label>
        What
        <Pick value={what} autoFocus onChange={(event) => setWhat(event.target.value as LimitWhat)}>
          {LIMIT_WHATS.map((key) => (
            <option key={key} value={key}>
              {sayLimitName(key)}
            </option>
          ))}
        </Pick>
      </label>
      {per === 'side' && (
        <label>
          Side
          <Pick name="side" defaultValue="">
            <option value="">both</option>
            <option value="left">left</option>
            <option value="right">right</option>
          </Pick>
        </label>
      )}
      {what === 'loadMaxPct' && (
        <label>
          Order
          <Pick name="grade" value={grade} onChange={(event) => setGrade(event.target.value as typeof grade)}>
            {GRADES.map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </Pick>
        </label>
      )}
      {unit === 'support' && (
        <label>
          On
          <Pick name="value" defaultValue="chair-back">
            {SUPPORTS_BY_HELP.map((kind) => (
              <option key={kind} value={kind}>
                {saySupport(kind)}
              </option>
            ))}
          </Pick>
        </label>
      )}
      {unit !== 'support' && unit !== 'flag' && (
        <label>
          {unit === 'm'
            ? 'Centimetres'
            : unit === 'rad'
              ? 'Degrees'
              : unit === 'share'
                ? 'Percent of body weight'
                : 'Seconds'}
          <Field
            key={what === 'loadMaxPct' ? grade : what}
            name="value"
            required
            inputMode="decimal"
            autoComplete="off"
            defaultValue={what === 'loadMaxPct' ? GRADES.find(([value]) => value === grade)?.[2] : undefined}
          />
        </label>
      )}
      <label>
        Who says so
        <Pick name="source" defaultValue="" required>
          <option value="">choose…</option>
          {SOURCES.map((source) => (
            <option key={source} value={source}>
              {SOURCE_NAMES[source]}
            </option>
          ))}
        </Pick>
      </label>
      <label>
        Whose (name)
        <Field name="who" maxLength={120} autoComplete="off" />
      </label>
      <div className={styles.day}>
        Said on
        <DayField name="on" label="Said on" first={day} />
      </div>
      <div className={styles.day}>
        Review on (optional)
        <DayField name="review" label="Review on" />
      </div>
    </Form>
  )
}

function readForm(read: Read, what: LimitWhat): LimitEntry {
  const { unit } = rowOf(what)
  const figure = readFigure(read('value')) / (unit === 'm' ? 100 : 1)
  const who = read('who')
  return parse(limitEntry, {
    what,
    ...(read('side') && { side: read('side') }),
    value: unit === 'support' ? read('value') : unit === 'flag' ? true : figure,
    ...(read('grade') && { grade: read('grade') }),
    source: { kind: read('source'), ...(who && { name: who }) },
    on: read('on'),
    ...(read('review') && { reviewOn: read('review') }),
  })
}
