import type { Verdict } from '@/core'

/**
 * A verdict as it is said of a person: as long as a caution of theirs is unanswered nobody knows whether it holds, so it
 * is close at best.
 * @example capVerdict('holds', 2) // => 'close'
 */
export const capVerdict = (verdict: Verdict, unanswered: number): Verdict =>
  verdict === 'holds' && unanswered > 0 ? 'close' : verdict
