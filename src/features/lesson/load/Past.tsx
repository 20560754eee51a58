import Button from '@mui/material/Button'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { findMend, type Learning, listLongHolds, type Mend } from '@/teaching/practice/lesson-loads'
import { takeMend } from '@/teaching/practice/take-mend'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPercent } from '@/words/figures'
import { type Named, sayPiece, sayTimes } from '@/words/lessons'
import { capital, sayList } from '@/words/lists'
import { editLesson, editPiece } from '../state/store'
import type { Pupil } from '../state/use-learning'
import styles from './load.module.css'

const HARD_PRESSED = 3

type PastProps = {
  learning: Learning<Pupil>[]
  lesson: LessonDocument
  /** Another way of the hardest piece that mends it for the hardest pressed. */
  otherWay: Mend | null
  named: Named
}

/** Whoever would pass theirs, with what mends it. */
export function Past({ learning, lesson, otherWay, named }: PastProps) {
  const say = useSay('lesson.load')
  const words = useWords()
  const past = learning.filter(({ pressed }) => pressed.share > 1)
  const pieceOf = (id: string) => lesson.pieces.find((piece) => piece.id === id) as PieceDocument
  const name = (id: string) => sayPiece(pieceOf(id), named, words)
  const take = (mend: Mend) =>
    editLesson((now) => ({ ...now, pieces: takeMend(now.pieces, mend, crypto.randomUUID()) }))
  const sayMend = (mend: Mend) =>
    mend.what === 'rest'
      ? say('mend.rest', { piece: name(mend.after) })
      : mend.what === 'shorter'
        ? say('mend.shorter', { minutes: mend.minutes, piece: name(mend.piece) })
        : mend.what === 'higher'
          ? say('mend.higher', { by: mend.higherDeg, piece: name(mend.piece) })
          : mend.what === 'gentler'
            ? say('mend.gentler', { share: sayPercent(mend.share, words) })
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
        ({ one: { budget }, mends }) => [budget.from, ...mends.map(sayMend)].join(),
      ).map((alike) => {
        // The hardest pressed comes first.
        const [{ one, mends }] = alike
        const { side, what, share } = one.pressed
        const times = sayTimes(share, words)
        const many = alike.length > 1
        const of = say(`of.${one.budget.from}`, { many: many ? 'yes' : 'no' })
        return (
          <li key={one.person.person.id}>
            <strong>
              {sayList(
                alike.map(({ one: { person } }) => person.person.name),
                words,
              )}
            </strong>
            <p title={sayPercent(share, words)}>{say(many ? 'pastMany' : 'past', { side, what, times, of })}</p>
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
          {say('hold', { name, piece: sayPiece(piece, named, words), hold: holdS, limit })}{' '}
          <Button onClick={() => editPiece(piece.id, { holdS: limit })}>{say('mend.take')}</Button>
        </li>
      ))}
      {high.map(({ person, hour }) => (
        <li key={`arms ${person.person.id}`}>
          {say('arms', { name: person.person.name, seconds: words.number(hour.load.armsHighS) })}
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
