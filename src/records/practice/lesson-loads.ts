import {
  type Budget,
  calcBudget,
  calcHour,
  type DoneDay,
  findPressed,
  type Hour,
  NO_LOAD,
  type Practice,
  type Pressed,
} from '@/core'
import type { PieceDocument } from '@/formats/lesson-document'
import type { Worked } from '@/formats/lessons/work-piece'

/** Somebody in a lesson: what it asks of them, what they are used to, how hard that presses. */
export type Learning<P> = { person: P; worked: Worked[]; hour: Hour; budget: Budget; pressed: Pressed }

export const REST_S = 120

/** The hour of each, and against what each is used to; whoever is hardest pressed comes first. */
export function listLearning<P extends { done: readonly DoneDay[]; mass: number }>(
  people: readonly P[],
  worked: readonly Worked[][],
  pieces: readonly PieceDocument[],
  on: string,
  rules: Practice,
): Learning<P>[] {
  return people
    .map((person, i): Learning<P> => {
      const own = worked[i] as Worked[]
      const hour = calcHour(piecesOf(pieces, own))
      const budget = calcBudget(person.done, on, person.mass, rules)
      return { person, worked: own, hour, budget, pressed: findPressed(hour, budget) }
    })
    .sort((a, b) => b.pressed.share - a.pressed.share)
}

const piecesOf = (pieces: readonly PieceDocument[], worked: readonly Worked[]) =>
  pieces.map(({ minutes, kind }, i) => ({
    seconds: minutes * 60,
    load: worked[i]?.load ?? NO_LOAD,
    rests: kind === 'rest',
  }))

/** What mends it for whoever is past what they are used to: one of these, the least first. */
export type Mend =
  | { what: 'rest'; after: string }
  | { what: 'shorter'; piece: string; minutes: number }
  | { what: 'hold'; piece: string; holdS: number }

const LEAST_MINUTES = 2

/** Null where nobody is past it, or nothing this small mends it. */
export function findMend<P>({ worked, budget, pressed }: Learning<P>, pieces: readonly PieceDocument[]): Mend | null {
  if (pressed.share <= 1) return null
  const own = piecesOf(pieces, worked)
  const isMended = (tried: typeof own) => findPressed(calcHour(tried), budget).share <= 1
  if (pressed.what === 'stretch') {
    for (let after = own.length - 2; after >= 0; after--) {
      if (own[after]?.rests || own[after + 1]?.rests) continue
      const rested = own.toSpliced(after + 1, 0, { seconds: REST_S, load: NO_LOAD, rests: true })
      if (isMended(rested)) return { what: 'rest', after: (pieces[after] as PieceDocument).id }
    }
  }
  // The heaviest piece, as much shorter as it needs.
  const { side } = pressed
  const heaviest = own.reduce(
    (most, one, i) => (one.load.kneeNms[side] > (own[most]?.load.kneeNms[side] ?? 0) ? i : most),
    0,
  )
  const piece = pieces[heaviest]
  for (let minutes = 1; piece && minutes <= piece.minutes - LEAST_MINUTES; minutes++) {
    const part = (piece.minutes - minutes) / piece.minutes
    if (isMended(own.map((one, i) => (i === heaviest ? shorten(one, part) : one))))
      return { what: 'shorter', piece: piece.id, minutes }
  }
  return null
}

const shorten = ({ seconds, load, rests }: ReturnType<typeof piecesOf>[number], part: number) => ({
  seconds: seconds * part,
  rests,
  load: { ...load, kneeNms: { left: load.kneeNms.left * part, right: load.kneeNms.right * part } },
})

/** Pieces that somebody would hold longer than they may. */
export const listLongHolds = (
  holdMaxS: number | undefined,
  worked: readonly Worked[],
  pieces: readonly PieceDocument[],
): { piece: PieceDocument; holdS: number; limit: number }[] =>
  holdMaxS === undefined
    ? []
    : pieces.flatMap((piece, i) => {
        const holdS = worked[i]?.load.longestHoldS ?? 0
        return holdS > holdMaxS ? [{ piece, holdS, limit: holdMaxS }] : []
      })
