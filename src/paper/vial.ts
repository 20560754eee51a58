import type { Analysis } from '@/core'
import { nearestAxis, readAxis } from '@/draw/bubble'
import { bandPath, bowOf, clamp, rise } from '@/draw/vial'
import { ellipse } from './ellipse'
import type { Mark } from './sheet'

const THICK = 7
const MARK = 1.2

/** The vial of a stance toward its nearest edge, as on the bench, so many millimetres long; its origin at its left end. */
export function vialMarks({ margins, reserve }: Pick<Analysis, 'margins' | 'reserve'>, length: number): Mark[] {
  const { usable } = margins
  const axis = nearestAxis(usable)
  const span = axis === 'across' ? usable.left + usable.right : usable.back + usable.forward
  const scale = length / (Math.max(span, 0.05) * 1.3)
  const { toLow, toHigh, bubbleAt, beyond } = readAxis(usable, axis, length, scale)
  const bow = bowOf(length)
  const riseAt = (x: number) => rise(x, length, bow)
  const [low, high] = [clamp(bubbleAt - toLow * scale, 0, length), clamp(bubbleAt + toHigh * scale, 0, length)]
  const inner = [low + reserve * scale, high - reserve * scale] as const
  const half = length / 14
  const at = clamp(bubbleAt, half, length - half)
  const edge = (x: number): Mark => ({
    kind: 'path',
    d: `M${x.toFixed(2)} ${(riseAt(x) - THICK / 2 - MARK).toFixed(2)}v${THICK + 2 * MARK}`,
    stroke: 'ink',
    width: 0.5,
  })
  return [
    ...(!beyond && inner[1] > inner[0]
      ? [{ kind: 'path', d: bandPath(inner[0], inner[1], THICK, riseAt), fill: 'wash' } as const]
      : []),
    { kind: 'path', d: bandPath(0, length, THICK, riseAt), stroke: 'ink', width: 0.35 },
    ...(beyond ? [] : [edge(low), edge(high)]),
    {
      kind: 'path',
      d: ellipse(at, riseAt(at), half, THICK / 2 - 1.2),
      fill: 'paper',
      stroke: beyond ? 'clay' : 'ink',
      width: 0.7,
    },
  ]
}
