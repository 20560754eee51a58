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
import type { PieceDocument } from '@/documents/lesson-document'
import type { Worked } from '@/teaching/lessons/work-piece'

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
  | { what: 'higher'; piece: string; higherDeg: number }
  | { what: 'gentler'; share: number }

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
  // All that asks something of the legs for a part of its minutes, and rests for the others.
  const share = [0.75, 0.5, 0.35, 0.25].find((part) =>
    isMended(own.map((one) => (one.rests ? one : shorten(one, part)))),
  )
  return share === undefined ? null : { what: 'gentler', share }
}

const nmsOf = (own: ReturnType<typeof piecesOf>, at: number, side: 'left' | 'right'): number =>
  own[at]?.load.kneeNms[side] ?? 0

/** A piece in another way, to be worked out for somebody: held shorter, or stood higher. */
export type OtherWay = { piece: PieceDocument; mend: Mend }

const HIGHER = [5, 10, 15] as const
const SHORTER = 0.5
const HOLD_LEAST = 4

/** Other ways of the piece that is hardest on the leg that is pressed. */
export function listOtherWays<P>({ worked, pressed }: Learning<P>, pieces: readonly PieceDocument[]): OtherWay[] {
  const own = piecesOf(pieces, worked)
  const at = own.reduce((most, _, i) => (nmsOf(own, i, pressed.side) > nmsOf(own, most, pressed.side) ? i : most), 0)
  const piece = pieces[at]
  if (!piece || pressed.share <= 1 || (piece.kind !== 'posture' && piece.kind !== 'routine')) return []
  const { id, holdS = 0, higherDeg = 0 } = piece
  const held = Math.round(holdS * SHORTER)
  return [
    ...(holdS >= HOLD_LEAST
      ? [{ piece: { ...piece, holdS: held }, mend: { what: 'hold' as const, piece: id, holdS: held } }]
      : []),
    ...HIGHER.map((by) => ({
      piece: { ...piece, higherDeg: higherDeg + by },
      mend: { what: 'higher' as const, piece: id, higherDeg: higherDeg + by },
    })),
  ]
}

/** The first of the other ways with which somebody comes to what they are used to; null where none does. */
export function pickOtherWay<P>(
  { worked, budget }: Learning<P>,
  pieces: readonly PieceDocument[],
  ways: readonly OtherWay[],
  tried: readonly Worked[],
): Mend | null {
  const found = ways.findIndex(({ piece }, way) => {
    const own = worked.map((one, i) => (pieces[i]?.id === piece.id ? (tried[way] as Worked) : one))
    return findPressed(calcHour(piecesOf(pieces, own)), budget).share <= 1
  })
  return ways[found]?.mend ?? null
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
