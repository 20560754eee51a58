import { Vial } from './Vial'

const LENGTH = 84
const HEIGHT = 26

/** Distances from the centre to the edges of the usable base, metres; all 0 past the edge. */
export type Edges = { left: number; right: number; forward: number; back: number; nearest: number }

type SmallVialProps = { edges: Edges; reserve: number; along: 'across' | 'ahead' }

/** The crosswise or lengthwise vial of a stance, small, for a row: the base fills most of the glass. */
export function SmallVial({ edges, reserve, along }: SmallVialProps) {
  const beyond = edges.nearest < 0
  const [toLow, toHigh] = along === 'across' ? [edges.left, edges.right] : [edges.back, edges.forward]
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
        reserve={reserve}
        beyond={beyond}
        thickness={15}
      />
    </svg>
  )
}

/** Whether a stance is nearest its edge to a side: then the crosswise vial says more than the lengthwise one. */
export const isNearestSideways = (edges: Edges): boolean =>
  Math.min(edges.left, edges.right) < Math.min(edges.forward, edges.back)
