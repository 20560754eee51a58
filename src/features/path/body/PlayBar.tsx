import type { ShownPath } from '@/core'
import { ENGLISH } from '@/words/language'
import styles from './body.module.css'
import { PlayTools } from './PlayTools'

/** Under the floor: play and time. */
export function PlayBar({ path }: { path: ShownPath }) {
  return (
    <section className={styles.bar} aria-label={ENGLISH.say('path.play.label')}>
      <PlayTools path={path} />
    </section>
  )
}
