import { InputError, type Reading } from '@/core'
import { parseJson } from '../parse'
import { readReading } from './line'

/** What a text of readings holds, and which of its lines could not be read. */
export type ReadText = { readings: Reading[]; wrong: { line: number; error: InputError }[] }

const LINES_MOST = 1_000_000

/**
 * Newline-delimited JSON, one reading a line; a line that is none is named and does not stop the rest.
 * @throws InputError for more lines than a million
 */
export function readReadings(text: string): ReadText {
  const lines = text.split(/\r?\n/)
  if (lines.length > LINES_MOST) throw new InputError('readings', lines.length, { code: 'atMost', most: LINES_MOST })
  const read: ReadText = { readings: [], wrong: [] }
  lines.forEach((line, i) => {
    if (line.trim() === '') return
    try {
      read.readings.push(readReading(parseJson(line)))
    } catch (error) {
      if (!(error instanceof InputError)) throw error
      read.wrong.push({ line: i + 1, error })
    }
  })
  return read
}
