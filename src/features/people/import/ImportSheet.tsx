'use client'

import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import { useMemo, useState } from 'react'
import { InputError } from '@/core'
import { dayOf } from '@/formats/day'
import { parse, parseJson } from '@/formats/parse'
import { type RecordDocument, recordDocument } from '@/formats/record-document'
import { WHOLE_FORMAT, type WholeDocument, wholeDocument } from '@/formats/whole-document'
import { readCsv } from '@/records/csv'
import {
  type BadRow,
  COLUMNS,
  type Column,
  guessColumns,
  type Mapping,
  type Reading,
  readTable,
} from '@/records/spreadsheet'
import { RefusedError } from '@/ui/api/ask'
import { Pick } from '@/ui/forms/Pick'
import { type BodyUnits, parseHeight, parseMass } from '@/ui/people/body-units'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import { sayError } from '@/words/errors'
import { ENGLISH } from '@/words/language'
import { sayColumn, sayRow } from '@/words/records'
import { bringInRecords, bringInWhole, type WholeCame } from './bring-in'
import styles from './import.module.css'

type ImportSheetProps = {
  open: boolean
  onClose: () => void
  units: BodyUnits
  /** Who is on the list already. */
  names: readonly string[]
  onDone: () => void
}

type Opened =
  | { kind: 'table'; name: string; headings: string[]; rows: string[][] }
  | { kind: 'records'; name: string; records: RecordDocument[]; bad: BadRow[] }
  | { kind: 'whole'; name: string; whole: WholeDocument }

/** People from a file: a table whose columns are matched by hand, or records taken out before. Nothing comes in unseen. */
export function ImportSheet({ open, onClose, units, names, onDone }: ImportSheetProps) {
  const [file, setFile] = useState<Opened | null>(null)
  const [mapping, setMapping] = useState<Mapping>([])
  const [problem, setProblem] = useState<string | null>(null)
  /** How much of it was sent; null while nothing is. */
  const [done, setDone] = useState<number | null>(null)
  const [came, setCame] = useState<WholeCame | null>(null)
  const [withKnown, setWithKnown] = useState(false)
  const read = useMemo(() => {
    if (!file || file.kind === 'whole') return null
    if (file.kind === 'records') return { records: file.records, bad: file.bad }
    return readTable(file.rows, mapping, readingOf(units), dayOf(new Date()))
  }, [file, mapping, units])
  const known = read?.records.filter(({ name }) => isOnList(names, name)) ?? []
  const coming = withKnown ? (read?.records ?? []) : (read?.records.filter((record) => !known.includes(record)) ?? [])
  const openFile = async (picked: File | undefined) => {
    if (!picked) return
    setProblem(null)
    try {
      const opened = readFile(picked.name, await picked.text())
      setFile(opened)
      if (opened.kind === 'table') setMapping(guessColumns(opened.headings))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setProblem(`${picked.name} was not opened. ${sayError(error)}.`)
    }
  }
  const bringIn = async (work: () => Promise<void>) => {
    setDone(0)
    try {
      await work()
    } catch (error) {
      setProblem(error instanceof RefusedError ? error.message : 'Nothing was brought in; try again.')
    }
    setDone(null)
  }
  const bringInPeople = () =>
    bringIn(async () => {
      await bringInRecords(coming, setDone)
      setFile(null)
      onDone()
    })
  const bringBack = (whole: WholeDocument) => bringIn(async () => setCame(await bringInWhole(whole, setDone)))
  const close = () => {
    if (came) onDone()
    setCame(null)
    setFile(null)
    setProblem(null)
    onClose()
  }
  return (
    <Sheet title="Bring in a list" open={open} onClose={close} wide>
      <label className={styles.pick}>
        A table (.csv), records, or a house that was taken out whole (.json)
        <input
          type="file"
          accept=".csv,.json,text/csv,application/json"
          onChange={(event) => openFile(event.target.files?.[0])}
        />
      </label>
      {problem && <p role="alert">{problem}</p>}
      {file?.kind === 'whole' && !came && (
        <WholeHouse whole={file.whole} done={done} onBringBack={() => bringBack(file.whole)} />
      )}
      {came && <p role="status">{sayCame(came)}</p>}
      {file?.kind === 'table' && <Columns table={file} mapping={mapping} onChange={setMapping} />}
      {read && (
        <>
          {read.bad.length > 0 && (
            <section className={styles.bad} aria-label="Rows that stay out">
              <h3>{read.bad.length === 1 ? 'One row stays out' : `${read.bad.length} rows stay out`}</h3>
              <ul>
                {read.bad.map(({ row, error }) => (
                  <li key={row}>
                    row {row}: {file?.kind === 'table' ? sayRow(error, units) : sayError(error)}
                  </li>
                ))}
              </ul>
            </section>
          )}
          {known.length > 0 && (
            <label className={styles.known}>
              <Checkbox checked={withKnown} onChange={() => setWithKnown(!withKnown)} />
              <span>
                {nameSome(known)} {known.length === 1 ? 'has a name that is' : 'have names that are'} on the list
                already. Tick to bring {known.length === 1 ? 'this one' : 'them'} in as somebody else.
              </span>
            </label>
          )}
          <p>
            {coming.length === 0
              ? 'Nobody can be brought in like this.'
              : `${coming.length} will be brought in: ${nameSome(coming)}.`}
          </p>
          <div className={sheet.actions}>
            <Button variant="contained" disabled={done !== null || coming.length === 0} onClick={bringInPeople}>
              {done === null ? `Bring in ${coming.length}` : `Bringing in, ${Math.round(done * 100)} %`}
            </Button>
          </div>
        </>
      )}
    </Sheet>
  )
}

type WholeHouseProps = { whole: WholeDocument; done: number | null; onBringBack: () => void }

/** What a house that comes back would bring. */
function WholeHouse({
  whole: { people, postures, plans, house, takenOutAt, setAside },
  done,
  onBringBack,
}: WholeHouseProps) {
  const kept = people.reduce((sum, one) => sum + one.kept.length, 0)
  return (
    <>
      <p>
        Taken out on {ENGLISH.day(dayOf(new Date(takenOutAt)))}: {some(people.length, 'person', 'people')} with{' '}
        {some(kept, 'kept stance', 'kept stances')}, {some(postures.length, 'posture', 'postures')} changed or added,{' '}
        {some(plans.length, 'class plan', 'class plans')}
        {house && ', the house’s own rules'}. What is here already stays as it is.
        {setAside.length > 0 && ` ${setAside.length} that could not be read then stay in the file.`}
      </p>
      <div className={sheet.actions}>
        <Button variant="contained" disabled={done !== null} onClick={onBringBack}>
          {done === null ? 'Bring it back' : `Bringing it back, ${Math.round(done * 100)} %`}
        </Button>
      </div>
    </>
  )
}

const sayCame = ({ people, postures, plans, house }: WholeCame): string =>
  `Came in: ${some(people, 'person', 'people')}, ${some(postures, 'posture', 'postures')}, ${some(plans, 'plan', 'plans')}${house ? ', the house’s own rules' : ''}. What was here stayed as it was.`

const some = (count: number, one: string, many: string) => `${count} ${count === 1 ? one : many}`

const isOnList = (names: readonly string[], name: string) =>
  names.some((one) => one.localeCompare(name.trim(), undefined, { sensitivity: 'accent' }) === 0)

const NAMED = 4

function nameSome(records: readonly RecordDocument[]): string {
  const names = records.slice(0, NAMED).map(({ name }) => name)
  return records.length > NAMED ? `${names.join(', ')} and ${records.length - NAMED} more` : names.join(', ')
}

const readingOf = (units: BodyUnits): Reading => ({
  height: (text) => (text === '' ? Number.NaN : parseHeight(text.replace(/\s*cm$/i, ''), units)),
  mass: (text) => (text === '' ? Number.NaN : parseMass(text.replace(/\s*(kg|lbs?)$/i, ''), units)),
})

function readFile(name: string, text: string): Opened {
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
      bad.push({ row: i + 1, error })
    }
  })
  return { kind: 'records', name, records, bad }
}

type ColumnsProps = {
  table: Extract<Opened, { kind: 'table' }>
  mapping: Mapping
  onChange: (mapping: Mapping) => void
}

const SHOWN = 3

/** Each column of the file with its first cells, and what it is taken for. */
function Columns({ table: { headings, rows }, mapping, onChange }: ColumnsProps) {
  const choose = (at: number, column: Column | null) =>
    onChange(mapping.map((one, i) => (i === at ? column : one === column ? null : one)))
  return (
    <div className={styles.columns}>
      {headings.map((heading, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place in the file
        <div key={i} data-used={mapping[i] !== null}>
          <strong>{heading || `column ${i + 1}`}</strong>
          <Pick
            aria-label={`${heading || `column ${i + 1}`} is`}
            value={mapping[i] ?? ''}
            onChange={(event) => choose(i, (event.target.value || null) as Column | null)}
          >
            <option value="">left out</option>
            {COLUMNS.map((column) => (
              <option key={column} value={column}>
                {sayColumn(column)}
              </option>
            ))}
          </Pick>
          {rows.slice(0, SHOWN).map((cells, row) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: a row is its place in the file
            <small key={row}>{cells[i] || '–'}</small>
          ))}
        </div>
      ))}
    </div>
  )
}
