import type { Body, ShownPath } from '@/core'
import { type Axis, readAxis } from '@/draw/bubble'
import { Vial } from '@/ui/vial/Vial'
import { useWords } from '@/ui/words/use-words'
import { usePlayed } from '../state/use-played'
import { useSaid } from '../state/use-said'
import styles from './body.module.css'

const LENGTH = 148
const THICKNESS = 20
/** Metres of floor that a vial shows. */
const SHOWN = 0.5

/** What the second that is looked at shows, and both its vials: the bubble stands where the centre stands between the edges. */
export function PlayedVials({ path, body }: { path: ShownPath; body: Body }) {
  const words = useWords()
  const drawn = usePlayed(path, body)
  const { said } = useSaid(path)
  if (!drawn) return <p>{words.say('path.play.none')}</p>
  const { reserve } = drawn
  const { usable } = drawn.margins
  const scale = LENGTH / SHOWN
  const vial = (axis: Axis) => (
    <figure key={axis}>
      <svg width={LENGTH + 4} height={34} viewBox={`-2 -18 ${LENGTH + 4} 34`} aria-hidden="true">
        <Vial
          length={LENGTH}
          scale={scale}
          reserve={reserve}
          thickness={THICKNESS}
          {...readAxis(usable, axis, LENGTH, scale)}
        />
      </svg>
      <figcaption>{words.say(`path.play.${axis}`)}</figcaption>
    </figure>
  )
  return (
    <div className={styles.vials}>
      <p className={styles.instant}>{said}</p>
      {vial('across')}
      {vial('along')}
    </div>
  )
}
