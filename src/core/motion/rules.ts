import { CARRIES } from '../balance/legs'
import type { Body } from '../body/body'
import { OLDER_FROM_AGE } from '../body/body'
import { DEG, otherSide, SIDES, type Side, type Vec3 } from '../conventions'
import { apart } from '../geometry/vector'
import type { Finding, MotionCode } from '../limits/finding'
import { UpperBody } from '../pose/upper-body'
import type { Breath, Choices } from '../postures/choices'
import { findFrontSide, shareOf } from '../stance/footing'
import { calcTrack } from '../stance/layout'
import { countFirstHalf } from './phase'
import type { Stood } from './posing'
import type { Readings } from './readings'
import { BOB_CAUTION, BOB_NOTE } from './step-limits'
import type { TimedPhase, Transition } from './transition'

/** A finding of a path says when: the phase, and the second from the routine's start. */
export type MotionFinding = Finding & { phase: number; atS: number }

export type MotionFacts = {
  body: Body
  transition: Transition
  readings: Readings
  choices: Choices
  breath: Breath
  /** Seconds of the transition before, where this one leads back to where that one came from. */
  wayOutS: number | null
}

/** Where it shows: the phase and how far through it. */
type Found = Omit<Finding, 'code' | 'rule'> & { phase: number; t: number }

export type MotionRule = { id: MotionCode; code: MotionCode; find: (facts: MotionFacts) => Found | null }

/** Thresholds of the house. */
const SINGLE_UNPROVEN_S = 3
/** A figure at its threshold is not past it. */
const DUST = 1e-9
const TOES_IN = 15 * DEG
const WIDE = 5 * DEG
const TURN_AT_ONCE = 45 * DEG
const BOTH_CARRY = 0.05
const WAY_BACK_LEAST = 0.8
const HAND_WAY = 0.15

/** A step that could land empty no further than this could land so nowhere on its way. */
const NOWHERE = 0.005

const stepFalls: MotionRule = {
  id: 'step.falls',
  code: 'step.falls',
  find: ({ readings: { emptyStep }, transition: { phases } }) => {
    if (!emptyStep || emptyStep.passes) return null
    const { foot, wished, longest, neededKnee } = emptyStep
    return {
      severity: neededKnee === null ? 'hard' : 'caution',
      side: foot,
      part: 'foot',
      value: wished,
      limit: longest,
      unit: 'm',
      says: {
        aspect:
          neededKnee === null
            ? 'never'
            : longest <= NOWHERE
              ? 'nowhere'
              : wished - longest < HIP_DROP
                ? 'nearly'
                : 'deeper',
        by: { value: wished - longest, unit: 'm' },
        needed: { value: neededKnee ?? 0, unit: 'rad' },
        bends: { value: emptyStep.standingKnee, unit: 'rad' },
      },
      phase: phases.findLastIndex(({ kind, foot: one }) => kind === 'touch' && one === foot),
      t: 0.5,
    }
  },
}
/** In ordinary walking the free side's hip drops, which reaches this much further. */
const HIP_DROP = 0.04

const bob: MotionRule = {
  id: 'step.bob',
  code: 'step.bob',
  find: ({ readings, transition: { phases } }) => {
    if (!(readings.bob > BOB_NOTE)) return null
    const at = findInstant(phases, (stood) => -stood.instant.height)
    const severity = readings.bob > BOB_CAUTION ? 'caution' : 'note'
    return { severity, side: null, part: 'trunk', limit: BOB_NOTE, unit: 'm', ...at, value: readings.bob }
  },
}

const single: MotionRule = {
  id: 'step.single',
  code: 'step.single',
  find: ({ body: { person }, readings: { longestSingle }, transition: { phases } }) => {
    const { leg, seconds } = longestSingle
    if (!leg) return null
    const { age = OLDER_FROM_AGE, oneLegStand } = person
    const timed = oneLegStand?.[leg]
    const limit = timed ?? (age >= OLDER_FROM_AGE ? SINGLE_UNPROVEN_S : Number.POSITIVE_INFINITY)
    if (!(seconds > limit)) return null
    const phase = phases.findIndex(({ kind }) => kind === 'reach')
    const says = { aspect: timed === undefined ? 'untimed' : 'timed' }
    return {
      severity: 'caution',
      side: leg,
      part: 'leg',
      value: seconds,
      limit,
      unit: 's',
      says,
      phase: Math.max(0, phase),
      t: 0.5,
    }
  },
}

const crosses: MotionRule = {
  id: 'step.crosses',
  code: 'step.crosses',
  find: ({ body, transition: { phases } }) => {
    const phase = phases.findLastIndex(({ kind }) => kind === 'touch')
    const last = phases.at(-1)?.samples.at(-1)
    if (phase < 0 || !last) return null
    const track = calcTrack(last.stance)
    // One foot over the other's line, and that width is what the posture is for: it is meant to cross.
    if (track < 0 && last.stance.keeps?.includes('width')) return null
    const limit = body.hipSeparation / 2
    if (!(track < limit)) return null
    const side = phases[phase]?.foot ?? null
    return { severity: 'note', side, part: 'foot', value: track, limit, unit: 'm', phase, t: 0.5 }
  },
}

const loaded: MotionRule = {
  id: 'turn.loaded',
  code: 'turn.loaded',
  find: ({ body: { sides }, readings: { turns } }) => {
    const found = turns.filter(
      ({ about, load, angle, pressedRight }) =>
        (load > 0.5 && (about === 'ball' || !pressedRight)) ||
        (load > CARRIES && Math.abs(angle) > TURN_AT_ONCE + 1e-6),
    )
    const ordered = found.find(({ foot, angle }) => Math.abs(angle) > sides[foot].loadedTurnMax + 1e-6)
    const bad = ordered ?? found[0]
    if (!bad) return null
    const says = { aspect: bad.about === 'ball' ? 'ball' : bad.pressedRight ? 'far' : 'forward' }
    return {
      severity: ordered ? 'hard' : 'caution',
      side: bad.foot,
      part: 'foot',
      value: bad.load,
      limit: 0.5,
      unit: 'share',
      says,
      phase: bad.phase,
      t: 0.5,
    }
  },
}

const toesIn: MotionRule = {
  id: 'turn.toes-in',
  code: 'turn.toes-in',
  find: ({ body: { sides }, transition: { phases } }) => {
    const inward = ({ instant: { feet, loadLeft } }: Stood) =>
      Math.min(loadLeft, 1 - loadLeft) >= BOTH_CARRY ? feet.right.yaw - feet.left.yaw : Number.NEGATIVE_INFINITY
    const at = findInstant(phases, inward)
    if (!(at.value > TOES_IN + DUST)) return null
    const ordered = SIDES.some((side) => sides[side].hipInwardOrdered)
    return { severity: ordered ? 'hard' : 'note', side: null, part: 'feet', limit: TOES_IN, unit: 'rad', ...at }
  },
}

const wide: MotionRule = {
  id: 'turn.wide',
  code: 'turn.wide',
  find: ({ transition: { phases } }) => {
    const drift = (stood: Stood, side: Side) =>
      shareOf(stood.stance, side) >= CARRIES ? Math.abs(stood.legs[side].drift) : 0
    const at = findInstant(phases, (stood) => Math.max(drift(stood, 'left'), drift(stood, 'right')))
    if (!(at.value > WIDE)) return null
    const stood = phases[at.phase]?.samples[Math.round(at.t * ((phases[at.phase]?.samples.length ?? 1) - 1))] as Stood
    const side = drift(stood, 'left') >= drift(stood, 'right') ? 'left' : 'right'
    return { severity: 'note', side, part: 'hip', limit: WIDE, unit: 'rad', ...at }
  },
}

const again: MotionRule = {
  id: 'foot.again',
  code: 'foot.again',
  find: ({ readings, transition: { phases } }) => {
    if (readings.again === 0) return null
    const phase = phases.findLastIndex(({ kind }) => kind === 'turn' || kind === 'reach')
    const side = phases[phase]?.foot ?? null
    return {
      severity: 'note',
      side,
      part: 'foot',
      value: readings.again,
      limit: 0,
      unit: 'times',
      phase: Math.max(0, phase),
      t: 0.5,
    }
  },
}

const dragged: MotionRule = {
  id: 'foot.dragged',
  code: 'foot.dragged',
  find: ({ readings: { turns }, transition: { phases } }) => {
    const last = phases.at(-1)?.samples.at(-1)
    if (!last) return null
    const rear = otherSide(findFrontSide(last.stance))
    const bad = turns.find(({ foot, load }) => foot === rear && load > CARRIES)
    if (!bad) return null
    return {
      severity: 'caution',
      side: rear,
      part: 'foot',
      value: bad.load,
      limit: CARRIES,
      unit: 'share',
      phase: bad.phase,
      t: 0.5,
    }
  },
}

const short: MotionRule = {
  id: 'tempo.short',
  code: 'tempo.short',
  find: ({ breath, transition: { phases } }) => {
    const split = countFirstHalf(breath, phases)
    const halves = split > 0 ? [phases.slice(0, split), phases.slice(split)] : [phases]
    const all = phases.reduce((sum, { seconds }) => sum + seconds, 0)
    const never = phases.findIndex(({ shortest }) => shortest === null)
    const has = all / halves.length
    const found = { severity: 'caution', side: null, part: 'balance', unit: 's', t: 0.5 } as const
    if (never >= 0)
      return { ...found, value: phases[never]?.seconds ?? 0, limit: 0, says: { aspect: 'never' }, phase: never }
    for (const half of halves) {
      const needs = half.reduce((sum, { shortest }) => sum + (shortest ?? 0), 0)
      if (needs <= has + 1e-6) continue
      const slowest = half.reduce((a, b) => ((b.shortest ?? 0) > (a.shortest ?? 0) ? b : a))
      return { ...found, value: has, limit: needs, says: { aspect: 'half' }, phase: phases.indexOf(slowest) }
    }
    return null
  },
}

const uneven: MotionRule = {
  id: 'halves.uneven',
  code: 'halves.uneven',
  find: ({ wayOutS, breath, readings: { gatherS, giveS }, transition: { phases } }): Found | null => {
    const found = { severity: 'note', side: null, part: 'balance', limit: WAY_BACK_LEAST, unit: 'share' } as const
    const first = countFirstHalf(breath, phases)
    const [less, more] = [Math.min(gatherS, giveS), Math.max(gatherS, giveS)]
    if (first > 0 && less < WAY_BACK_LEAST * more - 1e-9) {
      const aspect = giveS < gatherS ? 'giving' : 'gathering'
      const phase = giveS < gatherS ? first : 0
      return { ...found, value: less / more, says: { aspect, by: { value: more - less, unit: 's' } }, phase, t: 0 }
    }
    if (!wayOutS) return null
    const ratio = phases.reduce((sum, { seconds }) => sum + seconds, 0) / wayOutS
    if (!(ratio < WAY_BACK_LEAST - 1e-9)) return null
    return { ...found, value: ratio, says: { aspect: 'back' }, phase: 0, t: 0 }
  },
}

const armsAlone: MotionRule = {
  id: 'arms.alone',
  code: 'arms.alone',
  find: ({ body, choices, transition: { phases } }) => {
    // On a chair no weight moves at all.
    if (choices.arms !== 'weight' || phases.some(({ samples }) => samples[0]?.stance.seat)) return null
    for (const [phase, { from, to, samples }] of phases.entries()) {
      if (from.loadLeft !== to.loadLeft) continue
      const [first, last] = [samples[0], samples.at(-1)] as [Stood, Stood]
      for (const side of SIDES) {
        const way = apart(knuckle(body, first, side), knuckle(body, last, side))
        if (way > HAND_WAY)
          return { severity: 'note', side, part: 'arm', value: way, limit: HAND_WAY, unit: 'm', phase, t: 0.5 }
      }
    }
    return null
  },
}

const knuckle = (body: Body, { stance }: Stood, side: Side): Vec3 =>
  new UpperBody(body, stance).calcArm(side, [0, 0, 0]).joints.knuckle

/** The instant at which something is largest. */
function findInstant(
  phases: readonly TimedPhase[],
  of: (stood: Stood) => number,
): { value: number; phase: number; t: number } {
  let worst = { value: Number.NEGATIVE_INFINITY, phase: 0, t: 0 }
  phases.forEach(({ samples }, phase) => {
    samples.forEach((stood, i) => {
      const value = of(stood)
      if (value > worst.value) worst = { value, phase, t: i / (samples.length - 1) }
    })
  })
  return worst
}

export const MOTION_RULES: readonly MotionRule[] = [
  stepFalls,
  bob,
  single,
  crosses,
  loaded,
  toesIn,
  wide,
  again,
  dragged,
  short,
  uneven,
  armsAlone,
]
