import { COLUMNS, type Column, type Mapping } from '@/records/spreadsheet'
import { Pick } from '@/ui/forms/Pick'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayColumn } from '@/words/records'
import styles from './import.module.css'
import type { Opened } from './open-file'

type ColumnsProps = {
  table: Extract<Opened, { kind: 'table' }>
  mapping: Mapping
  onChange: (mapping: Mapping) => void
}

const SHOWN = 3

/** Each column of the file with its first cells, and what it is taken for. */
export function Columns({ table: { headings, rows }, mapping, onChange }: ColumnsProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const choose = (at: number, column: Column | null) =>
    onChange(mapping.map((one, i) => (i === at ? column : one === column ? null : one)))
  return (
    <div className={styles.columns}>
      {headings.map((heading, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a column is its place in the file
        <div key={i} data-used={mapping[i] !== null}>
          <strong>{heading || `column ${i + 1}`}</strong>
          <Pick
            aria-label={t('columnIs', { column: heading || `column ${i + 1}` })}
            value={mapping[i] ?? ''}
            onChange={(event) => choose(i, (event.target.value || null) as Column | null)}
          >
            <option value="">{t('leftOut')}</option>
            {COLUMNS.map((column) => (
              <option key={column} value={column}>
                {sayColumn(column, words)}
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
