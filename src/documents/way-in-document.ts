import type { WayIn } from '@/core'
import type { DocumentWords } from './document-words'

/** How a stance is come to from standing parallel, and left: `wayIn` of an analysis that is asked for it. */
export const toWayIn = ({ verdict, reason, leadsIn, tightest }: WayIn, words: DocumentWords) => ({
  verdict,
  reason: reason && { code: reason.code, text: words.finding(reason) },
  from: 'parallel' as const,
  /** Whether the worse way is the one in; else the one back. */
  leadsIn,
  tightest,
})
