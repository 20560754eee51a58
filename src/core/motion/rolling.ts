import type { Body } from '../body/body'
import { type BySide, bySide, DEG, type Side } from '../conventions'
import { mix } from '../geometry/vector'
import { bisect } from '../numeric/bisect'
import { findRoot } from '../numeric/root'
import type { Choices } from '../postures/choices'
import { placeFoot } from '../stance/foot'
import { USUAL_LIFT } from '../stance/stance'
import { ease, easeOf } from './ease'
import { changeFoot, changeInstant, type FootInstant, type Instant } from './instant'
import { pressureWithin } from './pressure'

/** A foot that carries no more than this may roll: its heel comes up behind what leaves, or down under what arrives. */
export const ROLLING_SHARE = 0.3
/** House defaults: how far a heel comes up, and how far toes do. */
const HEEL_MOST = 45 * DEG
const TOES_MOST = USUAL_LIFT.heel
/** The pressure has gone to the part that is left by then, and a lift that is needed at once grows over so much. */
const PRESSED_BY = 1 / 3
const GROWS_OVER = 0.5
const EASED = 0.92

/** Which part of a foot comes up. */
export type Rolled = 'heel' | 'toes'

/** From 0 to 1 with less haste in the middle than minimum jerk: a foot that has little time for it would jump. */
const smoothly = (part: number) => part * part * (3 - 2 * part)

/** A whole foot that may roll, pressed where the part that is left takes it. */
export function letRoll(body: Body, side: Side, foot: FootInstant, what: Rolled): FootInstant {
  if (foot.contact !== 'whole') return foot
  const flat = { heel: foot.heel, toeOut: 0, clearance: foot.clearance, lift: 0 }
  const { contact, pressureAt, most } = ROLLS[what]
  const { pressureU } = placeFoot(body, side, { ...flat, contact, pressureAt })
  const pressed = pressureWithin(body, side, { ...flat, contact: 'whole', pressureAt: pressureU })
  return changeFoot(foot, { rolls: most, pressureAt: pressed })
}

/** What is left on the floor, and where that is pressed: as near to the middle of the foot as it goes. */
const ROLLS = {
  heel: { contact: 'ball', pressureAt: 0, most: HEEL_MOST },
  toes: { contact: 'heel', pressureAt: 1, most: TOES_MOST },
} as const

/** A foot as it is with so much of its heel or its toes up; flat at 0. */
export function roll(foot: FootInstant, lift: number): FootInstant {
  if (lift === 0) return changeFoot(foot, { rolls: 0 })
  const { contact, pressureAt } = ROLLS[lift > 0 ? 'heel' : 'toes']
  return changeFoot(foot, { contact, lift, pressureAt, rolls: 0 })
}

/** An instant whose feet do not roll. */
export const stayFlat = (instant: Instant): Instant =>
  changeInstant(instant, { feet: bySide((side) => changeFoot(instant.feet[side], { rolls: 0 })) })

/**
 * The lift that a foot comes to: the least with which its leg reaches, of what it may. Where even the most does not do,
 * that, if it helps at all.
 * @param spareOf how many metres its leg reaches further than it has to with so much up; negative where it does not
 */
export function findLift({ rolls, lift }: FootInstant, spareOf: (lift: number) => number): number {
  const flat = spareOf(lift)
  if (flat >= -LEVEL || Math.abs(rolls) <= Math.abs(lift)) return lift
  const most = spareOf(rolls)
  if (most <= LEVEL) return most > flat ? rolls : lift
  return findRoot(lift, flat, rolls, most, spareOf, LEVEL)
}
/** Nobody sees a tenth of a millimetre. */
const LEVEL = 1e-4

/** What moves weight: from where to where, in which order, and how far each foot that rolls comes. */
type Shift = { from: Instant; to: Instant; order: Choices['order']; rolled: BySide<number | undefined> }

/**
 * How a foot that empties or fills rolls at an instant of a phase: how far it may and does at least, and how far its
 * pressure has come.
 * Null where it does not roll in this phase.
 */
export function rollingAt(
  shift: Shift,
  side: Side,
  t: number,
): { rolls: number; lift: number; pressed: number } | null {
  const { from, to, order } = shift
  const rolled = shift.rolled[side]
  const [a, b] = [from.feet[side], to.feet[side]]
  if ((a.rolls === 0) === (b.rolls === 0)) return null
  const shareAt = (at: number) => {
    const left = mix(from.loadLeft, to.loadLeft, easeOf('foot', order, at))
    return side === 'left' ? left : 1 - left
  }
  const empties = b.rolls !== 0
  // Counted from the end at which it carries: filling is emptying backwards.
  const time = empties ? t : 1 - t
  const light = (at: number) => shareAt(empties ? at : 1 - at) <= ROLLING_SHARE
  const begins = Math.max(light(0) ? 0 : bisect(light, 1, 0, 1e-6), PRESSED_BY)
  if (time < begins) return { rolls: 0, lift: 0, pressed: empties ? ease(time / begins) : ease(1 - time / begins) }
  const grown = smoothly(Math.min(1, (time - begins) / Math.min(GROWS_OVER, 1 - begins)))
  const most = grown * (rolled ?? (empties ? b.rolls : a.rolls))
  // A heel that came down as fast as its leg comes to reach would drop.
  const lift = rolled === undefined ? 0 : EASED * most
  return { rolls: most, lift, pressed: empties ? 1 : 0 }
}
