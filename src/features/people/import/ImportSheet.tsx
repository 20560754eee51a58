'use client'

import Button from '@mui/material/Button'
import Checkbox from '@mui/material/Checkbox'
import { useMemo, useState } from 'react'
import { now } from '@/clock'
import { InputError } from '@/core'
import { dayOf } from '@/documents/day'
import type { RecordDocument } from '@/documents/record-document'
import type { WholeDocument } from '@/documents/whole-document'
import { type BodyUnits, sayHeight, sayMass } from '@/records/body-units'
import { guessColumns, type Mapping, readHeadings, readTable } from '@/records/spreadsheet'
import { RefusedError } from '@/ui/api/ask'
import { Lines } from '@/ui/forms/Field'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import type { Words } from '@/words/language'
import { nameSome, sayAllCame, sayListCame } from '@/words/people'
import { BadRows } from './BadRows'
import { bringInRecords, bringInWhole, type WholeCame } from './bring-in'
import { Columns } from './Columns'
import styles from './import.module.css'
import { type Opened, readFile } from './open-file'
import { takeTemplate } from './take-out'

export type CameIn = { people: string[]; message: string }

type ImportSheetProps = {
  open: boolean
  onClose: () => void
  units: BodyUnits
  /** Who is on the list already. */
  names: readonly string[]
  /** Who came in, and that in words; null where it was a whole house. */
  onDone: (came: CameIn | null) => void
}

/** People from a file: a table whose columns are matched by hand, or records taken out before. Nothing comes in unseen. */
export function ImportSheet({ open, onClose, units, names, onDone }: ImportSheetProps) {
  const t = useSay('screens.people')
  const words = useWords()

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
    return readTable(file.rows, mapping, readHeadings(file.headings, mapping, units), dayOf(now()))
  }, [file, mapping, units])
  const known = read?.records.filter(({ name }) => isOnList(names, name)) ?? []
  const coming = withKnown ? (read?.records ?? []) : (read?.records.filter((record) => !known.includes(record)) ?? [])
  const openText = (name: string, text: string) => {
    setProblem(null)
    try {
      const opened = readFile(name, text)
      setFile(opened)
      if (opened.kind === 'table') setMapping(guessColumns(opened.headings))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setProblem(words.say('people.came.unopened', { name, why: sayFieldError(error, words) }))
    }
  }
  const openFile = async (picked: File | undefined) => {
    if (picked) openText(picked.name, await picked.text())
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
  const mend = (row: number, column: number, text: string) => {
    if (file?.kind !== 'table') return
    const cells = [...(file.rows[row] ?? [])]
    cells[column] = text
    setFile({ ...file, rows: file.rows.with(row, cells) })
  }
  const bringInPeople = () =>
    bringIn(async () => {
      const people = await bringInRecords(coming, setDone)
      setFile(null)
      onDone({ people, message: sayListCame(coming.length, groupsOf(coming), read?.bad.length ?? 0, words) })
    })
  const bringBack = (whole: WholeDocument) => bringIn(async () => setCame(await bringInWhole(whole, setDone)))
  const close = () => {
    if (came) onDone(null)
    setCame(null)
    setFile(null)
    setProblem(null)
    onClose()
  }
  return (
    <Sheet title={t('bringInList')} open={open} onClose={close} wide>
      <label className={styles.pick}>
        {t('aTableCsvRecords')}
        <input
          type="file"
          accept=".csv,.json,text/csv,application/json"
          onChange={(event) => openFile(event.target.files?.[0])}
        />
      </label>
      {!file && (
        <label className={styles.pick}>
          {words.say('people.came.paste')}
          <Lines
            rows={4}
            // A heading alone is no table yet: what is typed is read from its second line on.
            onChange={({ target }) => {
              if (target.value.trim().includes('\n')) openText(words.say('people.came.pasted'), target.value)
            }}
          />
        </label>
      )}
      {!file && (
        <p>
          {t('aTableNeedsName')} <Button onClick={() => takeTemplate(words)}>{t('takeTemplate')}</Button>
        </p>
      )}
      {problem && <p role="alert">{problem}</p>}
      {file?.kind === 'whole' && !came && (
        <WholeHouse whole={file.whole} done={done} onBringBack={() => bringBack(file.whole)} />
      )}
      {came && <p role="status">{sayAllCame(came, words)}</p>}
      {file?.kind === 'table' && <Columns table={file} mapping={mapping} onChange={setMapping} />}
      {read && (
        <>
          {read.bad.length > 0 && file && (
            <BadRows bad={read.bad} file={file} mapping={mapping} units={units} onMend={mend} />
          )}
          {known.length > 0 && (
            <label className={styles.known}>
              <Checkbox checked={withKnown} onChange={() => setWithKnown(!withKnown)} />
              <span>
                {words.say('people.came.known', {
                  n: known.length,
                  names: nameSome(namesOf(known, undefined, words), words),
                })}
              </span>
            </label>
          )}
          <p>
            {coming.length === 0
              ? t('nobodyCanBroughtIn')
              : t('nWillBroughtIn', { n: coming.length, nameSome: nameSome(namesOf(coming, units, words), words) })}
          </p>
          <div className={sheet.actions}>
            <Button variant="contained" disabled={done !== null || coming.length === 0} onClick={bringInPeople}>
              {done === null ? t('bringInN', { n: coming.length }) : t('bringingInN', { n: Math.round(done * 100) })}
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
  whole: { people, postures, plans, routines, house, takenOutAt, setAside },
  done,
  onBringBack,
}: WholeHouseProps) {
  const t = useSay('screens.people')
  const words = useWords()

  return (
    <>
      <p>
        {words.say('people.came.takenOut', {
          day: words.day(dayOf(new Date(takenOutAt))),
          people: people.length,
          kept: people.reduce((sum, one) => sum + one.kept.length, 0),
          postures: postures.length,
          plans: plans.length,
          routines: routines.length,
          house: house ? 'yes' : 'no',
        })}
        {setAside.length > 0 && ` ${words.say('people.came.setAside', { n: setAside.length })}`}
      </p>
      <div className={sheet.actions}>
        <Button variant="contained" disabled={done !== null} onClick={onBringBack}>
          {done === null ? t('bringBack') : t('bringingBackN', { n: Math.round(done * 100) })}
        </Button>
      </div>
    </>
  )
}

const groupsOf = (records: readonly RecordDocument[]) => [...new Set(records.flatMap(({ groups }) => groups))]

const isOnList = (names: readonly string[], name: string) =>
  names.some((one) => one.localeCompare(name.trim(), undefined, { sensitivity: 'accent' }) === 0)

/** Their names; with units, as their height and mass were read. */
const namesOf = (records: readonly RecordDocument[], units: BodyUnits | undefined, words: Words): string[] =>
  records.map(({ name, body }) => {
    if (!units) return name
    const [height, mass] = [sayHeight(body.statureM, units), sayMass(body.massKg, units)]
    return words.say('people.came.measured', { name, height, mass })
  })
