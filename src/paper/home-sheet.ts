import { describeAim } from '@/words/balance'
import type { Words } from '@/words/language'
import { sayHands, sayLaying, sayStanding } from '@/words/paper'
import type { LengthUnit } from '@/words/units'
import { sayComing } from '@/words/way-in'
import { type Card, sayCounts } from './cards'
import { setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'
import { fitStood, flexionOf } from './stood'

const DRAWN = 58
const BOX = 12

/** What somebody does at home: one stance or two, where the tape goes, how many, a week to tick, when to stop and whom to ask. */
export function homeSheet(
  { name, stances, counts, holdS, feel, helper, orders, isUnasked }: Card,
  unit: LengthUnit,
  size: PaperSize,
  words: Words,
): Sheet {
  const { width, height } = SIZES[size]
  const marks: Mark[] = [
    ...head(words.say('paper.home.title', { name: name || 'none' }), width),
    ...footer(height, words),
  ]
  let y = 32
  const add = (text: string, large: number, x = MARGIN, bold = false) => {
    const set = setText(text, { x, y, width: width - MARGIN - x, size: large, bold })
    marks.push(...set.marks)
    y = set.y + 1.5
  }
  add(words.say('paper.home.space'), 5)
  if (orders) add(words.say('paper.card.orders', { orders }), 4.8)
  if (isUnasked) add(words.say('paper.card.unasked'), 5, MARGIN, true)
  if (helper) add(words.say('paper.card.helper'), 5, MARGIN, true)
  for (const stood of stances) {
    const top = y + 2
    marks.push(fitStood(stood, MARGIN, top, DRAWN, DRAWN, true))
    y = top
    const x = MARGIN + DRAWN + 8
    add(stood.title, 6.4, x, true)
    for (const line of stood.stance.seat ? [] : sayLaying(stood.stance, stood.body, unit, words)) add(line, 4.8, x)
    add(`${sayStanding(stood.stance, flexionOf(stood), words)} ${sayHands(stood.stance, words)}`, 4.8, x)
    const coming = sayComing(stood.wayIn, words)
    if (coming) add(coming, 4.8, x)
    const aim = stood.analysis && describeAim(stood.analysis, words)
    if (aim) add(aim, 4.8, x)
    add(sayCounts(stood, counts, holdS, words), 4.8, x)
    y = Math.max(y, top + DRAWN) + 4
  }
  if (feel) add(words.say('paper.card.feel', { cue: feel }), 5)
  y += 3
  add(words.say('paper.home.days'), 5, MARGIN, true)
  for (const [i, stood] of stances.entries()) {
    marks.push({ kind: 'text', x: MARGIN, y: y + BOX * 0.65, text: stood.title, size: 4.6 })
    for (let day = 1; day <= 7; day++) {
      const x = MARGIN + 56 + (day - 1) * (BOX + 4)
      marks.push({ kind: 'path', d: `M${x} ${y}h${BOX}v${BOX}h${-BOX}Z`, stroke: 'ink', width: 0.4 })
      if (i === 0)
        marks.push({
          kind: 'text',
          x: x + BOX / 2,
          y: y - 1.5,
          text: words.say(`paper.home.day.${day}`),
          size: 3.8,
          anchor: 'middle',
        })
    }
    y += BOX + 4
  }
  y += 3
  add(words.say('paper.home.ask'), 5, MARGIN, true)
  return { width, height, marks }
}
