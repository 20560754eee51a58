import { type Analysis, type Finding, ruleOf } from '@/core'
import { centimetres, wayOf } from './lengths'

const RANK = { hard: 0, caution: 1, note: 2 }

/** The finding that matters most, balance before joints; null where there is none but notes. */
export function findWorst({ findings }: Analysis): Finding | null {
  const worst = findings
    .filter(({ severity }) => severity !== 'note')
    .toSorted((a, b) => RANK[a.severity] - RANK[b.severity])[0]
  return worst ?? null
}

/** Whether a verdict rests on an estimate of the person alone: nobody measured how much of the foot they can use. */
export const restsOnEstimate = ({ pose }: Analysis): boolean => pose.body.person.usableAlong === undefined

const PARTS: Record<string, string> = { load: 'weight', support: 'needs a hand', rise: 'too low', eyes: 'eyes' }

/** The reason in a word, for under a mark. */
export function sayReasonShort(analysis: Analysis | null): string {
  if (!analysis) return 'not possible'
  const worst = findWorst(analysis)
  if (!worst || analysis.verdict === 'holds') return ''
  if (worst.rule === 'support.needed/seat') return 'sits'
  if (worst.code === 'balance.one-leg') return 'one leg'
  if (worst.cause?.kind === 'order') return 'weight'
  if (worst.code.startsWith('balance.')) return wayOf(awayFrom(analysis))
  const part = worst.code.split('.')[0] as string
  return PARTS[part] ?? part
}

/** The way in which they are nearest the edge, or already past it. */
const awayFrom = ({ margins: { usable } }: Analysis) =>
  usable.nearest < 0 ? usable.nearestDirection + Math.PI : usable.nearestDirection

/** The reason as a heading; empty where there is none but notes. */
export function sayHeading(analysis: Analysis): string {
  const worst = findWorst(analysis)
  return worst ? ruleOf(worst).heading(worst.where, worst.cause) : ''
}

/** The reason in a sentence. */
export function sayReason(analysis: Analysis | null): string {
  if (!analysis) return 'This cannot be stood by this body.'
  const worst = findWorst(analysis)
  if (!worst)
    return `${centimetres(analysis.assured.margin)} to spare, the reserve is ${centimetres(analysis.reserve)}.`
  return `${sayHeading(analysis)}. ${worst.text}`
}
