import Button from '@mui/material/Button'
import styles from './bench.module.css'
import { redo, undo } from './state/store'
import { useHistory } from './state/use-analysis'

type HeadToolsProps = { fine: boolean; onFine: () => void; onKeys: () => void }

/** What is done with the bench as a whole. */
export function HeadTools({ fine, onFine, onKeys }: HeadToolsProps) {
  const { canUndo, canRedo } = useHistory()
  return (
    <nav className={styles.tools} aria-label="Bench">
      <Button aria-expanded={fine} onClick={onFine}>
        {fine ? 'Less' : 'More'}
      </Button>
      <Button onClick={undo} disabled={!canUndo}>
        Undo
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        Redo
      </Button>
      <Button onClick={onKeys}>Keys</Button>
    </nav>
  )
}
