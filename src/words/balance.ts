import {
  type Analysis,
  ASSURED_SDS,
  type Body,
  type EdgeCause,
  findKeptShare,
  type Margins,
  type Measurement,
  type Verdict,
} from '@/core'
import { sayCentimetres, sayPercent } from './figures'
import type { Words } from './language'
import { sayList } from './lists'
import { sayWay } from './reasons'
import { sayMeasurement } from './variants'

/** Margins this many times the reserve are called steady. */
const STEADY = 2

/** Which ways are steady and which way they would go first, in one or two sentences. */
export function describeBalance(analysis: Analysis, words: Words): string | null {
  const { margins, assured, reserve, verdict, causes, pose } = analysis
  const { usable } = margins
  const { nearest: cause } = causes
  if (usable.nearest < 0) {
    // Too much on a leg is said as that: nobody tips over an order.
    if (cause.kind === 'order') return null
    return words.say('balance.past', { way: sayWay(usable.nearestDirection + Math.PI, words) })
  }
  const give = ASSURED_SDS * assured.sd
  const steady = (['forward', 'back', 'left', 'right'] as const)
    .filter((way) => usable[way] - give >= STEADY * reserve)
    .map((way) => words.say(`balance.steadyWays.${way}`))
  const nearest = sayNearest(verdict, cause, pose.body, usable, words)
  return steady.length > 0 ? `${words.say('balance.steady', { ways: sayList(steady, words) })} ${nearest}` : nearest
}

/** What the nearest edge is: the end of the feet tips, an order or a hand's limit does not. */
function sayNearest(
  verdict: Verdict,
  cause: EdgeCause,
  body: Body,
  { nearest, nearestDirection }: Margins,
  words: Words,
): string {
  const far = sayCentimetres(nearest, words)
  if (cause.kind === 'order') {
    const ordered = sayPercent(body.loadMax[cause.side], words)
    return words.say('balance.nearest.order', { ordered, leg: cause.side, far })
  }
  const way = sayWay(nearestDirection, words)
  if (cause.kind === 'hand') return words.say('balance.nearest.hand', { way, far, hand: cause.hand })
  return words.say('balance.nearest.outline', { holds: verdict === 'holds' ? 'yes' : 'no', way, far })
}

/** Which share to aim at where an order is too near, and whether two scales would settle it; null where none is. */
export function describeAim({ pose, causes, assured, reserve }: Analysis, words: Words): string | null {
  const { body, stance } = pose
  if (causes.assured.kind !== 'order' || assured.margin >= reserve) return null
  const { side: leg } = causes.assured
  const shareAt = (loadLeft: number) => sayPercent(leg === 'left' ? loadLeft : 1 - loadLeft, words)
  const felt = findKeptShare(body, stance)
  const weighed = stance.loadMeasured ? null : findKeptShare(body, { ...stance, loadMeasured: true })
  const aim = felt?.keeps
    ? words.say('balance.aim.at', { share: shareAt(felt.loadLeft), leg })
    : words.say('balance.aim.none')
  if (!weighed?.keeps) return aim
  const isThere = Math.abs(weighed.loadLeft - stance.loadLeft) < 0.005
  const settled = isThere
    ? words.say('balance.aim.settles')
    : words.say('balance.aim.weighed', { share: shareAt(weighed.loadLeft) })
  return `${aim} ${settled}`
}

/** That it does, and which test would replace the estimate. */
export const describeEstimate = ({ pose: { body } }: Analysis, words: Words): string =>
  words.say('balance.estimate', {
    usable: sayPercent(body.usableAlong, words),
    age: body.person.age === undefined ? 'unknown' : 'given',
  })

/** The margin as it is held against the reserve. */
export function describeReserve({ assured, reserve: least }: Analysis, words: Words): string {
  const room = assured.margin - least
  return words.say(`balance.reserve.${room < 0 ? 'none' : 'sure'}`, { room: sayCentimetres(Math.abs(room), words) })
}

/** Up to which part of their own standing each wording goes. */
const OF_STANDING = [0.2, 0.42, 0.58, 0.8, 0.93, 1.1, 1.6]

/** Against the same person's own standing, as an instructor would say it; nothing steady is said of what breaks a limit. */
export function describeOfStanding(
  { ofStanding, verdict }: Pick<Analysis, 'ofStanding' | 'verdict'>,
  words: Words,
): string | null {
  if (ofStanding === null || ofStanding < 0 || verdict === 'beyond') return null
  const found = OF_STANDING.findIndex((most) => ofStanding < most)
  const part = words.say(`balance.ofStandingParts.${found < 0 ? OF_STANDING.length : found}`)
  return words.say('balance.ofStanding', { words: part })
}

/** What to measure next, and what that would leave. */
export const describeMeasurement = (measurement: Measurement, words: Words): string =>
  words.say('balance.measureNext', {
    how: sayMeasurement(measurement, words),
    margin: sayCentimetres(measurement.margin, words),
    settles: measurement.settles ? 'yes' : 'no',
  })
