import type { RecordDocument } from '@/documents/record-document'

/** One person's record as it is kept, its groups by their ids, with the revision that a save must name. */
export type KeptRecord = { id: string; revision: number; record: RecordDocument }
