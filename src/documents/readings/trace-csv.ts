import Papa from 'papaparse'
import { DEG, InputError, type Reading, type ReadingKind } from '@/core'
import { readFigure } from '../read-figure'

/** What a column of a trace holds. */
export const COLUMNS = ['time', 'x', 'y', 'force', 'left', 'right', 'pitch', 'roll', 'support'] as const
export type Column = (typeof COLUMNS)[number]
export type Unit = 's' | 'ms' | 'm' | 'cm' | 'mm' | 'n' | 'kg' | 'deg' | 'rad'

/** A column as it was understood: shown for confirmation, and then read so. */
export type FoundColumn = { index: number; name: string; is: Column | null; unit: Unit | null }

export type FoundTrace = { columns: FoundColumn[]; rows: number[][]; kind: ReadingKind | null; headerLines: number }

const NAMES: readonly [Column, RegExp][] = [
  ['time', /^(t|at|time|times?tamp|zeit|tiempo|temps|ats|seconds?|secs?|ms|sample ?time)$/],
  ['x', /^(x|cop ?x|copx|ml|cop ?ml|medio ?lateral|x ?cop|center ?of ?pressure ?x|across)$/],
  ['y', /^(y|cop ?y|copy|ap|cop ?ap|antero ?posterior|y ?cop|center ?of ?pressure ?y|along)$/],
  ['force', /^(f|fz|force|vertical ?force|grf|kraft|weight|total ?force)$/],
  ['left', /^(l|left|left ?kg|links|izquierda|gauche|left ?(scale|foot|weight))$/],
  ['right', /^(r|right|right ?kg|rechts|derecha|droite|right ?(scale|foot|weight))$/],
  ['pitch', /^(pitch|beta|pitch ?angle)$/],
  ['roll', /^(roll|gamma|roll ?angle)$/],
  ['support', /^(support|support ?kg|scale|board)$/],
]
const UNITS: Record<string, Unit> = {
  s: 's',
  sec: 's',
  seconds: 's',
  ms: 'ms',
  m: 'm',
  cm: 'cm',
  mm: 'mm',
  n: 'n',
  newton: 'n',
  kg: 'kg',
  deg: 'deg',
  '°': 'deg',
  rad: 'rad',
}
/** Of what is told nothing: what most devices write. */
const USUAL: Record<Column, Unit> = {
  time: 's',
  x: 'mm',
  y: 'mm',
  force: 'n',
  left: 'kg',
  right: 'kg',
  pitch: 'deg',
  roll: 'deg',
  support: 'kg',
}
const TO_SI: Record<Unit, number> = { s: 1, ms: 1e-3, m: 1, cm: 0.01, mm: 1e-3, n: 1, kg: 1, deg: DEG, rad: 1 }

/** `Cop X (mm)`, `copx_mm`, `COP-X [mm]`: a name and a unit. */
function readHead(cell: string): { name: string; unit: Unit | null } {
  const plain = cell
    .trim()
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .replace(/[_\-.:/\s]+/g, ' ')
  const bracketed = /^(.*?)\s*[[(]\s*([^\])]+?)\s*[\])]\s*$/.exec(plain)
  if (bracketed) return { name: (bracketed[1] as string).trim(), unit: UNITS[bracketed[2] as string] ?? null }
  const last = /^(.+?)\s+(\S+)$/.exec(plain)
  const unit = last && UNITS[last[2] as string]
  return unit ? { name: last[1] as string, unit } : { name: plain, unit: null }
}

const isFigures = (row: readonly string[]): boolean =>
  row.length > 0 && row.every((cell) => cell.trim() === '' || !Number.isNaN(readFigure(cell)))

const DELIMITERS = [';', '\t', ',']

/**
 * The table of a trace: lines of a header before it are left out, figures may have a decimal comma, and columns are
 * understood by their names (or by their number, where nothing is named).
 * @throws InputError where no rows of figures are there
 */
export function findTrace(text: string): FoundTrace {
  const tables = DELIMITERS.map(
    (delimiter) => Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter, skipEmptyLines: 'greedy' }).data,
  )
  const rowsOf = (table: string[][]) => table.filter((row) => row.length > 1 && isFigures(row)).length
  const table = tables.reduce((best, one) => (rowsOf(one) > rowsOf(best) ? one : best))
  const first = table.findIndex((row) => row.length > 1 && isFigures(row))
  if (first < 0 || rowsOf(table) < 2) throw new InputError('trace', text.slice(0, 80), { code: 'traceRows' })
  const width = (table[first] as string[]).length
  const named = first > 0 ? (table[first - 1] as string[]) : []
  const columns = Array.from({ length: width }, (_, index): FoundColumn => {
    const head = readHead(named[index] ?? '')
    const is = NAMES.find(([, pattern]) => pattern.test(head.name))?.[0] ?? null
    // A column of milliseconds may be called by nothing else.
    const unit = head.unit ?? (head.name === 'ms' ? 'ms' : null)
    return { index, name: (named[index] ?? '').trim(), is, unit: unit ?? (is && USUAL[is]) }
  })
  const rows = table
    .slice(first)
    .filter((row) => row.length === width && isFigures(row))
    .map((row) => row.map((cell) => (cell.trim() === '' ? Number.NaN : readFigure(cell))))
  const guessed = columns.every(({ is }) => is === null) ? guess(columns) : columns
  return { columns: guessed, rows, kind: kindOf(guessed), headerLines: first }
}

/** Three columns of nothing but figures: time, across, along. */
const guess = (columns: readonly FoundColumn[]): FoundColumn[] =>
  columns.map((column, i) => {
    const is = (['time', 'x', 'y', 'force'] as const)[i] ?? null
    return { ...column, is, unit: is && USUAL[is] }
  })

export function kindOf(columns: readonly FoundColumn[]): ReadingKind | null {
  const has = (...wanted: Column[]) => wanted.every((one) => columns.some(({ is }) => is === one))
  if (has('left', 'right')) return 'scales'
  if (has('x', 'y')) return 'plate'
  if (has('pitch', 'roll')) return 'level'
  return has('support') ? 'board' : null
}

/**
 * The readings of a trace by its columns; where no column is a time, `rateHz` says how far apart rows are.
 * @throws InputError where the columns make no reading, or there is neither a time nor a rate
 */
export function readTrace({ columns, rows }: Pick<FoundTrace, 'columns' | 'rows'>, rateHz: number | null): Reading[] {
  const kind = kindOf(columns)
  if (!kind) throw new InputError('columns', columns.map(({ name }) => name).join(', '), { code: 'traceColumns' })
  const time = columns.find(({ is }) => is === 'time')
  if (!time && !(rateHz && rateHz > 0)) throw new InputError('rateHz', rateHz, { code: 'above', least: 0 })
  const figure = (row: readonly number[], wanted: Column): number => {
    const column = columns.find(({ is }) => is === wanted)
    return column ? (row[column.index] as number) * TO_SI[column.unit ?? USUAL[wanted]] : Number.NaN
  }
  const start = time ? figure(rows[0] as number[], 'time') : 0
  return rows.flatMap((row, i): Reading[] => {
    const atS = time ? figure(row, 'time') - start : i / (rateHz as number)
    const made = make(kind, atS, (wanted) => figure(row, wanted))
    return made ? [made] : []
  })
}

/** Null for a row in which something is missing. */
function make(kind: ReadingKind, atS: number, of: (column: Column) => number): Reading | null {
  const all = (...figures: number[]) => Number.isFinite(atS) && figures.every(Number.isFinite)
  if (kind === 'scales') {
    const [leftKg, rightKg] = [of('left'), of('right')]
    return all(leftKg, rightKg) ? { kind, atS, leftKg, rightKg } : null
  }
  if (kind === 'plate') {
    const [x, y, force] = [of('x'), of('y'), of('force')]
    return all(x, y) ? { kind, atS, cop: [x, y], forceN: Number.isFinite(force) ? force : 0 } : null
  }
  if (kind === 'level') {
    const [pitch, roll] = [of('pitch'), of('roll')]
    return all(pitch, roll) ? { kind, atS, pitch, roll } : null
  }
  const supportKg = of('support')
  return all(supportKg) ? { kind, atS, supportKg } : null
}
