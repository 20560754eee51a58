import { DEG } from '../conventions'

/** House defaults of a step: how far one may sink for it, and how far the pelvis may turn. Metres, radians. */
export const SINKING = 0.02
export const TURN_MOST = 30 * DEG
/** How far a heel may be up for a foot to land: what does not reach so, does not with less. */
export const LANDS_MOST = 35 * DEG
/** How high a foot is held in the air. */
export const CLEARANCE = 0.03
/** Hips that go down and up again by more than this are noticed, and by more than that make a step heavy. */
export const BOB_NOTE = 0.03
export const BOB_CAUTION = 0.06
/** How far the pelvis turns from the heading at the most. */
export const PELVIS_MOST = 90 * DEG
