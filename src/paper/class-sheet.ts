import type { Words } from '@/words/language'
import { markWayIn } from '@/words/way-in'
import { breakLines } from './flow'
import { hallHeight, hallMarks } from './hall'
import type { Lane } from './lane'
import { MARGIN } from './page'
import { Pages } from './pages'
import type { PaperSize, Sheet } from './sheet'
import { fitStood } from './stood'
import { vialMarks } from './vial'

export type ClassSheet = { title: string; lanes: readonly Lane[] }

const DRAWN = 34
const SIZE = 4.4
const LINE = SIZE * 1.28
const LEAST = DRAWN + 16
const TEXT = MARGIN + DRAWN + 8

/** Who does which, with footprints, vial, chairs and helpers, and what to watch; lane after lane, as the hall lies. */
export function classSheets({ title, lanes }: ClassSheet, size: PaperSize, words: Words): Sheet[] {
  const pages = new Pages(title, size, words)
  const people = lanes.flatMap((lane) => lane.people)
  const needs = words.say('paper.class.needs', {
    chairs: people.filter(({ chair }) => chair).length,
    helpers: people.filter(({ helper }) => helper).length,
  })
  pages.write(needs, { size: 4.8 })
  pages.y += 2
  for (const lane of lanes) addLane(pages, lane, words)
  const wide = pages.width - 2 * MARGIN - 6
  if (!pages.has(hallHeight(lanes, wide))) pages.begin()
  pages.add(...hallMarks(lanes, MARGIN + 3, pages.y + 2, wide, words))
  return pages.sheets
}

/** A lane with who is in it; one that is longer than a sheet goes on at the head of the next. */
function addLane(pages: Pages, { title, stood, people }: Lane, words: Words): void {
  const rows = people.map((one) => rowOf(one, words))
  const lines = rows.reduce((sum, row) => sum + breakLines(row, pages.width - MARGIN - TEXT, SIZE).length * LINE + 1, 0)
  const tall = Math.max(stood ? LEAST : 0, 10 + lines)
  if (!pages.has(tall) && (!pages.has(LEAST + LINE) || tall < pages.height / 2)) pages.begin()
  const top = pages.y
  const onSheet = pages.sheets.length
  pages.add({ kind: 'path', d: `M${MARGIN} ${top}H${pages.width - MARGIN}`, stroke: 'clay', width: 0.8, dash: [5, 3] })
  if (stood) {
    pages.add(fitStood(stood, MARGIN, top + 3, DRAWN, DRAWN))
    if (stood.analysis)
      pages.add({ kind: 'group', x: MARGIN, y: top + DRAWN + 9, marks: vialMarks(stood.analysis, DRAWN) })
  }
  pages.y = top + 2.8
  pages.write(title, { x: TEXT, size: 5.2, bold: true })
  for (const row of rows) {
    pages.write(row, { x: TEXT, size: SIZE })
    pages.y += 1
  }
  const isGoingOn = pages.sheets.length > onSheet
  pages.y = (isGoingOn ? pages.y : Math.max(pages.y, top + tall)) + 4
}

const rowOf = ({ name, chair, helper, watch, wayIn, orders }: Lane['people'][number], words: Words): string =>
  [
    name,
    chair && words.say('paper.class.chair'),
    helper && words.say('paper.class.helper'),
    markWayIn(wayIn, words),
    orders,
    watch && words.say('paper.class.watch', { signs: watch }),
  ]
    .filter(Boolean)
    .join(' · ')
