import { type Analysis, type Body, SIDES, type Stance } from '@/core'
import { sayCentimetres, sayDegrees } from '@/words/figures'
import { sayFinding } from '@/words/findings'
import type { Words } from '@/words/language'
import { findWorst, sayReasonShort } from '@/words/reasons'

/** What is said under a name in a lane: how much to spare, or what is short. */
export function sayInLane(analysis: Analysis | null, words: Words): string {
  if (!analysis) return words.say('class.lane.impossible')
  const worst = findWorst(analysis)
  if (worst && analysis.verdict !== 'holds') {
    if (worst.cause && worst.cause.kind !== 'order') {
      return words.say('class.lane.short', {
        assured: sayCentimetres(Math.max(0, analysis.assured.margin), words),
        short: sayReasonShort(analysis, words),
        reserve: sayCentimetres(analysis.reserve, words),
      })
    }
    return sayFinding(worst, words)
  }
  return ''
}

/** What stands beside somebody in a stance. */
export function supportOf(stance: Stance | null): 'chair' | 'wall' | 'other' | null {
  const kind = stance?.supports[0]?.kind
  if (!kind) return null
  return kind === 'chair-back' ? 'chair' : kind === 'wall' || kind === 'touch' ? 'wall' : 'other'
}

/** Hands that this person holds lower than the level does, because a limit says so. */
export function sayLowered(stance: Stance | null, body: Body, words: Words): string {
  if (!stance) return ''
  const free = SIDES.filter((side) => !stance.supports.some(({ hand }) => hand === side))
  const lowered = free.filter((side) => Math.abs(stance.arms[side].elevation - body.sides[side].armElevationMax) < 1e-6)
  return lowered
    .map((side) => words.say('class.lane.arm', { side, angle: sayDegrees(body.sides[side].armElevationMax, words) }))
    .join(', ')
}
