import Button from '@mui/material/Button'
import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import { MARKS, type Mark } from '@/records/today'
import { Sheet } from '@/ui/words/Sheet'
import { ENGLISH } from '@/words/language'
import { sayToday } from '@/words/limits'
import { sayMark } from '@/words/records'
import styles from './class-fit.module.css'
import type { Member } from './member'

type RollCallProps = {
  open: boolean
  day: string
  members: readonly Member[]
  problem: string | null
  onMark: (marks: readonly { person: string; mark: Mark }[]) => void
  onClose: () => void
}

/** Who is here today and how: one touch for each who is not as usual, kept at once and gone tomorrow. */
export function RollCall({ open, day, members, problem, onMark, onClose }: RollCallProps) {
  const sorted = members.toSorted((a, b) => a.name.localeCompare(b.name))
  const unusual = sorted.filter(({ person }) => person.mark !== 'here')
  return (
    <Sheet title={`Roll call, ${ENGLISH.day(day)}`} open={open} onClose={onClose}>
      <p className={styles.quiet}>
        Everybody is here and as usual but whom you mark. It holds until the day ends; what each mark lowers is set{' '}
        <a href="/house">in the house</a>.
      </p>
      {problem && <p role="alert">{problem}</p>}
      <ul className={styles.roll}>
        {sorted.map(({ id, name, person }) => (
          <li key={id} data-mark={person.mark ?? 'other'}>
            <strong>
              {name}
              {person.mark === null && person.today && <small>{sayToday(person.today)}</small>}
            </strong>
            <ToggleButtonGroup
              exclusive
              value={person.mark}
              aria-label={name}
              onChange={(_, mark: Mark | null) => onMark([{ person: id, mark: mark ?? 'here' }])}
            >
              {MARKS.map((mark) => (
                <ToggleButton key={mark} value={mark}>
                  {sayMark(mark)}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </li>
        ))}
      </ul>
      {unusual.length > 0 && (
        <Button onClick={() => onMark(unusual.map(({ id }) => ({ person: id, mark: 'here' })))}>
          Everybody is here and as usual
        </Button>
      )}
    </Sheet>
  )
}
