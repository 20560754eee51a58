import { type Finding, HOUSE_RULES, type House, type Rule } from '@/core'
import type { LimitLine } from '@/server/bench'

/** Where the limit of a finding comes from: who said it of this person and when, what the house set, or the rule itself. */
export function sayLimitOrigin(
  finding: Finding,
  rule: Rule,
  limits: readonly LimitLine[],
  house: Partial<House> | undefined,
): string {
  const side = finding.where.split(' ')[0]
  const own = limits.filter(
    ({ what, side: of }) => rule.limits?.some((key) => what.startsWith(key)) && (of === null || of === side),
  )
  if (own.length > 0) return `Set for this person: ${own.map(({ text, origin }) => `${text} (${origin})`).join('; ')}.`
  const changed = rule.house?.filter((key) => house?.[key] !== undefined) ?? []
  if (changed.length > 0) {
    return `Set by this house: ${changed.map((key) => HOUSE_RULES[key].name.toLowerCase()).join(', ')}.`
  }
  return `Its source: ${rule.source}.`
}
