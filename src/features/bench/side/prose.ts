import {
  type Analysis,
  ASSURED_SDS,
  type Body,
  type EdgeCause,
  type Finding,
  findKeptShare,
  type Margins,
  ruleOf,
  type Verdict,
} from '@/core'
import { centimetres, wayOf } from '@/ui/words/lengths'

/** Margins this many times the reserve are called steady. */
const STEADY = 2

const listWords = (words: readonly string[]): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`

/** Which ways are steady and which way they would go first, in one or two sentences. */
export function describeBalance({ margins, assured, reserve, verdict, causes, pose }: Analysis): string | null {
  const { usable } = margins
  const { nearest: cause } = causes
  if (usable.nearest < 0) {
    // Too much on a leg is said as that: nobody tips over an order.
    if (cause.kind === 'order') return null
    return `The centre is past the edge, ${wayOf(usable.nearestDirection + Math.PI)}: this cannot be held still.`
  }
  const ways = [
    ['ahead', usable.forward],
    ['behind', usable.back],
    ['to the left', usable.left],
    ['to the right', usable.right],
  ] as const
  const give = ASSURED_SDS * assured.sd
  const steady = ways.filter(([, distance]) => distance - give >= STEADY * reserve).map(([way]) => way)
  const first = steady.length > 0 ? `Steady ${listWords(steady)}. ` : ''
  return `${first}${sayNearest(verdict, causes.nearest, pose.body, usable)}`
}

/** What the nearest edge is: the end of the feet tips, an order or a hand's limit does not. */
function sayNearest(verdict: Verdict, cause: EdgeCause, body: Body, { nearest, nearestDirection }: Margins): string {
  const far = `${centimetres(nearest)} away`
  if (cause.kind === 'order') {
    return `The nearest edge is no edge of the feet but the order: at most ${percent(body.loadMax[cause.side])} on the ${cause.side} leg, ${far}.`
  }
  const way = wayOf(nearestDirection)
  if (cause.kind === 'hand') return `The nearest edge lies ${way}, ${far}: as far as the ${cause.hand} hand carries.`
  return `${verdict === 'holds' ? 'The nearest edge lies' : 'A nudge tips first'} ${way}, ${far}.`
}

const percent = (share: number): string => `${Math.round(share * 100)} %`

/** Which share to aim at where an order is too near, and whether two scales would settle it; null where none is. */
export function describeAim({ pose, causes, assured, reserve }: Analysis): string | null {
  const { body, stance } = pose
  if (causes.assured.kind !== 'order' || assured.margin >= reserve) return null
  const { side } = causes.assured
  const shareAt = (loadLeft: number) => percent(side === 'left' ? loadLeft : 1 - loadLeft)
  const felt = findKeptShare(body, stance)
  const weighed = stance.loadMeasured ? null : findKeptShare(body, { ...stance, loadMeasured: true })
  const aim = felt?.keeps
    ? `Aim at ${shareAt(felt.loadLeft)} on the ${side} leg.`
    : 'No share keeps the order with enough to spare here.'
  if (!weighed?.keeps) return aim
  const isThere = Math.abs(weighed.loadLeft - stance.loadLeft) < 0.005
  return `${aim} ${isThere ? 'Two scales would settle it: weighed, this much is enough.' : `Weighed on two scales, ${shareAt(weighed.loadLeft)} is enough.`}`
}

/** That it does, and which test would replace the estimate. */
export function describeEstimate({ pose: { body } }: Analysis): string {
  const { age } = body.person
  const from = age === undefined ? 'age not given, so reckoned as 80' : 'from age'
  return `By estimate alone: ${percent(body.usableAlong)} of the foot’s length can be used (${from}). A functional reach would replace it, by 30 to 60 %.`
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

/** The worst first, each said once: past the edge what is sure says nothing more, past an order the edge does not. */
export const worstFirst = (findings: readonly Finding[]): Finding[] => {
  const has = (wanted: string) => findings.some(({ code }) => code === wanted)
  return findings
    .filter(({ code }) => !(code === 'balance.reserve' && has('balance.outside')))
    .filter(({ code, cause }) => !(code === 'balance.outside' && cause?.kind === 'order' && has('load.limit')))
    .sort((a, b) => RANK[a.severity] - RANK[b.severity])
}

export const headingOf = (finding: Finding): string => ruleOf(finding).heading(finding.where, finding.cause)

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1)
