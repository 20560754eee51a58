import type { Margins } from '@/core'
import { nearestAxis, readAxis } from '@/draw/bubble'
import { Vial } from './Vial'

const LENGTH = 84
const HEIGHT = 26

type SmallVialProps = { margins: Margins; reserve: number }

/** The vial of a stance toward its nearest edge, crosswise or lengthwise, small: the base fills most of the glass. */
export function SmallVial({ margins, reserve }: SmallVialProps) {
  const axis = nearestAxis(margins)
  const { left, right, back, forward } = margins
  const across = axis === 'across' ? left + right : back + forward
  const scale = LENGTH / (Math.max(across, 0.05) * 1.3)
  return (
    <svg
      data-vial
      width={LENGTH}
      height={HEIGHT}
      viewBox={`-1 ${-HEIGHT / 2 - 2} ${LENGTH + 2} ${HEIGHT}`}
      aria-hidden="true"
    >
      <Vial
        length={LENGTH}
        scale={scale}
        reserve={reserve}
        thickness={15}
        {...readAxis(margins, axis, LENGTH, scale)}
      />
    </svg>
  )
}
