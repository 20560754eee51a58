import type { SupportKind } from '../stance/stance'
import type { StanceRule } from './rule'
import { millimetres } from './words'

const outside: StanceRule = {
  id: 'balance.outside',
  code: 'balance.outside',
  looksAt: 'whether the centre of mass falls within the usable base',
  source: 'the balance model: outside it nothing can be held still',
  heading: () => 'The centre is past the edge',
  advice: 'Move the weight toward the middle, widen or shorten the stance, or take a hand on a support.',
  find: ({ nearest }) => {
    if (!(nearest < 0)) return null
    const text = `The centre is ${millimetres(-nearest)} outside the part of the base that can be used.`
    return { severity: 'hard', where: 'balance', value: nearest, limit: 0, unit: 'm', text }
  },
}

const reserveRule: StanceRule = {
  id: 'balance.reserve',
  code: 'balance.reserve',
  looksAt: 'what is sure of the margin, against the reserve for normal sway',
  house: ['swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor'],
  source: 'quiet-standing sway of older adults; the person’s own reserve where a test gives one',
  heading: () => 'Too little in reserve',
  advice: 'Take the nearest safer variant, or measure what is only estimated.',
  find: ({ nearest, assured, reserve }) => {
    if (!(assured < reserve)) return null
    const severity = assured < 0 ? 'hard' : 'caution'
    const text = sayReserve(nearest, assured, reserve)
    return { severity, where: 'balance', value: assured, limit: reserve, unit: 'm', text }
  },
}

function sayReserve(nearest: number, assured: number, reserve: number): string {
  if (nearest < 0) return `With its uncertainty the edge is passed by up to ${millimetres(-assured)}.`
  if (assured < 0)
    return `The uncertainty is larger than the margin: the edge may be passed by ${millimetres(-assured)}.`
  return `${millimetres(assured)} are sure; the reserve for normal sway is ${millimetres(reserve)}.`
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
  find: ({ footing: { stance, body }, reserve }) => {
    if (stance.eyes !== 'closed') return null
    const ordered = body.person.limits?.eyesOpen === true
    const text = ordered
      ? 'Eyes stay open for this person.'
      : `With closed eyes the reserve is ${millimetres(reserve)}: people sway more without sight.`
    return { severity: ordered ? 'hard' : 'note', where: 'balance', value: reserve, limit: reserve, unit: 'm', text }
  },
}

/** What a needed support is called, and the supports that do at least as much. */
const AS_GOOD: Record<SupportKind, { name: string; kinds: readonly SupportKind[] }> = {
  touch: { name: 'a light touch', kinds: ['touch', 'chair-back', 'walker', 'bar', 'wall', 'pole', 'helper'] },
  'chair-back': { name: 'a chair back', kinds: ['chair-back', 'walker', 'bar'] },
  walker: { name: 'a walker', kinds: ['walker', 'bar'] },
  bar: { name: 'a bar', kinds: ['bar', 'walker'] },
  wall: { name: 'the wall', kinds: ['wall', 'chair-back', 'walker', 'bar'] },
  pole: { name: 'a pole', kinds: ['pole', 'wall', 'chair-back', 'walker', 'bar'] },
  helper: { name: 'a helper', kinds: ['helper'] },
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
    if (!needed || stance.seat) return null
    const { name, kinds } = AS_GOOD[needed]
    if (stance.supports.some(({ kind }) => kinds.includes(kind))) return null
    const text = `Standing asks for a hand on ${name} here, and there is none.`
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
    const text = `The hips are at ${millimetres(value)}; from a seat of ${millimetres(from)} they begin at ${millimetres(limit)}.`
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
    const width = stance.feet.right.heel[0] - stance.feet.left.heel[0]
    const limit = body.hipSeparation / 2
    if (!bothLoaded || stance.seat || !(width < limit)) return null
    const text =
      width < 0
        ? `The feet cross by ${millimetres(-width)}.`
        : `The heels are ${millimetres(width)} apart, nearly on one line.`
    return { severity: 'note', where: 'feet', value: width, limit, unit: 'm', text }
  },
}

export const BALANCE_RULES: readonly StanceRule[] = [outside, reserveRule]
export const AROUND_RULES: readonly StanceRule[] = [eyes, seated, support, rise, narrow]
