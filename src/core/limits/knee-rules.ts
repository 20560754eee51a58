import { carries } from '../balance/legs'
import type { LegFacts, LegRule } from './rule'

/** An angle this near its limit was stopped by it. */
export const AT_LIMIT = 1e-6

const stands = ({ contact, seated }: LegFacts) => contact !== 'air' && !seated
const TILT_FLEXED = 20 * (Math.PI / 180)

const flexion: LegRule = {
  id: 'knee.flexion',
  code: 'knee.flexion',
  when: ['standing', 'held', 'seated'],
  limits: ['kneeFlexionMax', 'kneeRangeMax'],
  house: ['kneeRangeMax'],
  find: (facts) => {
    const { side, leg, body } = facts
    const { kneeFlexionMax, kneeRangeMax } = body.sides[side]
    const limit = stands(facts) ? Math.min(kneeFlexionMax, kneeRangeMax) : kneeRangeMax
    if (!(leg.flexion > limit + AT_LIMIT)) return null
    const by = limit < kneeRangeMax ? 'kneeFlexionMax' : 'kneeRangeMax'
    return { severity: 'hard', side, part: 'knee', value: leg.flexion, limit, unit: 'rad', by }
  },
}

const drift: LegRule = {
  id: 'knee.drift',
  code: 'knee.drift',
  when: ['standing'],
  house: ['kneeDrift', 'kneeDriftOffLine'],
  find: ({ side, leg, body }) => {
    const { kneeDrift: limit, kneeDriftOffLine } = body.house
    if (!(leg.drift > limit && leg.offLine > kneeDriftOffLine)) return null
    return {
      severity: 'caution',
      side,
      part: 'knee',
      value: leg.drift,
      limit,
      unit: 'rad',
      by: 'kneeDrift',
      says: { offLine: { value: leg.offLine, unit: 'm' } },
    }
  },
}

const sideTilt: LegRule = {
  id: 'knee.side-tilt',
  code: 'knee.side-tilt',
  when: ['standing'],
  house: ['kneeSideTiltLoaded', 'kneeSideTiltAny'],
  find: ({ side, leg, body }) => {
    const tilt = leg.sideTilt
    const { kneeSideTiltLoaded, kneeSideTiltAny } = body.house
    const inwardLoaded = tilt > kneeSideTiltLoaded && leg.flexion >= TILT_FLEXED
    if (!inwardLoaded && !(Math.abs(tilt) > kneeSideTiltAny)) return null
    const limit = inwardLoaded ? kneeSideTiltLoaded : kneeSideTiltAny
    const by = inwardLoaded ? 'kneeSideTiltLoaded' : 'kneeSideTiltAny'
    return {
      severity: 'caution',
      side,
      part: 'knee',
      value: tilt,
      limit,
      unit: 'rad',
      by,
      says: { aspect: tilt > 0 ? 'inward' : 'outward' },
    }
  },
}

const pastToes: LegRule = {
  id: 'knee.past-toes',
  code: 'knee.past-toes',
  when: ['standing'],
  house: ['pastToesCaution'],
  find: ({ side, leg, body }) => {
    if (!(leg.pastToes > 0)) return null
    const severity = leg.pastToes > body.house.pastToesCaution ? 'caution' : 'note'
    return { severity, side, part: 'knee', value: leg.pastToes, limit: 0, unit: 'm' }
  },
}

const locked: LegRule = {
  id: 'knee.locked',
  code: 'knee.locked',
  when: ['standing'],
  house: ['kneeLocked'],
  find: ({ side, leg, body }) => {
    if (!leg.locked || !carries(leg)) return null
    const limit = body.house.kneeLocked
    return { severity: 'note', side, part: 'knee', value: leg.flexion, limit, unit: 'rad' }
  },
}

export const KNEE_RULES: readonly LegRule[] = [flexion, drift, sideTilt, pastToes, locked]
