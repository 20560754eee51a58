import Button from '@mui/material/Button'
import type { Group } from '@/records/groups'
import { TypedField } from '@/ui/words/TypedField'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayUnanswered } from '@/words/records'
import type { PartProps } from './part-props'
import styles from './person.module.css'
import { RecordFile } from './RecordFile'
import { TakeAway } from './TakeAway'
import type { TakeGroups } from './use-groups'

type NotesProps = PartProps & { id: string; groups: readonly Group[]; takeGroups: TakeGroups }

/** What is noted of somebody, and what can be done with their record as a whole. */
export function Notes({ record, change, id, groups, takeGroups }: NotesProps) {
  const t = useSay('screens.people')
  const words = useWords()

  return (
    <section className={styles.part} aria-label={t('notes')}>
      <h2>{t('notes')}</h2>
      <label className={styles.wide}>
        {t('inLineShownOn')}
        <TypedField
          value={record.story}
          maxLength={500}
          onTyped={(story) => change((r) => ({ ...r, story }), 'story')}
        />
      </label>
      <label className={styles.wide}>
        {t('everythingElse')}
        <TypedField
          value={record.notes}
          maxLength={5000}
          rows={3}
          onTyped={(notes) => change((r) => ({ ...r, notes }), 'notes')}
        />
      </label>
      {record.noteOpen && record.notes && (
        <p className={styles.open}>
          {sayUnanswered([{ note: record.notes }], words)}{' '}
          <Button onClick={() => change(({ noteOpen: _, ...r }) => r)}>{words.say('people.notes.answered')}</Button>
        </p>
      )}
      <div className={styles.actions}>
        <RecordFile record={record} change={change} groups={groups} takeGroups={takeGroups} />
        <TakeAway record={record} change={change} id={id} />
      </div>
    </section>
  )
}
