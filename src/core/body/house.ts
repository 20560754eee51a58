import { DEG } from '../conventions'

export type HouseUnit = 'm' | 'rad' | 'share' | 'factor'

/** A figure that a house may set: its default, the range it may have, its unit. */
export type HouseRule = { value: number; min: number; max: number; unit: HouseUnit }

const rule = (value: number, [min, max]: readonly [number, number], unit: HouseUnit): HouseRule => ({
  value,
  min,
  max,
  unit,
})

const inDegrees = (value: number, [min, max]: readonly [number, number]) =>
  rule(value * DEG, [min * DEG, max * DEG], 'rad')

/**
 * What applies where a person has nothing of their own, and from where each rule speaks. Editable defaults of a house,
 * never clinical limits: metres, radians, shares, factors. Where each comes from is told in docs/method.md and said with it.
 */
export const HOUSE_RULES = {
  swayReserve: rule(0.015, [0, 0.1], 'm'),
  oneFootReserveFactor: rule(0.6, [0.2, 2], 'factor'),
  eyesClosedReserveFactor: rule(1.5, [1, 4], 'factor'),
  kneeFlexionMin: inDegrees(5, [0, 30]),
  kneeRangeMax: inDegrees(140, [60, 160]),
  hipOutwardMax: inDegrees(60, [0, 90]),
  hipInwardMax: inDegrees(45, [0, 90]),
  hipAbductionMax: inDegrees(60, [0, 90]),
  dorsiflexionMax: inDegrees(30, [5, 60]),
  trunkTwistMax: inDegrees(45, [5, 90]),
  kneeLocked: inDegrees(4.5, [0, 10]),
  kneeDrift: inDegrees(10, [2, 40]),
  kneeDriftOffLine: rule(0.03, [0.005, 0.1], 'm'),
  kneeSideTiltLoaded: inDegrees(15, [5, 45]),
  kneeSideTiltAny: inDegrees(25, [5, 60]),
  pastToesCaution: rule(0.03, [0, 0.15], 'm'),
  leanForward: inDegrees(20, [5, 60]),
  leanForwardInclined: inDegrees(35, [10, 60]),
  leanBack: inDegrees(10, [2, 30]),
  leanSide: inDegrees(10, [2, 30]),
  leanHigh: inDegrees(12, [5, 40]),
  hollow: inDegrees(10, [3, 30]),
  toeOutMost: inDegrees(65, [20, 100]),
  pelvisOffFoot: inDegrees(45, [10, 90]),
  armBehind: inDegrees(10, [0, 60]),
  elbowLocked: inDegrees(5, [0, 15]),
  emptyMost: rule(0.2, [0.02, 0.4], 'share'),
} as const satisfies Record<string, HouseRule>

export type HouseKey = keyof typeof HOUSE_RULES

export const HOUSE_KEYS = Object.keys(HOUSE_RULES) as HouseKey[]

/** Every rule's figure: what a house set, else the default. */
export type House = Record<HouseKey, number>

export const DEFAULT_HOUSE = Object.fromEntries(HOUSE_KEYS.map((key) => [key, HOUSE_RULES[key].value])) as House

export const resolveHouse = (set: Partial<House> | undefined): House =>
  set ? { ...DEFAULT_HOUSE, ...set } : DEFAULT_HOUSE
