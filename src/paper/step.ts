import type { Body, Roll, Side, Vec2 } from '@/core'
import { bearingRing, footAt, midline, solePath } from '@/draw/footprint'
import { ringPath, toScreen } from '@/draw/plan'
import { type Drawing, MILLIMETRES } from './floor'
import type { Print } from './path-sheet'
import type { Mark } from './sheet'

const AROUND = 40

type Rolls = Pick<Roll, 'foot' | 'what' | 'leaves'>

/**
 * A step of a path at true size: where the feet stand before a part, and where they land in it. `part` is counted from
 * 0; the feet of the first are where one begins. Of a foot that rolls on the way, what stays down is tinted: its ball
 * under a heel that comes up behind the weight, where it meets the floor under one that arrives.
 */
export function drawStep(body: Body, prints: readonly Print[], part: number, rolls: readonly Rolls[] = []): Drawing {
  const before = (['left', 'right'] as const satisfies readonly Side[]).flatMap((side) => {
    const last = prints.findLast((one) => one.foot === side && one.part < part)
    return last ? [{ print: last, lands: false }] : []
  })
  const drawn = [...before, ...prints.filter((one) => one.part === part).map((print) => ({ print, lands: true }))]
  const points: Vec2[] = []
  const marks = drawn.flatMap(({ print, lands }): Mark[] => {
    const foot = footAt(print.foot, print.heel, print.yaw, print.contact, body)
    const at = (u: number, v = 0) => toScreen(MILLIMETRES, midline(foot, u, v))
    points.push(at(0), at(1), at(0.65, 0.5), at(0.65, -0.5))
    const [x, y] = at(0.42)
    const [from, to] = [at(0), at(1)]
    const rolled = rolls.filter((one) => one.foot === print.foot && one.leaves === !lands)
    return [
      ...rolled.map(
        ({ what }): Mark => ({
          kind: 'path',
          d: ringPath(MILLIMETRES, bearingRing({ ...foot, contact: what === 'heel' ? 'ball' : 'heel' })),
          fill: 'wash',
          stroke: 'tide',
          width: 0.5,
        }),
      ),
      {
        kind: 'path',
        d: solePath(MILLIMETRES, foot),
        stroke: 'ink',
        width: 0.7,
        ...(lands ? rolled.length === 0 && { fill: 'wash' as const } : { dash: [4, 2.5] }),
      },
      { kind: 'path', d: `M${from.join(' ')}L${to.join(' ')}`, stroke: lands ? 'ink' : 'soft', width: 0.35 },
      {
        kind: 'text',
        x,
        y,
        text: `${print.foot === 'left' ? 'L' : 'R'}${lands ? ` ${part + 1}` : ''}`,
        size: 14,
        bold: lands,
        anchor: 'middle',
        ink: lands ? 'ink' : 'soft',
      },
    ]
  })
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  return {
    marks,
    box: {
      left: Math.min(...xs) - AROUND,
      right: Math.max(...xs) + AROUND,
      top: Math.min(...ys) - AROUND,
      bottom: Math.max(...ys) + AROUND,
    },
  }
}
