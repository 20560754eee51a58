import type { Margins } from '@/core'
import { Vial } from './Vial'

const LENGTH = 84
const HEIGHT = 26
/** Where the bubble stands that left the glass. */
const OFF = 12

type SmallVialProps = { margins: Margins; reserve: number }

/** The vial of a stance toward its nearest edge, crosswise or lengthwise, small: the base fills most of the glass. */
export function SmallVial({ margins, reserve }: SmallVialProps) {
  const { nearest, nearestDirection, left, right, back, forward } = margins
  const sideways = Math.abs(Math.sin(nearestDirection)) > Math.abs(Math.cos(nearestDirection))
  const [toLow, toHigh] = sideways ? [left, right] : [back, forward]
  const scale = LENGTH / (Math.max(toLow + toHigh, 0.05) * 1.3)
  const beyond = nearest < 0
  // From outside, the nearest edge lies the other way: to the low end where the bubble is off the high one.
  const offHigh = sideways ? nearestDirection > 0 : Math.cos(nearestDirection) < 0
  const off = offHigh ? LENGTH - OFF : OFF
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
        bubbleAt={beyond ? off : LENGTH / 2 + ((toLow - toHigh) / 2) * scale}
        scale={scale}
        toLow={toLow}
        toHigh={toHigh}
        reserve={reserve}
        beyond={beyond}
        thickness={15}
      />
    </svg>
  )
}
