import Button from '@mui/material/Button'
import Radio from '@mui/material/Radio'
import { useState } from 'react'
import type { RecordDocument } from '@/documents/record-document'
import type { BodyUnits } from '@/records/body-units'
import type { Group } from '@/records/groups'
import { compareRecords, joinRecords, type Version } from '@/records/merge'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import { useSay, useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { sayItem, sayPart } from '@/words/records'
import styles from './conflict.module.css'

type ConflictSheetProps = {
  /** What both began from, what this page has, and what was saved meanwhile. */
  base: RecordDocument
  here: RecordDocument
  there: RecordDocument
  groups: readonly Group[]
  units: BodyUnits
  onSettle: (record: RecordDocument) => void
}

const versionsIn = (words: Words): readonly [Version, string][] => [
  ['here', words.say('screens.ui.hereNotSavedYet')],
  ['there', words.say('screens.ui.savedMeanwhile')],
]

/** Saved in two places: what differs is laid side by side, and chosen part by part. */
export function ConflictSheet({ base, here, there, groups, units, onSettle }: ConflictSheetProps) {
  const t = useSay('screens.ui')
  const words = useWords()

  const [chosen, setChosen] = useState<Record<string, Version>>({})
  const differences = compareRecords(base, here, there).map((one) => ({
    ...one,
    version: chosen[one.part.name] ?? one.usual,
  }))
  const settle = () => {
    const fromThere = differences.filter(({ version }) => version === 'there').map(({ part }) => part)
    onSettle(joinRecords(here, there, fromThere))
  }
  return (
    <Sheet title={t('somebodyElseSavedRecord')} open wide>
      <p>{t('yoursNotSavedYet')}</p>
      <div className={styles.conflict}>
        {differences.map(({ part, items, version }) => (
          <fieldset key={part.name}>
            <legend>{sayPart(part.name, words)}</legend>
            {versionsIn(words).map(([of, said]) => (
              <label key={of} data-chosen={version === of}>
                <Radio
                  name={part.name}
                  checked={version === of}
                  onChange={() => setChosen({ ...chosen, [part.name]: of })}
                />
                <span>
                  <small>{said}</small>
                  {items[of].length === 0 ? (
                    <em>{t('nothingMore')}</em>
                  ) : (
                    items[of].map((item) => (
                      <span key={sayItem(item, groups, units, words)}>{sayItem(item, groups, units, words)}</span>
                    ))
                  )}
                </span>
              </label>
            ))}
          </fieldset>
        ))}
      </div>
      <div className={sheet.actions}>
        <Button variant="contained" onClick={settle}>
          {t('keepWhatChosen')}
        </Button>
      </div>
    </Sheet>
  )
}
