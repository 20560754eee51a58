/** What a hand may hold on to, or be held by. */

/** Pressed downward, taking up to a share of body weight. */
export const PRESSED_KINDS = ['chair-back', 'walker', 'bar', 'touch'] as const
/** Pushing the person along a direction with up to a share of body weight. */
export const PUSHING_KINDS = ['wall', 'pole', 'helper'] as const
export const SUPPORT_KINDS = [...PRESSED_KINDS, ...PUSHING_KINDS] as const
export type SupportKind = (typeof SUPPORT_KINDS)[number]
