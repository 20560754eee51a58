import type { Words } from '@/words/language'
import type { Mark } from './sheet'

export const MARGIN = 16

/** What a sheet is about. */
export const head = (title: string, width: number): Mark[] => [
  { kind: 'text', x: MARGIN, y: 22, text: title, size: 8, bold: true },
  { kind: 'path', d: `M${MARGIN} 27H${width - MARGIN}`, stroke: 'ink', width: 0.6 },
]

/** What numbers on paper are, and are not. */
export const footer = (height: number, words: Words): Mark[] => [
  { kind: 'text', x: MARGIN, y: height - 9, text: words.say('paper.footer'), size: 3.2, ink: 'soft' },
]
