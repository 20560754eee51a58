import { carries } from '../balance/legs'
import type { LegFacts, LegRule } from './rule'
import { centimetres, degrees } from './words'

/** An angle this near its limit was stopped by it. */
export const AT_LIMIT = 1e-6

const stands = ({ contact, seated }: LegFacts) => contact !== 'air' && !seated
const TILT_FLEXED = 20 * (Math.PI / 180)

const flexion: LegRule = {
  id: 'knee.flexion',
  code: 'knee.flexion',
  when: ['standing', 'held', 'seated'],
  looksAt: 'how far a knee bends: under load, and its range in the air',
  limits: ['kneeFlexionMax', 'kneeRangeMax'],
  house: ['kneeRangeMax'],
  source: 'the person’s own limit; else the usual range of movement',
  heading: (where) => `The ${where} bends past its limit`,
  advice: 'Stand higher: bend this knee less, or shorten the step.',
  find: (facts) => {
    const { side, leg, body } = facts
    const { kneeFlexionMax, kneeRangeMax } = body.sides[side]
    const limit = stands(facts) ? Math.min(kneeFlexionMax, kneeRangeMax) : kneeRangeMax
    if (!(leg.flexion > limit + AT_LIMIT)) return null
    const text = `The ${side} knee bends ${degrees(leg.flexion)}; its limit is ${degrees(limit)}.`
    const by = limit < kneeRangeMax ? 'kneeFlexionMax' : 'kneeRangeMax'
    return { severity: 'hard', where: `${side} knee`, value: leg.flexion, limit, unit: 'rad', by, text }
  },
}

const drift: LegRule = {
  id: 'knee.drift',
  code: 'knee.drift',
  when: ['standing'],
  looksAt: 'how far the hip’s range pulls the knee in from over its foot',
  house: ['kneeDrift', 'kneeDriftOffLine'],
  source: 'house threshold',
  heading: (where) => `The ${where} falls in`,
  advice: 'Let the toes turn out a little, turn the waist less, or stand higher.',
  find: ({ side, leg, body }) => {
    const { kneeDrift: limit, kneeDriftOffLine } = body.house
    if (!(leg.drift > limit && leg.offLine > kneeDriftOffLine)) return null
    const text = `The ${side} knee falls in by ${degrees(leg.drift)}, ${centimetres(leg.offLine)} off the line of the foot: the hip turns no further out.`
    return { severity: 'caution', where: `${side} knee`, value: leg.drift, limit, unit: 'rad', by: 'kneeDrift', text }
  },
}

const sideTilt: LegRule = {
  id: 'knee.side-tilt',
  code: 'knee.side-tilt',
  when: ['standing'],
  looksAt: 'how far the shin leans to a side over its foot',
  house: ['kneeSideTiltLoaded', 'kneeSideTiltAny'],
  source: 'house threshold',
  heading: (where) => `The ${where} stands beside its foot`,
  advice: 'Bring the knee over the foot: change the track width, or how far the toes turn out.',
  find: ({ side, leg, body }) => {
    const tilt = leg.sideTilt
    const { kneeSideTiltLoaded, kneeSideTiltAny } = body.house
    const inwardLoaded = tilt > kneeSideTiltLoaded && leg.flexion >= TILT_FLEXED
    if (!inwardLoaded && !(Math.abs(tilt) > kneeSideTiltAny)) return null
    const limit = inwardLoaded ? kneeSideTiltLoaded : kneeSideTiltAny
    const text = `The ${side} shin leans ${degrees(Math.abs(tilt))} ${tilt > 0 ? 'inward' : 'outward'} over its foot.`
    const by = inwardLoaded ? 'kneeSideTiltLoaded' : 'kneeSideTiltAny'
    return { severity: 'caution', where: `${side} knee`, value: tilt, limit, unit: 'rad', by, text }
  },
}

const pastToes: LegRule = {
  id: 'knee.past-toes',
  code: 'knee.past-toes',
  when: ['standing'],
  looksAt: 'how far the knee is ahead of the toes',
  house: ['pastToesCaution'],
  source: 'a note past the toes, a caution past the house threshold',
  heading: (where) => `The ${where} is past the toes`,
  advice: 'Sit the hips back a little, stand higher, or lengthen the step.',
  find: ({ side, leg, body }) => {
    if (!(leg.pastToes > 0)) return null
    const severity = leg.pastToes > body.house.pastToesCaution ? 'caution' : 'note'
    const text = `The ${side} knee is ${centimetres(leg.pastToes)} past the toes.`
    return { severity, where: `${side} knee`, value: leg.pastToes, limit: 0, unit: 'm', text }
  },
}

const locked: LegRule = {
  id: 'knee.locked',
  code: 'knee.locked',
  when: ['standing'],
  looksAt: 'a straight knee that carries',
  house: ['kneeLocked'],
  source: 'house threshold',
  heading: (where) => `The ${where} is locked`,
  advice: 'Keep the knee soft.',
  find: ({ side, leg, body }) => {
    if (!leg.locked || !carries(leg)) return null
    const text = `The ${side} knee is straight under load; a soft knee is usual.`
    const limit = body.house.kneeLocked
    return { severity: 'note', where: `${side} knee`, value: leg.flexion, limit, unit: 'rad', text }
  },
}

export const KNEE_RULES: readonly LegRule[] = [flexion, drift, sideTilt, pastToes, locked]
