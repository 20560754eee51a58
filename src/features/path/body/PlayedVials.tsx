import { type Axis, readAxis } from '@/draw/bubble'
import type { Played } from '@/ui/figure/draw-played'
import { Vial } from '@/ui/vial/Vial'
import { ENGLISH } from '@/words/language'
import styles from './body.module.css'

const LENGTH = 148
const THICKNESS = 20
/** Metres of floor that a vial shows. */
const SHOWN = 0.5

/** Both vials of the instant: the bubble stands where the centre stands between the edges. */
export function PlayedVials({ drawn: { margins, reserve } }: { drawn: Played }) {
  const { usable } = margins
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
      <figcaption>{ENGLISH.say(`path.play.${axis}`)}</figcaption>
    </figure>
  )
  return (
    <div className={styles.vials}>
      {vial('across')}
      {vial('along')}
    </div>
  )
}
