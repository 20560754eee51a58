import type { EdgeCause } from '../balance/cause'
import type { HouseKey } from '../body/house'
import type { Limits } from '../body/person'
import type { Side } from '../conventions'

export type Severity = 'hard' | 'caution' | 'note'

export type FindingCode =
  | 'balance.outside'
  | 'balance.reserve'
  | 'balance.one-leg'
  | 'load.limit'
  | 'knee.flexion'
  | 'knee.drift'
  | 'knee.side-tilt'
  | 'knee.past-toes'
  | 'knee.locked'
  | 'hip.range'
  | 'hip.limit'
  | 'hip.low'
  | 'rise.limit'
  | 'ankle.limit'
  | 'trunk.lean'
  | 'trunk.lean-high'
  | 'trunk.twist'
  | 'trunk.limit'
  | 'trunk.off-foot'
  | 'back.hollow'
  | 'arm.behind'
  | 'arm.limit'
  | 'elbow.locked'
  | 'eyes.closed'
  | 'support.needed'
  | 'foot.narrow'
  | 'foot.turned-out'
  | 'foot.not-empty'
  | MotionCode

/** What only a way between stances shows. */
export type MotionCode =
  | 'step.falls'
  | 'step.bob'
  | 'step.single'
  | 'step.crosses'
  | 'turn.loaded'
  | 'turn.toes-in'
  | 'turn.wide'
  | 'foot.again'
  | 'foot.dragged'
  | 'tempo.short'
  | 'halves.uneven'
  | 'arms.alone'

/** Where on the body a finding is; beside a side where it has one. */
export type Part =
  | 'balance'
  | 'feet'
  | 'trunk'
  | 'trunk back'
  | 'trunk pelvis'
  | 'leg'
  | 'hip'
  | 'knee'
  | 'ankle'
  | 'foot'
  | 'arm'
  | 'elbow'

export type Unit = 'm' | 'rad' | 'share' | 's' | 'times'

/** A figure and its unit, for whoever puts it into words. */
export type Figure = { value: number; unit: Unit | 'points' }

/** One thing that a stance shows. `value` and `limit` are in `unit`; angles in radians, shares 0 to 1. */
export type Finding = {
  code: FindingCode
  /** The rule that found it, as the registry names it. */
  rule: string
  severity: Severity
  /** The side of its part; none of the whole. */
  side: Side | null
  part: Part
  value: number
  limit: number
  unit: Unit
  /** Whose figure the limit is, where its rule speaks from several: a limit of the person or a threshold of the house. */
  by?: HouseKey | keyof Limits
  /** What ends the base there, for a finding about its edge. */
  cause?: EdgeCause
  /** What its sentence names besides: which of the rule's sentences it is (`aspect`), other codes, other figures. */
  says?: Readonly<Record<string, string | Figure>>
}

export type Verdict = 'holds' | 'close' | 'beyond'

const SEVERITIES: readonly Severity[] = ['hard', 'caution', 'note']

/** The first of the gravest, of those one of some codes before any other; null where nothing is found. */
export function findGravest<One extends Finding>(
  findings: readonly One[],
  before: readonly FindingCode[] = [],
): One | null {
  const worst = SEVERITIES.find((severity) => findings.some((one) => one.severity === severity))
  const alike = findings.filter(({ severity }) => severity === worst)
  return alike.find(({ code }) => before.includes(code)) ?? alike[0] ?? null
}
