import type { MeasuredEntry } from '@/documents/record-document'
import type { Words } from './language'

const say = (key: string, words: Words, values?: Record<string, string | number>) => words.say(`measure.${key}`, values)

/** A difference between shares: points, not percent of a percent. */
export const sayPoints = (share: number, words: Words): string =>
  say('points', words, { n: words.number(Math.abs(share) * 100, 1) })

/** A length as small as a sway. */
export const sayMillimetres = (metres: number, words: Words): string =>
  say('mm', words, { n: words.number(metres * 1000, 1) })

/** What was measured, in a line; what came from a stand-in says so. */
export function sayMeasured(entry: MeasuredEntry, words: Words): string {
  const line = sayLine(entry, words)
  return entry.standIn ? say('lines.standIn', words, { line }) : line
}

function sayLine(entry: MeasuredEntry, words: Words): string {
  const figure = (value: number | undefined, digits = 1) => words.number(value ?? 0, digits)
  switch (entry.what) {
    case 'split':
      return say('lines.split', words, { left: figure(entry.loadLeftPct), sd: figure(entry.sdPct) })
    case 'centre':
      return say('lines.centre', words, {
        right: figure((entry.centreM?.[0] ?? 0) * 100),
        ahead: figure((entry.centreM?.[1] ?? 0) * 100),
      })
    case 'tilt':
      return say('lines.tilt', words, {
        of: say(`level.${entry.of ?? 'trunk'}`, words),
        pitch: entry.pitchDeg === undefined ? 'none' : figure(entry.pitchDeg),
        roll: entry.rollDeg === undefined ? 'none' : figure(entry.rollDeg),
        sd: figure(entry.spreadDeg),
      })
    case 'sway':
      return say('lines.sway', words, {
        area: figure(entry.areaMm2, 0),
        along: figure(entry.rmsAlongMm),
        across: figure(entry.rmsAcrossMm),
        speed: figure(entry.meanSpeedMmS),
        eyes: say(`sway.${entry.eyes ?? 'open'}`, words),
      })
  }
}
