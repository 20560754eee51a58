import { type Analysis, type Body, DEG, SIDES, type Stance } from '@/core'
import { centimetres } from '@/ui/words/lengths'
import { findWorst, sayReasonShort } from '@/ui/words/reasons'

/** What is said under a name in a lane: how much to spare, or what is short. */
export function sayInLane(analysis: Analysis | null): string {
  if (!analysis) return 'not possible'
  const worst = findWorst(analysis)
  if (worst && analysis.verdict !== 'holds') {
    const short = sayReasonShort(analysis)
    if (worst.code.startsWith('balance.') && worst.cause?.kind !== 'order' && worst.code !== 'balance.one-leg') {
      return `${centimetres(Math.max(0, analysis.assured.margin))} ${short}; reserve ${centimetres(analysis.reserve)}`
    }
    return worst.text
  }
  return ''
}

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
export const sayCount = (count: number): string => COUNTS[count] ?? String(count)

export const listNames = (names: readonly string[]): string =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)

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
    .map((side) => `${side} arm no higher than ${Math.round(body.sides[side].armElevationMax / DEG)}°`)
    .join(', ')
}
