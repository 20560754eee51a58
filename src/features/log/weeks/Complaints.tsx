import { useMemo } from 'react'
import { resolveBody } from '@/core'
import type { Posture } from '@/formats/posture-document'
import type { RecordDocument } from '@/formats/record-document'
import { toPerson, toStance } from '@/formats/to-core'
import { type FoundCause, findCauses } from '@/records/practice/causes'
import type { BenchPerson, KeptStance } from '@/server/bench'
import { sayCentimetres, sayDegrees } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { capital } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import { sayComplaint, sayLookAt } from '@/words/records'
import styles from './weeks.module.css'

type ComplaintsProps = {
  record: RecordDocument
  person: BenchPerson
  kept: readonly KeptStance[]
  postures: readonly Posture[]
}

const say = (key: string, values?: Record<string, string>) => ENGLISH.say(`practice.complaints.${key}`, values)
/** Of a narrow track: what is left of half a metre. */
const HALF_METRE = 0.5

/** A complaint leads to its usual cause, and to where in their own stances that is largest. */
export function Complaints({ record, person, kept, postures }: ComplaintsProps) {
  const open = record.complaints.filter(({ gone }) => !gone)
  const stances = useMemo(() => {
    const planned = person.planned.flatMap(({ posture, stance }) => (stance ? [{ posture, stance }] : []))
    return [...planned, ...kept].map(({ posture, stance }) => ({ posture, stance: toStance(stance) }))
  }, [person, kept])
  const body = useMemo(() => resolveBody(toPerson(person.document)), [person])
  if (open.length === 0) return null
  const name = (id: string) => {
    const found = postures.find((posture) => posture.id === id)
    return found ? sayPostureName(found) : id
  }
  const figure = ({ unit, value, cause }: FoundCause) =>
    unit === 'rad' ? sayDegrees(value) : sayCentimetres(cause === 'narrow' ? HALF_METRE - value : value)
  return (
    <section aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <ul className={styles.lines}>
        {open.map(({ complaint }) => {
          const found = findCauses(complaint, body, stances)
          return (
            <li key={complaint}>
              <strong>{capital(sayComplaint(complaint))}</strong>: {sayLookAt(complaint)}.{' '}
              {found.length === 0
                ? say('nowhere')
                : found
                    .map((one) =>
                      say('where', {
                        cause: say(`causes.${one.cause}`),
                        posture: name(one.posture),
                        figure: figure(one),
                      }),
                    )
                    .join(' ')}
            </li>
          )
        })}
      </ul>
    </section>
  )
}
