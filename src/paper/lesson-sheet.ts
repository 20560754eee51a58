import type { Words } from '@/words/language'
import { setText } from './flow'
import { MARGIN } from './page'
import { Pages } from './pages'
import type { PaperSize, Sheet } from './sheet'

/** A piece as it is taught: from which minute on, for how long, what it is, what to say, what else to know of it. */
export type LessonLine = {
  fromMin: number
  minutes: number
  title: string
  say: string
  more: string
  rests: boolean
  sits: boolean
}

const STRIP = 12
/** The length of a minute on the strip, millimetres. */
const MINUTE = 1.5
const TEXT = MARGIN + STRIP + 20

/** A chair from the side, millimetres: back, seat, legs. */
const chairAt = (x: number, y: number): string => `M${x - 2} ${y}v6M${x - 2} ${y + 3}h4v3`

/**
 * The hour as a strip of tape down the page, its minutes beside it, and what is said in each piece; under it what has to
 * be known of somebody, a line for each.
 */
export function lessonSheets(
  title: string,
  needs: string,
  lines: readonly LessonLine[],
  people: readonly string[],
  size: PaperSize,
  words: Words,
): Sheet[] {
  const pages = new Pages(title, size, words)
  const inner = pages.width - TEXT - MARGIN
  if (needs) {
    pages.write(needs, { size: 4.4 })
    pages.y += 4
  }
  for (const { fromMin, minutes, title: name, say, more, rests, sits } of lines) {
    const set = (at: number) => {
      const first = setText(name, { x: TEXT, y: at, width: inner, size: 5, bold: true })
      const second = say ? setText(say, { x: TEXT, y: first.y, width: inner, size: 4.2 }) : first
      const third = more ? setText(more, { x: TEXT, y: second.y, width: inner, size: 3.6, ink: 'soft' }) : second
      const parts = [first, ...(say ? [second] : []), ...(more ? [third] : [])]
      return { marks: parts.flatMap((part) => part.marks), y: third.y }
    }
    const tall = Math.max(set(0).y + 2, 4 + minutes * MINUTE)
    if (!pages.has(tall)) pages.begin()
    const { y } = pages
    pages.add(
      {
        kind: 'path',
        d: `M${MARGIN} ${y}h${STRIP}v${tall - 1}h${-STRIP}Z`,
        fill: rests ? 'paper' : 'wash',
        stroke: 'ink',
        width: 0.4,
      },
      {
        kind: 'text',
        x: MARGIN + STRIP / 2,
        y: y + 6,
        text: words.number(minutes),
        size: 5,
        bold: true,
        anchor: 'middle',
      },
      {
        kind: 'text',
        x: MARGIN + STRIP + 17,
        y: y + 4.6,
        text: words.say('paper.lesson.from', { n: words.number(fromMin) }),
        size: 4,
        anchor: 'end',
        ink: 'soft',
      },
      ...(sits ? [{ kind: 'path', d: chairAt(MARGIN + STRIP + 4, y + 1), stroke: 'ink', width: 0.6 } as const] : []),
      ...set(y).marks,
    )
    pages.y += tall
  }
  if (people.length > 0) {
    pages.y += 3
    pages.write(words.say('paper.lesson.people'), { size: 4.6, bold: true })
    for (const line of people) pages.write(line, { size: 4.2 })
  }
  return pages.sheets
}
