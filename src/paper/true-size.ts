import type { Words } from '@/words/language'
import type { Drawing } from './floor'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

const MARGIN = 10
/** Room at the foot of each sheet for its number and the rule. */
const FOOT = 22
const OVERLAP = 10
const RULE = 100
const CROP = 5

/** How a drawing is cut into sheets: sheets across and down, and what each shows of it. */
type Cut = { width: number; height: number; across: number; down: number }

function cut({ box }: Drawing, width: number, height: number): Cut {
  const [shown, high] = [width - 2 * MARGIN, height - MARGIN - FOOT]
  const count = (length: number, one: number) => Math.max(1, Math.ceil((length - OVERLAP) / (one - OVERLAP)))
  return { width, height, across: count(box.right - box.left, shown), down: count(box.bottom - box.top, high) }
}

/**
 * A drawing at true size over as many sheets as it needs, upright or lying, whichever are fewer: crop marks, an overlap
 * of 10 mm, the number of each sheet, and a rule of 10 cm to check the printer with.
 */
export function cutTrueSize(drawing: Drawing, title: string, size: PaperSize, words: Words): Sheet[] {
  const { width, height } = SIZES[size]
  const ways = [cut(drawing, width, height), cut(drawing, height, width)] as const
  const way = ways[1].across * ways[1].down < ways[0].across * ways[0].down ? ways[1] : ways[0]
  const { across, down } = way
  const [shown, high] = [way.width - 2 * MARGIN, way.height - MARGIN - FOOT]
  const { box } = drawing
  // The drawing in the middle of all sheets together.
  const left = (box.left + box.right - (across * (shown - OVERLAP) + OVERLAP)) / 2
  const top = (box.top + box.bottom - (down * (high - OVERLAP) + OVERLAP)) / 2
  const sheets: Sheet[] = []
  for (let row = 0; row < down; row++)
    for (let column = 0; column < across; column++) {
      const x = left + column * (shown - OVERLAP)
      const y = top + row * (high - OVERLAP)
      const line = words.say('paper.tape.sheet', {
        n: sheets.length + 1,
        all: across * down,
        row: row + 1,
        column: column + 1,
      })
      sheets.push({
        width: way.width,
        height: way.height,
        marks: [
          {
            kind: 'group',
            x: MARGIN - x,
            y: MARGIN - y,
            clip: { x, y, width: shown, height: high },
            marks: drawing.marks,
          },
          ...cropMarks(shown, high),
          ...overlapMarks(shown, high, column > 0, row > 0),
          ...footOf(way.height, `${title} · ${line}`, words),
        ],
      })
    }
  return sheets
}

/** Corners of what is shown. */
function cropMarks(shown: number, high: number): Mark[] {
  const corners = [
    [MARGIN, MARGIN, -1, -1],
    [MARGIN + shown, MARGIN, 1, -1],
    [MARGIN, MARGIN + high, -1, 1],
    [MARGIN + shown, MARGIN + high, 1, 1],
  ] as const
  return corners.map(([x, y, h, v]) => ({
    kind: 'path',
    d: `M${x} ${y}h${h * CROP}M${x} ${y}v${v * CROP}`,
    stroke: 'ink',
    width: 0.25,
  }))
}

/** What lies on the sheet before: cut along it, or lay it over. */
function overlapMarks(shown: number, high: number, isAfter: boolean, isBelow: boolean): Mark[] {
  const mark = (d: string): Mark => ({ kind: 'path', d, stroke: 'soft', width: 0.2, dash: [1, 1.6] })
  return [
    ...(isAfter ? [mark(`M${MARGIN + OVERLAP} ${MARGIN}v${high}`)] : []),
    ...(isBelow ? [mark(`M${MARGIN} ${MARGIN + OVERLAP}h${shown}`)] : []),
  ]
}

/** The number of the sheet, and ten centimetres. */
function footOf(height: number, line: string, words: Words): Mark[] {
  const y = height - 9
  const ticks = Array.from({ length: 11 }, (_, i) => `M${MARGIN + i * 10} ${y}v${i % 5 === 0 ? -3 : -2}`).join('')
  return [
    { kind: 'path', d: `M${MARGIN} ${y}h${RULE}${ticks}`, stroke: 'ink', width: 0.3 },
    { kind: 'text', x: MARGIN + RULE + 3, y, text: words.say('paper.tape.rule'), size: 3.2, ink: 'soft' },
    { kind: 'text', x: MARGIN, y: height - 14, text: line, size: 3.6 },
  ]
}
