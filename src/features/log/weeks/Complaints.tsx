import { useEffect, useMemo, useState } from 'react'
import type { LogRow } from '@/documents/log-document'
import type { RecordDocument } from '@/documents/record-document'
import { bodyOf, toStance } from '@/documents/to-core'
import type { BenchPerson, KeptStance } from '@/keeping/bench'
import type { OwnPosture } from '@/keeping/library'
import type { LastLesson } from '@/keeping/weeks'
import { type FoundCause, findCauses } from '@/teaching/practice/causes'
import { listComplained } from '@/teaching/practice/complained'
import type { FoundWayCause } from '@/teaching/practice/way-causes'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayCentimetres, sayDegrees, sayFigure } from '@/words/figures'
import { namePosture, sayPiece } from '@/words/lessons'
import { capital } from '@/words/lists'
import { sayComplaint, sayLookAt } from '@/words/records'
import { findCausesOnWays, makeStock, nameStock, toLearner } from '@/workers/lesson'
import styles from './weeks.module.css'

type ComplaintsProps = {
  record: RecordDocument
  person: BenchPerson
  kept: readonly KeptStance[]
  own: readonly OwnPosture[]
  last: LastLesson | null
  /** What was written down at the door. */
  rows: readonly LogRow[]
  today: string
}
/** Of a narrow track: what is left of half a metre. */
const HALF_METRE = 0.5

/** A complaint leads to its usual cause, and to where in their own stances and on their own ways that is largest. */
export function Complaints({ record, person, kept, own, last, rows, today }: ComplaintsProps) {
  const say = useSay('practice.complaints')
  const words = useWords()
  const complained = useMemo(() => listComplained(record.complaints, rows, today), [record.complaints, rows, today])
  const open = useMemo(() => complained.map(({ complaint }) => complaint), [complained])
  const stances = useMemo(() => {
    const planned = person.planned.flatMap(({ posture, stance }) => (stance ? [{ posture, stance }] : []))
    return [...planned, ...kept].map(({ posture, stance }) => ({ posture, stance: toStance(stance) }))
  }, [person, kept])
  const body = useMemo(() => bodyOf(person.document), [person])
  const stock = useMemo(() => makeStock(own, last?.routines ?? [], last?.ways ?? {}, words), [own, last, words])
  const onWays = useCausesOnWays(open, person, last, stock)
  if (open.length === 0) return null
  const named = nameStock(stock, words)
  const name = (id: string) => namePosture(id, named, words)
  const inStance = ({ unit, value, cause, posture }: FoundCause) =>
    say('where', {
      cause: say(`causes.${cause}`),
      posture: name(posture),
      figure:
        unit === 'rad'
          ? sayDegrees(value, words)
          : sayCentimetres(cause === 'narrow' ? HALF_METRE - value : value, words),
    })
  const onWay = ({ unit, value, cause, posture, piece }: FoundWayCause) => {
    const found = last?.lesson.document.pieces.find(({ id }) => id === piece)
    return say('onWay', {
      cause: say(`causes.${cause}`),
      posture: name(posture),
      piece: found ? sayPiece(found, named, words) : '',
      figure: sayFigure({ unit, value }, words),
    })
  }
  return (
    <section aria-label={say('label')}>
      <h2>{say('label')}</h2>
      <ul className={styles.lines}>
        {complained.map(({ complaint, painOn }, i) => {
          const found = findCauses(complaint, body, stances)
          // On a way only what no stance shows as large.
          const further = (Array.isArray(onWays) ? (onWays[i] ?? []) : []).filter(
            ({ cause, value }) => !found.some((one) => one.cause === cause && one.value >= value),
          )
          const all = [...found.map(inStance), ...further.map(onWay)]
          return (
            <li key={complaint}>
              <strong>{capital(sayComplaint(complaint, words))}</strong>: {sayLookAt(complaint, words)}.{' '}
              {painOn && `${say('painOn', { day: words.day(painOn) })} `}
              {all.length > 0 && `${all.join(' ')} `}
              {onWays === 'broken'
                ? say('notLooked')
                : all.length === 0 && say(last && onWays === null ? 'looking' : 'nowhere')}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** What the ways of their last lesson show, by complaint; null until it is known, or where there was no lesson. Nothing found and not looked at are not the same. */
function useCausesOnWays(
  complaints: readonly string[],
  person: BenchPerson,
  last: LastLesson | null,
  stock: ReturnType<typeof makeStock>,
): FoundWayCause[][] | 'broken' | null {
  const [found, setFound] = useState<FoundWayCause[][] | 'broken' | null>(null)
  useEffect(() => {
    if (!last || complaints.length === 0) return
    const { lesson } = last
    const search = findCausesOnWays(stock, toLearner(person, lesson.group), lesson.document, complaints)
    search.found.then(setFound, () => setFound('broken'))
    return search.cancel
  }, [complaints, person, last, stock])
  return found
}
