import { type Body, type PhotoReading, tryAnalyse, type Vec2 } from '@/core'
import type { Done } from '@/teaching/practice/doing'
import type { KeptPicture } from './store'

type Line = { from: Vec2; to: Vec2; kind: 'computed' }

/**
 * The computed body of a stance as lines on a picture from the side: the leg and trunk that face the camera, its ankle
 * on the ankle of the picture, as large as the picture's scale says and as upright as the plumb line.
 */
export function computedLines(
  { stance }: Done,
  body: Body,
  { points, view, facing }: Pick<KeptPicture, 'points' | 'view' | 'facing'>,
  { metresInPixel }: PhotoReading,
  plumb: readonly [Vec2, Vec2] | null,
): Line[] {
  const { ankle } = points
  const pose = tryAnalyse(body, stance)?.pose
  if (!ankle || !pose || view === 'front') return []
  const side = facing === 'right' ? 'right' : 'left'
  const sign = facing === 'right' ? 1 : -1
  const chain = (['Ankle', 'Knee', 'Hip', 'Shoulder'] as const).map((joint) => pose.joints[`${side}${joint}`])
  const [, y0, z0] = chain[0] as readonly [number, number, number]
  const hanging: Vec2 = plumb ? [plumb[1][0] - plumb[0][0], plumb[1][1] - plumb[0][1]] : [0, 1]
  // A line that was drawn upward hangs all the same.
  const down = hanging[1] < 0 ? -1 : 1
  const turned = Math.atan2(-down * hanging[0], down * hanging[1])
  const place = ([, y, z]: readonly [number, number, number]): Vec2 => {
    const [right, up] = [(sign * (y - y0)) / metresInPixel, (z - z0) / metresInPixel]
    return [
      ankle[0] + right * Math.cos(turned) + up * Math.sin(turned),
      ankle[1] + right * Math.sin(turned) - up * Math.cos(turned),
    ]
  }
  const placed = chain.map(place)
  return placed.slice(1).map((to, i) => ({ from: placed[i] as Vec2, to, kind: 'computed' }))
}
