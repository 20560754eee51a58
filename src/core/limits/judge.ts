import { carries, type LegReading } from '../balance/legs'
import { LIMIT_DEFAULTS } from '../body/person'
import { type BySide, SIDES } from '../conventions'
import type { Pose } from '../pose/pose'
import type { Finding, Verdict } from './finding'
import { HELD_LEG_RULES, type LegFacts, SEATED_LEG_RULES, STANDING_LEG_RULES } from './leg-rules'
import { STANCE_RULES } from './stance-rules'

/** The margin that a stance must keep for normal sway, in metres. */
export function calcReserve(pose: Pose): number {
  const { body, stance, feet } = pose
  const held = feet.left.contact === 'air' || feet.right.contact === 'air'
  const open = held && !stance.seat ? body.swayReserveOneFoot : body.swayReserve
  return stance.eyes === 'closed' ? open * LIMIT_DEFAULTS.eyesClosedReserveFactor : open
}

/** All findings of a stance: the whole first, then the left leg, then the right. */
export function judge(
  pose: Pose,
  legs: BySide<LegReading>,
  nearest: number,
  assured: number,
  reserve: number,
): { findings: Finding[]; verdict: Verdict } {
  const findings: Finding[] = []
  for (const rule of STANCE_RULES) {
    const finding = rule({ pose, nearest, assured, reserve })
    if (finding) findings.push(finding)
  }
  const seated = pose.stance.seat !== undefined
  for (const side of SIDES) {
    const { contact } = pose.feet[side]
    const facts: LegFacts = { side, leg: legs[side], contact, seated, body: pose.body }
    const rules = seated ? SEATED_LEG_RULES : contact === 'air' ? HELD_LEG_RULES : STANDING_LEG_RULES
    for (const rule of rules) {
      const finding = rule(facts)
      if (finding) findings.push(finding)
    }
  }
  return { findings, verdict: decide(findings, legs) }
}

/** Beyond on any hard finding; close on a short reserve, or a caution on a joint of a leg that carries 20 % or more. */
function decide(findings: readonly Finding[], legs: BySide<LegReading>): Verdict {
  if (findings.some((f) => f.severity === 'hard')) return 'beyond'
  const isClose = (f: Finding) =>
    f.code === 'balance.reserve' ||
    (f.severity === 'caution' &&
      SIDES.some((side) => f.where.startsWith(side) && carries(legs[side])) &&
      /^(knee|hip|ankle)\./.test(f.code))
  return findings.some(isClose) ? 'close' : 'holds'
}
