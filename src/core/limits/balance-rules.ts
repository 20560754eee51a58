import { findCauses } from '../balance/balance'
import type { EdgeCause } from '../balance/cause'
import { INPUT_SD } from '../balance/uncertainty'
import type { Side } from '../conventions'
import { type Footing, shareOf } from '../stance/footing'
import { calcTrack } from '../stance/layout'
import type { SupportKind } from '../stance/stance'
import type { StanceRule } from './rule'
import { isHeldEnough } from './supports'
import { centimetres, percent } from './words'

const outside: StanceRule = {
  id: 'balance.outside',
  code: 'balance.outside',
  looksAt: 'whether the centre of mass falls within the usable base',
  source: 'the balance model: outside it nothing can be held still, or an order is broken',
  heading: (_, cause) => (cause?.kind === 'order' ? 'Past the ordered weight' : 'The centre is past the edge'),
  advice: 'Move the weight toward the middle, widen or shorten the stance, or take a hand on a support.',
  find: ({ footing, balance }) => {
    const { nearest } = balance
    if (!(nearest < 0)) return null
    const cause = findCauses(footing, balance).nearest
    const text =
      cause.kind === 'order'
        ? `${sayOrder(footing, cause.side)}: the weight must go to the other leg first.`
        : `The centre is ${centimetres(-nearest)} outside the part of the base that can be used.`
    return { severity: 'hard', where: 'balance', value: nearest, limit: 0, unit: 'm', cause, text }
  },
}

const reserveRule: StanceRule = {
  id: 'balance.reserve',
  code: 'balance.reserve',
  looksAt: 'what is sure of the margin, against the reserve for normal sway',
  house: ['swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor'],
  source: 'quiet-standing sway of older adults; the person’s own reserve where a test gives one',
  heading: (_, cause) => (cause?.kind === 'order' ? 'Too near the ordered weight' : 'Too little in reserve'),
  advice: 'Take the nearest safer variant, or measure what is only estimated.',
  find: ({ footing, balance }) => {
    const { nearest, reserve } = balance
    const { margin } = balance.assured
    if (!(margin < reserve)) return null
    const severity = margin < 0 ? 'hard' : 'caution'
    const cause = findCauses(footing, balance).assured
    const text =
      cause.kind === 'order' ? sayNearOrder(footing, cause.side) : sayReserve(nearest, margin, reserve, cause.kind)
    return { severity, where: 'balance', value: margin, limit: reserve, unit: 'm', cause, text }
  },
}

function sayReserve(nearest: number, assured: number, reserve: number, cause: EdgeCause['kind']): string {
  const edge = cause === 'hand' ? 'what the hand may take' : 'the edge'
  if (nearest < 0) return `With its uncertainty ${edge} is passed by up to ${centimetres(-assured)}.`
  if (assured < 0)
    return `The uncertainty is larger than the margin: ${edge} may be passed by ${centimetres(-assured)}.`
  return `${centimetres(assured)} are sure; the reserve for normal sway is ${centimetres(reserve)}.`
}

/** The ordered share beside the one that is carried. */
const sayOrder = ({ body, stance }: Footing, side: Side): string =>
  `The ${side} leg may carry ${percent(body.loadMax[side])}, and ${percent(shareOf(stance, side))} is on it`

function sayNearOrder(footing: Footing, side: Side): string {
  const { loadMeasured } = footing.stance
  const points = Math.round((loadMeasured ? INPUT_SD.shareWeighed : INPUT_SD.shareFelt) * 100)
  const how = loadMeasured ? 'weighed' : 'felt'
  return `${sayOrder(footing, side)}. A ${how} share is ± ${points} ${points === 1 ? 'point' : 'points'}: too near the order to be sure.`
}

/** Under this age a stand on one leg need not have been timed. */
const UNPROVEN_FROM_AGE = 60
const PROVEN_S = 10

const oneLeg: StanceRule = {
  id: 'balance.one-leg',
  code: 'balance.one-leg',
  looksAt: 'a foot in the air with no hand on a support, by somebody not seen to stand so for 10 s',
  source: 'timed stands on one leg go with the risk of an injurious fall (Vellas et al. 1997)',
  heading: () => 'One leg is not proven',
  advice: 'Keep the toes down or a hand on a support; time a stand on one leg beside a chair first.',
  find: ({ footing: { stance, body, feet } }) => {
    const standing = feet.left.part === null ? 'right' : feet.right.part === null ? 'left' : null
    const { age = UNPROVEN_FROM_AGE, oneLegStand } = body.person
    if (standing === null || stance.seat || stance.supports.length > 0 || age < UNPROVEN_FROM_AGE) return null
    const held = oneLegStand?.[standing]
    if (held !== undefined && held >= PROVEN_S) return null
    const text =
      held === undefined
        ? `A stand on the ${standing} leg was never timed; ${PROVEN_S} s show that it can be held.`
        : `On the ${standing} leg ${Math.floor(held * 10) / 10} s were held; ${PROVEN_S} s show that it can be held.`
    return { severity: 'caution', where: 'balance', value: held ?? 0, limit: PROVEN_S, unit: 's', text }
  },
}

const eyes: StanceRule = {
  id: 'eyes.closed',
  code: 'eyes.closed',
  looksAt: 'closed eyes',
  house: ['eyesClosedReserveFactor'],
  limits: ['eyesOpen'],
  source: 'older adults sway about half as much again without sight',
  heading: () => 'Eyes closed',
  advice: 'Keep the eyes open, on a far point.',
  find: ({ footing: { stance, body }, balance: { reserve } }) => {
    if (stance.eyes !== 'closed') return null
    const ordered = body.person.limits?.eyesOpen === true
    const text = ordered
      ? 'Eyes stay open for this person.'
      : `With closed eyes the reserve is ${centimetres(reserve)}: people sway more without sight.`
    return { severity: ordered ? 'hard' : 'note', where: 'balance', value: reserve, limit: reserve, unit: 'm', text }
  },
}

const SUPPORT_NAMES: Record<SupportKind, string> = {
  touch: 'a light touch',
  'chair-back': 'a chair back',
  walker: 'a walker',
  bar: 'a bar',
  wall: 'the wall',
  pole: 'a pole',
  helper: 'a helper',
}

const support: StanceRule = {
  id: 'support.needed',
  code: 'support.needed',
  looksAt: 'whether the hand is on the support that the person needs',
  limits: ['support'],
  source: 'the person’s own limit',
  heading: () => 'Needs a hand on a support',
  advice: 'Put a chair back, bar or wall within reach of one hand.',
  find: ({ footing: { stance, body } }) => {
    const needed = body.person.limits?.support
    if (!needed || stance.seat || isHeldEnough(needed, stance.supports)) return null
    const text = `Standing asks for a hand on ${SUPPORT_NAMES[needed]} here, and there is none.`
    return { severity: 'hard', where: 'balance', value: 0, limit: 1, unit: 'share', text }
  },
}

const seated: StanceRule = {
  id: 'support.needed/seat',
  code: 'support.needed',
  looksAt: 'whether somebody who sits is standing',
  limits: ['seatedOnly'],
  source: 'the person’s own limit, or the day’s',
  heading: () => 'Standing, not seated',
  advice: 'Teach the seated form.',
  find: ({ footing: { stance, body } }) => {
    if (!body.person.limits?.seatedOnly || stance.seat) return null
    const text = 'This person sits; the stance is a standing one.'
    return { severity: 'hard', where: 'balance', value: 0, limit: 1, unit: 'share', text }
  },
}

const rise: StanceRule = {
  id: 'rise.limit',
  code: 'rise.limit',
  looksAt: 'whether the stance is lower than the person was seen to rise from',
  limits: ['riseFrom'],
  source: 'the lowest seat that the person rises from without hands',
  heading: () => 'Lower than they were seen to rise from',
  advice: 'Stand higher: never go lower than one can rise from.',
  find: ({ footing: { stance, body }, legs }) => {
    const from = body.person.limits?.riseFrom
    if (from === undefined || stance.seat) return null
    const value = Math.min(legs.left.hipHeight, legs.right.hipHeight)
    const limit = from + SEAT_TO_HIP * body.stature
    if (!(value < limit - 1e-9)) return null
    const text = `The hips are at ${centimetres(value)}; from a seat of ${centimetres(from)} they begin at ${centimetres(limit)}.`
    return { severity: 'caution', where: 'balance', value, limit, unit: 'm', text }
  },
}

/** The hips are this much above a seat, as a fraction of stature. */
const SEAT_TO_HIP = 0.05

const narrow: StanceRule = {
  id: 'foot.narrow',
  code: 'foot.narrow',
  looksAt: 'how far the heels are apart sideways',
  source: 'half the distance between the hips',
  heading: () => 'The feet are nearly on one line',
  advice: 'Step out as well as forward: a shoulder apart, or a little more.',
  find: ({ footing: { stance, body, feet, loadLeft } }) => {
    const bothLoaded = feet.left.part && feet.right.part && loadLeft > 0 && loadLeft < 1
    const width = calcTrack(stance)
    const limit = body.hipSeparation / 2
    if (!bothLoaded || stance.seat || !(width < limit)) return null
    const text =
      width < 0
        ? `The feet cross by ${centimetres(-width)}.`
        : `The heels are ${centimetres(width)} apart, nearly on one line.`
    return { severity: 'note', where: 'feet', value: width, limit, unit: 'm', text }
  },
}

export const BALANCE_RULES: readonly StanceRule[] = [outside, reserveRule, oneLeg]
export const AROUND_RULES: readonly StanceRule[] = [eyes, seated, support, rise, narrow]
