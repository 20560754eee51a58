import type { Words } from '@/words/language'
import { breakLines } from './flow'
import { footer, head, MARGIN } from './page'
import { type Mark, type PaperSize, type Sheet, SIZES } from './sheet'

/** In the order of the screen, so that it is typed in as it was written. Parts of the width. */
const COLUMNS = [
  ['name', 4.2],
  ['came', 1.1],
  ['effort', 1.2],
  ['pain', 1.1],
  ['where', 1.6],
  ['did', 2.2],
  ['whole', 1.2],
  ['wobbles', 1.5],
  ['touches', 1.2],
  ['holds', 2],
  ['near', 1.6],
  ['dizzy', 1.1],
  ['word', 4],
] as const

const ROW = 10.5
const NAME = 4

/** A sheet to fill in by hand at the door: a line a person, lying. */
export function logSheets(title: string, names: readonly string[], size: PaperSize, words: Words): Sheet[] {
  const { width: height, height: width } = SIZES[size]
  const rows = Math.floor((height - 44 - 16) / ROW)
  const inner = width - 2 * MARGIN
  const all = COLUMNS.reduce((sum, [, part]) => sum + part, 0)
  const sheets: Sheet[] = []
  // What is left of the last sheet is for whoever walks in.
  const free = rows - (names.length % rows)
  const people = [...names, ...Array.from({ length: free }, () => '')]
  for (let i = 0; i < people.length; i += rows) {
    const some = people.slice(i, i + rows)
    const top = 40
    const bottom = top + some.length * ROW
    const marks: Mark[] = [...head(title, width), ...footer(height, words)]
    let x: number = MARGIN
    for (const [key, part] of COLUMNS) {
      marks.push({
        kind: 'text',
        x: x + 1,
        y: top - 2,
        text: words.say(`paper.log.columns.${key}`),
        size: 3.4,
        bold: true,
      })
      marks.push({ kind: 'path', d: `M${x.toFixed(2)} ${top - 7}V${bottom}`, stroke: 'line', width: 0.25 })
      x += (part / all) * inner
    }
    some.forEach((name, k) => {
      const y = top + k * ROW
      marks.push({ kind: 'path', d: `M${MARGIN} ${y}H${width - MARGIN}`, stroke: 'ink', width: 0.3 })
      const lines = breakLines(name, (COLUMNS[0][1] / all) * inner - 2, NAME, true)
      lines.slice(0, 2).forEach((text, n) => {
        marks.push({
          kind: 'text',
          x: MARGIN + 1,
          y: y + (lines.length > 1 ? 4.2 : 6.6) + n * 4.4,
          text,
          size: NAME,
          bold: true,
        })
      })
    })
    marks.push({ kind: 'path', d: `M${MARGIN} ${bottom}H${width - MARGIN}`, stroke: 'ink', width: 0.3 })
    sheets.push({ width, height, marks })
  }
  return sheets
}
