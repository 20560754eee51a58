import type { Vec2 } from '@/core'
import type { Drawn } from '@/ui/figure/moving'
import { drawBody } from '@/ui/figure/parts'
import { FROM_ABOVE } from '@/ui/figure/view'

const TONES = { leg: 'var(--body-far)', arm: 'var(--body-mid)', trunk: 'var(--body-mid)', head: 'var(--body-near)' }
/** Metres that the shorter side of the picture shows. */
const SHOWN = 1.5

/** The body from above over its base, ahead of the room up. */
export function FromAbove({
  drawn,
  width,
  height,
  label,
}: {
  drawn: Drawn
  width: number
  height: number
  label: string
}) {
  const scale = Math.min(width, height) / SHOWN
  const place = ([x, y]: Vec2): Vec2 => [width / 2 + x * scale, height / 2 - y * scale]
  const path = (ring: readonly Vec2[]) =>
    `M${ring
      .map((point) =>
        place(point)
          .map((v) => v.toFixed(1))
          .join(' '),
      )
      .join('L')}Z`
  const [cx, cy] = place(drawn.pose.centre)
  return (
    <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={label}>
      <path d={path(drawn.full.map(({ x, y }): Vec2 => [x, y]))} fill="none" stroke="var(--ink-soft)" />
      <path d={path(drawn.usable.map(({ x, y }): Vec2 => [x, y]))} fill="var(--tide-wash)" />
      {drawBody(drawn.pose, FROM_ABOVE).map(({ key, ring, tone }) => (
        <path key={key} d={path(ring)} fill={TONES[tone]} stroke="var(--paper)" />
      ))}
      <circle cx={cx} cy={cy} r="6" fill="var(--clay)" stroke="var(--paper)" strokeWidth="1.5" />
    </svg>
  )
}
