import { type Finding, HOUSE_RULES, type House, type HouseKey, type Limits, type Rule } from '@/core'
import type { LimitLine } from '@/server/bench'

/** Where the limit of a finding comes from: who said it of this person and when, what the house set, or the rule itself. */
export function sayLimitOrigin(
  finding: Finding,
  rule: Rule,
  limits: readonly LimitLine[],
  house: Partial<House> | undefined,
): string {
  const keys: readonly (HouseKey | keyof Limits)[] = finding.by
    ? [finding.by]
    : finding.cause?.kind === 'order'
      ? ['loadMax']
      : [...(rule.limits ?? []), ...(rule.house ?? [])]
  const side = finding.cause?.kind === 'order' ? finding.cause.side : finding.where.split(' ')[0]
  const own = limits.filter(
    ({ what, side: of }) => keys.some((key) => what.startsWith(key)) && (of === null || of === side),
  )
  if (own.length > 0) return `Set for this person: ${own.map(({ text, origin }) => `${text} (${origin})`).join('; ')}.`
  const changed = keys.filter((key): key is HouseKey => key in HOUSE_RULES && house?.[key as HouseKey] !== undefined)
  if (changed.length > 0) {
    return `Set by this house: ${changed.map((key) => HOUSE_RULES[key].name.toLowerCase()).join(', ')}.`
  }
  return `Its source: ${rule.source}.`
}
