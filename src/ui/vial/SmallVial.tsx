import type { Analysis } from '@/core'
import { Vial } from './Vial'

const LENGTH = 84
const HEIGHT = 26

/** The crosswise or lengthwise vial of a stance, small, for a row: the base fills most of the glass. */
export function SmallVial({ analysis, along }: { analysis: Analysis; along: 'across' | 'ahead' }) {
  const { usable } = analysis.margins
  const beyond = usable.nearest < 0
  const [toLow, toHigh] = along === 'across' ? [usable.left, usable.right] : [usable.back, usable.forward]
  const span = Math.max(toLow + toHigh, 0.05) * 1.3
  const scale = LENGTH / span
  const bubbleAt = beyond ? (along === 'across' ? LENGTH - 12 : 12) : LENGTH / 2 + ((toLow - toHigh) / 2) * scale
  return (
    <svg width={LENGTH} height={HEIGHT} viewBox={`-1 ${-HEIGHT / 2 - 2} ${LENGTH + 2} ${HEIGHT}`} aria-hidden="true">
      <Vial
        length={LENGTH}
        bubbleAt={bubbleAt}
        scale={scale}
        toLow={toLow}
        toHigh={toHigh}
        reserve={analysis.reserve}
        beyond={beyond}
        thickness={15}
      />
    </svg>
  )
}

/** Whether a stance is nearest its edge to a side: then the crosswise vial says more than the lengthwise one. */
export const isNearestSideways = ({ margins: { usable } }: Analysis): boolean =>
  Math.min(usable.left, usable.right) < Math.min(usable.forward, usable.back)
