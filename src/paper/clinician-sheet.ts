import { ENGLISH, type Words } from '@/words/language'
import { setText } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

export type ClinicianPage = {
  name: string
  orders: readonly string[]
  done: string
  seen: readonly string[]
  margins: readonly string[]
  question: string
}

/** One page that can be read in a minute: orders with dates, what was done, what was seen, margins, the question. */
export function clinicianSheet(
  { name, orders, done, seen, margins, question }: ClinicianPage,
  size: PaperSize,
  words: Words = ENGLISH,
): Sheet {
  const { width, height } = SIZES[size]
  const marks: Mark[] = [...head(words.say('paper.clinician.title', { name }), width), ...footer(height, words)]
  let y = 32
  const add = (text: string, size: number, bold = false) => {
    const set = setText(text, { x: MARGIN, y, width: width - 2 * MARGIN, size, bold })
    marks.push(...set.marks)
    y = set.y + 1
  }
  const part = (title: string, lines: readonly string[]) => {
    add(title, 5.2, true)
    for (const line of lines) add(line, 4.6)
    y += 4
  }
  const none = words.say('paper.clinician.noOrders')
  part(words.say('practice.clinician.orders'), orders.length > 0 ? orders : [none])
  part(words.say('practice.clinician.done'), [done])
  part(words.say('practice.clinician.seen'), seen.length > 0 ? seen : [words.say('practice.concerns.none')])
  if (margins.length > 0) part(words.say('paper.clinician.margins'), margins)
  part(words.say('practice.clinician.question'), [question])
  for (let i = 0; i < 4; i++)
    marks.push({ kind: 'path', d: `M${MARGIN} ${y + 8 + i * 11}H${width - MARGIN}`, stroke: 'line', width: 0.3 })
  y += 56
  add(words.say('practice.clinician.careful'), 4)
  return { width, height, marks }
}
