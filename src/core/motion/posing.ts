import type { Judged } from '../assess'
import { type Balance, readBalance } from '../balance/balance'
import { readLegs } from '../balance/legs'
import { listBodyErrors } from '../balance/uncertainty'
import type { Body } from '../body/body'
import { InputError } from '../errors'
import { judge } from '../limits/judge'
import { assemble, type Reached, settle } from '../pose/pose'
import { checkFooting } from '../stance/check'
import { type Footing, setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { type Held, type Moment, stanceOf } from './moment'

/** A moment that was stood: the stance that says it, at the height that it has, and all that was found. */
export type Stood = Judged & {
  moment: Moment
  stance: Stance
  footing: Footing
  /** Without its edges: a path holds thousands of instants. */
  balance: Pick<Balance, 'nearest' | 'assured' | 'reserve'>
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
  const settled = settle(set, neighbour, true)
  const [, , height] = settled.pelvis
  stance.height = { pelvisDrop: body.standingHipHeight - height }
  const seated = stance.seat ? assemble(settled) : null
  const footing = seated ?? set
  const read = readBalance(footing, ...(seated ? [listBodyErrors(seated)] : []))
  const { nearest, assured, reserve } = read
  const legs = readLegs(footing, settled.legs)
  const { findings, verdict } = judge(footing, legs, read)
  const balance = { nearest, assured, reserve }
  return {
    moment: { ...wanted, height },
    stance,
    footing,
    balance,
    settled,
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
