import { type BySide, bySide, type Side, type Vec2 } from '../conventions'
import type { Accepts, InputError } from '../errors'
import type { Verdict } from '../limits/finding'
import { toRoom } from '../stance/placed'
import type { Placement, Stance } from '../stance/stance'
import { calcDose, type Dose } from './dose'
import { verdictOf, verdictOfTransition } from './judge-path'
import type { Path, PathTransition, RoutinePart } from './path'
import type { PhaseKind } from './phase'
import type { Stood } from './posing'
import type { Readings } from './readings'
import { calcDrift, calcExtent, calcInRoom, type Footprint, listFootprints } from './room'
import type { MotionFinding } from './rules'
import type { TimedPhase } from './transition'

/** An instant as plain data, in the room: metres, radians, shares. */
export type ShownInstant = {
  stance: Stance
  centre: Vec2
  pelvis: Vec2
  height: number
  /** Nearest margin, what of it is sure, and the reserve that it is held against. */
  nearest: number
  assured: number
  reserve: number
  knees: BySide<number>
  verdict: Verdict
}

export type ShownPhase = {
  kind: PhaseKind
  foot: Side | null
  about: 'heel' | 'ball' | null
  /** From the routine's start. */
  startS: number
  seconds: number
  shortest: number | null
  instants: ShownInstant[]
}

/** Why something is missing: the field, what was given, what would be accepted. */
export type Refused = { field: string; value: unknown; accepts: Accepts }

export type ShownTransition = {
  from: number
  to: number
  startS: number
  anchor: Side | null
  phases: ShownPhase[]
  readings: Readings | null
  findings: MotionFinding[]
  /** Null where there is no way. */
  verdict: Verdict | null
  error: Refused | null
}

export type ShownPart = {
  stance: Stance
  /** In the room; null where it cannot be stood. */
  centre: Vec2 | null
  error: Refused | null
  verdict: Verdict | null
  arrivesS: number
  holdS: number
}

/** A path as plain data: what a worker hands to a screen. */
export type ShownPath = {
  verdict: Verdict
  seconds: number
  parts: ShownPart[]
  transitions: ShownTransition[]
  footprints: Footprint[]
  extent: [Vec2, Vec2]
  drift: Placement
  dose: Dose
}

/**
 * Lays a path out as plain data.
 * @example showPath(path, routine).transitions[0]?.phases.length // => 7
 */
export function showPath(path: Path, routine: readonly RoutinePart[]): ShownPath {
  let clock = 0
  return {
    verdict: path.verdict,
    seconds: path.seconds,
    parts: path.parts.map(({ stance, analysis, error }, i) => {
      const { seconds, hold } = routine[i] as RoutinePart
      const arrivesS = clock + seconds
      clock = arrivesS + hold
      const centre = analysis && toRoom(stance.at as Placement, analysis.pose.centre)
      return { stance, centre, error: refused(error), verdict: analysis?.verdict ?? null, arrivesS, holdS: hold }
    }),
    transitions: path.transitions.map(showTransition),
    footprints: listFootprints(path),
    extent: calcExtent(path),
    drift: calcDrift(path),
    dose: calcDose(path, routine),
  }
}

const refused = (error: InputError | null): Refused | null =>
  error && { field: error.field, value: error.value, accepts: error.accepts }

/**
 * @example showTransition(path.transitions[0]).error // => null
 */
export function showTransition(one: PathTransition): ShownTransition {
  const { from, to, startS, made, error } = one
  return {
    from,
    to,
    startS,
    anchor: made?.transition.anchor ?? null,
    phases: made?.transition.phases.map((phase) => showPhase(phase, startS)) ?? [],
    readings: made?.readings ?? null,
    findings: made?.findings ?? [],
    verdict: verdictOfTransition(one),
    error: refused(error),
  }
}

const showPhase = (
  { kind, foot, about, startS, seconds, shortest, samples }: TimedPhase,
  begins: number,
): ShownPhase => ({
  kind,
  foot,
  about,
  startS: begins + startS,
  seconds,
  shortest,
  instants: samples.map(showInstant),
})

function showInstant(stood: Stood): ShownInstant {
  const { stance, balance, legs } = stood
  const { centre, pelvis } = calcInRoom(stood)
  return {
    stance,
    centre,
    pelvis: [pelvis[0], pelvis[1]],
    height: pelvis[2],
    nearest: balance.nearest,
    assured: balance.assured.margin,
    reserve: balance.reserve,
    knees: bySide((side) => legs[side].flexion),
    verdict: verdictOf(stood),
  }
}
