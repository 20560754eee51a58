import { parse } from '@/formats/parse'
import type { PersonDocument } from '@/formats/person-document'
import { recordDocument } from '@/formats/record-document'
import { STANCE_FORMAT, stanceDocument } from '@/formats/stance-document'
import { resolveRecord } from './resolve'

/** Whose body and limits they are, from a stance document, or from a record as it binds on a day. @throws InputError */
export function readPerson(value: unknown, on: string): PersonDocument {
  const format = typeof value === 'object' && value !== null ? (value as { format?: unknown }).format : undefined
  if (format === STANCE_FORMAT) return parse(stanceDocument, value).person
  return resolveRecord(parse(recordDocument, value), on).document
}
