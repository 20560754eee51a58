import type { Body, Contact, Side, Vec2 } from '@/core'
import { footAt, midline, solePath } from '@/draw/footprint'
import { toScreen } from '@/draw/plan'
import type { Words } from '@/words/language'
import { type Box, MILLIMETRES } from './floor'
import { setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

/** A footprint of a path: which part it was set in, counted from 0. */
export type Print = { foot: Side; heel: Vec2; yaw: number; contact: Contact; part: number }

const AROUND = 60
/** A line of the list, and what is above the floor and under the list, millimetres. */
const ROW = 6
const ABOVE = 34
const UNDER = 42
const FLOOR_LEAST = 60

/** A path's floor with numbered prints, what binds whoever walks it, and its parts by their numbers under it. */
export function pathSheet(
  title: string,
  body: Body,
  prints: readonly Print[],
  parts: readonly string[],
  about: readonly string[],
  size: PaperSize,
  words: Words,
): Sheet {
  const { width, height } = SIZES[size]
  const drawn = prints.map((print) => ({
    print,
    foot: footAt(print.foot, print.heel, print.yaw, print.contact, body),
  }))
  const points = drawn.flatMap(({ foot }) => [0, 1].map((u) => toScreen(MILLIMETRES, midline(foot, u))))
  const box: Box = {
    left: Math.min(...points.map(([x]) => x)) - AROUND,
    right: Math.max(...points.map(([x]) => x)) + AROUND,
    top: Math.min(...points.map(([, y]) => y)) - AROUND,
    bottom: Math.max(...points.map(([, y]) => y)) + AROUND,
  }
  const wide = width - 2 * MARGIN
  // The floor leaves room for every part.
  const columns = parts.length > 24 ? 3 : parts.length > 8 ? 2 : 1
  const rows = Math.ceil(parts.length / columns)
  const high = Math.max(FLOOR_LEAST, Math.min(height * 0.6, height - ABOVE - UNDER - rows * ROW))
  const scale = Math.min(wide / (box.right - box.left), high / (box.bottom - box.top), 0.35)
  const floor = drawn.flatMap(({ print, foot }): Mark[] => {
    const [x, y] = toScreen(MILLIMETRES, midline(foot, 0.5))
    const left = print.foot === 'left'
    return [
      {
        kind: 'path',
        d: solePath(MILLIMETRES, foot),
        stroke: 'ink',
        width: 0.4 / scale,
        fill: left ? 'wash' : 'paper',
      },
      {
        kind: 'text',
        x,
        y: y + 1.3 / scale,
        text: words.number(print.part + 1),
        size: 3.6 / scale,
        bold: true,
        anchor: 'middle',
      },
    ]
  })
  const marks: Mark[] = [
    ...head(title, width),
    {
      kind: 'group',
      x: width / 2 - ((box.left + box.right) / 2) * scale,
      y: ABOVE - box.top * scale,
      scale,
      marks: floor,
    },
    ...footer(height, words),
  ]
  const note = setText([words.say('paper.path.note'), ...about].join(' '), {
    x: MARGIN,
    y: ABOVE + 4 + (box.bottom - box.top) * scale,
    width: wide,
    size: 4.2,
  })
  marks.push(...note.marks)
  for (let column = 0; column < columns; column++) {
    let y = note.y + 0.6
    for (const [i, part] of parts.slice(column * rows, (column + 1) * rows).entries()) {
      const line = `${column * rows + i + 1}  ${part}`
      const set = setText(line, { x: MARGIN + (column * wide) / columns, y, width: wide / columns - 4, size: 4.2 })
      marks.push(...set.marks)
      y = set.y + 0.6
    }
  }
  return { width, height, marks }
}
