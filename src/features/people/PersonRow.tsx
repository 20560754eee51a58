import VisibilityOutlined from '@mui/icons-material/VisibilityOutlined'
import { memo } from 'react'
import type { RosterRow } from '@/keeping/roster'
import { SmallVial } from '@/ui/vial/SmallVial'
import { useSay, useWords } from '@/ui/words/use-words'
import { byEstimateIn, Judged, verdictWordsIn } from '@/ui/words/VerdictMark'
import type { Words } from '@/words/language'
import { sayLimit, sayToday } from '@/words/limits'
import { sayDue, sayUnanswered } from '@/words/records'
import styles from './people.module.css'

/** `groups`: their names, where they are shown. */
type PersonRowProps = { row: RosterRow; day: string; groups: string }

/** Somebody of the class: how they stand, what limits them, what is due. */
export const PersonRow = memo(function PersonRow({ row, day, groups }: PersonRowProps) {
  const t = useSay('screens.people')
  const words = useWords()

  const { id, name, story, standing, limits, due, today } = row
  const open = sayUnanswered(row.unanswered, words)
  return (
    <li>
      <a href={`/people/${id}`} className={styles.row}>
        <span className={styles.stands}>
          {standing?.verdict && <Judged verdict={standing.verdict} size={20} estimated={standing.estimated} />}
          {standing && !standing.verdict && <SeenMark />}
          <span className="for-ears">{sayStanding(standing, words)}</span>
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
          {limits.length > 0 ? limits.map((one) => sayLimit(one, words)).join(' · ') : t('noLimitsSet')}
        </span>
        <span className={styles.due}>
          {open && <strong>{open}</strong>}
          {today && <strong>{t('todayToday', { today: sayToday(today, words) })}</strong>}
          {standing?.seen && (
            <span>{t('seenStandingDayReach', { day: words.day(standing.seen, day.slice(0, 4)) })}</span>
          )}
          {due.map((one) => (
            <span key={sayDue(one, words)}>{sayDue(one, words)}</span>
          ))}
        </span>
      </a>
    </li>
  )
})

function sayStanding(standing: RosterRow['standing'], words: Words): string {
  if (!standing) return words.say('screens.people.ownStandingNotKnown')
  if (!standing.verdict) return words.say('screens.people.ownStandingSeenNot')
  return `${standing.sits ? words.say('screens.people.sitting') : words.say('screens.people.ownStanding')}: ${verdictWordsIn(words)[standing.verdict].toLowerCase()}${standing.estimated ? `, ${byEstimateIn(words)}` : ''}.`
}

/** Seen standing, while only an estimate says otherwise: an eye, and no verdict. */
const SeenMark = () => <VisibilityOutlined sx={{ fontSize: 20, color: 'var(--ink-soft)' }} aria-hidden />
