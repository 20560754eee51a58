import { type Analysis, asStoodBy, makeOwnStanding, makeSeated, tryAnalyse } from '@/core'
import type { PersonDocument } from '@/documents/person-document'
import type { RecordDocument, TestEntry } from '@/documents/record-document'
import { bodyOf } from '@/documents/to-core'
import { isBaseEstimated } from './resolve'
import { findSeenStanding } from './test-effects'

/**
 * Somebody's own standing, with a hand where they need one; sitting, of whoever sits. `cautious`: an estimate alone finds it short, though they were seen to stand so: then the
 * estimate is what is said to be cautious, never their standing.
 */
export type OwnStanding = { analysis: Analysis | null; seen: TestEntry | null; cautious: boolean }

export function readStanding(record: RecordDocument, document: PersonDocument, on: string): OwnStanding {
  const body = bodyOf(document)
  const seen = findSeenStanding(record, on)
  // Whoever sits is read sitting.
  const own = body.person.limits?.seatedOnly ? makeSeated(body) : asStoodBy(body, makeOwnStanding(body))
  const analysis = tryAnalyse(body, own)
  const isShort = analysis !== null && analysis.verdict !== 'holds'
  const byBalanceAlone = analysis?.findings.every(
    ({ severity, code }) => severity === 'note' || code === 'balance.reserve',
  )
  return { analysis, seen, cautious: Boolean(seen && isShort && byBalanceAlone && isBaseEstimated(body)) }
}
