import Button from '@mui/material/Button'
import LinearProgress from '@mui/material/LinearProgress'
import { useState } from 'react'
import { SIDES } from '@/core'
import type { LessonDocument, PieceDocument } from '@/formats/lesson-document'
import { easePieces } from '@/teaching/practice/ease-lesson'
import { findMend, type Learning, listLongHolds, type Mend, REST_S } from '@/teaching/practice/lesson-loads'
import { sayPercent } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { type Named, sayPiece, sayTimes } from '@/words/lessons'
import { capital, sayList } from '@/words/lists'
import { addAfter, setMinutes } from '../state/edits'
import { editLesson, editPiece } from '../state/store'
import type { Pupil } from '../state/use-learning'
import styles from './load.module.css'
import { Tired } from './Tired'

type LoadProps = {
  learning: Learning<Pupil>[] | null
  /** What it was worked out of. */
  lesson: LessonDocument
  isStale: boolean
  broken: boolean
  /** Another way of the hardest piece that mends it for the hardest pressed. */
  otherWay: Mend | null
  named: Named
  /** How much more than used to is a lot. */
  more: number
}

const say = (key: string, values?: Record<string, string | number>) => ENGLISH.say(`lesson.load.${key}`, values)
const HARD_PRESSED = 3

/** What the hour asks: whoever passes what they are used to, with what mends it; how it tires them, behind one word. */
export function Load({ learning, lesson, isStale, broken, otherWay, named, more }: LoadProps) {
  const [all, setAll] = useState(false)
  const hardest = learning?.[0]
  const works = hardest && hardest.hour.load.kneeNms.left + hardest.hour.load.kneeNms.right > 0
  return (
    <section className={styles.load} aria-label={say('label')} data-stale={isStale}>
      <h2>{say('asks')}</h2>
      {isStale && <LinearProgress aria-label={say('working')} />}
      {broken && <p role="alert">{say('broken')}</p>}
      {learning && !works && <p>{say('nobody')}</p>}
      {hardest && works && (
        <>
          <Past learning={learning} lesson={lesson} otherWay={otherWay} named={named} />
          <Button aria-expanded={all} onClick={() => setAll(!all)} className={styles.more}>
            {say(all ? 'less' : 'curves')}
          </Button>
          {all && (
            <>
              <Tired learning={hardest} lesson={lesson} more={more} />
              <Legs learning={hardest} />
            </>
          )}
        </>
      )}
    </section>
  )
}

/** Left against right: minutes under load, and weight shifts. */
function Legs({ learning: { hour } }: { learning: Learning<Pupil> }) {
  const { loadedS, shifts, kneeNms } = hour.load
  const most = Math.max(kneeNms.left, kneeNms.right, 1)
  return (
    <dl className={styles.legs}>
      {SIDES.map((side) => (
        <div key={side}>
          <dt>{say('side', { side })}</dt>
          <dd>
            <span data-side={side} style={{ width: `${(kneeNms[side] / most) * 40}%` }} />
            {say('under', { minutes: ENGLISH.number(loadedS[side] / 60, 1), shifts: shifts[side] })}
          </dd>
        </div>
      ))}
    </dl>
  )
}

/** Whoever would pass theirs, with what mends it. */
type PastProps = Pick<LoadProps, 'lesson' | 'otherWay' | 'named'> & { learning: Learning<Pupil>[] }

function Past({ learning, lesson, otherWay, named }: PastProps) {
  const past = learning.filter(({ pressed }) => pressed.share > 1)
  const pieceOf = (id: string) => lesson.pieces.find((piece) => piece.id === id) as PieceDocument
  const name = (id: string) => sayPiece(pieceOf(id), named)
  const take = (mend: Mend) => {
    if (mend.what === 'rest')
      editLesson((now) => addAfter(now, mend.after, { id: crypto.randomUUID(), kind: 'rest', minutes: REST_S / 60 }))
    else if (mend.what === 'shorter')
      editLesson((now) => setMinutes(now, mend.piece, pieceOf(mend.piece).minutes - mend.minutes))
    else if (mend.what === 'higher') editPiece(mend.piece, { higherDeg: mend.higherDeg })
    else if (mend.what === 'hold') editPiece(mend.piece, { holdS: mend.holdS })
    else editLesson((now) => ({ ...now, pieces: easePieces(now.pieces, mend) }))
  }
  const sayMend = (mend: Mend) =>
    mend.what === 'rest'
      ? say('mend.rest', { piece: name(mend.after) })
      : mend.what === 'shorter'
        ? say('mend.shorter', { minutes: mend.minutes, piece: name(mend.piece) })
        : mend.what === 'higher'
          ? say('mend.higher', { by: mend.higherDeg, piece: name(mend.piece) })
          : mend.what === 'gentler'
            ? say('mend.gentler', { share: sayPercent(mend.share) })
            : say('mend.hold', { hold: mend.holdS, piece: name(mend.piece) })
  const holds = learning.flatMap(({ person, worked }) => {
    const most = person.person.limits.find(({ what }) => what === 'holdMaxS')?.entry.value
    return listLongHolds(typeof most === 'number' ? most : undefined, worked, lesson.pieces).map((long) => ({
      ...long,
      name: person.person.name,
    }))
  })
  const high = learning.filter(({ hour }) => hour.load.armsHighS > 1)
  return (
    <ul className={styles.past}>
      {past.length === 0 && holds.length === 0 && high.length === 0 && <li>{say('within')}</li>}
      {groupAlike(
        past.map((one) => ({
          one,
          mends: [findMend(one, lesson.pieces), one === learning[0] ? otherWay : null].filter((way) => way !== null),
        })),
        ({ mends }) => mends.map(sayMend).join(),
      ).map((alike) => {
        // The hardest pressed comes first.
        const [{ one, mends }] = alike
        const { side, what, share } = one.pressed
        const times = sayTimes(share)
        const many = alike.length > 1
        const of = say(one.budget.from === 'start' ? 'ofStart' : many ? 'ofUsedMany' : 'ofUsed')
        return (
          <li key={one.person.person.id}>
            <strong>{sayList(alike.map(({ one: { person } }) => person.person.name))}</strong>
            <p title={sayPercent(share)}>{say(many ? 'pastMany' : 'past', { side, what, times, of })}</p>
            {mends.map((way) => (
              <div key={way.what}>
                <span>{capital(sayMend(way))}</span> <Button onClick={() => take(way)}>{say('mend.take')}</Button>
              </div>
            ))}
          </li>
        )
      })}
      {holds.slice(0, HARD_PRESSED).map(({ name, piece, holdS, limit }) => (
        <li key={`${name} ${piece.id}`}>
          {say('hold', { name, piece: sayPiece(piece, named), hold: holdS, limit })}{' '}
          <Button onClick={() => editPiece(piece.id, { holdS: limit })}>{say('mend.take')}</Button>
        </li>
      ))}
      {high.map(({ person, hour }) => (
        <li key={`arms ${person.person.id}`}>
          {say('arms', { name: person.person.name, seconds: ENGLISH.number(hour.load.armsHighS) })}
        </li>
      ))}
    </ul>
  )
}

/** What is mended alike is said once, in the order that is there. */
function groupAlike<One>(all: readonly One[], keyOf: (one: One) => string): [One, ...One[]][] {
  const groups = new Map<string, [One, ...One[]]>()
  for (const one of all) {
    const known = groups.get(keyOf(one))
    if (known) known.push(one)
    else groups.set(keyOf(one), [one])
  }
  return [...groups.values()]
}
