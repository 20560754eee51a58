import { SIDES } from '../conventions'
import { InputError } from '../errors'
import { calcOverlap } from '../geometry/polygon'
import { lengthOf } from '../geometry/vector'
import { FOOT_OUTLINE, layOnFloor, type PlacedFoot } from './foot'
import type { Footing } from './footing'

const OVERLAP_MOST = 1e-4
const HEELS_MOST = 1.6

/**
 * What the parts of a stance ask of each other.
 * @throws InputError naming the field
 */
export function checkFooting({ stance, feet }: Footing): void {
  const { left, right } = stance.feet
  if (left.contact === 'air' && right.contact === 'air') {
    throw new InputError('stance.feet', { left: 'air', right: 'air' }, { code: 'oneFootDown' })
  }
  for (const side of SIDES) {
    const share = side === 'left' ? stance.loadLeft : 1 - stance.loadLeft
    if (stance.feet[side].contact === 'air' && share > 0) {
      const accepts = { code: 'heldEmpty', share: side === 'left' ? 0 : 100, side }
      throw new InputError('stance.loadLeftPct', stance.loadLeft * 100, accepts)
    }
  }
  const apart = lengthOf(left.heel[0] - right.heel[0], left.heel[1] - right.heel[1])
  if (!(apart <= HEELS_MOST)) {
    throw new InputError('stance.feet', { heelsApartM: apart }, { code: 'heelsApart', most: HEELS_MOST })
  }
  if (left.contact !== 'air' && right.contact !== 'air' && areNear(feet.left, feet.right)) {
    const shared = calcOverlap(layOnFloor(feet.left, FOOT_OUTLINE), layOnFloor(feet.right, FOOT_OUTLINE))
    if (shared > OVERLAP_MOST) {
      throw new InputError('stance.feet', { overlapM2: shared }, { code: 'overlap' })
    }
  }
  if (stance.supports.length < 2) return
  for (const side of SIDES) {
    const held = stance.supports.flatMap((s, i) => (s.hand === side ? [i] : []))
    if (held.length > 1) throw new InputError(`stance.supports.${held[1]}.hand`, side, { code: 'oneSupport' })
  }
}

/** Each outline lies within half a length and half a breadth of its midpoint: farther apart than that they can't meet. */
function areNear(a: PlacedFoot, b: PlacedFoot): boolean {
  const x = a.hx + 0.5 * a.length * a.ux - b.hx - 0.5 * b.length * b.ux
  const y = a.hy + 0.5 * a.length * a.uy - b.hy - 0.5 * b.length * b.uy
  return x * x + y * y < ((a.length + a.breadth + b.length + b.breadth) / 2) ** 2
}
