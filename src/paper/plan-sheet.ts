import type { Vec2 } from '@/core'
import { toScreen } from '@/draw/plan'
import type { Words } from '@/words/language'
import { sayLaid, sayLaying } from '@/words/paper'
import type { LengthUnit } from '@/words/units'
import { MILLIMETRES } from './floor'
import { setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'
import { drawStood, type Stood, scaleToFit } from './stood'

const DRAWN = 150

/** A stance to scale with its dimensions, and the words to lay it by. */
export function planSheet(stood: Stood, unit: LengthUnit, size: PaperSize, words: Words): Sheet {
  const { width, height } = SIZES[size]
  const { box } = drawStood(stood)
  const scale = scaleToFit(box, width - 2 * MARGIN - 24, DRAWN)
  const { marks: floor } = drawStood(stood, scale, true)
  const x = width / 2 - ((box.left + box.right) / 2) * scale
  const y = 40 - box.top * scale
  const marks: Mark[] = [
    ...head(stood.title, width),
    { kind: 'group', x, y, scale, marks: floor },
    ...dimensions(stood, unit, scale, words).map((mark): Mark => ({ kind: 'group', x, y, marks: [mark] })),
  ]
  let at = 40 + (box.bottom - box.top) * scale + 14
  for (const line of sayLaying(stood.stance, stood.body, unit, words)) {
    const set = setText(line, { x: MARGIN, y: at, width: width - 2 * MARGIN, size: 5.6 })
    marks.push(...set.marks)
    at = set.y + 2
  }
  marks.push(...footer(height, words))
  return { width, height, marks }
}

/** From heel to heel, across and ahead, with their lengths; in millimetres of the paper about the floor's origin. */
function dimensions({ stance, body }: Stood, unit: LengthUnit, scale: number, words: Words): Mark[] {
  const [a, b] = [stance.feet.left.heel, stance.feet.right.heel].map((heel): Vec2 => {
    const [x, y] = toScreen(MILLIMETRES, heel)
    return [x * scale, y * scale]
  }) as [Vec2, Vec2]
  const low = Math.max(a[1], b[1]) + 10
  const side = Math.max(a[0], b[0]) + 16
  const marks: Mark[] = []
  const across = stance.feet.right.heel[0] - stance.feet.left.heel[0]
  const ahead = stance.feet.left.heel[1] - stance.feet.right.heel[1]
  const rule = (d: string): Mark => ({ kind: 'path', d, stroke: 'soft', width: 0.3 })
  if (Math.abs(across) > 0.005) {
    marks.push(rule(`M${a[0]} ${low}H${b[0]}M${a[0]} ${low - 2}v4M${b[0]} ${low - 2}v4`))
    marks.push({
      kind: 'text',
      x: (a[0] + b[0]) / 2,
      y: low + 5.5,
      text: sayLaid(across, unit, body, words),
      size: 4.6,
      bold: true,
      anchor: 'middle',
    })
  }
  if (Math.abs(ahead) > 0.005) {
    marks.push(rule(`M${side} ${a[1]}V${b[1]}M${side - 2} ${a[1]}h4M${side - 2} ${b[1]}h4`))
    marks.push({
      kind: 'text',
      x: side + 3,
      y: (a[1] + b[1]) / 2 + 1.6,
      text: sayLaid(ahead, unit, body, words),
      size: 4.6,
      bold: true,
    })
  }
  return marks
}
