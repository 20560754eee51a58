import { now } from '@/clock'
import type { Accepts, IsOver } from '@/core'
import { dayOf } from '@/documents/day'
import { fitDocument } from '@/documents/fit-document'
import { pathDocument } from '@/documents/path-document'
import { mergeLibrary } from '@/documents/posture-document'
import { type RepertoireAsked, repertoireDocument } from '@/documents/repertoire-document'
import { variantsDocument } from '@/documents/variants-document'
import { readPerson } from '@/records/person-of'
import { IN_DOCUMENTS } from '@/words/documents'

/** The searches that take long enough to be done beside the server. */
export const JOBS = {
  variants: (value: unknown, isOver: IsOver) => variantsDocument(value, IN_DOCUMENTS, undefined, { isOver }),
  path: (value: unknown) => pathDocument(value, IN_DOCUMENTS),
  repertoire: (value: unknown, isOver: IsOver) => {
    const { person, ...asked } = value as RepertoireAsked & { person: unknown }
    const on = dayOf(now())
    return repertoireDocument(readPerson(person, on), mergeLibrary([]), IN_DOCUMENTS, { ...asked, isOver })
  },
  fit: (value: unknown, isOver: IsOver) => fitDocument(value, IN_DOCUMENTS, isOver),
}

export type Job = keyof typeof JOBS
export type JobRequest = { job: Job; value: unknown; limitMs: number }
export type Answered =
  | { ok: true; document: unknown }
  | { ok: false; error: { field: string; value: unknown; accepts: Accepts } | null }
