import { InputError } from '@/core'
import { parse } from '@/documents/parse'
import { personDocument } from '@/documents/person-document'
import { readFigure } from '@/documents/read-figure'
import { makeRecord, type RecordDocument, recordDocument } from '@/documents/record-document'
import { type BodyUnits, readBody } from './body-units'

/** What a column of a table of people can be. */
export const COLUMNS = ['name', 'height', 'mass', 'age', 'sex', 'group', 'story', 'notes', 'footLength'] as const
export type Column = (typeof COLUMNS)[number]
/** Which column of the file is which; null for one that is left out. */
export type Mapping = readonly (Column | null)[]

/** How bare heights and masses are meant: in the house's units, or in those that a heading names. */
export type Reading = { units: BodyUnits; massUnits: BodyUnits | null }

/** What the headings tell of the units. */
export const readHeadings = (headings: readonly string[], mapping: Mapping, units: BodyUnits): Reading => {
  const mass = headings[mapping.indexOf('mass')] ?? ''
  const massUnits = /\bkg\b|kilo/i.test(mass) ? 'metric' : /\blbs?\b|pound/i.test(mass) ? 'imperial' : null
  return { units, massUnits }
}

const KNOWN: Record<Column, RegExp> = {
  name: /^(full )?name|^who$|^person/i,
  height: /height|stature|tall/i,
  mass: /mass|weight|^kg$|^lbs?$/i,
  age: /^age/i,
  sex: /^sex|gender/i,
  group: /group|class/i,
  story: /story|what to know|remark/i,
  notes: /note/i,
  footLength: /foot/i,
}

/** A guess at which column is which, from the headings; each is used once. */
export function guessColumns(headings: readonly string[]): Mapping {
  const left = new Set<Column>(COLUMNS)
  return headings.map((heading) => {
    const column = COLUMNS.find((one) => left.has(one) && KNOWN[one].test(heading.trim())) ?? null
    if (column) left.delete(column)
    return column
  })
}

/** A row that stays out: its place in the file, whose it is as far as it says, and why. */
export type BadRow = { row: number; name: string; error: InputError }
export type ReadTable = { records: RecordDocument[]; bad: BadRow[] }

/** Records from the rows of a table; a bad row is left out with its reason. Rows count from 2: the headings are 1. */
export function readTable(
  rows: readonly (readonly string[])[],
  mapping: Mapping,
  reading: Reading,
  on: string,
): ReadTable {
  const read: ReadTable = { records: [], bad: [] }
  rows.forEach((cells, i) => {
    if (cells.every((cell) => cell.trim() === '')) return
    try {
      read.records.push(readRow(cells, mapping, reading, on))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      read.bad.push({ row: i + 2, name: cells[mapping.indexOf('name')]?.trim() ?? '', error })
    }
  })
  return read
}

function readRow(cells: readonly string[], mapping: Mapping, reading: Reading, on: string): RecordDocument {
  const at = (column: Column) => cells[mapping.indexOf(column)]?.trim() ?? ''
  const sex = readSex(at('sex'))
  const body = parse(personDocument, {
    ...readBody({ height: at('height'), mass: at('mass') }, reading.units, reading.massUnits),
    ...(sex && { sex }),
    ...(at('age') !== '' && { ageYears: readFigure(at('age')) }),
    ...(at('footLength') !== '' && { footLengthM: readFigure(at('footLength')) / 100 }),
  })
  checkBuild(body)
  const groups = at('group')
    .split(/[;/|]/)
    .map((group) => group.trim())
    .filter(Boolean)
  const dated = { on }
  const measured = { statureM: dated, massKg: dated, ...(body.ageYears !== undefined && { ageYears: dated }) }
  return parse(
    recordDocument,
    makeRecord(at('name'), body, {
      groups,
      story: at('story'),
      notes: at('notes'),
      ...(at('notes') && { noteOpen: true }),
      measured,
    }),
  )
}

/** Body mass index beyond which a unit was surely mistaken. */
const BUILDS = { min: 11, max: 80 }

/** @throws InputError where height and mass do not belong to one person */
function checkBuild({ statureM, massKg }: { statureM: number; massKg: number }): void {
  const index = massKg / statureM ** 2
  if (index < BUILDS.min || index > BUILDS.max) throw new InputError('massKg', massKg, { code: 'build' })
}

/** The column that a field of a record comes from; null for what no column holds. */
export function columnOf(field: string): Column | null {
  const found: Record<string, Column> = {
    name: 'name',
    statureM: 'height',
    massKg: 'mass',
    ageYears: 'age',
    sex: 'sex',
    footLengthM: 'footLength',
    story: 'story',
    notes: 'notes',
    groups: 'group',
  }
  return found[field.split('.')[0] as string] ?? null
}

function readSex(text: string): string | undefined {
  if (text === '') return undefined
  if (/^(f|female|woman|w)$/i.test(text)) return 'female'
  return /^(m|male|man)$/i.test(text) ? 'male' : text
}

/** A table of people, headings first; the whole record goes out as JSON. */
export function writeTable(
  records: readonly RecordDocument[],
  heading: (column: Column) => string,
  write: { height: (metres: number) => string; mass: (kg: number) => string },
): string[][] {
  return [
    COLUMNS.map(heading),
    ...records.map(({ name, body, groups, story, notes }) => [
      name,
      write.height(body.statureM),
      write.mass(body.massKg),
      body.ageYears === undefined ? '' : String(body.ageYears),
      body.sex ?? '',
      groups.join('; '),
      story,
      notes,
      body.footLengthM === undefined ? '' : (body.footLengthM * 100).toFixed(1),
    ]),
  ]
}
