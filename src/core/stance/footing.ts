import type { Body } from '../body/body'
import { type BySide, bySide, otherSide, type Side, type Vec2 } from '../conventions'
import { wrapAngle } from '../geometry/vector'
import { type PlacedFoot, placeFoot } from './foot'
import { calcLead } from './layout'
import type { FootSetting, Stance } from './stance'

/**
 * The feet as they are set and where the centre of mass falls between them. Standing, the split and the pressure
 * points alone say where that is; so bases, margins and their uncertainty need no pose, and a search can leave out
 * the pose of what would not hold anyway.
 */
export type Footing = {
  body: Body
  stance: Stance
  feet: BySide<PlacedFoot>
  /** Share of the feet's load on the left foot. */
  loadLeft: number
  /** The centre of mass projected onto the floor, down the slope where there is one. */
  centre: Vec2
}

/**
 * Sets the feet of a standing stance. The centre is w·P_L + (1 - w)·P_R. A foot that is as before is that one.
 * @example setFooting(ana, parallel).centre // => [0, 0.1129]
 */
export function setFooting(body: Body, stance: Stance, before: Footing | null = null): Footing {
  const known = before?.body === body ? before : null
  const feet = bySide((side) => {
    const set = stance.feet[side]
    return known && isSetAlike(known.stance.feet[side], set) ? known.feet[side] : placeFoot(body, side, set)
  })
  const w = stance.loadLeft
  const x = w * feet.left.px + (1 - w) * feet.right.px
  const y = w * feet.left.py + (1 - w) * feet.right.py
  return { body, stance, feet, loadLeft: w, centre: [x, y] }
}

const isSetAlike = (a: FootSetting, b: FootSetting): boolean =>
  a === b ||
  (a.heel[0] === b.heel[0] &&
    a.heel[1] === b.heel[1] &&
    a.toeOut === b.toeOut &&
    a.contact === b.contact &&
    a.lift === b.lift &&
    a.pressureAt === b.pressureAt &&
    a.clearance === b.clearance)

/**
 * A leg's share of the feet's load.
 * @returns a share of the body's weight, 0 to 1
 * @example shareOf(bow, 'right') // => 0.4
 */
export const shareOf = (stance: Stance, side: Side): number => (side === 'left' ? stance.loadLeft : 1 - stance.loadLeft)

/** A foot that carries less than this is as good as lifted. */
const AS_GOOD_AS_LIFTED = 0.05

/** Whether a foot bears next to nothing: in the air, or under 5 %. */
export const isLight = ({ feet, stance }: Footing, side: Side): boolean =>
  feet[side].part === null || shareOf(stance, side) < AS_GOOD_AS_LIFTED

/** How far the left heel is ahead; next to nothing is a tie. */
const leadOrTie = (stance: Stance): number => {
  const ahead = calcLead(stance)
  return Math.abs(ahead) > 1e-9 ? ahead : 0
}

/**
 * The fuller leg; a tie: the one whose heel is further forward, then the left.
 * @example findFullerSide(bow) // => 'left'
 */
export function findFullerSide(stance: Stance): Side {
  const more = stance.loadLeft - 0.5
  return (Math.abs(more) > 1e-9 ? more : leadOrTie(stance)) >= 0 ? 'left' : 'right'
}

/**
 * @example findLightSide(bow) // => 'right'
 */
export const findLightSide = (stance: Stance): Side => otherSide(findFullerSide(stance))

/**
 * The side whose heel is further forward; a tie: the fuller leg, then the left.
 * @example findFrontSide(bow) // => 'left'
 */
export function findFrontSide(stance: Stance): Side {
  const lead = leadOrTie(stance)
  if (lead === 0) return findFullerSide(stance)
  return lead > 0 ? 'left' : 'right'
}

/**
 * Direction of the foot whose heel is further forward less that of the pelvis.
 * @returns radians, counter-clockwise positive, at most half a turn either way
 */
export function calcPelvisToFrontFoot(stance: Stance): number {
  const front = findFrontSide(stance)
  const { toeOut } = stance.feet[front]
  return wrapAngle((front === 'left' ? toeOut : -toeOut) - stance.pelvisYaw)
}
