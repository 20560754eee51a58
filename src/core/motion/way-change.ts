import type { Body } from '../body/body'
import { DEG, otherSide, type Side } from '../conventions'
import { calcTrack } from '../stance/layout'
import { fromRoom, toRoom } from '../stance/placed'
import type { Placement, Stance, Support } from '../stance/stance'
import { holdOn } from '../variants/hold'
import { makePath, type Path, type PathDetail, type RoutinePart } from './path'

/** A change of a way from one part to the next, as a teacher says it. Metres, radians, seconds. */
export type WayChange =
  | { what: 'step'; scale: number }
  /** Of both stances together, or of the first alone: sinking before the foot goes. */
  | { what: 'knees' | 'sink'; by: number }
  | { what: 'middle' | 'emptied' | 'pieces' | 'inPlace' }
  | { what: 'seconds'; times: number }
  | { what: 'wider'; by: number }
  | { what: 'hand'; hand: Side }

/** A part and those that lead on from it. */
export type Way = { before: RoutinePart; parts: RoutinePart[] }

/** What a change counts, so that the smallest comes first: a quarter of a step, five degrees and a quarter more time are 1. */
const COSTS: Record<WayChange['what'], number> = {
  step: 4,
  knees: 1 / (5 * DEG),
  sink: 0.8 / (5 * DEG),
  middle: 0.7,
  emptied: 0.5,
  pieces: 2,
  inPlace: 6,
  seconds: 3,
  wider: 0.5 / 0.03,
  hand: 2.5,
}

/**
 * @example costOf({ what: 'step', scale: 0.5 }) // => 2
 */
export function costOf(change: WayChange): number {
  const unit = COSTS[change.what]
  if (change.what === 'step') return unit * Math.abs(1 - change.scale)
  if (change.what === 'seconds') return unit * (change.times - 1)
  return 'by' in change ? unit * Math.abs(change.by) : unit
}

const FLEXION_LEAST = 2 * DEG
const FLEXION_MOST = 80 * DEG
const SECONDS_MOST = 120
const PIECE_LEAST = 45 * DEG

/** A way with a change; null where it does not apply to it. */
export function changeWay(body: Body, way: Way, change: WayChange, anchor: Side | null): Way | null {
  const [part] = way.parts as [RoutinePart]
  const withPart = (next: Partial<RoutinePart>): Way => ({ ...way, parts: [{ ...part, ...next }] })
  switch (change.what) {
    case 'step':
      if (!anchor) return null
      return withPart({ choices: { ...part.choices, stepScale: part.choices.stepScale * change.scale } })
    case 'knees': {
      const [before, after] = [bend(way.before.stance, change.by), bend(part.stance, change.by)]
      return before && after ? { before: { ...way.before, stance: before }, parts: [{ ...part, stance: after }] } : null
    }
    case 'sink': {
      const before = bend(way.before.stance, change.by)
      return before && { ...way, before: { ...way.before, stance: before } }
    }
    case 'middle':
      return part.choices.middle === 'touch' || !anchor
        ? null
        : withPart({ choices: { ...part.choices, middle: 'touch' } })
    case 'emptied':
      return part.choices.heavyFoot === 'empty' ? null : withPart({ choices: { ...part.choices, heavyFoot: 'empty' } })
    case 'seconds':
      return withPart({ seconds: Math.min(SECONDS_MOST, part.seconds * change.times) })
    case 'wider':
      return anchor && isWideEnough(body, part.stance, change.by)
        ? withPart({ stance: widen(part.stance, otherSide(anchor), change.by) })
        : null
    case 'pieces':
      return inPieces(way)
    case 'inPlace':
      return anchor && withPart(inPlace(way.before, part))
    case 'hand':
      return holdThrough(body, way, change.hand)
  }
}

function bend(stance: Stance, by: number): Stance | null {
  const { height } = stance
  if (stance.seat || !('kneeFlexion' in height)) return null
  const kneeFlexion = height.kneeFlexion + by
  if (kneeFlexion < FLEXION_LEAST || kneeFlexion > FLEXION_MOST) return null
  return { ...stance, height: { ...height, kneeFlexion } }
}

/** Feet come nearer each other for a step only down to what no teacher calls a tightrope, in shoulder widths. */
const NEAREST_TRACK = 0.7
const isWideEnough = (body: Body, stance: Stance, by: number): boolean =>
  by > 0 || calcTrack(stance) + by >= NEAREST_TRACK * body.shoulderWidth - 1e-9

/** Both feet nearer each other by as much in all, where they are wide enough for it; else as they are. */
export function bringNearer(body: Body, stance: Stance, by: number): Stance {
  if (by === 0 || stance.seat || !isWideEnough(body, stance, -by)) return stance
  return widen(widen(stance, 'left', -by / 2), 'right', -by / 2)
}

/** The foot that steps further out, or less far. */
function widen(stance: Stance, stepper: Side, by: number): Stance {
  const foot = stance.feet[stepper]
  const out = stepper === 'right' ? by : -by
  const heel = [foot.heel[0] + out, foot.heel[1]] as const
  return { ...stance, feet: { ...stance.feet, [stepper]: { ...foot, heel } } }
}

/** Half of the turn first, in the same stance, in half of the time. */
function inPieces({ before, parts: [part] }: Way): Way | null {
  if (!part || Math.abs(part.heading - before.heading) < PIECE_LEAST) return null
  const seconds = part.seconds
  const half = { ...part, heading: (before.heading + part.heading) / 2, seconds, hold: 0 }
  return { before, parts: [half, { ...part, seconds }] }
}

/** The step left out: the feet stay, the weight goes over as it would have. */
function inPlace(before: RoutinePart, part: RoutinePart): Partial<RoutinePart> {
  const { at: _, ...stance } = before.stance
  // As it is stood, its step is scaled already.
  const choices = { ...part.choices, stepScale: 1 }
  return { stance: { ...stance, loadLeft: part.stance.loadLeft }, heading: before.heading, at: undefined, choices }
}

/** A hand on one chair back, from the first stance to the last: it stands between where the hand would want it. */
function holdThrough(body: Body, way: Way, hand: Side): Way | null {
  if (way.before.stance.supports.length > 0) return null
  const path = makePath(body, [way.before, ...way.parts], 2, 'verdicts')
  const places = path.parts.map(({ stance }) => wantedPlace(body, stance, hand))
  const at = places.reduce(([x, y], [px, py]) => [x + px / places.length, y + py / places.length], [0, 0])
  const [before, ...parts] = path.parts.map(({ stance }, i): RoutinePart => {
    const own = (i === 0 ? way.before : way.parts[i - 1]) as RoutinePart
    const supports = [chairAt(body, stance, hand, at as [number, number])]
    return { ...own, holdsOn: true, stance: { ...own.stance, supports } }
  }) as [RoutinePart, ...RoutinePart[]]
  return { before, parts }
}

const placeOf = (stance: Stance): Placement => stance.at ?? { x: 0, y: 0, heading: 0 }

function wantedPlace(body: Body, stance: Stance, hand: Side): [number, number] {
  const [support] = holdOn(body, stance, 'chair-back', hand).supports as [Support]
  const [x, y] = toRoom(placeOf(stance), [support.at[0], support.at[1]])
  return [x, y]
}

function chairAt(body: Body, stance: Stance, hand: Side, room: readonly [number, number]): Support {
  const [support] = holdOn(body, stance, 'chair-back', hand).supports as [Support]
  const [x, y] = fromRoom(placeOf(stance), room)
  return { ...support, at: [x, y, support.at[2]] }
}

/**
 * A way worked out, from where the part before is stood.
 * @example walkWay(ana, way, 20).transitions.length // => 1
 */
export const walkWay = (body: Body, { before, parts }: Way, samples: number, detail?: PathDetail): Path =>
  makePath(body, [{ ...before, seconds: 0, hold: 0, at: undefined }, ...parts], samples, detail)
