import type { BodyUnits } from '@/records/body-units'
import { type BadRow, columnOf, type Mapping } from '@/records/spreadsheet'
import { Field } from '@/ui/forms/Field'
import { useTaking } from '@/ui/words/use-taking'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import { sayColumn, sayRow } from '@/words/records'
import styles from './import.module.css'
import type { Opened } from './open-file'

type BadRowsProps = {
  bad: readonly BadRow[]
  file: Opened
  mapping: Mapping
  units: BodyUnits
  /** Another text for a cell of the table. */
  onMend: (row: number, column: number, text: string) => void
}

/** Who stays out and why; what a cell of a table should have been is typed here. */
export function BadRows({ bad, file, mapping, units, onMend }: BadRowsProps) {
  const t = useSay('screens.people')
  const words = useWords()

  return (
    <section className={styles.bad} aria-label={t('rowsStayOut')}>
      <h3>{bad.length === 1 ? t('oneRowStaysOut') : t('nRowsStayOut', { n: bad.length })}</h3>
      <ul>
        {bad.map(({ row, name, error }) => {
          const column = columnOf(error.field)
          const at = column ? mapping.indexOf(column) : -1
          return (
            <li key={row}>
              <span>
                <b>{name || `row ${row}`}</b>
                {name && ` (row ${row})`}:{' '}
                {file.kind === 'table' ? sayRow(error, units, words) : sayFieldError(error, words)}
              </span>
              {file.kind === 'table' && column && at >= 0 && (
                <Cell
                  label={t('columnOf', { column: sayColumn(column, words), row: name || `row ${row}` })}
                  text={file.rows[row - 2]?.[at] ?? ''}
                  onMend={(text) => onMend(row - 2, at, text)}
                />
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function Cell({ label, text, onMend }: { label: string; text: string; onMend: (text: string) => void }) {
  const { type, takeNow } = useTaking((typed) => typed !== text && onMend(typed), false)
  return (
    <Field
      aria-label={label}
      defaultValue={text}
      onChange={(event) => type(event.target.value)}
      onBlur={takeNow}
      onKeyDown={(event) => event.key === 'Enter' && takeNow()}
    />
  )
}
