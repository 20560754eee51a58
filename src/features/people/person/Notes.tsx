import Button from '@mui/material/Button'
import type { Group } from '@/records/groups'
import { TypedField } from '@/ui/words/TypedField'
import { ENGLISH } from '@/words/language'
import { sayUnanswered } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import { RecordFile } from './RecordFile'
import { TakeAway } from './TakeAway'
import type { TakeGroups } from './use-groups'

type NotesProps = PartProps & { id: string; groups: readonly Group[]; takeGroups: TakeGroups }

/** What is noted of somebody, and what can be done with their record as a whole. */
export function Notes({ record, change, id, groups, takeGroups }: NotesProps) {
  return (
    <section className={styles.part} aria-label="Notes">
      <h2>Notes</h2>
      <label className={styles.wide}>
        In a line, shown on the bench
        <TypedField
          value={record.story}
          maxLength={500}
          onTyped={(story) => change((r) => ({ ...r, story }), 'story')}
        />
      </label>
      <label className={styles.wide}>
        Everything else
        <TypedField
          value={record.notes}
          maxLength={5000}
          rows={3}
          onTyped={(notes) => change((r) => ({ ...r, notes }), 'notes')}
        />
      </label>
      {record.noteOpen && record.notes && (
        <p className={styles.open}>
          {sayUnanswered([{ note: record.notes }])}{' '}
          <Button onClick={() => change(({ noteOpen: _, ...r }) => r)}>{ENGLISH.say('people.notes.answered')}</Button>
        </p>
      )}
      <div className={styles.actions}>
        <RecordFile record={record} change={change} groups={groups} takeGroups={takeGroups} />
        <TakeAway record={record} change={change} id={id} />
      </div>
    </section>
  )
}
