import Button from '@mui/material/Button'
import { useState } from 'react'
import { InputError, type Reading } from '@/core'
import { readFigure } from '@/documents/read-figure'
import { readReadings } from '@/documents/readings/text'
import { COLUMNS, type Column, type FoundTrace, findTrace, readTrace } from '@/documents/readings/trace-csv'
import { OpenFileButton } from '@/ui/files/OpenFileButton'
import { Field, Lines } from '@/ui/forms/Field'
import { ChoiceWord } from '@/ui/words/ChoiceWord'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayFieldError } from '@/words/fields'
import { Figures } from '../Figures'
import styles from '../measure.module.css'

type BringTraceProps = { onRead: (readings: readonly Reading[]) => void }
const NOTHING = 'none'

/** A trace from a file or pasted: lines of readings, or a table whose columns are shown for confirmation first. */
export function BringTrace({ onRead }: BringTraceProps) {
  const say = useSay('measure.sway')
  const words = useWords()
  const [found, setFound] = useState<FoundTrace | null>(null)
  const [rate, setRate] = useState('50')
  const [problem, setProblem] = useState<string | null>(null)
  const attempt = (run: () => void) => {
    try {
      run()
      setProblem(null)
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      setProblem(sayFieldError(error, words))
    }
  }
  const bring = (text: string) =>
    attempt(() => {
      if (!text.trimStart().startsWith('{')) return setFound(findTrace(text))
      const { readings, wrong } = readReadings(text)
      if (readings.length === 0 && wrong[0]) throw wrong[0].error
      onRead(readings)
    })
  return (
    <div>
      <p className={styles.acts}>
        <OpenFileButton
          label={say('file')}
          accept=".csv,.txt,.tsv,.json,.ndjson,text/csv,text/plain"
          onFile={async (file) => bring(await file.text())}
        >
          {say('file')}
        </OpenFileButton>
      </p>
      <Figures verb={say('take')} onEnter={(read) => bring(read('paste'))}>
        <label className={styles.paste}>
          {say('paste')}
          <Lines name="paste" rows={3} required autoComplete="off" />
        </label>
      </Figures>
      {problem && <p role="alert">{problem}</p>}
      {found && (
        <section aria-label={say('columns')} className={styles.columns}>
          <p>
            {say('columns')}: {say('rows', { n: found.rows.length })}
          </p>
          <ul>
            {found.columns.map((column) => (
              <li key={column.index}>
                {column.name || column.index + 1}{' '}
                <ChoiceWord
                  label={`${say('columns')} ${column.name || column.index + 1}`}
                  value={column.is ?? NOTHING}
                  choices={[...COLUMNS, NOTHING].map((value) => ({ value: value as string, name: say(`is.${value}`) }))}
                  onChoose={(is) =>
                    setFound({
                      ...found,
                      columns: found.columns.map((one) =>
                        one === column ? { ...one, is: is === NOTHING ? null : (is as Column) } : one,
                      ),
                    })
                  }
                />{' '}
                <small>
                  {[column.unit, found.rows[0]?.[column.index], found.rows[1]?.[column.index], '…']
                    .filter((one) => one !== null && one !== undefined)
                    .join(' ')}
                </small>
              </li>
            ))}
          </ul>
          {!found.columns.some(({ is }) => is === 'time') && (
            <label className={styles.figures}>
              {say('rate')}
              <Field inputMode="decimal" value={rate} onChange={(event) => setRate(event.target.value)} />
            </label>
          )}
          <Button
            variant="contained"
            onClick={() =>
              attempt(() => {
                onRead(readTrace(found, readFigure(rate)))
                setFound(null)
              })
            }
          >
            {say('confirm')}
          </Button>
        </section>
      )}
    </div>
  )
}
