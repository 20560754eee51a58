import { type Finding, HOUSE_RULES, type House, type HouseKey, type Limits, ruleOf } from '@/core'
import { keyOf } from '@/documents/limit-fields'
import type { Binding } from '@/records/binding'
import { sayHouseRule, sayRule } from './findings'
import type { Words } from './language'
import { sayAllBound } from './limits'
import { uncapital } from './lists'

/** Where the limit of a finding comes from: who said it of this person and when, what the house set, or the rule itself. */
export function sayLimitOrigin(
  finding: Finding,
  limits: readonly Binding[],
  house: Partial<House> | undefined,
  words: Words,
): string {
  const rule = ruleOf(finding)
  const order = finding.cause?.kind === 'order' ? finding.cause.side : null
  const keys: readonly (HouseKey | keyof Limits)[] = finding.by
    ? [finding.by]
    : order
      ? ['loadMax']
      : [...(rule?.limits ?? []), ...(rule?.house ?? [])]
  const side = order ?? finding.side
  const own = limits.filter(
    ({ what, side: of }) => keys.some((key) => key === keyOf(what)) && (of === undefined || of === side),
  )
  if (own.length > 0) return words.say('limits.from.person', { limits: sayAllBound(own, words) })
  const changed = keys.filter((key): key is HouseKey => key in HOUSE_RULES && house?.[key as HouseKey] !== undefined)
  if (changed.length === 0) return words.say('limits.from.rule', { source: sayRule(finding.rule, 'source', words) })
  return words.say('limits.from.house', {
    rules: changed.map((key) => uncapital(sayHouseRule(key, words))).join(', '),
  })
}
