import Button from '@mui/material/Button'
import type { PainPlace } from '@/documents/pain-places'
import type { Mark } from '@/records/today'
import { RollList } from '@/ui/people/RollList'
import { Sheet } from '@/ui/words/Sheet'
import { useSay, useWords } from '@/ui/words/use-words'
import styles from './class-fit.module.css'
import type { Member } from './member'

type RollCallProps = {
  open: boolean
  day: string
  members: readonly Member[]
  problem: string | null
  onMark: (marks: readonly { person: string; mark: Mark; at?: PainPlace }[]) => void
  onClose: () => void
}

/** Who is here today and how: one touch for each who is not as usual, kept at once and gone tomorrow. */
export function RollCall({ open, day, members, problem, onMark, onClose }: RollCallProps) {
  const t = useSay('screens.classFit')
  const words = useWords()

  const sorted = members.toSorted((a, b) => a.name.localeCompare(b.name))
  const unusual = sorted.filter(({ person }) => person.mark !== 'here')
  return (
    <Sheet title={t('rollCallDay', { day: words.day(day) })} open={open} onClose={onClose}>
      <p className={styles.quiet}>
        {t('everybodyHereAsUsual')} <a href="/house">{t('inHouse')}</a>.
      </p>
      {problem && <p role="alert">{problem}</p>}
      <RollList
        people={sorted.map(({ id, name, person: { mark, today, soreAt } }) => ({ id, name, mark, today, at: soreAt }))}
        onMark={(person, mark, at) => onMark([{ person, mark, ...(at && { at }) }])}
      />
      {unusual.length > 0 && (
        <Button onClick={() => onMark(unusual.map(({ id }) => ({ person: id, mark: 'here' })))}>
          {t('everybodyHereAsUsual2')}
        </Button>
      )}
    </Sheet>
  )
}
