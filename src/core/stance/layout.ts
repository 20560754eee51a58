import type { Stance } from './stance'

/** How the feet lie to each other in the stance's own heading: the only place that says which way is ahead or beside. */

/**
 * How far the left heel is ahead of the right one.
 * @returns metres, positive with the left heel ahead
 * @example calcLead(bow) // => 0.149
 */
export const calcLead = ({ feet }: Stance): number => feet.left.heel[1] - feet.right.heel[1]

/**
 * How far the right heel is to the right of the left one; negative where they cross.
 * @returns metres, positive with the right heel to the right
 * @example calcTrack(bow) // => 0.334
 */
export const calcTrack = ({ feet }: Stance): number => feet.right.heel[0] - feet.left.heel[0]
