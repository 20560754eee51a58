import { InputError } from '@/core'
import { parse, parseJson } from '@/documents/parse'
import { type RecordDocument, recordDocument } from '@/documents/record-document'
import { WHOLE_FORMAT, type WholeDocument, wholeDocument } from '@/documents/whole-document'
import { readCsv } from '@/records/csv'
import type { BadRow } from '@/records/spreadsheet'

/** A file of people: a table, records taken out before, or a whole house. */
export type Opened =
  | { kind: 'table'; name: string; headings: string[]; rows: string[][] }
  | { kind: 'records'; name: string; records: RecordDocument[]; bad: BadRow[] }
  | { kind: 'whole'; name: string; whole: WholeDocument }

/** What a file holds. @throws InputError naming what is wrong with it */
export function readFile(name: string, text: string): Opened {
  if (/\.json$/i.test(name)) {
    const value = parseJson(text)
    const isWhole = (value as { format?: unknown } | null)?.format === WHOLE_FORMAT
    return isWhole ? { kind: 'whole', name, whole: parse(wholeDocument, value) } : readRecords(name, value)
  }
  const [headings, ...rows] = readCsv(text)
  if (!headings || rows.length === 0) throw new InputError('document', name, { code: 'table' })
  return { kind: 'table', name, headings, rows }
}

/** One record, a list of them, or what was taken out whole; a bad one stays out with its reason. */
function readRecords(name: string, value: unknown): Opened {
  const wrapped = (value as { records?: unknown } | null)?.records
  const list = Array.isArray(wrapped) ? wrapped : Array.isArray(value) ? value : [value]
  const records: RecordDocument[] = []
  const bad: BadRow[] = []
  list.forEach((one, i) => {
    try {
      records.push(parse(recordDocument, one))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      bad.push({ row: i + 1, name: nameOf(one), error })
    }
  })
  return { kind: 'records', name, records, bad }
}

const nameOf = (record: unknown): string => {
  const name = (record as { name?: unknown } | null)?.name
  return typeof name === 'string' ? name : ''
}
