import { type Balance, readBalance } from '../balance/balance'
import { type LegReading, readLegs } from '../balance/legs'
import { listBodyErrors } from '../balance/uncertainty'
import type { Body } from '../body/body'
import type { BySide, Vec2, Vec3 } from '../conventions'
import { InputError } from '../errors'
import type { Finding, Verdict } from '../limits/finding'
import { judge } from '../limits/judge'
import { assemble, type Reached, type Settled, settle } from '../pose/pose'
import { checkFooting } from '../stance/check'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { type Held, type Moment, stanceOf } from './moment'

/**
 * A moment that was stood: the stance that says it, at the height that it has, and what was found. Without edges, feet
 * and limbs: a path holds thousands of instants (`settleAgain` has them).
 */
export type Stood = {
  moment: Moment
  stance: Stance
  /** In the stance's own frame, as the pelvis. */
  centre: Vec2
  pelvis: Vec3
  balance: Pick<Balance, 'nearest' | 'assured' | 'reserve'>
  legs: BySide<LegReading>
  findings: Finding[]
  verdict: Verdict
  reached: Reached | null
}

/**
 * Stands a moment: its hips where it wants them, or as much lower as a leg's reach needs, also that of a foot in the
 * air; higher only where a standing ankle cannot follow.
 * @throws InputError as an analysis of the stance does
 */
export function stand(body: Body, wanted: Moment, held: Held, neighbour: Reached | null = null): Stood {
  const stance = stanceOf(body, wanted, held)
  const set = setFooting(body, stance)
  checkFooting(set)
  const settled = settle(set, { reached: neighbour }, true)
  const [, , height] = settled.pelvis
  stance.height = { pelvisDrop: body.standingHipHeight - height }
  const seated = stance.seat ? assemble(settled) : null
  const footing = seated ?? set
  const read = readBalance(footing, seated && listBodyErrors(seated))
  const { nearest, assured, reserve } = read
  const legs = readLegs(footing, settled.legs)
  const { findings, verdict } = judge(footing, legs, read)
  const balance = { nearest, assured, reserve }
  return {
    moment: { ...wanted, height },
    stance,
    centre: footing.centre,
    pelvis: settled.pelvis,
    balance,
    legs,
    findings,
    verdict,
    reached: settled.reached,
  }
}

/** The same, or null where it cannot be stood. */
export function tryStand(body: Body, wanted: Moment, held: Held, neighbour: Reached | null = null): Stood | null {
  try {
    return stand(body, wanted, held, neighbour)
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/** Feet, legs and trunk of an instant that was stood. */
export const settleAgain = (body: Body, { stance, reached }: Stood): Settled =>
  settle(setFooting(body, stance), { reached }, true)
