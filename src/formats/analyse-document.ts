import { analyse, resolveBody } from '@/core'
import { type AnalysisDocument, toAnalysisDocument } from './analysis-document'
import type { DocumentWords } from './document-words'
import { parse } from './parse'
import { stanceDocument } from './stance-document'
import { toPerson, toStance } from './to-core'

/** A `nivrel.stance/1` document in, its `nivrel.analysis/1` out. @throws InputError */
export function analyseDocument(value: unknown, words: DocumentWords): AnalysisDocument {
  const doc = parse(stanceDocument, value)
  return toAnalysisDocument(analyse(resolveBody(toPerson(doc.person)), toStance(doc.stance)), words)
}
