import Button from '@mui/material/Button'
import type { BenchPerson } from '@/keeping/bench'
import styles from './bench.module.css'
import { asTaught, redo, undo, useBench } from './state/store'
import { useHistory } from './state/use-analysis'

type HeadToolsProps = { person: BenchPerson; fine: boolean; onFine: () => void; onKeys: () => void }

/** What is done with the bench as a whole, and the ways to whoever is on it. */
export function HeadTools({ person, fine, onFine, onKeys }: HeadToolsProps) {
  const { canUndo, canRedo } = useHistory()
  const posture = useBench((state) => state.posture)
  const [group] = person.groups
  return (
    <nav className={styles.tools} aria-label="Bench">
      <Button href={`/people/${person.id}`} aria-label={`Page of ${person.name}`}>
        Page
      </Button>
      <Button href={`/can?person=${encodeURIComponent(person.id)}`} aria-label={`What ${person.name} can do`}>
        Can do
      </Button>
      {group && (
        <Button
          href={`/class?group=${encodeURIComponent(group.id)}&posture=${encodeURIComponent(posture)}`}
          aria-label={`Class ${group.name} in this posture`}
        >
          Class
        </Button>
      )}
      <Button onClick={asTaught}>As taught</Button>
      <Button aria-expanded={fine} onClick={onFine}>
        {fine ? 'Less' : 'More'}
      </Button>
      <Button onClick={undo} disabled={!canUndo}>
        Undo
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        Redo
      </Button>
      <Button className={styles.keys} onClick={onKeys}>
        Keys
      </Button>
    </nav>
  )
}
