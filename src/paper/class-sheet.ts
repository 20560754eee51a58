import { ENGLISH, type Words } from '@/words/language'
import { breakLines, setText } from './flow'
import { hallHeight, hallMarks } from './hall'
import type { Lane } from './lane'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'
import { fitStood } from './stood'
import { vialMarks } from './vial'

export type ClassSheet = { title: string; lanes: readonly Lane[] }

const DRAWN = 34
const SIZE = 4.4
const LEAST = DRAWN + 16

/** Who does which, with footprints, vial, chairs and helpers, and what to watch; lane after lane, as the hall lies. */
export function classSheets({ title, lanes }: ClassSheet, size: PaperSize, words: Words = ENGLISH): Sheet[] {
  const { width, height } = SIZES[size]
  const people = lanes.flatMap((lane) => lane.people)
  const needs = words.say('paper.class.needs', {
    chairs: people.filter(({ chair }) => chair).length,
    helpers: people.filter(({ helper }) => helper).length,
  })
  const sheets: Sheet[] = []
  let marks: Mark[] = []
  let y = 0
  const begin = () => {
    marks = [...head(title, width), ...footer(height, words)]
    y = 34
    sheets.push({ width, height, marks })
  }
  begin()
  marks.push({ kind: 'text', x: MARGIN, y: y + 1, text: needs, size: 4.8 })
  y += 8
  for (const lane of lanes) {
    const text = width - 2 * MARGIN - DRAWN - 10
    const rows = lane.people.map((one) => rowOf(one, words))
    const tall = Math.max(
      lane.stood ? LEAST : 0,
      10 + rows.reduce((sum, row) => sum + breakLines(row, text, SIZE).length * SIZE * 1.28 + 1, 0),
    )
    if (y + tall > height - 18) begin()
    marks.push({ kind: 'path', d: `M${MARGIN} ${y}H${width - MARGIN}`, stroke: 'clay', width: 0.8, dash: [5, 3] })
    if (lane.stood) {
      marks.push(fitStood(lane.stood, MARGIN, y + 3, DRAWN, DRAWN))
      if (lane.stood.analysis)
        marks.push({ kind: 'group', x: MARGIN, y: y + DRAWN + 9, marks: vialMarks(lane.stood.analysis, DRAWN) })
    }
    marks.push({ kind: 'text', x: MARGIN + DRAWN + 8, y: y + 7, text: lane.title, size: 5.2, bold: true })
    let at = y + 10
    for (const row of rows) {
      const set = setText(row, { x: MARGIN + DRAWN + 8, y: at, width: text, size: SIZE })
      marks.push(...set.marks)
      at = set.y + 1
    }
    y += tall + 4
  }
  const wide = width - 2 * MARGIN - 6
  if (y + hallHeight(lanes, wide) > height - 14) begin()
  marks.push(...hallMarks(lanes, MARGIN + 3, y + 2, wide, words))
  return sheets
}

const rowOf = ({ name, chair, helper, watch }: Lane['people'][number], words: Words): string =>
  [
    name,
    chair && words.say('paper.class.chair'),
    helper && words.say('paper.class.helper'),
    watch && words.say('paper.class.watch', { signs: watch }),
  ]
    .filter(Boolean)
    .join(' · ')
