import { type BySide, bySide, otherSide } from '../conventions'
import type { Stance, Support } from './stance'

const swap = <T>(of: BySide<T>): BySide<T> => bySide((side) => of[otherSide(side)])

const mirrorSupport = ({ toward, ...support }: Support): Support => {
  const [x, y, z] = support.at
  return { ...support, hand: otherSide(support.hand), at: [-x, y, z], ...(toward !== undefined && { toward: -toward }) }
}

/**
 * A stance done on the other side: what the left did, the right does. A slope stays as it lies.
 * @returns the stance in the floor frame, x and every turn with the other sign
 * @example mirrorStance(bow).loadLeft === 1 - bow.loadLeft // => true
 */
export function mirrorStance(stance: Stance): Stance {
  const { feet, height, trunk, seat, side } = stance
  const foot = (of: Stance['feet']['left']) => ({ ...of, heel: [-of.heel[0], of.heel[1]] as const })
  return {
    ...stance,
    side: side && otherSide(side),
    feet: { left: foot(feet.right), right: foot(feet.left) },
    loadLeft: 1 - stance.loadLeft,
    height: 'leg' in height && height.leg ? { ...height, leg: otherSide(height.leg) } : height,
    pelvisYaw: -stance.pelvisYaw,
    trunk: { pitch: trunk.pitch, roll: -trunk.roll, yaw: -trunk.yaw },
    arms: swap(stance.arms),
    supports: stance.supports.map(mirrorSupport),
    ...(seat && { seat: { ...seat, at: [-seat.at[0], seat.at[1]] as const } }),
  }
}
