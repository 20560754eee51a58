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

const BOW = 7

/**
 * A bubble vial lying along x, in its own SVG group: a curved glass, the part between the edges marked, the reserve
 * inside each edge paler. It is drawn at the floor's own scale, so that the bubble stands where the centre stands.
 */
export function Vial({ length, bubbleAt, scale, toLow, toHigh, reserve, beyond, thickness = 26 }: VialProps) {
  const bow = Math.min(BOW, length / 30)
  /** Height of the glass' axis above its ends: a shallow parabola. */
  const rise = (x: number) => -4 * bow * (x / length) * (1 - x / length)
  const low = clamp(bubbleAt - toLow * scale, 0, length)
  const high = clamp(bubbleAt + toHigh * scale, 0, length)
  const inner = [low + reserve * scale, high - reserve * scale] as const
  const band = (from: number, to: number) => bandPath(from, to, thickness, rise)
  const half = Math.min(18, Math.max(9, length / 24))
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

function bandPath(from: number, to: number, thickness: number, rise: (x: number) => number): string {
  const steps = 12
  const points = Array.from({ length: steps + 1 }, (_, i) => from + ((to - from) * i) / steps)
  const line = (xs: number[], side: 1 | -1) =>
    xs.map((x) => `${x.toFixed(1)} ${(rise(x) + (side * thickness) / 2).toFixed(1)}`)
  return `M${line(points, -1).join('L')}L${line([...points].reverse(), 1).join('L')}Z`
}

const clamp = (x: number, low: number, high: number) => Math.min(high, Math.max(low, x))
