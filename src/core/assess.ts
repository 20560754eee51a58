import { type Balance, readBalance } from './balance/balance'
import { type LegReading, readLegs } from './balance/legs'
import { listBodyErrors } from './balance/uncertainty'
import type { Body } from './body/body'
import type { BySide } from './conventions'
import type { Finding, Verdict } from './limits/finding'
import { judge } from './limits/judge'
import { assemble, type Neighbour, type Pose, type Settled, settle } from './pose/pose'
import { checkFooting } from './stance/check'
import { type Footing, setFooting } from './stance/footing'
import type { Stance } from './stance/stance'

/** Where a stance's centre is between the edges: all that can be told before the legs are under the pelvis. */
export type Taken = {
  footing: Footing
  balance: Balance
  /** Seated, where the centre follows from the pose. */
  pose: Pose | null
}

/**
 * Takes a stance: the feet set and checked, and the balance of the centre. Standing, the split says where that is;
 * seated, the pose does, and the body's own errors count. What a neighbour has alike is taken from it.
 * @throws InputError naming the field: overlapping feet, weight on a held foot, limits whose shares cannot add up, a
 *   base of no area; seated also what `judgeTaken` throws
 */
export function takeStance(body: Body, stance: Stance, neighbour: Taken | null = null): Taken {
  const footing = setFooting(body, stance, neighbour?.footing)
  checkFooting(footing)
  if (!stance.seat) return { footing, balance: readBalance(footing, null, neighbour), pose: null }
  const pose = assemble(settle(footing))
  return { footing: pose, balance: readBalance(pose, listBodyErrors(pose)), pose }
}

export type Judged = { settled: Settled; legs: BySide<LegReading>; findings: Finding[]; verdict: Verdict }

/**
 * Puts the legs under the pelvis, beginning from a neighbour if given, and judges the whole.
 * @throws InputError a leg or hand out of reach
 */
export function judgeTaken({ footing, balance }: Taken, neighbour: Neighbour | null = null): Judged {
  const settled = settle(footing, neighbour)
  const legs = readLegs(footing, settled.legs)
  return { settled, legs, ...judge(footing, legs, balance) }
}
