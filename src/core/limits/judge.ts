import type { Balance } from '../balance/balance'
import { carries, type LegReading } from '../balance/legs'
import { type BySide, SIDES } from '../conventions'
import type { Footing } from '../stance/footing'
import type { Finding, FindingCode, Part, Verdict } from './finding'
import { LEG_RULES_BY_STATE, STANCE_RULES } from './registry'
import type { LegFacts, StanceFacts } from './rule'

/** All findings of a stance: the whole first, then the left leg, then the right. */
export function judge(
  footing: Footing,
  legs: BySide<LegReading>,
  balance: Balance,
): { findings: Finding[]; verdict: Verdict } {
  const findings: Finding[] = []
  const facts: StanceFacts = { footing, legs, balance }
  for (const rule of STANCE_RULES) {
    const found = rule.find(facts)
    if (found) findings.push({ code: rule.code, rule: rule.id, ...found })
  }
  const seated = footing.stance.seat !== undefined
  for (const side of SIDES) {
    const { contact } = footing.feet[side]
    const legFacts: LegFacts = { side, leg: legs[side], contact, seated, body: footing.body, footing }
    for (const rule of LEG_RULES_BY_STATE[seated ? 'seated' : contact === 'air' ? 'held' : 'standing']) {
      const found = rule.find(legFacts)
      if (found) findings.push({ code: rule.code, rule: rule.id, ...found })
    }
  }
  return { findings, verdict: decide(findings, legs) }
}

/** Beyond on any hard finding; close on a short reserve or a caution that counts; else it holds. */
function decide(findings: readonly Finding[], legs: BySide<LegReading>): Verdict {
  if (findings.some((f) => f.severity === 'hard')) return 'beyond'
  return findings.some((f) => countsForVerdict(f, legs)) ? 'close' : 'holds'
}

const JOINTS: ReadonlySet<Part> = new Set(['knee', 'hip', 'ankle'])
const ALWAYS_COUNT: ReadonlySet<FindingCode> = new Set(['balance.reserve', 'balance.one-leg', 'rise.limit'])

/** The reserve counts, one leg unproven, and a caution on knee, hip or ankle of a leg that carries 20 % or more. */
export function countsForVerdict(finding: Finding, legs: BySide<LegReading>): boolean {
  if (finding.severity === 'note') return false
  if (finding.severity === 'hard' || ALWAYS_COUNT.has(finding.code)) return true
  const loaded = finding.side !== null && carries(legs[finding.side])
  return loaded && JOINTS.has(finding.part)
}
