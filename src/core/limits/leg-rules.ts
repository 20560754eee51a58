import type { LegReading } from '../balance/legs'
import type { Body } from '../body/body'
import { DEG, type Side } from '../conventions'
import type { Contact } from '../stance/stance'
import type { Finding } from './finding'
import { degrees, millimetres, percent } from './words'

/** What a rule about one leg looks at. */
export type LegFacts = {
  side: Side
  leg: LegReading
  contact: Contact
  seated: boolean
  body: Body
}

/** A rule looks at one thing and answers with a finding or null. */
export type LegRule = (facts: LegFacts) => Finding | null

const DRIFT = 10 * DEG
const DRIFT_OFF_LINE = 0.03
const TILT_LOADED = 15 * DEG
const TILT_ANY = 25 * DEG
const TILT_FLEXED = 20 * DEG
const PAST_TOES_CAUTION = 0.03
/** An angle this near its limit was stopped by it. */
const AT_LIMIT = 1e-6

const stands = ({ contact, seated }: LegFacts) => contact !== 'air' && !seated

const loadLimit: LegRule = ({ side, leg, body }) => {
  const limit = body.loadMax[side]
  if (!(leg.share > limit + 1e-9)) return null
  const text = `The ${side} leg carries ${percent(leg.share)}; its limit is ${percent(limit)}.`
  return { code: 'load.limit', severity: 'hard', where: `${side} leg`, value: leg.share, limit, unit: 'share', text }
}

const kneeFlexion: LegRule = (facts) => {
  const { side, leg, body } = facts
  const limit = stands(facts) ? Math.min(body.kneeFlexionMax, body.kneeRangeMax) : body.kneeRangeMax
  if (!(leg.flexion > limit + AT_LIMIT)) return null
  const text = `The ${side} knee bends ${degrees(leg.flexion)}; its limit is ${degrees(limit)}.`
  const where = `${side} knee`
  return { code: 'knee.flexion', severity: 'hard', where, value: leg.flexion, limit, unit: 'rad', text }
}

const kneeDrift: LegRule = ({ side, leg }) => {
  if (!(leg.drift > DRIFT && leg.offLine > DRIFT_OFF_LINE)) return null
  const text = `The ${side} knee falls in by ${degrees(leg.drift)}, ${millimetres(leg.offLine)} off the line of the foot: the hip turns no further out.`
  const where = `${side} knee`
  return { code: 'knee.drift', severity: 'caution', where, value: leg.drift, limit: DRIFT, unit: 'rad', text }
}

const kneeSideTilt: LegRule = ({ side, leg }) => {
  const tilt = leg.sideTilt
  const inwardLoaded = tilt > TILT_LOADED && leg.flexion >= TILT_FLEXED
  if (!inwardLoaded && !(Math.abs(tilt) > TILT_ANY)) return null
  const limit = inwardLoaded ? TILT_LOADED : TILT_ANY
  const text = `The ${side} shin leans ${degrees(Math.abs(tilt))} ${tilt > 0 ? 'inward' : 'outward'} over its foot.`
  return { code: 'knee.side-tilt', severity: 'caution', where: `${side} knee`, value: tilt, limit, unit: 'rad', text }
}

const kneePastToes: LegRule = ({ side, leg }) => {
  if (!(leg.pastToes > 0)) return null
  const severity = leg.pastToes > PAST_TOES_CAUTION ? 'caution' : 'note'
  const text = `The ${side} knee is ${millimetres(leg.pastToes)} past the toes.`
  return { code: 'knee.past-toes', severity, where: `${side} knee`, value: leg.pastToes, limit: 0, unit: 'm', text }
}

const kneeLocked: LegRule = ({ side, leg }) => {
  if (!leg.locked) return null
  const text = `The ${side} knee is straight under load; a soft knee is usual.`
  const limit = 4.5 * DEG
  return { code: 'knee.locked', severity: 'note', where: `${side} knee`, value: leg.flexion, limit, unit: 'rad', text }
}

const hipRange: LegRule = ({ side, leg, body }) => {
  if (!leg.rangeUsed) return null
  const { rotation } = leg.hip
  const limit = rotation < 0 ? -body.hipInwardMax : body.hipOutwardMax
  const severity = leg.rangeExceeded ? 'caution' : 'note'
  const text = leg.rangeExceeded
    ? `The ${side} hip has no place for the knee within its range.`
    : `The ${side} hip's range is used up: it is turned ${degrees(Math.abs(rotation))} ${rotation < 0 ? 'inward' : 'outward'}.`
  return { code: 'hip.range', severity, where: `${side} hip`, value: rotation, limit, unit: 'rad', text }
}

const ankleLimit: LegRule = (facts) => {
  const { side, leg, body } = facts
  const limit = body.dorsiflexionMax
  const over = leg.dorsiflexion - limit
  // A flat foot's knee is stopped at the limit; a lifted heel isn't, and is only reported past it.
  if (!(over > (facts.contact === 'whole' ? -AT_LIMIT : AT_LIMIT))) return null
  const severity = facts.contact === 'whole' && over > AT_LIMIT ? 'hard' : 'caution'
  const text =
    over > AT_LIMIT
      ? `The ${side} ankle bends ${degrees(leg.dorsiflexion)}; its limit is ${degrees(limit)}.`
      : `The ${side} ankle is at its limit of ${degrees(limit)}: the stance goes no lower with the heel down.`
  const where = `${side} ankle`
  return { code: 'ankle.limit', severity, where, value: leg.dorsiflexion, limit, unit: 'rad', text }
}

const hipFlexion: LegRule = ({ side, leg, body }) => {
  const limit = body.person.limits?.hipFlexionMax ?? Number.POSITIVE_INFINITY
  if (!(leg.hip.flexion > limit + AT_LIMIT)) return null
  const text = `The ${side} hip bends ${degrees(leg.hip.flexion)}; its limit is ${degrees(limit)}.`
  return { code: 'hip.limit', severity: 'hard', where: `${side} hip`, value: leg.hip.flexion, limit, unit: 'rad', text }
}

const hipAdduction: LegRule = ({ side, leg, body }) => {
  const limit = body.person.limits?.hipAdductionMax ?? Number.POSITIVE_INFINITY
  const value = -leg.hip.abduction
  if (!(value > limit + AT_LIMIT)) return null
  const text = `The ${side} thigh crosses inward by ${degrees(value)}; its limit is ${degrees(limit)}.`
  return { code: 'hip.limit', severity: 'hard', where: `${side} hip`, value, limit, unit: 'rad', text }
}

const hipRotationOrder: LegRule = ({ side, leg, body }) => {
  if (!body.hipOrdered) return null
  const { rotation } = leg.hip
  const inward = rotation < 0
  const limit = inward ? body.hipInwardMax : body.hipOutwardMax
  const value = Math.abs(rotation)
  if (!(value > limit + AT_LIMIT)) return null
  const text = `The ${side} hip turns ${degrees(value)} ${inward ? 'inward' : 'outward'}; the order allows ${degrees(limit)}.`
  return { code: 'hip.limit', severity: 'hard', where: `${side} hip`, value, limit, unit: 'rad', text }
}

/** In the order in which they are reported. In the air a leg has only its knee's flexion. */
export const STANDING_LEG_RULES: readonly LegRule[] = [
  loadLimit,
  kneeFlexion,
  kneeDrift,
  kneeSideTilt,
  kneePastToes,
  kneeLocked,
  hipRange,
  hipFlexion,
  hipAdduction,
  hipRotationOrder,
  ankleLimit,
]

export const HELD_LEG_RULES: readonly LegRule[] = [kneeFlexion]

/** Sitting loads no joint, but bends them: what is kept are the ranges. */
export const SEATED_LEG_RULES: readonly LegRule[] = [kneeFlexion, hipFlexion, hipAdduction, hipRotationOrder]
