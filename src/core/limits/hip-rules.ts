import type { Limits } from '../body/person'
import { AT_LIMIT } from './knee-rules'
import type { LegFacts, LegRule } from './rule'
import { centimetres, degrees, percent } from './words'

/** A thigh turned out by more than this while it goes back is the position that is meant. */
const OUTWARD = 5 * (Math.PI / 180)

const load: LegRule = {
  id: 'load.limit',
  code: 'load.limit',
  when: ['standing'],
  looksAt: 'the share of body weight on a leg',
  limits: ['loadMax'],
  source: 'the person’s own limit',
  heading: (where) => `Too much on the ${where}`,
  advice: 'Shift weight to the other leg, take a hand on a support, or sit.',
  find: ({ side, leg, body }) => {
    const limit = body.loadMax[side]
    if (!(leg.share > limit + 1e-9)) return null
    const text = `The ${side} leg carries ${percent(leg.share)}; its limit is ${percent(limit)}.`
    return { severity: 'hard', where: `${side} leg`, value: leg.share, limit, unit: 'share', text }
  },
}

const range: LegRule = {
  id: 'hip.range',
  code: 'hip.range',
  when: ['standing'],
  looksAt: 'whether the hip’s range stops the knee from staying over its foot',
  house: ['hipOutwardMax', 'hipInwardMax', 'hipAbductionMax'],
  limits: ['hipOutwardMax', 'hipInwardMax', 'hipAbductionMax'],
  source: 'hip ranges after Norkin & White, measured from pelvis to knee',
  heading: (where) => `The ${where} is at the end of its range`,
  advice: 'Turn the foot in a little, narrow the stance, or turn the pelvis less.',
  find: ({ side, leg, body }) => {
    if (!leg.rangeUsed) return null
    const { rotation } = leg.hip
    const by = rotation < 0 ? 'hipInwardMax' : 'hipOutwardMax'
    const limit = rotation < 0 ? -body.sides[side].hipInwardMax : body.sides[side].hipOutwardMax
    const text = leg.rangeExceeded
      ? `The ${side} hip has no place for the knee within its range.`
      : `The ${side} hip's range is used up: it is turned ${degrees(Math.abs(rotation))} ${rotation < 0 ? 'inward' : 'outward'}.`
    const severity = leg.rangeExceeded ? 'caution' : 'note'
    return { severity, where: `${side} hip`, value: rotation, limit, unit: 'rad', by, text }
  },
}

type HipLimit = {
  aspect: string
  looksAt: string
  limits: LegRule['limits']
  advice: string
  read: (facts: LegFacts) => {
    value: number
    limit: number
    by?: keyof Limits
    text: (value: string, limit: string) => string
  }
}

/** An order about a hip: a stance past it breaks it, standing or seated. */
const hipLimit = ({ aspect, looksAt, limits, advice, read }: HipLimit): LegRule => ({
  id: `hip.limit/${aspect}`,
  code: 'hip.limit',
  when: ['standing', 'seated'],
  looksAt,
  ...(limits && { limits }),
  source: 'the person’s own limit or order',
  heading: (where) => `The ${where} passes its limit`,
  advice,
  find: (facts) => {
    const { value, limit, by, text } = read(facts)
    if (!(value > limit + AT_LIMIT)) return null
    const where = `${facts.side} hip`
    const said = text(degrees(value), degrees(limit))
    return { severity: 'hard', where, value, limit, unit: 'rad', ...(by && { by }), text: said }
  },
})

const HIP_LIMITS: readonly LegRule[] = [
  hipLimit({
    aspect: 'flexion',
    looksAt: 'how far the hip bends',
    limits: ['hipFlexionMax'],
    advice: 'Stand higher and more upright; seated, take a higher chair.',
    read: ({ side, leg, body }) => ({
      value: leg.hip.flexion,
      limit: body.sides[side].hipFlexionMax,
      text: (value, limit) => `The ${side} hip bends ${value}; its limit is ${limit}.`,
    }),
  }),
  hipLimit({
    aspect: 'adduction',
    looksAt: 'whether the thigh crosses the midline',
    limits: ['hipAdductionMax'],
    advice: 'Widen the track; do not let this leg cross inward.',
    read: ({ side, leg, body }) => ({
      value: -leg.hip.abduction,
      limit: body.sides[side].hipAdductionMax,
      text: (value, limit) => `The ${side} thigh crosses inward by ${value}; its limit is ${limit}.`,
    }),
  }),
  hipLimit({
    aspect: 'rotation',
    looksAt: 'an ordered limit on turning the hip inward or outward',
    limits: ['hipInwardMax', 'hipOutwardMax', 'hipOrdered'],
    advice: 'Turn the toes the other way, or turn the pelvis less.',
    read: ({ side, leg, body }) => {
      const { hipOrdered, hipInwardMax, hipOutwardMax } = body.sides[side]
      const inward = leg.hip.rotation < 0
      const way = inward ? 'inward' : 'outward'
      return {
        value: Math.abs(leg.hip.rotation),
        limit: !hipOrdered ? Number.POSITIVE_INFINITY : inward ? hipInwardMax : hipOutwardMax,
        by: inward ? 'hipInwardMax' : 'hipOutwardMax',
        text: (value, limit) => `The ${side} hip turns ${value} ${way}; the order allows ${limit}.`,
      }
    },
  }),
  hipLimit({
    aspect: 'extension-outward',
    looksAt: 'the thigh going back while it is turned outward',
    limits: ['hipExtensionOutwardMax'],
    advice: 'Shorten the step behind, or turn the rear foot straighter.',
    read: ({ side, leg, body }) => ({
      value: leg.hip.rotation > OUTWARD ? -leg.hip.flexion : Number.NEGATIVE_INFINITY,
      limit: body.sides[side].hipExtensionOutwardMax,
      text: (value, limit) => `The ${side} thigh goes back ${value} while it is turned outward; its limit is ${limit}.`,
    }),
  }),
]

const low: LegRule = {
  id: 'hip.low',
  code: 'hip.low',
  when: ['standing'],
  looksAt: 'whether the hips are below the knees',
  source: 'the usual rule: the hips never go below the knees',
  heading: (where) => `The ${where} is below its knee`,
  advice: 'Stand higher.',
  find: ({ side, leg }) => {
    if (!(leg.hipOverKnee < 0)) return null
    const text = `The ${side} hip is ${centimetres(-leg.hipOverKnee)} below its knee.`
    return { severity: 'caution', where: `${side} hip`, value: leg.hipOverKnee, limit: 0, unit: 'm', text }
  },
}

const ankle: LegRule = {
  id: 'ankle.limit',
  code: 'ankle.limit',
  when: ['standing'],
  looksAt: 'how far the shin leans forward over a flat foot',
  house: ['dorsiflexionMax'],
  limits: ['dorsiflexionMax'],
  source: 'the usual weight-bearing range',
  heading: (where) => `The ${where} is at its limit`,
  advice: 'Stand higher, or shorten the step; a heel lifted on purpose frees the ankle.',
  find: ({ side, leg, body, contact }) => {
    const limit = body.sides[side].dorsiflexionMax
    const over = leg.dorsiflexion - limit
    // A flat foot's knee is stopped at the limit; a lifted heel isn't, and is only reported past it.
    if (!(over > (contact === 'whole' ? -AT_LIMIT : AT_LIMIT))) return null
    const text =
      over > AT_LIMIT
        ? `The ${side} ankle bends ${degrees(leg.dorsiflexion)}; its limit is ${degrees(limit)}.`
        : `The ${side} ankle is at its limit of ${degrees(limit)}: the stance goes no lower with the heel down.`
    const severity = contact === 'whole' && over > AT_LIMIT ? 'hard' : 'caution'
    return { severity, where: `${side} ankle`, value: leg.dorsiflexion, limit, unit: 'rad', text }
  },
}

const turnedOut: LegRule = {
  id: 'foot.turned-out',
  code: 'foot.turned-out',
  when: ['standing'],
  looksAt: 'how far a foot on the floor turns out',
  house: ['toeOutMost'],
  source: 'house threshold; schools teach 0 to 60°',
  heading: (where) => `The ${where} is turned out far`,
  advice: 'Turn the toes in, or adjust the foot while it is light.',
  find: ({ side, body, footing }) => {
    const { toeOut } = footing.stance.feet[side]
    const limit = body.house.toeOutMost
    if (!(toeOut > limit + AT_LIMIT)) return null
    const text = `The ${side} foot is turned out ${degrees(toeOut)}; usual is at most ${degrees(limit)}.`
    return { severity: 'note', where: `${side} foot`, value: toeOut, limit, unit: 'rad', text }
  },
}

const notEmpty: LegRule = {
  id: 'foot.not-empty',
  code: 'foot.not-empty',
  when: ['standing'],
  looksAt: 'what the light foot of an empty stance carries',
  house: ['emptyMost'],
  source: 'house threshold: an empty foot comes up with little further shift',
  heading: (where) => `The ${where} is not empty`,
  advice: 'Shift further onto the other leg before this foot is asked to move.',
  find: ({ side, leg, body, contact, footing }) => {
    const limit = body.house.emptyMost
    const { keeps } = footing.stance
    if (contact === 'whole' || !keeps?.includes('contact') || !(leg.share > limit + 1e-9)) return null
    const text = `The ${side} foot still carries ${percent(leg.share)}; an empty foot carries ${percent(limit)} at most.`
    return { severity: 'note', where: `${side} foot`, value: leg.share, limit, unit: 'share', text }
  },
}

export const LOAD_RULES: readonly LegRule[] = [load]
export const HIP_RULES: readonly LegRule[] = [range, ...HIP_LIMITS, low]
export const FOOT_RULES: readonly LegRule[] = [ankle, turnedOut, notEmpty]
