import { bandPath, bowOf, clamp, halfBubble, rise as riseAt } from '@/draw/vial'

/** Where along a vial something stands: distances from the bubble to both edges of the base, and the reserve, metres. */
export type VialReading = { toLow: number; toHigh: number; reserve: number; beyond: boolean }

type VialProps = VialReading & {
  /** Pixels: where the vial begins and ends, and where the bubble stands on it. */
  length: number
  bubbleAt: number
  /** Pixels to a metre, so that the marks stand where the edges are. */
  scale: number
  thickness?: number
}

/**
 * A bubble vial lying along x, in its own SVG group: a curved glass, the part between the edges marked, the reserve
 * inside each edge paler. It is drawn at the floor's own scale, so that the bubble stands where the centre stands.
 */
export function Vial({ length, bubbleAt, scale, toLow, toHigh, reserve, beyond, thickness = 26 }: VialProps) {
  const bow = bowOf(length)
  const rise = (x: number) => riseAt(x, length, bow)
  const low = clamp(bubbleAt - toLow * scale, 0, length)
  const high = clamp(bubbleAt + toHigh * scale, 0, length)
  const inner = [low + reserve * scale, high - reserve * scale] as const
  const band = (from: number, to: number) => bandPath(from, to, thickness, rise)
  const half = halfBubble(length)
  const bubble = clamp(bubbleAt, half, length - half)
  return (
    <g>
      <path d={band(0, length)} fill="var(--paper-deep)" />
      {!beyond && <path d={band(low, high)} fill="var(--tide-faint)" />}
      {!beyond && inner[1] > inner[0] && <path d={band(inner[0], inner[1])} fill="var(--tide-wash)" />}
      <path d={band(0, length)} fill="none" stroke="var(--ink)" strokeWidth="1.4" strokeLinejoin="round" />
      {!beyond &&
        [low, high].map((x) => (
          <line
            key={x}
            x1={x}
            x2={x}
            y1={rise(x) - thickness / 2 - 3}
            y2={rise(x) + thickness / 2 + 3}
            stroke="var(--ink)"
            strokeWidth="2"
          />
        ))}
      <ellipse
        cx={bubble}
        cy={rise(bubble)}
        rx={half}
        ry={thickness / 2 - 4.5}
        fill="var(--bubble)"
        stroke={beyond ? 'var(--clay)' : 'var(--tide)'}
        strokeWidth="2.2"
      />
      <ellipse
        cx={bubble - half * 0.3}
        cy={rise(bubble) - thickness * 0.12}
        rx={half * 0.35}
        ry="1.6"
        fill="var(--tide-wash)"
      />
    </g>
  )
}
