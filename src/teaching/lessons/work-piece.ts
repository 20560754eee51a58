import {
  type Analysis,
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
  type Stance,
  timesLoad,
  tryAnalyse,
} from '@/core'
import type { HouseWays } from '@/formats/choices-document'
import type { LessonDocument, PieceDocument } from '@/formats/lesson-document'
import type { DoneAs } from '@/formats/log-document'
import { type RoutineDocument, toRoutine } from '@/formats/routine-document'
import { EXERCISE, type Makings, pieceRoutine, roundSeconds, roundsOf, seatedRoutine } from './piece-routine'

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
}

/** Intervals of a phase: a load is an integral, and a few instants give it to two percent. */
const SAMPLES = 4
const HALF = 0.5

const NOTHING: Worked = { as: 'none', part: 0, rounds: 0, load: NO_LOAD, spareM: null, bend: 0, room: [0, 0] }

/**
 * The first of these that somebody passes: as the class does it, with half of every step or way, weight shifts in place,
 * sitting.
 */
export function workPiece(
  body: Body,
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  ways: HouseWays = {},
): Worked {
  const asked = pieceRoutine(piece, lesson, makings)
  if (!asked) return NOTHING
  const rounds = roundsOf(piece, asked)
  const form = piece.posture ? makings.formOf(piece.posture, 'left') : null
  const sits = body.person.limits?.seatedOnly === true || form?.seat !== undefined
  const by = -(piece.higherDeg ?? 0) * DEG
  for (const { as, part, routine } of sits ? [] : listForms(piece, lesson, makings, asked)) {
    const round = walk(body, routine, makings, ways, { scale: piece.kind === 'exercise' ? 1 : part, by })
    if (!round || round.isBeyond) continue
    // Everybody keeps to the same time: shifts in place are as many as fit.
    const done = as === 'in-place' ? (rounds * roundSeconds(asked)) / Math.max(1, roundSeconds(routine)) : rounds
    return finish(as === 'taught' && form ? 'own' : as, part, Math.max(1, Math.round(done)), round)
  }
  const round = walk(body, seatedRoutine(asked), makings, ways, { scale: 1, by: 0 })
  return round ? finish('seated', 1, rounds, round) : { ...NOTHING, as: 'seated', rounds }
}

type Round = Pick<Worked, 'load' | 'spareM' | 'bend' | 'room'> & { isBeyond: boolean }

/** What was walked for a body is not walked again: the same round comes in many pieces, and in every edit of a lesson. */
const walked = new WeakMap<Body, Map<string, Round | null>>()
const KNOWN_MOST = 400

function walk(body: Body, routine: RoutineDocument, makings: Makings, ways: HouseWays, measure: Measure): Round | null {
  const known = walked.get(body) ?? new Map<string, Round | null>()
  walked.set(body, known)
  const key = JSON.stringify([routine, measure, ways])
  const there = known.get(key)
  if (there !== undefined) return there
  if (known.size >= KNOWN_MOST) known.clear()
  const round = walkAnew(body, routine, makings, ways, measure)
  known.set(key, round)
  return round
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
    return { isBeyond: true, load: NO_LOAD, spareM: null, bend: 0, room: [0, 0] }
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
  }
}

const bendOf = ({ legs }: Analysis): number => Math.max(legs.left.flexion, legs.right.flexion)

const isBeyond = (body: Body, stance: Stance): boolean => {
  const analysis = tryAnalyse(body, stance)
  return analysis === null || analysis.verdict === 'beyond'
}

type Form = { as: DoneAs; part: number; routine: RoutineDocument }

function listForms(
  piece: PieceDocument,
  lesson: Pick<LessonDocument, 'school' | 'halfBreathS'>,
  makings: Makings,
  asked: RoutineDocument,
): Form[] {
  const { fromPct = EXERCISE.fromPct, toPct = EXERCISE.toPct } = piece
  const smaller =
    piece.kind === 'exercise'
      ? pieceRoutine({ ...piece, fromPct: fromPct * HALF, toPct: toPct * HALF }, lesson, makings)
      : asked
  const shifts = pieceRoutine(
    { id: piece.id, kind: 'exercise', exercise: 'side-to-side', minutes: piece.minutes, fromPct: 30, toPct: 60 },
    lesson,
    makings,
  )
  return [
    { as: 'taught', part: 1, routine: asked },
    { as: 'steps', part: HALF, routine: smaller ?? asked },
    { as: 'in-place', part: 0, routine: shifts ?? asked },
  ]
}

/** Sized to a body, each stance with what they may not do without; null where it cannot be. */
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

const finish = (as: DoneAs, part: number, rounds: number, { load, spareM, bend, room }: Round): Worked => ({
  as,
  part,
  rounds,
  load: timesLoad(load, rounds),
  spareM,
  bend,
  room,
})
