import type { Words } from '@/words/language'
import { MARGIN } from './page'
import { Pages } from './pages'
import type { PaperSize, Sheet } from './sheet'

export type ClinicianPage = {
  name: string
  orders: readonly string[]
  done: string
  seen: readonly string[]
  margins: readonly string[]
  question: string
}

/** Lines to write an answer on. */
const LINES = 4
const LINE = 11

/** What can be read in a minute: orders with dates, what was done, what was seen, margins, the question. One page, unless there is more to say. */
export function clinicianSheets(
  { name, orders, done, seen, margins, question }: ClinicianPage,
  size: PaperSize,
  words: Words,
): Sheet[] {
  const pages = new Pages(words.say('paper.clinician.title', { name }), size, words)
  const add = (text: string, large: number, bold = false) => {
    pages.write(text, { size: large, bold })
    pages.y += 1
  }
  const part = (title: string, lines: readonly string[]) => {
    // A title stands over a line of its part at least.
    if (!pages.has(16)) pages.begin()
    add(title, 5.2, true)
    for (const line of lines) add(line, 4.6)
    pages.y += 4
  }
  const none = words.say('paper.clinician.noOrders')
  part(words.say('practice.clinician.orders'), orders.length > 0 ? orders : [none])
  part(words.say('practice.clinician.done'), [done])
  part(words.say('practice.clinician.seen'), seen.length > 0 ? seen : [words.say('practice.concerns.none')])
  if (margins.length > 0) part(words.say('paper.clinician.margins'), margins)
  part(words.say('practice.clinician.question'), [question])
  if (!pages.has(LINES * LINE + 22)) pages.begin()
  for (let i = 0; i < LINES; i++)
    pages.add({
      kind: 'path',
      d: `M${MARGIN} ${pages.y + 8 + i * LINE}H${pages.width - MARGIN}`,
      stroke: 'line',
      width: 0.3,
    })
  pages.y += LINES * LINE + 12
  add(words.say('practice.clinician.careful'), 4)
  return pages.sheets
}
