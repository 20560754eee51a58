import { DEG } from '../conventions'
import { clamp } from '../numeric/clamp'
import type { Arm } from '../stance/stance'
import { AT_LIMIT } from './knee-rules'
import type { LegFacts, LegRule } from './rule'

/** An arm raised less than this hangs; its elbow may be straight. */
const RAISED = 30 * DEG

/** A free arm of a stance; null for one whose hand is on a support. */
function freeArm({ side, footing: { stance } }: LegFacts): Arm | null {
  return stance.supports.some(({ hand }) => hand === side) ? null : stance.arms[side]
}

/** How far the upper arm points behind the side, in the trunk's frame. */
const calcBehind = ({ elevation, opening }: Arm): number =>
  Math.asin(clamp(-Math.sin(elevation) * Math.cos(opening), -1, 1))

const ALWAYS = ['standing', 'held', 'seated'] as const

const behind: LegRule = {
  id: 'arm.behind',
  code: 'arm.behind',
  when: ALWAYS,
  house: ['armBehind'],
  limits: ['armBackMax'],
  find: (facts) => {
    const arm = freeArm(facts)
    if (!arm) return null
    const own = facts.body.sides[facts.side].armBackMax
    const limit = Math.min(own, facts.body.house.armBehind)
    const value = calcBehind(arm)
    if (!(value > limit + AT_LIMIT)) return null
    const hard = value > own + AT_LIMIT
    const by = limit === own ? 'armBackMax' : 'armBehind'
    return {
      severity: hard ? 'hard' : 'note',
      side: facts.side,
      part: 'arm',
      value,
      limit,
      unit: 'rad',
      by,
      says: { aspect: hard ? 'limit' : 'usual' },
    }
  },
}

const raised: LegRule = {
  id: 'arm.limit',
  code: 'arm.limit',
  when: ALWAYS,
  limits: ['armElevationMax'],
  find: (facts) => {
    const arm = freeArm(facts)
    const limit = facts.body.sides[facts.side].armElevationMax
    if (!arm || !(arm.elevation > limit + AT_LIMIT)) return null
    return { severity: 'hard', side: facts.side, part: 'arm', value: arm.elevation, limit, unit: 'rad' }
  },
}

const elbow: LegRule = {
  id: 'elbow.locked',
  code: 'elbow.locked',
  when: ALWAYS,
  house: ['elbowLocked'],
  find: (facts) => {
    const arm = freeArm(facts)
    const limit = facts.body.house.elbowLocked
    if (!arm || arm.elevation < RAISED || !(arm.elbow < limit - AT_LIMIT)) return null
    return { severity: 'note', side: facts.side, part: 'elbow', value: arm.elbow, limit, unit: 'rad' }
  },
}

export const ARM_RULES: readonly LegRule[] = [raised, behind, elbow]
