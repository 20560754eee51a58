import { widthOf } from './letters'
import type { Ink, Mark } from './sheet'

/** Lines of text that fit a width. Words are never cut: one that is wider than a line stands alone on it. */
export function breakLines(text: string, width: number, size: number, bold = false): string[] {
  const lines: string[] = []
  for (const word of text.split(/ +/)) {
    const last = lines.at(-1)
    if (last !== undefined && widthOf(`${last} ${word}`, size, bold) <= width)
      lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

const LEADING = 1.28

type Flowing = { x: number; y: number; width: number; size: number; bold?: boolean; ink?: Ink }

/** Text set from a place downward; where the next may begin. */
export function setText(
  text: string,
  { x, y, width, size, bold = false, ink = 'ink' }: Flowing,
): { marks: Mark[]; y: number } {
  const lines = breakLines(text, width, size, bold)
  const marks = lines.map(
    (line, i): Mark => ({
      kind: 'text',
      x,
      y: y + size * (0.8 + LEADING * i),
      text: line,
      size,
      bold,
      ink,
    }),
  )
  return { marks, y: y + size * LEADING * lines.length }
}
