import Button from '@mui/material/Button'
import type { RecordDocument } from '@/formats/record-document'
import type { KeptRecord } from '@/server/people'
import { Sheet } from '@/ui/words/Sheet'
import sheet from '@/ui/words/sheet.module.css'
import styles from './person.module.css'

type ConflictSheetProps = {
  mine: RecordDocument
  theirs: KeptRecord | null
  onSettle: (keep: 'mine' | 'theirs') => void
}

const PARTS: readonly [keyof RecordDocument, string][] = [
  ['name', 'name'],
  ['groups', 'groups'],
  ['body', 'body'],
  ['limits', 'limits'],
  ['conditions', 'conditions'],
  ['answers', 'answers to cautions'],
  ['tests', 'tests'],
  ['today', 'today'],
  ['watch', 'what to watch'],
  ['complaints', 'complaints'],
  ['story', 'the line'],
  ['notes', 'notes'],
  ['archived', 'put away'],
]

/** Saved in two places: both are shown, and one is chosen. */
export function ConflictSheet({ mine, theirs, onSettle }: ConflictSheetProps) {
  if (!theirs) return null
  const differing = PARTS.filter(([key]) => JSON.stringify(mine[key]) !== JSON.stringify(theirs.record[key]))
  return (
    <Sheet title="Somebody else saved this record meanwhile" open onClose={() => {}} wide>
      <p>Yours is not saved yet. These parts differ; choose which record stays.</p>
      <div className={styles.conflict}>
        {differing.map(([key, name]) => (
          <section key={key} aria-label={name}>
            <h3>{name}</h3>
            <p>
              <small>here</small>
              {sayPart(mine[key])}
            </p>
            <p>
              <small>saved meanwhile</small>
              {sayPart(theirs.record[key])}
            </p>
          </section>
        ))}
      </div>
      <div className={sheet.actions}>
        <Button variant="outlined" onClick={() => onSettle('theirs')}>
          Take what was saved
        </Button>
        <Button variant="contained" onClick={() => onSettle('mine')}>
          Keep what is here
        </Button>
      </div>
    </Sheet>
  )
}

/** A part of a record as words; entries one by one. */
function sayPart(value: unknown): string {
  if (value === undefined || value === '' || (Array.isArray(value) && value.length === 0)) return 'nothing'
  if (Array.isArray(value)) return value.map(sayPart).join(' · ')
  if (typeof value !== 'object' || value === null) return String(value)
  return Object.entries(value)
    .map(([key, part]) => `${key} ${sayPart(part)}`)
    .join(', ')
}
