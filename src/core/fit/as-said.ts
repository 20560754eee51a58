import type { Body } from '../body/body'
import { DEG } from '../conventions'
import { InputError } from '../errors'
import { findNamedLeg } from '../pose/height'
import { settle } from '../pose/pose'
import { setFooting } from '../stance/footing'
import type { Stance } from '../stance/stance'

/** Half a notch of the knees: deeper than that, another bend would have to be said. */
const SAID = 2.5 * DEG

/**
 * How far the knee that sets the height bends beyond what is asked of it, in radians; 0 where it does as asked. A long
 * step with the knees high is no stance: the rear leg doesn't reach, and the front knee goes deeper than was said.
 * Null where the stance cannot be stood at all.
 * @returns radians
 * @example calcDeeperBend(ana, bow) // => 0
 */
export function calcDeeperBend(body: Body, stance: Stance): number | null {
  const named = findNamedLeg(stance)
  if (named === null || stance.seat || !('kneeFlexion' in stance.height)) return 0
  try {
    const reached = settle(setFooting(body, stance)).legs[named].flexion
    return Math.max(0, reached - stance.height.kneeFlexion)
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/**
 * Whether a body can take a stance at the height that is said.
 * @example isAsSaid(ana, bow) // => true
 */
export function isAsSaid(body: Body, stance: Stance): boolean {
  const deeper = calcDeeperBend(body, stance)
  return deeper !== null && deeper <= SAID
}
