import { analyse, readWayIn, USUAL_CHOICES } from '@/core'
import { type AnalysisDocument, toAnalysisDocument } from './analysis-document'
import type { DocumentWords } from './document-words'
import { parse } from './parse'
import { stanceDocument } from './stance-document'
import { bodyOf, toStance } from './to-core'
import { toWayIn } from './way-in-document'

/** An analysis; with the way into the stance where that was asked for, null of one that is sat. */
export type AnsweredDocument = AnalysisDocument & { wayIn?: ReturnType<typeof toWayIn> | null }

/** A `nivrel.stance/1` document in, its `nivrel.analysis/1` out. @throws InputError */
export function analyseDocument(
  value: unknown,
  words: DocumentWords,
  asked: { wayIn?: boolean } = {},
): AnsweredDocument {
  const doc = parse(stanceDocument, value)
  const [body, stance] = [bodyOf(doc.person), toStance(doc.stance)]
  const analysis = analyse(body, stance)
  const answer = toAnalysisDocument(analysis, words)
  if (!asked.wayIn) return answer
  const wayIn = readWayIn(body, stance, analysis.legs, USUAL_CHOICES)
  return { ...answer, wayIn: wayIn && toWayIn(wayIn, words) }
}
