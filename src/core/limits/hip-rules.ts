import type { Limits } from '../body/person'
import { AT_LIMIT } from './knee-rules'
import type { LegFacts, LegRule, Says } from './rule'

/** A thigh turned out by more than this while it goes back is the position that is meant. */
const OUTWARD = 5 * (Math.PI / 180)

const load: LegRule = {
  id: 'load.limit',
  code: 'load.limit',
  when: ['standing'],
  limits: ['loadMax'],
  find: ({ side, leg, body }) => {
    const limit = body.loadMax[side]
    if (!(leg.share > limit + 1e-9)) return null
    return { severity: 'hard', side, part: 'leg', value: leg.share, limit, unit: 'share' }
  },
}

const range: LegRule = {
  id: 'hip.range',
  code: 'hip.range',
  when: ['standing'],
  house: ['hipOutwardMax', 'hipInwardMax', 'hipAbductionMax'],
  limits: ['hipOutwardMax', 'hipInwardMax', 'hipAbductionMax'],
  find: ({ side, leg, body }) => {
    if (!leg.rangeUsed) return null
    const { rotation } = leg.hip
    const by = rotation < 0 ? 'hipInwardMax' : 'hipOutwardMax'
    const limit = rotation < 0 ? -body.sides[side].hipInwardMax : body.sides[side].hipOutwardMax
    const aspect = leg.rangeExceeded ? 'exceeded' : rotation < 0 ? 'inward' : 'outward'
    const severity = leg.rangeExceeded ? 'caution' : 'note'
    return { severity, side, part: 'hip', value: rotation, limit, unit: 'rad', by, says: { aspect } }
  },
}

type HipLimit = {
  aspect: string
  limits: LegRule['limits']
  read: (facts: LegFacts) => {
    value: number
    limit: number
    by?: keyof Limits
    says?: Says
  }
}

/** An order about a hip: a stance past it breaks it, standing or seated. */
const hipLimit = ({ aspect, limits, read }: HipLimit): LegRule => ({
  id: `hip.limit/${aspect}`,
  code: 'hip.limit',
  when: ['standing', 'seated'],
  ...(limits && { limits }),
  find: (facts) => {
    const { value, limit, by, says } = read(facts)
    if (!(value > limit + AT_LIMIT)) return null
    return {
      severity: 'hard',
      side: facts.side,
      part: 'hip',
      value,
      limit,
      unit: 'rad',
      ...(by && { by }),
      ...(says && { says }),
    }
  },
})

const HIP_LIMITS: readonly LegRule[] = [
  hipLimit({
    aspect: 'flexion',
    limits: ['hipFlexionMax'],
    read: ({ side, leg, body }) => ({
      value: leg.hip.flexion,
      limit: body.sides[side].hipFlexionMax,
    }),
  }),
  hipLimit({
    aspect: 'adduction',
    limits: ['hipAdductionMax'],
    read: ({ side, leg, body }) => ({
      value: -leg.hip.abduction,
      limit: body.sides[side].hipAdductionMax,
    }),
  }),
  hipLimit({
    aspect: 'rotation',
    limits: ['hipInwardMax', 'hipOutwardMax', 'hipInwardOrdered', 'hipOutwardOrdered'],
    read: ({ side, leg, body }) => {
      const { hipInwardOrdered, hipOutwardOrdered, hipInwardMax, hipOutwardMax } = body.sides[side]
      const inward = leg.hip.rotation < 0
      const isOrdered = inward ? hipInwardOrdered : hipOutwardOrdered
      return {
        value: Math.abs(leg.hip.rotation),
        limit: !isOrdered ? Number.POSITIVE_INFINITY : inward ? hipInwardMax : hipOutwardMax,
        by: inward ? 'hipInwardMax' : 'hipOutwardMax',
        says: { aspect: inward ? 'inward' : 'outward' },
      }
    },
  }),
  hipLimit({
    aspect: 'extension-outward',
    limits: ['hipExtensionOutwardMax'],
    read: ({ side, leg, body }) => ({
      value: leg.hip.rotation > OUTWARD ? -leg.hip.flexion : Number.NEGATIVE_INFINITY,
      limit: body.sides[side].hipExtensionOutwardMax,
    }),
  }),
]

const low: LegRule = {
  id: 'hip.low',
  code: 'hip.low',
  when: ['standing'],
  find: ({ side, leg }) => {
    if (!(leg.hipOverKnee < 0)) return null
    return { severity: 'caution', side, part: 'hip', value: leg.hipOverKnee, limit: 0, unit: 'm' }
  },
}

const ankle: LegRule = {
  id: 'ankle.limit',
  code: 'ankle.limit',
  when: ['standing'],
  house: ['dorsiflexionMax'],
  limits: ['dorsiflexionMax'],
  find: ({ side, leg, body, contact }) => {
    const limit = body.sides[side].dorsiflexionMax
    const over = leg.dorsiflexion - limit
    // A flat foot's knee is stopped at the limit; a lifted heel isn't, and is only reported past it.
    if (!(over > (contact === 'whole' ? -AT_LIMIT : AT_LIMIT))) return null
    const severity = contact === 'whole' && over > AT_LIMIT ? 'hard' : 'caution'
    return {
      severity,
      side,
      part: 'ankle',
      value: leg.dorsiflexion,
      limit,
      unit: 'rad',
      says: { aspect: over > AT_LIMIT ? 'over' : 'at' },
    }
  },
}

const turnedOut: LegRule = {
  id: 'foot.turned-out',
  code: 'foot.turned-out',
  when: ['standing'],
  house: ['toeOutMost'],
  find: ({ side, body, footing }) => {
    const { toeOut } = footing.stance.feet[side]
    const limit = body.house.toeOutMost
    if (!(toeOut > limit + AT_LIMIT)) return null
    return { severity: 'note', side, part: 'foot', value: toeOut, limit, unit: 'rad' }
  },
}

const notEmpty: LegRule = {
  id: 'foot.not-empty',
  code: 'foot.not-empty',
  when: ['standing'],
  house: ['emptyMost'],
  find: ({ side, leg, body, contact, footing }) => {
    const limit = body.house.emptyMost
    const { keeps } = footing.stance
    if (contact === 'whole' || !keeps?.includes('contact') || !(leg.share > limit + 1e-9)) return null
    return { severity: 'note', side, part: 'foot', value: leg.share, limit, unit: 'share' }
  },
}

export const LOAD_RULES: readonly LegRule[] = [load]
export const HIP_RULES: readonly LegRule[] = [range, ...HIP_LIMITS, low]
export const FOOT_RULES: readonly LegRule[] = [ankle, turnedOut, notEmpty]
