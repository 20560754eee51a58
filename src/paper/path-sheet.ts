import type { Body, Contact, Side, Vec2 } from '@/core'
import { footAt, midline, solePath } from '@/draw/footprint'
import { toScreen } from '@/draw/plan'
import { ENGLISH, type Words } from '@/words/language'
import { type Box, MILLIMETRES } from './floor'
import { setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

/** A footprint of a path: which part it was set in, counted from 0. */
export type Print = { foot: Side; heel: Vec2; yaw: number; contact: Contact; part: number }

const AROUND = 60

/** A path's floor with numbered prints, and its parts by their numbers under it. */
export function pathSheet(
  title: string,
  body: Body,
  prints: readonly Print[],
  parts: readonly string[],
  size: PaperSize,
  words: Words = ENGLISH,
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
  const [wide, high] = [width - 2 * MARGIN, height * 0.6]
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
      y: 34 - box.top * scale,
      scale,
      marks: floor,
    },
    ...footer(height, words),
  ]
  let y = 40 + (box.bottom - box.top) * scale
  for (const line of [words.say('paper.path.note'), ...parts.map((part, i) => `${i + 1}  ${part}`)]) {
    const set = setText(line, { x: MARGIN, y, width: wide, size: 4.2 })
    if (set.y > height - 14) break
    marks.push(...set.marks)
    y = set.y + 0.6
  }
  return { width, height, marks }
}
