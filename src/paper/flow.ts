import type { Ink, Mark } from './sheet'

/**
 * Lines of text that fit a width, by an estimate of how wide letters are: as wide as they can be, so that nothing runs
 * over on paper. Words are never cut.
 */
export function breakLines(text: string, width: number, size: number, bold = false): string[] {
  const letter = size * (bold ? WIDE_BOLD : WIDE)
  const lines: string[] = []
  for (const word of text.split(/ +/)) {
    const last = lines.at(-1)
    if (last !== undefined && (last.length + 1 + word.length) * letter <= width)
      lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}

/** Mean width of a letter of text as a part of the type's height. */
const WIDE = 0.5
const WIDE_BOLD = 0.53
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
