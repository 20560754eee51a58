import type { Accepts, IsOver } from '@/core'
import { fitDocument } from '@/formats/fit-document'
import { pathDocument } from '@/formats/path-document'
import { variantsDocument } from '@/formats/variants-document'
import { IN_DOCUMENTS } from '@/words/documents'

/** The searches that take long enough to be done beside the server. */
export const JOBS = {
  variants: (value: unknown, isOver: IsOver) => variantsDocument(value, IN_DOCUMENTS, undefined, { isOver }),
  path: (value: unknown) => pathDocument(value, IN_DOCUMENTS),
  fit: (value: unknown, isOver: IsOver) => fitDocument(value, IN_DOCUMENTS, isOver),
}

export type Job = keyof typeof JOBS
export type JobRequest = { job: Job; value: unknown; limitMs: number }
export type Answered =
  | { ok: true; document: unknown }
  | { ok: false; error: { field: string; value: unknown; accepts: Accepts } | null }
