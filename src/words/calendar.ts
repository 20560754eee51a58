import type { LessonDocument } from '@/documents/lesson-document'
import type { Words } from './language'
import { type Named, sayAim, sayMinutes, sayPiece } from './lessons'

/** A lesson as a calendar has it. */
export type Entry = { group: string; day: string; lesson: LessonDocument }

const LINE_MOST = 74
const CRLF = '\r\n'

const escaped = (text: string) => text.replaceAll(/([\\;,])/g, '\\$1').replaceAll('\n', '\\n')

/** Lines longer than 75 octets go on behind a space. @source RFC 5545, 3.1 */
function folded(line: string): string {
  const parts: string[] = []
  let part = ''
  for (const character of line) {
    if (octets(part + character) > LINE_MOST) {
      parts.push(part)
      part = ''
    }
    part += character
  }
  return [...parts, part].join(`${CRLF} `)
}

const octets = (text: string) => new TextEncoder().encode(text).length

/** A term as a calendar file (iCalendar): whole days, for a lesson's hour is not the tool's. Nobody is named in it. */
export function makeCalendar(entries: readonly Entry[], named: Named, stamp: string, words: Words): string {
  const at = `${stamp.replaceAll(/[-:]|\.\d+/g, '')}`
  const events = entries.flatMap(({ group, day, lesson }) => {
    const aim = lesson.aim ? sayAim(lesson.aim, words) : ''
    const pieces = lesson.pieces.map((piece) => `${sayPiece(piece, named, words)}, ${sayMinutes(piece.minutes, words)}`)
    return [
      'BEGIN:VEVENT',
      `UID:${day}-${encodeURIComponent(group)}@nivrel.invalid`,
      `DTSTAMP:${at}`,
      `DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`,
      `SUMMARY:${escaped(aim ? `${group}: ${aim}` : group)}`,
      `DESCRIPTION:${escaped(pieces.join('\n'))}`,
      'END:VEVENT',
    ]
  })
  const lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Nivrel//Term//EN', ...events, 'END:VCALENDAR']
  return lines.map(folded).join(CRLF) + CRLF
}
