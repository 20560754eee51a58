import type { DocumentWords } from '@/documents/document-words'
import { ENGLISH } from './english'
import { sayAccepts } from './errors'
import { sayFinding } from './findings'
import type { Words } from './language'
import { sayLevels } from './levels'
import { sayBuys, sayMeasurement, sayNote, sayState } from './variants'

/** The words in documents, on the command line and in the routes. */
export const documentWords = (words: Words): DocumentWords => ({
  accepts: (accepts) => sayAccepts(accepts, words),
  finding: (finding) => sayFinding(finding, words),
  note: (variant) => sayNote(variant, undefined, words),
  buys: (buys) => sayBuys(buys, words),
  state: (change, code) => sayState(change, code, words),
  measurement: (measurement) => sayMeasurement(measurement, words),
  levels: (levels, taught) => sayLevels(levels, taught, words),
})

/** In English, so that files read alike everywhere. */
export const IN_DOCUMENTS = documentWords(ENGLISH)
