import Button from '@mui/material/Button'
import type { BenchPerson } from '@/keeping/bench'
import { useSay } from '@/ui/words/use-words'
import styles from './bench.module.css'
import { asTaught, redo, undo, useBench } from './state/store'
import { useHistory } from './state/use-analysis'

type HeadToolsProps = { person: BenchPerson; fine: boolean; onFine: () => void; onKeys: () => void }

/** What is done with the bench as a whole, and the ways to whoever is on it. */
export function HeadTools({ person, fine, onFine, onKeys }: HeadToolsProps) {
  const t = useSay('screens.bench')
  const { canUndo, canRedo } = useHistory()
  const posture = useBench((state) => state.posture)
  const [group] = person.groups
  return (
    <nav className={styles.tools} aria-label={t('bench')}>
      <Button href={`/people/${person.id}`} aria-label={t('pageName', { name: person.name })}>
        {t('page')}
      </Button>
      <Button
        href={`/can?person=${encodeURIComponent(person.id)}`}
        aria-label={t('whatNameCanDo', { name: person.name })}
      >
        {t('canDo')}
      </Button>
      {group && (
        <Button
          href={`/class?group=${encodeURIComponent(group.id)}&posture=${encodeURIComponent(posture)}`}
          aria-label={t('classNameInPosture', { name: group.name })}
        >
          {t('class')}
        </Button>
      )}
      <Button onClick={asTaught}>{t('asTaught')}</Button>
      <Button aria-expanded={fine} onClick={onFine}>
        {fine ? t('less') : t('more')}
      </Button>
      <Button onClick={undo} disabled={!canUndo}>
        {t('undo')}
      </Button>
      <Button onClick={redo} disabled={!canRedo}>
        {t('redo')}
      </Button>
      <Button className={styles.keys} onClick={onKeys}>
        {t('keys')}
      </Button>
    </nav>
  )
}
