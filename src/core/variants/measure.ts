import type { Analysis } from '../analysis'
import { ASSURED_SDS, type Cause, INPUT_SD } from '../balance/uncertainty'

/** A measurement that would replace a guess, and the assured margin that it would leave if it confirmed the guess. */
export type Measurement = { cause: Cause; margin: number; settles: boolean }

/** By how much each uncertainty shrinks when it is measured by simple means. */
const BY_MEASURING: Record<Exclude<Cause, 'body'>, number> = {
  /** Two scales. */
  share: INPUT_SD.shareWeighed / INPUT_SD.shareFelt,
  /** Scales under a board on two edges. */
  pressure: 0.5,
  /** Tape at heels and toes. */
  placing: 0.3,
  /** A functional reach. */
  usable: 0.03 / 0.08,
}

/**
 * What to measure next where the uncertainty, not the stance, fails the reserve: each measurement with the margin it
 * would leave. The largest gain first; empty where the reserve is kept, or where no certainty would keep it.
 * @example findMeasurements(analyse(ana, bow)).length // => 0
 */
export function findMeasurements(analysis: Analysis): Measurement[] {
  const { assured, margins, reserve, pose } = analysis
  const distance = assured.margin + ASSURED_SDS * assured.sd
  if (assured.margin >= reserve || distance < reserve || margins.usable.nearest < 0) return []
  const found: Measurement[] = []
  for (const cause of Object.keys(BY_MEASURING) as Exclude<Cause, 'body'>[]) {
    if (cause === 'share' && pose.stance.loadMeasured) continue
    const factor = BY_MEASURING[cause]
    const left = assured.sd ** 2 - assured.parts[cause] ** 2 * (1 - factor ** 2)
    const margin = distance - ASSURED_SDS * Math.sqrt(Math.max(0, left))
    if (margin > assured.margin + 5e-4) found.push({ cause, margin, settles: margin >= reserve })
  }
  return found.sort((a, b) => b.margin - a.margin)
}
