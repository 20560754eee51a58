import { type Analysis, type Body, SIDES, type Stance } from '@/core'
import { sayCentimetres, sayDegrees } from '@/words/figures'
import { sayFinding } from '@/words/findings'
import { ENGLISH } from '@/words/language'
import { findWorst, sayReasonShort } from '@/words/reasons'

/** What is said under a name in a lane: how much to spare, or what is short. */
export function sayInLane(analysis: Analysis | null): string {
  if (!analysis) return ENGLISH.say('class.lane.impossible')
  const worst = findWorst(analysis)
  if (worst && analysis.verdict !== 'holds') {
    if (worst.cause && worst.cause.kind !== 'order') {
      return ENGLISH.say('class.lane.short', {
        assured: sayCentimetres(Math.max(0, analysis.assured.margin)),
        short: sayReasonShort(analysis),
        reserve: sayCentimetres(analysis.reserve),
      })
    }
    return sayFinding(worst)
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
export function sayLowered(stance: Stance | null, body: Body): string {
  if (!stance) return ''
  const free = SIDES.filter((side) => !stance.supports.some(({ hand }) => hand === side))
  const lowered = free.filter((side) => Math.abs(stance.arms[side].elevation - body.sides[side].armElevationMax) < 1e-6)
  return lowered
    .map((side) => ENGLISH.say('class.lane.arm', { side, angle: sayDegrees(body.sides[side].armElevationMax) }))
    .join(', ')
}
