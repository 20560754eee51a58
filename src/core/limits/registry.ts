import { ARM_RULES } from './arm-rules'
import { AROUND_RULES, BALANCE_RULES } from './balance-rules'
import type { Finding, FindingCode } from './finding'
import { FOOT_RULES, HIP_RULES, LOAD_RULES } from './hip-rules'
import { KNEE_RULES } from './knee-rules'
import type { LegRule, LegState, Rule, StanceRule } from './rule'
import { TRUNK_RULES } from './trunk-rules'

/** Every rule that a single stance can break, in the order in which they are reported. */
export const STANCE_RULES: readonly StanceRule[] = [...BALANCE_RULES, ...TRUNK_RULES, ...AROUND_RULES]
const LEG_RULES: readonly LegRule[] = [...LOAD_RULES, ...KNEE_RULES, ...HIP_RULES, ...FOOT_RULES, ...ARM_RULES]
export const RULES: readonly Rule[] = [...STANCE_RULES, ...LEG_RULES]

const during = (state: LegState) => LEG_RULES.filter(({ when }) => when.includes(state))

/** In the air a leg has only its knee's range; sitting loads no joint, but bends them. */
export const LEG_RULES_BY_STATE: Record<LegState, readonly LegRule[]> = {
  standing: during('standing'),
  held: during('held'),
  seated: during('seated'),
}

const BY_ID = new Map(RULES.map((rule) => [rule.id, rule]))

/**
 * The rule of a stance that a finding came from; undefined where only a way shows it.
 * @example ruleOf({ rule: 'knee.flexion' })?.code // => 'knee.flexion'
 */
export const ruleOf = (finding: Finding): Rule | undefined => BY_ID.get(finding.rule)

/** What an order or a limit of somebody's own is broken by, in the order in which it is said; it is said before a fall. */
export const BROKEN: readonly FindingCode[] = [
  'load.limit',
  'support.needed',
  'hip.limit',
  'trunk.limit',
  'knee.flexion',
  'arm.limit',
  'eyes.closed',
  'turn.loaded',
]
