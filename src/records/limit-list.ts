import type { LimitEntry, LimitWhat } from '@/formats/record-document'

export type LimitKind = {
  unit: '°' | '%' | 's' | 'm' | 'word' | 'flag'
  /** Whether left and right can differ. */
  sided: boolean
  /** Which of two figures allows less. */
  stricter: 'lower' | 'higher'
  /** Where on the body it sits, for the picture. */
  at: 'knee' | 'hip' | 'ankle' | 'trunk' | 'shoulder' | 'foot' | 'whole'
}

const kind = (
  unit: LimitKind['unit'],
  at: LimitKind['at'],
  sided = true,
  stricter: LimitKind['stricter'] = 'lower',
): LimitKind => ({ unit, sided, stricter, at })

/** What can be limited, in the order in which an instructor would ask. */
export const LIMIT_KINDS: Record<LimitWhat, LimitKind> = {
  loadMaxPct: kind('%', 'foot'),
  kneeFlexionMaxDeg: kind('°', 'knee'),
  kneeFlexionMinDeg: kind('°', 'knee', true, 'higher'),
  kneeRangeMaxDeg: kind('°', 'knee'),
  hipFlexionMaxDeg: kind('°', 'hip'),
  hipAdductionMaxDeg: kind('°', 'hip'),
  hipInwardMaxDeg: kind('°', 'hip'),
  hipOutwardMaxDeg: kind('°', 'hip'),
  hipAbductionMaxDeg: kind('°', 'hip'),
  hipExtensionOutwardMaxDeg: kind('°', 'hip'),
  dorsiflexionMaxDeg: kind('°', 'ankle'),
  trunkTwistMaxDeg: kind('°', 'trunk', false),
  trunkForwardMaxDeg: kind('°', 'trunk', false),
  trunkBackMaxDeg: kind('°', 'trunk', false),
  armElevationMaxDeg: kind('°', 'shoulder'),
  armBackMaxDeg: kind('°', 'shoulder'),
  holdMaxS: kind('s', 'whole', false),
  riseFromM: kind('m', 'whole', false, 'higher'),
  support: kind('word', 'whole', false),
  seatedOnly: kind('flag', 'whole', false),
  eyesOpen: kind('flag', 'whole', false),
  helperBeside: kind('flag', 'whole', false),
}

/** From the least help to the most. */
export const SUPPORTS = ['touch', 'pole', 'wall', 'chair-back', 'bar', 'walker', 'helper'] as const

const rank = ({ value }: LimitEntry) => SUPPORTS.indexOf(value as (typeof SUPPORTS)[number])

/** Whether one limit allows less than another of the same kind. */
export function isStricter(a: LimitEntry, b: LimitEntry): boolean {
  if (a.what === 'support') return rank(a) > rank(b)
  if (typeof a.value === 'boolean') return a.value && b.value === false
  const less = Number(a.value) < Number(b.value)
  return LIMIT_KINDS[a.what].stricter === 'lower' ? less : Number(a.value) > Number(b.value)
}
