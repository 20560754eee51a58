import { parse } from '@/documents/parse'
import type { PersonDocument } from '@/documents/person-document'
import { recordDocument } from '@/documents/record-document'
import { STANCE_FORMAT, stanceDocument } from '@/documents/stance-document'
import type { Binding } from './binding'
import { resolveRecord } from './resolve'

/** Whose body and limits they are, from a stance document, or from a record as it binds on a day. @throws InputError */
export function readPerson(value: unknown, on: string): PersonDocument {
  if (isStance(value)) return parse(stanceDocument, value).person
  return resolveRecord(parse(recordDocument, value), on).document
}

/** What they are called and what binds them on a day; a stance document holds limits, and not who said so. @throws InputError */
export function readBindings(value: unknown, on: string): { name: string; limits: readonly Binding[] } {
  if (isStance(value)) return { name: '', limits: [] }
  const record = parse(recordDocument, value)
  return { name: record.name, limits: resolveRecord(record, on).bindings }
}

const isStance = (value: unknown): boolean =>
  typeof value === 'object' && value !== null && (value as { format?: unknown }).format === STANCE_FORMAT
