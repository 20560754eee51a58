import type { Analysis, Finding } from '@/core'
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
  return `Of that ${sure} ${assured.margin >= reserve ? 'are' : 'are only'} sure; the reserve for sway is ${centimetres(reserve)}.`
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

const HEADINGS: Record<Finding['code'], (where: string) => string> = {
  'balance.outside': () => 'The centre is past the edge',
  'balance.reserve': () => 'Too little in reserve',
  'load.limit': (where) => `Too much on the ${where}`,
  'knee.flexion': (where) => `The ${where} bends past its limit`,
  'knee.drift': (where) => `The ${where} falls in`,
  'knee.side-tilt': (where) => `The ${where} stands beside its foot`,
  'knee.past-toes': (where) => `The ${where} is past the toes`,
  'knee.locked': (where) => `The ${where} is locked`,
  'hip.range': (where) => `The ${where} is at the end of its range`,
  'hip.limit': (where) => `The ${where} passes its limit`,
  'ankle.limit': (where) => `The ${where} is at its limit`,
  'trunk.lean': () => 'The trunk leans',
  'trunk.twist': () => 'The trunk twists far',
  'back.hollow': () => 'The back is hollowed',
  'eyes.closed': () => 'Eyes closed',
  'foot.narrow': () => 'The feet are nearly on one line',
}

export const headingOf = (finding: Finding): string => HEADINGS[finding.code](finding.where)
