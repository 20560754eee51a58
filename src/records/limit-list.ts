import type { LimitEntry, LimitWhat } from '@/formats/record-document'

export type LimitKind = {
  /** As the screen says it, before its figure. */
  name: string
  unit: '°' | '%' | 's' | 'm' | 'word' | 'flag'
  /** Whether left and right can differ. */
  sided: boolean
  /** Which of two figures allows less. */
  stricter: 'lower' | 'higher'
  /** Where on the body it sits, for the picture. */
  at: 'knee' | 'hip' | 'ankle' | 'trunk' | 'shoulder' | 'foot' | 'whole'
}

const kind = (
  name: string,
  unit: LimitKind['unit'],
  at: LimitKind['at'],
  sided = true,
  stricter: LimitKind['stricter'] = 'lower',
): LimitKind => ({ name, unit, sided, stricter, at })

/** What can be limited, in the order in which an instructor would ask. */
export const LIMIT_KINDS: Record<LimitWhat, LimitKind> = {
  loadMaxPct: kind('Weight on the leg', '%', 'foot'),
  kneeFlexionMaxDeg: kind('Knee bend', '°', 'knee'),
  kneeFlexionMinDeg: kind('Straightest knee', '°', 'knee', true, 'higher'),
  kneeRangeMaxDeg: kind('Knee range, held leg', '°', 'knee'),
  hipFlexionMaxDeg: kind('Hip bend', '°', 'hip'),
  hipAdductionMaxDeg: kind('Thigh across the midline', '°', 'hip'),
  hipInwardMaxDeg: kind('Hip turned inward', '°', 'hip'),
  hipOutwardMaxDeg: kind('Hip turned outward', '°', 'hip'),
  hipAbductionMaxDeg: kind('Leg to the side', '°', 'hip'),
  hipExtensionOutwardMaxDeg: kind('Thigh back while turned outward', '°', 'hip'),
  dorsiflexionMaxDeg: kind('Ankle bend', '°', 'ankle'),
  trunkTwistMaxDeg: kind('Trunk turned past the pelvis', '°', 'trunk', false),
  trunkForwardMaxDeg: kind('Trunk bent forward', '°', 'trunk', false),
  trunkBackMaxDeg: kind('Trunk bent back', '°', 'trunk', false),
  armElevationMaxDeg: kind('Arm raised', '°', 'shoulder'),
  armBackMaxDeg: kind('Arm behind the side', '°', 'shoulder'),
  holdMaxS: kind('Hold', 's', 'whole', false),
  riseFromM: kind('Rises from a seat of', 'm', 'whole', false, 'higher'),
  support: kind('A hand on', 'word', 'whole', false),
  seatedOnly: kind('Sits', 'flag', 'whole', false),
  eyesOpen: kind('Eyes stay open', 'flag', 'whole', false),
  helperBeside: kind('Somebody beside', 'flag', 'whole', false),
}

/** From the least help to the most. */
const SUPPORT_RANK = ['touch', 'pole', 'wall', 'chair-back', 'bar', 'walker', 'helper']

/** Whether one limit allows less than another of the same kind. */
export function isStricter(a: LimitEntry, b: LimitEntry): boolean {
  if (a.what === 'support') return SUPPORT_RANK.indexOf(String(a.value)) > SUPPORT_RANK.indexOf(String(b.value))
  if (typeof a.value === 'boolean') return a.value && b.value === false
  const less = Number(a.value) < Number(b.value)
  return LIMIT_KINDS[a.what].stricter === 'lower' ? less : Number(a.value) > Number(b.value)
}

export const SUPPORT_NAMES: Record<string, string> = {
  touch: 'a light touch',
  pole: 'a pole',
  wall: 'the wall',
  'chair-back': 'a chair back',
  bar: 'a bar',
  walker: 'a walker',
  helper: 'a helper',
}

/** A limit as a line says it: "left knee bend 30° at most". */
export function sayLimit({ what, side, value, grade }: Pick<LimitEntry, 'what' | 'side' | 'value' | 'grade'>): string {
  const { name, unit, stricter } = LIMIT_KINDS[what]
  const lower = name.charAt(0).toLowerCase() + name.slice(1)
  if (what === 'support') return `a hand on ${SUPPORT_NAMES[String(value)] ?? value}`
  if (what === 'loadMaxPct') return sayLoad(side, Number(value), grade)
  if (unit === 'flag') return lower
  const which = side && LIMIT_KINDS[what].sided ? `${side} ` : ''
  const figure =
    unit === '°' ? `${value}°` : unit === 'm' ? `${Math.round(Number(value) * 100)} cm` : `${value} ${unit}`
  if (what === 'riseFromM') return `${lower} ${figure}`
  return `${which}${lower} ${figure} at ${stricter === 'lower' ? 'most' : 'least'}`
}

function sayLoad(side: LimitEntry['side'], value: number, grade: LimitEntry['grade']): string {
  const leg = side ? `the ${side} leg` : 'each leg'
  if (grade === 'none' || value === 0) return `no weight on ${leg}`
  if (grade === 'touch') return `only touch weight on ${leg}`
  if (grade === 'as-tolerated') return `weight on ${leg} as tolerated`
  if (grade === 'full' || value === 100) return `full weight on ${leg}`
  return `${value} % on ${leg} at most`
}
