import { type Body, SIDES, type Stance, setFooting, type Vec2 } from '@/core'
import { midline, solePath } from '@/draw/footprint'
import { type Plan, ringPath, toScreen } from '@/draw/plan'
import { ellipse } from './ellipse'
import type { Mark } from './sheet'

/** The floor in millimetres: its origin at 0, ahead upward. */
export const MILLIMETRES: Plan = { width: 0, height: 0, scale: 1000, middle: [0, 0] }

export type Box = { left: number; top: number; right: number; bottom: number }

const AROUND = 40
/** The back and the seat of a chair, millimetres. */
const CHAIR = 400

/** What a drawing of a stance holds, floor to paper; lines as thick as they are to be on paper, at this scale of it. */
export type Drawing = { marks: Mark[]; box: Box }

type DrawOptions = { usable?: readonly Vec2[] | undefined; centre?: Vec2 | undefined; tape?: boolean; scale?: number }

const line = (a: Vec2, b: Vec2): string =>
  `M${a[0].toFixed(2)} ${a[1].toFixed(2)}L${b[0].toFixed(2)} ${b[1].toFixed(2)}`

/** Feet with their midlines, the base and the centre where they are given, hands, and the tape that they are laid by. */
export function drawStance(
  body: Body,
  stance: Stance,
  { usable, centre, tape = false, scale = 1 }: DrawOptions = {},
): Drawing {
  const { feet } = setFooting(body, stance)
  const at = (p: Vec2) => toScreen(MILLIMETRES, p)
  const points = SIDES.flatMap((side) =>
    [
      [0, 0],
      [1, 0],
      [0.65, 0.5],
      [0.65, -0.5],
    ].map(([u, v]) => at(midline(feet[side], u as number, v))),
  )
  const hands = stance.supports.map((support) => ({ support, place: at([support.at[0], support.at[1]]) }))
  const all = [...points, ...hands.map(({ place }) => place)]
  const box: Box = {
    left: Math.min(...all.map(([x]) => x)) - AROUND,
    right: Math.max(...all.map(([x]) => x)) + AROUND,
    top: Math.min(...all.map(([, y]) => y)) - AROUND,
    bottom: Math.max(...all.map(([, y]) => y)) + AROUND,
  }
  const thin = 0.35 / scale
  const marks: Mark[] = []
  if (tape) marks.push(...tapeOf(stance, box, 1 / scale))
  if (usable)
    marks.push({
      kind: 'path',
      d: ringPath(MILLIMETRES, usable),
      stroke: 'tide',
      width: thin * 1.6,
      dash: [4 / scale, 2.5 / scale],
    })
  for (const side of SIDES) {
    const foot = feet[side]
    const lifted = foot.contact !== 'whole'
    marks.push({
      kind: 'path',
      d: solePath(MILLIMETRES, foot),
      stroke: 'ink',
      width: 0.7 / scale,
      fill: lifted ? 'paper' : 'wash',
      ...(lifted && { dash: [4 / scale, 2.5 / scale] }),
    })
    marks.push({ kind: 'path', d: line(at(midline(foot, 0)), at(midline(foot, 1))), stroke: 'ink', width: thin })
    const [x, y] = at(midline(foot, 0.42))
    marks.push({
      kind: 'text',
      x,
      y,
      text: side === 'left' ? 'L' : 'R',
      size: 9 / scale > 40 ? 40 : Math.max(14, 9 / scale),
      bold: true,
      anchor: 'middle',
    })
  }
  for (const { support, place } of hands)
    marks.push(...handMarks(support.kind === 'chair-back', support.hand === 'right', place, scale))
  if (centre) marks.push(...centreMarks(at(centre), scale))
  return { marks, box }
}

/** Tape across at the rear heel, and ahead from it: what everything else is measured from. */
function tapeOf({ feet }: Stance, { left, right, top, bottom }: Box, thick: number): Mark[] {
  const rear = feet.left.heel[1] <= feet.right.heel[1] ? feet.left.heel : feet.right.heel
  const [x, y] = toScreen(MILLIMETRES, rear)
  const dash = [7 * thick, 4 * thick]
  return [
    { kind: 'path', d: line([left, y], [right, y]), stroke: 'clay', width: 1.1 * thick, dash },
    { kind: 'path', d: line([x, bottom], [x, top]), stroke: 'clay', width: 1.1 * thick, dash },
  ]
}

function handMarks(chair: boolean, right: boolean, [x, y]: Vec2, scale: number): Mark[] {
  const stroke = { kind: 'path' as const, stroke: 'wood' as const, width: 0.8 / scale }
  if (!chair) return [{ ...stroke, d: circle([x, y], 15) }]
  const seat = right ? x : x - CHAIR
  return [
    { ...stroke, d: `M${seat} ${y - CHAIR / 2}h${CHAIR}v${CHAIR}h${-CHAIR}Z` },
    { ...stroke, d: `M${x} ${y - CHAIR / 2}v${CHAIR}`, width: 3 / scale },
  ]
}

const centreMarks = (at: Vec2, scale: number): Mark[] => [
  { kind: 'path', d: circle(at, Math.max(6, 2.2 / scale)), fill: 'clay', stroke: 'paper', width: 0.4 / scale },
]

/** A circle of four curves. */
export const circle = ([x, y]: Vec2, r: number): string => ellipse(x, y, r, r)
