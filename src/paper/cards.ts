import { describeAim } from '@/words/balance'
import type { Words } from '@/words/language'
import { sayHands, sayLaying, sayStanding } from '@/words/paper'
import type { LengthUnit } from '@/words/units'
import { sayComing } from '@/words/way-in'
import { setText } from './flow'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'
import { fitStood, flexionOf, mayMirror, type Stood } from './stood'
import { vialMarks } from './vial'

/** One person with one stance or two: how many, how long, one thing to feel for. Nothing that is somebody's illness. */
export type Card = {
  name: string
  stances: readonly Stood[]
  counts: number
  holdS: number
  feel: string
  helper: boolean
  /** What clinicians ordered of them, by whom and until when; '' where nothing is. */
  orders: string
  /** Whether usual cautions of theirs were never answered. */
  isUnasked: boolean
}

/** How many times, how long, and on which side where it may not be done on both. */
export const sayCounts = (stood: Stood, counts: number, holdS: number, words: Words): string =>
  words.say('paper.card.counts', {
    counts,
    hold: words.number(holdS),
    sides: mayMirror(stood) ? 'both' : (stood.stance.side ?? 'drawn'),
  })

const WIDTH = 105
const HEIGHT = 148
const PAD = 7

/** A6, four to a sheet, with lines to cut along. */
export function cardSheets(cards: readonly Card[], unit: LengthUnit, size: PaperSize, words: Words): Sheet[] {
  const { width, height } = SIZES[size]
  const [w, h] = [Math.min(WIDTH, width / 2), Math.min(HEIGHT, height / 2)]
  const sheets: Sheet[] = []
  for (let i = 0; i < cards.length; i += 4) {
    const marks = cards.slice(i, i + 4).map(
      (card, k): Mark => ({
        kind: 'group',
        x: width / 2 - w + (k % 2) * w,
        y: height / 2 - h + Math.floor(k / 2) * h,
        marks: cardMarks(card, w, h, unit, words),
      }),
    )
    const cuts: Mark = {
      kind: 'path',
      d: `M${width / 2} 0V${height}M0 ${height / 2}H${width}`,
      stroke: 'line',
      width: 0.2,
      dash: [2, 2],
    }
    sheets.push({ width, height, marks: [...marks, cuts] })
  }
  return sheets
}

function cardMarks(
  { name, stances, counts, holdS, feel, helper, orders, isUnasked }: Card,
  width: number,
  height: number,
  unit: LengthUnit,
  words: Words,
): Mark[] {
  const inner = width - 2 * PAD
  const drawn = stances.length > 1 ? 40 : 52
  const each = inner / Math.max(1, stances.length)
  const marks: Mark[] = [
    { kind: 'text', x: PAD, y: PAD + 6, text: name, size: 6.4, bold: true },
    { kind: 'path', d: `M${PAD} ${PAD + 8.5}h${inner}`, stroke: 'ink', width: 0.5 },
  ]
  stances.forEach((stood, i) => {
    const x = PAD + i * each
    marks.push({
      kind: 'text',
      x: x + each / 2,
      y: PAD + 14,
      text: stood.title,
      size: 4.6,
      bold: true,
      anchor: 'middle',
    })
    marks.push(fitStood(stood, x + 2, PAD + 16, each - 4, drawn))
    if (stood.analysis)
      marks.push({
        kind: 'group',
        x: x + each / 2 - Math.min(34, each - 8) / 2,
        y: PAD + 16 + drawn + 7,
        marks: vialMarks({ margins: stood.analysis.margins, reserve: stood.analysis.reserve }, Math.min(34, each - 8)),
      })
  })
  let y = PAD + 16 + drawn + 14
  const lines = [
    ...(stances.length === 1 && stances[0]
      ? linesOf(stances[0], unit, words)
      : stances.map(
          (one) => `${one.title}: ${sayStanding(one.stance, flexionOf(one), words)} ${sayHands(one.stance, words)}`,
        )),
    ...stances.flatMap(({ analysis }) => (analysis && describeAim(analysis, words)) ?? []),
    ...[...new Set(stances.map((one) => sayCounts(one, counts, holdS, words)))],
    ...(orders ? [words.say('paper.card.orders', { orders })] : []),
    ...(isUnasked ? [words.say('paper.card.unasked')] : []),
    ...(feel ? [words.say('paper.card.feel', { cue: feel })] : []),
    ...stances.flatMap((one) => sayComing(one.wayIn, words) || []),
    ...(helper ? [words.say('paper.card.helper')] : []),
    words.say('paper.card.stop'),
  ]
  const last = lines.length - 1
  // As large as all of it fits.
  const size = [4.4, 4, 3.6, 3.2].find((one) => heightOf(lines, inner, one) <= height - PAD - y) ?? 2.9
  lines.forEach((line, i) => {
    const set = setText(line, { x: PAD, y, width: inner, size, bold: i === last })
    marks.push(...set.marks)
    y = set.y + GAP
  })
  return marks
}

const GAP = 0.9

const heightOf = (lines: readonly string[], width: number, size: number): number =>
  lines.reduce(
    (all, line, i) => all + setText(line, { x: 0, y: 0, width, size, bold: i === lines.length - 1 }).y + GAP,
    0,
  )

/** Three short sentences: the feet, the weight and knees, the hands. */
const linesOf = (stood: Stood, unit: LengthUnit, words: Words): string[] =>
  stood.stance.seat
    ? [sayStanding(stood.stance, 0, words), sayHands(stood.stance, words)]
    : [
        sayLaying(stood.stance, stood.body, unit, words).slice(1).join(' '),
        sayStanding(stood.stance, flexionOf(stood), words),
        sayHands(stood.stance, words),
      ]
