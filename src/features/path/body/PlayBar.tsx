import type { Body, ShownPath } from '@/core'
import { ENGLISH } from '@/words/language'
import { usePlayed } from '../state/use-played'
import { useSaid } from '../state/use-said'
import styles from './body.module.css'
import { PlayedVials } from './PlayedVials'
import { PlayTools } from './PlayTools'

/** Under the floor: play and time, and what the second that is looked at shows. */
export function PlayBar({ path, body }: { path: ShownPath; body: Body }) {
  const drawn = usePlayed(path, body)
  const { said } = useSaid(path)
  return (
    <section className={styles.bar} aria-label={ENGLISH.say('path.play.label')}>
      <PlayTools path={path} />
      {drawn && <PlayedVials drawn={drawn} />}
      <p className={styles.instant}>{said}</p>
    </section>
  )
}
