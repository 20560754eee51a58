import { DEG } from '../conventions'
import type { HouseKey } from './house'

/** What a limit is given in: radians, a share of body weight, metres, seconds, a kind of support, or that it applies. */
export type LimitUnit = 'rad' | 'share' | 'm' | 's' | 'support' | 'flag'

/** Where on the body a limit sits. */
export type LimitPlace = 'knee' | 'hip' | 'ankle' | 'trunk' | 'shoulder' | 'foot' | 'whole'

export type LimitRow = {
  unit: LimitUnit
  /** The figures that it may have; none for what is no figure. */
  range: readonly [number, number] | null
  /** Whether left and right can differ. */
  per: 'side' | 'whole'
  /** Which of two figures allows less. */
  stricter: 'lower' | 'higher'
  at: LimitPlace
  /** Who keeps it: a rule that fires past it, one of the ways between stances, the pose that never goes past it, or the teacher alone. */
  kept: 'rule' | 'way' | 'pose' | 'teacher'
  /** The house's figure that applies where nothing is set. */
  house?: HouseKey
  /** What says that this limit is an order rather than a range that was measured: then a stance past it breaks it. */
  ordered?: HipOrder | 'trunkOrdered'
}

/** Which of a hip's two limits of rotation are orders. */
export type HipOrder = 'hipInwardOrdered' | 'hipOutwardOrdered'

type More = Partial<Omit<LimitRow, 'unit' | 'per' | 'range'>>
type Row<U extends LimitUnit, P extends LimitRow['per']> = LimitRow & { unit: U; per: P }

const figure = <U extends LimitUnit, P extends LimitRow['per']>(
  unit: U,
  per: P,
  range: LimitRow['range'],
  more: More,
): Row<U, P> => ({ stricter: 'lower', at: 'whole', kept: 'rule', ...more, unit, per, range })

/** An angle of a leg or arm, or of the trunk. */
const sided = (most: number, at: LimitPlace, more: More = {}) => figure('rad', 'side', [0, most * DEG], { at, ...more })
const trunk = (most: number, more: More = {}) => figure('rad', 'whole', [0, most * DEG], { at: 'trunk', ...more })

const applies = (more: More = {}) => figure('flag', 'whole', null, more)

/**
 * Everything that can be limited for a person, in the order in which an instructor would ask. Person, body, documents,
 * records, resolving, rules, words and screens derive from this table or are tested against it.
 */
export const LIMITS = {
  loadMax: figure('share', 'side', [0, 1], { at: 'foot' }),
  kneeFlexionMax: sided(140, 'knee'),
  kneeFlexionMin: sided(60, 'knee', { stricter: 'higher', kept: 'pose', house: 'kneeFlexionMin' }),
  kneeRangeMax: sided(160, 'knee', { house: 'kneeRangeMax' }),
  hipFlexionMax: sided(150, 'hip'),
  hipAdductionMax: sided(60, 'hip'),
  hipInwardMax: sided(90, 'hip', { house: 'hipInwardMax', ordered: 'hipInwardOrdered' }),
  hipOutwardMax: sided(90, 'hip', { house: 'hipOutwardMax', ordered: 'hipOutwardOrdered' }),
  hipAbductionMax: sided(90, 'hip', { house: 'hipAbductionMax' }),
  hipExtensionOutwardMax: sided(60, 'hip'),
  dorsiflexionMax: sided(60, 'ankle', { house: 'dorsiflexionMax' }),
  /** How far a foot that stands may be turned under its load. */
  loadedTurnMax: sided(90, 'foot', { kept: 'way' }),
  /** How far the shoulders turn to that side past the pelvis. */
  trunkTwistMax: sided(90, 'trunk', { house: 'trunkTwistMax', ordered: 'trunkOrdered' }),
  trunkForwardMax: trunk(90),
  trunkBackMax: trunk(30),
  armElevationMax: sided(180, 'shoulder'),
  armBackMax: sided(90, 'shoulder'),
  holdMax: figure('s', 'whole', [1, 600], { kept: 'teacher' }),
  riseFrom: figure('m', 'whole', [0.2, 0.7], { stricter: 'higher' }),
  support: figure('support', 'whole', null, { stricter: 'higher' }),
  seatedOnly: applies(),
  eyesOpen: applies(),
  helperBeside: applies({ kept: 'teacher' }),
} as const satisfies Record<string, LimitRow>

type Table = typeof LIMITS
export type LimitKey = keyof Table
export const LIMIT_KEYS = Object.keys(LIMITS) as LimitKey[]

/**
 * A limit's row, with all that a row may have.
 * @example limitOf('kneeFlexionMax').unit // => 'rad'
 */
export const limitOf = (key: LimitKey): LimitRow => LIMITS[key]

/** The angles of one leg or arm, the figures of the whole person, and what applies to them or not. */
export type SideLimitKey = { [K in LimitKey]: Table[K] extends { per: 'side'; unit: 'rad' } ? K : never }[LimitKey]
export type WholeLimitKey = {
  [K in LimitKey]: Table[K] extends { per: 'whole'; unit: 'rad' | 'm' } ? K : never
}[LimitKey]
export type FlagLimitKey = Exclude<
  { [K in LimitKey]: Table[K] extends { unit: 'flag' } ? K : never }[LimitKey],
  'helperBeside'
>

export const SIDE_LIMIT_KEYS = LIMIT_KEYS.filter((key): key is SideLimitKey => {
  const { per, unit } = limitOf(key)
  return per === 'side' && unit === 'rad'
})

/** What a person of the model has besides: the figures of the trunk and of rising, and what applies to them or not. */
export const WHOLE_LIMIT_KEYS = LIMIT_KEYS.filter((key): key is WholeLimitKey | FlagLimitKey => {
  const { per, unit, kept } = limitOf(key)
  return per === 'whole' && unit !== 'support' && kept !== 'teacher'
})

/** What a bad day can lower. */
export const LOWERED_KEYS = [
  'kneeFlexionMax',
  'armElevationMax',
  'holdMax',
  'support',
  'seatedOnly',
] as const satisfies readonly LimitKey[]
