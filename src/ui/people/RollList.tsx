import ToggleButton from '@mui/material/ToggleButton'
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup'
import type { ReactNode } from 'react'
import type { PainPlace } from '@/documents/pain-places'
import { MARKS, type Mark } from '@/records/today'
import { useWords } from '@/ui/words/use-words'
import { sayToday } from '@/words/limits'
import { sayMark } from '@/words/records'
import styles from './roll-list.module.css'
import { SoreAt } from './SoreAt'

/** Somebody on a roll: how today has them, and why where that is a reason of its own. */
export type OnRoll = {
  id: string
  name: string
  mark: Mark | null
  today: string | null
  at?: PainPlace | null
  more?: ReactNode
}

type RollListProps = { people: readonly OnRoll[]; onMark: (person: string, mark: Mark, at?: PainPlace) => void }

/** A roll call: one touch for each who is not as usual. */
export function RollList({ people, onMark }: RollListProps) {
  const words = useWords()
  return (
    <ul className={styles.roll}>
      {people.map(({ id, name, mark, today, at, more }) => (
        <li key={id} data-mark={mark ?? 'other'}>
          <div>
            <strong>{name}</strong>
            {mark === null && today && <small>{sayToday(today, words)}</small>}
            {mark === 'sore' && <SoreAt name={name} at={at ?? null} onChoose={(where) => onMark(id, 'sore', where)} />}
            {more}
          </div>
          <ToggleButtonGroup
            exclusive
            value={mark}
            aria-label={name}
            onChange={(_, next: Mark | null) => onMark(id, next ?? 'here')}
          >
            {MARKS.map((one) => (
              <ToggleButton key={one} value={one}>
                {sayMark(one, words)}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </li>
      ))}
    </ul>
  )
}
