import { type Analysis, type Finding, ruleOf } from '@/core'
import { centimetres, wayOf } from '@/ui/words/lengths'

/** Margins this many times the reserve are called steady. */
const STEADY = 2

const listWords = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`

/** Which ways are steady and which way they would go first, in one or two sentences. */
export function describeBalance({ margins, assured, reserve, verdict }: Analysis): string {
  const { usable } = margins
  if (usable.nearest < 0) {
    return `The centre is past the edge, ${wayOf(usable.nearestDirection + Math.PI)}: this cannot be held still.`
  }
  const ways = [
    ['ahead', usable.forward],
    ['behind', usable.back],
    ['to the left', usable.left],
    ['to the right', usable.right],
  ] as const
  const give = 1.64 * assured.sd
  const steady = ways.filter(([, distance]) => distance - give >= STEADY * reserve).map(([way]) => way)
  const weak = wayOf(usable.nearestDirection)
  const first = steady.length > 0 ? `Steady ${listWords(steady)}. ` : ''
  return `${first}${verdict === 'holds' ? 'The nearest edge lies' : 'A nudge tips first'} ${weak}, ${centimetres(usable.nearest)} away.`
}

/** The margin as it is held against the reserve. */
export function describeReserve({ assured, reserve }: Analysis): string {
  if (assured.margin <= 0) return `None of that is sure; the reserve for sway is ${centimetres(reserve)}.`
  const sure = centimetres(assured.margin)
  const only = assured.margin >= reserve ? '' : 'only '
  return `Of that ${only}${sure} are sure; the reserve for sway is ${centimetres(reserve)}.`
}

/** Against the same person's own standing, as an instructor would say it. */
export function describeOfStanding({ ofStanding }: Analysis): string | null {
  if (ofStanding === null || ofStanding < 0) return null
  const parts: [number, string][] = [
    [0.2, 'far less steady than'],
    [0.42, 'about a third as steady as'],
    [0.58, 'about half as steady as'],
    [0.8, 'about two thirds as steady as'],
    [0.93, 'nearly as steady as'],
    [1.1, 'as steady as'],
    [1.6, 'steadier than'],
  ]
  const words = parts.find(([most]) => ofStanding < most)?.[1] ?? 'much steadier than'
  return `That is ${words} their own quiet standing.`
}

const RANK = { hard: 0, caution: 1, note: 2 }

/** The worst first; the balance itself is said above. */
export const worstFirst = (findings: readonly Finding[]): Finding[] =>
  findings.filter((f) => f.code !== 'balance.outside').sort((a, b) => RANK[a.severity] - RANK[b.severity])

export const headingOf = (finding: Finding): string => ruleOf(finding).heading(finding.where, finding.cause)

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
