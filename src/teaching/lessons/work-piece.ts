import {
  type Analysis,
  addLoads,
  asStoodBy,
  type Body,
  calcExtent,
  calcLoad,
  DEG,
  InputError,
  type Load,
  type Measure,
  makePath,
  measureRoutine,
  NO_LOAD,
  type Plan,
  type RoutinePart,
  type Side,
  type Stance,
  timesLoad,
  tryAnalyse,
} from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { DoneAs } from '@/documents/log-document'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { type Given, giveForms } from '../given'
import {
  type Makings,
  pieceRounds,
  pieceRoutine,
  rangeOf,
  roundSeconds,
  roundsOf,
  seatedRoutine,
  sidesOf,
} from './piece-routine'

/** How somebody does a piece: in which form, how often, what all rounds ask of them, and the least that they have to spare. */
export type Worked = {
  as: DoneAs
  /** Of every step, or of the whole way of an exercise. */
  part: number
  rounds: number
  load: Load
  /** Least sure margin less its reserve, metres; null where nothing is stood. */
  spareM: number | null
  /** The most that a knee is bent in what is stood, radians. */
  bend: number
  /** What it needs of the floor from side to side and ahead, metres. */
  room: [number, number]
  /** Their form of the posture that it is about, where that is not as it is taught; on its first side. */
  given: Given | null
}

/** Intervals of a phase: a load is an integral, and a few instants give it to two percent. */
const SAMPLES = 4
const HALF = 0.5

const NOTHING: Worked = {
  as: 'none',
  part: 0,
  rounds: 0,
  load: NO_LOAD,
  spareM: null,
  bend: 0,
  room: [0, 0],
  given: null,
}

/**
 * The first of these that somebody passes: the forms in which they do its postures, half of every step or way, weight
 * shifts in place, standing at ease with the arms, sitting.
 */
export function workPiece(
  body: Body,
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  ways: HouseWays = {},
): Worked {
  const [asked, ...others] = pieceRounds(piece, lesson, makings)
  if (!asked) return NOTHING
  const rounds = roundsOf(piece, asked)
  const own = sidesOf(piece).flatMap((side) => (piece.posture ? [givenOf(piece.posture, side, lesson, makings)] : []))
  const given = own[0] ?? null
  const sits =
    piece.limbs === 'seated' || body.person.limits?.seatedOnly === true || own.some((one) => one?.stance.seat)
  const by = -(piece.higherDeg ?? 0) * DEG
  for (const { as, part, routines } of sits ? [] : listForms(piece, lesson, makings, [asked, ...others])) {
    const round = walkEach(body, routines, makings, ways, { scale: piece.kind === 'exercise' ? 1 : part, by })
    if (!round || round.isBeyond) continue
    // Everybody keeps to the same time: shifts in place are as many as fit.
    const done = as === 'in-place' ? (rounds * roundSeconds(asked)) / Math.max(1, roundSeconds(routines[0])) : rounds
    const how = as === 'taught' ? (given?.as ?? round.given[0]?.as ?? as) : as
    return finish(how, part, Math.max(1, Math.round(done)), round, as === 'taught' ? given : null)
  }
  const round = walk(body, seatedRoutine(asked), makings, ways, { scale: 1, by: 0 })
  return round ? finish('seated', 1, rounds, round, given) : { ...NOTHING, as: 'seated', rounds }
}

const givenOf = (
  posture: string,
  side: Side,
  { school = 'therapeutic' }: Pick<LessonDocument, 'school'>,
  makings: Makings,
) => makings.formOf(posture, side, school)

type Round = Pick<Worked, 'load' | 'spareM' | 'bend' | 'room'> & { isBeyond: boolean; given: Given[] }

/** Rounds that are done alike often, as one: what it asks on the mean of them, the worst of what they show. */
function walkEach(
  body: Body,
  routines: readonly RoutineDocument[],
  makings: Makings,
  ways: HouseWays,
  measure: Measure,
): Round | null {
  const rounds = routines.flatMap((routine) => walk(body, routine, makings, ways, measure) ?? [])
  if (rounds.length < routines.length) return null
  const spares = rounds.flatMap(({ spareM }) => spareM ?? [])
  const most = (at: 0 | 1) => Math.max(...rounds.map(({ room }) => room[at]))
  return {
    isBeyond: rounds.some(({ isBeyond }) => isBeyond),
    load: timesLoad(addLoads(rounds.map(({ load }) => load)), 1 / rounds.length),
    spareM: spares.length > 0 ? Math.min(...spares) : null,
    bend: Math.max(...rounds.map(({ bend }) => bend)),
    room: [most(0), most(1)],
    given: rounds.flatMap(({ given }) => given),
  }
}

/** What was walked for a body is not walked again: the same round comes in many pieces, and in every edit of a lesson. */
const walked = new WeakMap<Body, Map<string, Round | null>>()
const KNOWN_MOST = 400

function walk(body: Body, asked: RoutineDocument, makings: Makings, ways: HouseWays, measure: Measure): Round | null {
  const { routine, given } = giveForms(asked, makings.formOf)
  const known = walked.get(body) ?? new Map<string, Round | null>()
  walked.set(body, known)
  const key = JSON.stringify([routine, measure, ways])
  const there = known.get(key)
  if (there !== undefined) return there && { ...there, given }
  if (known.size >= KNOWN_MOST) known.clear()
  const round = walkAnew(body, routine, makings, ways, measure)
  known.set(key, round)
  return round && { ...round, given }
}

/** How somebody went from one posture to another: with arms or without, in this piece or that, they go the same way. */
const planned = new WeakMap<Body, Map<string, Plan>>()

function plansOf(body: Body): Map<string, Plan> {
  const known = planned.get(body) ?? new Map<string, Plan>()
  planned.set(body, known)
  return known
}

const keyOf = (before: RoutinePart | undefined, { stance, heading, anchor }: RoutinePart): string => {
  const from = before?.stance
  const turn = heading - (before?.heading ?? 0)
  return [from?.posture, from?.side, from?.loadLeft, stance.posture, stance.side, stance.loadLeft, anchor, turn].join(
    ' ',
  )
}

function walkAnew(
  body: Body,
  routine: RoutineDocument,
  makings: Makings,
  ways: HouseWays,
  measure: Measure,
): Round | null {
  const parts = partsOf(body, routine, makings, ways, measure)
  if (!parts) return null
  // What cannot be stood is not walked to either.
  if (measure.scale === 1 && parts.some(({ stance }) => isBeyond(body, stance)))
    return { isBeyond: true, load: NO_LOAD, spareM: null, bend: 0, room: [0, 0], given: [] }
  const plans = plansOf(body)
  const keys = parts.map((part, i) => keyOf(parts[i - 1], part))
  const hinted = parts.map((part, i) => ({ ...part, plan: plans.get(keys[i] as string) }))
  const path = makePath(body, hinted, SAMPLES, 'beyond')
  for (const { to, made } of path.transitions) if (made) plans.set(keys[to] as string, made.transition.plan)
  const [[left, rear], [right, front]] = calcExtent(path)
  const spare = path.transitions.flatMap(({ made }) => (made ? [made.readings.leastMargin] : []))
  return {
    isBeyond: path.verdict === 'beyond',
    load: calcLoad(path, parts),
    spareM: spare.length > 0 ? Math.min(...spare) : null,
    bend: Math.max(0, ...path.parts.map(({ analysis }) => (analysis ? bendOf(analysis) : 0))),
    room: [right - left, front - rear],
    given: [],
  }
}

const bendOf = ({ legs }: Analysis): number => Math.max(legs.left.flexion, legs.right.flexion)

const isBeyond = (body: Body, stance: Stance): boolean => {
  const analysis = tryAnalyse(body, stance)
  return analysis === null || analysis.verdict === 'beyond'
}

type Form = { as: DoneAs; part: number; routines: readonly [RoutineDocument, ...RoutineDocument[]] }

function listForms(
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  asked: Form['routines'],
): Form[] {
  const { fromPct, toPct } = rangeOf(piece)
  const [smaller, ...others] =
    piece.kind === 'exercise'
      ? pieceRounds({ ...piece, fromPct: fromPct * HALF, toPct: toPct * HALF }, lesson, makings)
      : asked
  const shifts = pieceRoutine(
    { id: piece.id, kind: 'exercise', exercise: 'side-to-side', minutes: piece.minutes, fromPct: 30, toPct: 60 },
    lesson,
    makings,
  )
  return [
    { as: 'taught', part: 1, routines: asked },
    { as: 'steps', part: HALF, routines: smaller ? [smaller, ...others] : asked },
    { as: 'in-place', part: 0, routines: [shifts ?? asked[0]] },
    { as: 'in-place', part: 0, routines: [atEase(piece, lesson, makings, asked[0])] },
  ]
}

/** Standing as they stand at ease, with the arms of the posture. */
const atEase = (
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  asked: RoutineDocument,
): RoutineDocument =>
  (piece.kind === 'posture' && pieceRoutine({ ...piece, limbs: 'arms' }, lesson, makings)) || {
    ...asked,
    parts: [{ posture: 'parallel' }, { posture: 'parallel', seconds: Math.min(120, roundSeconds(asked)) }],
  }

/** A round of a piece as parts that somebody walks; null where it cannot be sized to them. */
export function partsOf(
  body: Body,
  routine: RoutineDocument,
  { find }: Makings,
  ways: HouseWays,
  measure: Measure,
): RoutinePart[] | null {
  try {
    const parts = toRoutine(routine, body, find, ways).map((part) => ({
      ...part,
      stance: asStoodBy(body, part.stance),
    }))
    return measureRoutine(body, parts, measure)
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

const finish = (
  as: DoneAs,
  part: number,
  rounds: number,
  { load, spareM, bend, room }: Round,
  given: Given | null,
): Worked => ({
  as,
  part,
  rounds,
  load: timesLoad(load, rounds),
  spareM,
  bend,
  room,
  given,
})
