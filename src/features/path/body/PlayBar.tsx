import type { ShownPath } from '@/core'
import { useWords } from '@/ui/words/use-words'
import styles from './body.module.css'
import { PlayTools } from './PlayTools'

/** Under the floor: play and time. */
export function PlayBar({ path }: { path: ShownPath }) {
  const words = useWords()
  return (
    <section className={styles.bar} aria-label={words.say('path.play.label')}>
      <PlayTools path={path} />
    </section>
  )
}
