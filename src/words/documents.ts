import type { DocumentWords } from '@/documents/document-words'
import { sayAccepts } from './errors'
import { sayFinding } from './findings'
import { sayLevels } from './levels'
import { sayBuys, sayMeasurement, sayNote, sayState } from './variants'

/** The words in documents, on the command line and in the routes: English, so that files read alike everywhere. */
export const IN_DOCUMENTS: DocumentWords = {
  accepts: (accepts) => sayAccepts(accepts),
  finding: (finding) => sayFinding(finding),
  note: (variant) => sayNote(variant),
  buys: (buys) => sayBuys(buys),
  state: (change, code) => sayState(change, code),
  measurement: (measurement) => sayMeasurement(measurement),
  levels: (levels, taught) => sayLevels(levels, taught),
}
