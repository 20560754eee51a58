import Button from '@mui/material/Button'
import Radio from '@mui/material/Radio'
import { useState } from 'react'
import type { RecordDocument } from '@/documents/record-document'
import type { BodyUnits } from '@/records/body-units'
import type { Group } from '@/records/groups'
import { compareRecords, joinRecords, type Version } from '@/records/merge'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
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

const VERSIONS: readonly [Version, string][] = [
  ['here', 'here, not saved yet'],
  ['there', 'saved meanwhile'],
]

/** Saved in two places: what differs is laid side by side, and chosen part by part. */
export function ConflictSheet({ base, here, there, groups, units, onSettle }: ConflictSheetProps) {
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
    <Sheet title="Somebody else saved this record meanwhile" open wide>
      <p>Yours is not saved yet. Choose what stays; what both have stays anyway.</p>
      <div className={styles.conflict}>
        {differences.map(({ part, items, version }) => (
          <fieldset key={part.name}>
            <legend>{sayPart(part.name)}</legend>
            {VERSIONS.map(([of, words]) => (
              <label key={of} data-chosen={version === of}>
                <Radio
                  name={part.name}
                  checked={version === of}
                  onChange={() => setChosen({ ...chosen, [part.name]: of })}
                />
                <span>
                  <small>{words}</small>
                  {items[of].length === 0 ? (
                    <em>nothing more</em>
                  ) : (
                    items[of].map((item) => (
                      <span key={sayItem(item, groups, units)}>{sayItem(item, groups, units)}</span>
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
          Keep what is chosen
        </Button>
      </div>
    </Sheet>
  )
}
