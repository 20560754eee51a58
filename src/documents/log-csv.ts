import Papa from 'papaparse'
import { InputError } from '@/core'
import { LOG_FORMAT, type LogDocument, type LogRow, logDocument } from './log-document'
import { parse } from './parse'

/** Columns of a log as a list: one row a person, piece and day. Sides have a column each. */
const COLUMNS = [
  'person',
  'group',
  'day',
  'piece',
  'title',
  'came',
  'late',
  'as',
  'level',
  'whole',
  'stepPct',
  'kneeFlexionDeg',
  'rounds',
  'holdS.left',
  'holdS.right',
  'wobbles',
  'touches',
  'effort',
  'pain',
  'painAt',
  'painSide',
  'nearFall',
  'stopped',
  'dizzy',
  'bad',
  'word',
  'kneeNms.left',
  'kneeNms.right',
  'stretchNms.left',
  'stretchNms.right',
  'loadedS.left',
  'loadedS.right',
  'minutes',
  'spareM',
  'personId',
] as const
const NUMBERS = new Set([
  'level',
  'stepPct',
  'kneeFlexionDeg',
  'rounds',
  'wobbles',
  'touches',
  'effort',
  'pain',
  'minutes',
  'spareM',
])
const FLAGS = new Set(['came', 'late', 'whole', 'nearFall', 'stopped', 'dizzy', 'bad'])

const read = (row: LogRow, column: string): unknown => {
  const [key = '', side] = column.split('.')
  const value = row[key as keyof LogRow] as unknown
  return side ? (value as Record<string, unknown> | undefined)?.[side] : value
}

/** A log as CSV. Touches are counted where no count was said; what was corrected is in the file, not in the list. */
export function writeLogCsv({ rows }: LogDocument): string {
  const cells = rows.map((row) => {
    const counted = { ...row }
    const seen = (what: string) => (row.happened ?? []).filter((one) => one.what === what).length
    counted.wobbles ??= seen('wobble') || undefined
    counted.touches ??= seen('touch') || undefined
    if (counted.nearFall === undefined && seen('near-fall') > 0) counted.nearFall = true
    if (counted.stopped === undefined && seen('stop') > 0) counted.stopped = true
    return COLUMNS.map((column) => read(counted as LogRow, column) ?? '')
  })
  return Papa.unparse({ fields: [...COLUMNS], data: cells }, { escapeFormulae: true })
}

/** A list back as a log. @throws InputError naming the row and column that is wrong */
export function readLogCsv(text: string): LogDocument {
  const { data } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: 'greedy' })
  const rows = data.map((cells, i) => {
    const row: Record<string, unknown> = {}
    for (const column of COLUMNS) {
      const cell = cells[column]?.trim() ?? ''
      if (cell === '') continue
      const [key = '', side] = column.split('.')
      const value = readCell(key, side !== undefined, cell, i)
      if (side) row[key] = { left: null, right: null, ...(row[key] as object), [side]: value }
      else row[key] = value
    }
    return fillSides(row)
  })
  return parse(logDocument, { format: LOG_FORMAT, rows })
}

/** A work of which only one leg is told is not told at all of the other: 0. */
function fillSides(row: Record<string, unknown>): Record<string, unknown> {
  for (const key of ['kneeNms', 'stretchNms', 'loadedS']) {
    const sides = row[key] as { left: number | null; right: number | null } | undefined
    if (sides) row[key] = { left: sides.left ?? 0, right: sides.right ?? 0 }
  }
  return row
}

const YES = new Set(['true', 'yes', '1', 'x'])
const NO = new Set(['false', 'no', '0'])

function readCell(key: string, sided: boolean, cell: string, row: number): unknown {
  if (FLAGS.has(key)) {
    const word = cell.toLowerCase()
    if (YES.has(word)) return true
    if (NO.has(word)) return false
    throw new InputError(`rows.${row}.${key}`, cell, { code: 'flag' })
  }
  if (!sided && !NUMBERS.has(key)) return cell.replace(/^'(?=[=+\-@])/, '')
  const number = Number(cell.replace(',', '.'))
  if (Number.isFinite(number)) return number
  throw new InputError(`rows.${row}.${key}`, cell, { code: 'range', min: 0, max: 1000, unit: 'none' })
}
