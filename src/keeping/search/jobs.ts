import { now } from '@/clock'
import type { Accepts, IsOver } from '@/core'
import { dayOf } from '@/documents/day'
import type { DocumentWords } from '@/documents/document-words'
import { fitDocument } from '@/documents/fit-document'
import type { Language } from '@/documents/languages'
import { pathDocument } from '@/documents/path-document'
import { mergeLibrary } from '@/documents/posture-document'
import { type RepertoireAsked, repertoireDocument } from '@/documents/repertoire-document'
import { variantsDocument } from '@/documents/variants-document'
import { readPerson } from '@/records/person-of'
import { documentWords } from '@/words/documents'
import { wordsIn } from '@/words/languages'

/** The searches that take long enough to be done beside the server, and what they are said in. */
const JOBS = {
  variants: (value: unknown, words: DocumentWords, isOver: IsOver) =>
    variantsDocument(value, words, undefined, { isOver }),
  path: (value: unknown, words: DocumentWords) => pathDocument(value, words),
  repertoire: (value: unknown, words: DocumentWords, isOver: IsOver) => {
    const { person, ...asked } = value as RepertoireAsked & { person: unknown }
    const on = dayOf(now())
    return repertoireDocument(readPerson(person, on), mergeLibrary([]), words, { ...asked, isOver })
  },
  fit: (value: unknown, words: DocumentWords, isOver: IsOver) => fitDocument(value, words, isOver),
}

export type Job = keyof typeof JOBS
/** Runs one of them. @throws InputError naming the field */
export const runJob = ({ job, value, language }: Omit<JobRequest, 'limitMs'>, isOver: IsOver): unknown =>
  JOBS[job](value, documentWords(wordsIn(language)), isOver)

export type JobRequest = { job: Job; value: unknown; language: Language; limitMs: number }
export type Answered =
  | { ok: true; document: unknown }
  | { ok: false; error: { field: string; value: unknown; accepts: Accepts } | null }
