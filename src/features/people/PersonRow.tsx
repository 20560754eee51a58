import VisibilityOutlined from '@mui/icons-material/VisibilityOutlined'
import { memo } from 'react'
import type { RosterRow } from '@/keeping/roster'
import { SmallVial } from '@/ui/vial/SmallVial'
import { BY_ESTIMATE, Judged, VERDICT_WORDS } from '@/ui/words/VerdictMark'
import { ENGLISH } from '@/words/language'
import { sayLimit, sayToday } from '@/words/limits'
import { sayDue, sayUnanswered } from '@/words/records'
import styles from './people.module.css'

/** `groups`: their names, where they are shown. */
type PersonRowProps = { row: RosterRow; day: string; groups: string }

/** Somebody of the class: how they stand, what limits them, what is due. */
export const PersonRow = memo(function PersonRow({ row, day, groups }: PersonRowProps) {
  const { id, name, story, standing, limits, due, today } = row
  const open = sayUnanswered(row.unanswered)
  return (
    <li>
      <a href={`/people/${id}`} className={styles.row}>
        <span className={styles.stands}>
          {standing?.verdict && <Judged verdict={standing.verdict} size={20} estimated={standing.estimated} />}
          {standing && !standing.verdict && <SeenMark />}
          <span className="for-ears">{sayStanding(standing)}</span>
          {standing && <SmallVial margins={standing.margins} reserve={standing.reserve} />}
        </span>
        <span className={styles.who}>
          <span>
            <strong>{name}</strong>
            {groups && <small>{groups}</small>}
          </span>
          {story && <small className={styles.story}>{story}</small>}
        </span>
        <span className={styles.limits}>
          {limits.length > 0 ? limits.map((one) => sayLimit(one)).join(' · ') : 'no limits set'}
        </span>
        <span className={styles.due}>
          {open && <strong>{open}</strong>}
          {today && <strong>today: {sayToday(today)}</strong>}
          {standing?.seen && (
            <span>seen standing {ENGLISH.day(standing.seen, day.slice(0, 4))}; reach not measured</span>
          )}
          {due.map((one) => (
            <span key={sayDue(one)}>{sayDue(one)}</span>
          ))}
        </span>
      </a>
    </li>
  )
})

function sayStanding(standing: RosterRow['standing']): string {
  if (!standing) return 'Own standing: not known.'
  if (!standing.verdict) return 'Own standing: seen, not measured.'
  return `${standing.sits ? 'Sitting' : 'Own standing'}: ${VERDICT_WORDS[standing.verdict].toLowerCase()}${standing.estimated ? `, ${BY_ESTIMATE}` : ''}.`
}

/** Seen standing, while only an estimate says otherwise: an eye, and no verdict. */
const SeenMark = () => <VisibilityOutlined sx={{ fontSize: 20, color: 'var(--ink-soft)' }} aria-hidden />
