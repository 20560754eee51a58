import { type Analysis, type Finding, ruleOf, type Stance } from '@/core'
import { centimetres, wayOf } from '@/ui/words/lengths'

const RANK = { hard: 0, caution: 1, note: 2 }

/** The finding that matters most, balance before joints; null where there is none but notes. */
export function findWorst({ findings }: Analysis): Finding | null {
  const worst = findings
    .filter(({ severity }) => severity !== 'note')
    .toSorted((a, b) => RANK[a.severity] - RANK[b.severity])[0]
  return worst ?? null
}

const PARTS: Record<string, string> = { load: 'weight', support: 'needs a hand', rise: 'too low', eyes: 'eyes' }

/** The reason in a word, for under a mark. */
export function sayReasonShort(analysis: Analysis | null): string {
  if (!analysis) return 'not possible'
  const worst = findWorst(analysis)
  if (!worst || analysis.verdict === 'holds') return ''
  if (worst.rule === 'support.needed/seat') return 'sits'
  if (worst.code.startsWith('balance.')) return wayOf(awayFrom(analysis))
  const part = worst.code.split('.')[0] as string
  return PARTS[part] ?? part
}

/** The way in which they are nearest the edge, or already past it. */
const awayFrom = ({ margins: { usable } }: Analysis) =>
  usable.nearest < 0 ? usable.nearestDirection + Math.PI : usable.nearestDirection

/** The reason in a sentence. */
export function sayReason(analysis: Analysis | null): string {
  if (!analysis) return 'This cannot be stood by this body.'
  const worst = findWorst(analysis)
  if (!worst)
    return `${centimetres(analysis.assured.margin)} to spare, the reserve is ${centimetres(analysis.reserve)}.`
  return `${ruleOf(worst).heading(worst.where)}. ${worst.text}`
}

/** What is said under a name in a lane: how much to spare, or what is short. */
export function sayInLane(analysis: Analysis | null): string {
  if (!analysis) return 'not possible'
  const worst = findWorst(analysis)
  if (worst && analysis.verdict !== 'holds') {
    const short = sayReasonShort(analysis)
    if (worst.code.startsWith('balance.')) {
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
