import { DEG } from '../conventions'

export type HouseUnit = 'm' | 'rad' | 'share' | 'factor'

export type HouseRule = {
  /** As the settings say it. */
  name: string
  value: number
  min: number
  max: number
  unit: HouseUnit
  /** Where the default comes from. */
  source: string
}

const rule = (
  name: string,
  value: number,
  [min, max]: readonly [number, number],
  unit: HouseUnit,
  source: string,
): HouseRule => ({ name, value, min, max, unit, source })

const inDegrees = (name: string, value: number, [min, max]: readonly [number, number], source: string) =>
  rule(name, value * DEG, [min * DEG, max * DEG], 'rad', source)

const NORKIN = 'hip ranges after Norkin & White plus what shank and bent knee add: an estimate'
const USUAL = 'a usual teaching figure'
const SWAY = 'two to three times the quiet-standing sway of older adults (5 to 7 mm RMS in posturography)'

/**
 * What applies where a person has nothing of their own, and from where each rule speaks. Editable defaults of a house,
 * never clinical limits: metres, radians, shares, factors.
 */
export const HOUSE_RULES = {
  swayReserve: rule('Reserve for sway, two feet', 0.015, [0, 0.1], 'm', SWAY),
  oneFootReserveFactor: rule('Of that on one foot', 0.6, [0.2, 2], 'factor', 'a lifted foot can be set down'),
  eyesClosedReserveFactor: rule(
    'Reserve with closed eyes',
    1.5,
    [1, 4],
    'factor',
    'older adults sway about half as much again without sight',
  ),
  kneeFlexionMin: inDegrees('Straightest knee', 5, [0, 30], USUAL),
  kneeRangeMax: inDegrees('Knee range, held leg', 140, [60, 160], 'usual range of movement'),
  hipOutwardMax: inDegrees('Hip outward, pelvis to knee', 60, [0, 90], NORKIN),
  hipInwardMax: inDegrees('Hip inward, pelvis to knee', 45, [0, 90], NORKIN),
  hipAbductionMax: inDegrees('Hip to the side', 60, [0, 90], NORKIN),
  dorsiflexionMax: inDegrees('Ankle, weight-bearing', 30, [5, 60], 'usual weight-bearing range'),
  trunkTwistMax: inDegrees('Trunk past the pelvis', 45, [5, 90], USUAL),
  kneeLocked: inDegrees('A knee is locked under', 4.5, [0, 10], USUAL),
  kneeDrift: inDegrees('A knee falls in beyond', 10, [2, 40], 'the larger of two signs; both must be passed'),
  kneeDriftOffLine: rule(
    'and off its line by',
    0.03,
    [0.005, 0.1],
    'm',
    'the larger of two signs; both must be passed',
  ),
  kneeSideTiltLoaded: inDegrees('Shin leans in, bent and loaded', 15, [5, 45], USUAL),
  kneeSideTiltAny: inDegrees('Shin leans either way', 25, [5, 60], USUAL),
  pastToesCaution: rule('Knee past the toes, caution', 0.03, [0, 0.15], 'm', USUAL),
  leanForward: inDegrees('Trunk leans forward', 20, [5, 60], USUAL),
  leanForwardInclined: inDegrees('Forward, inclined frame', 35, [10, 60], 'small frames incline in one line'),
  leanBack: inDegrees('Trunk leans back', 10, [2, 30], USUAL),
  leanSide: inDegrees('Trunk leans to a side', 10, [2, 30], USUAL),
  leanHigh: inDegrees('Lean in a high stance', 12, [5, 40], 'leaning belongs to low stances'),
  hollow: inDegrees('Hollow back', 10, [3, 30], USUAL),
  toeOutMost: inDegrees('A foot turned out beyond', 65, [20, 100], 'schools teach 0 to 60°'),
  pelvisOffFoot: inDegrees('Pelvis off the front foot’s line', 45, [10, 90], USUAL),
  armBehind: inDegrees('Upper arm behind the side', 10, [0, 60], USUAL),
  elbowLocked: inDegrees('A raised elbow is locked under', 5, [0, 15], USUAL),
  emptyMost: rule('An empty foot carries at most', 0.2, [0.02, 0.4], 'share', 'so that it comes up with little shift'),
} as const satisfies Record<string, HouseRule>

export type HouseKey = keyof typeof HOUSE_RULES

export const HOUSE_KEYS = Object.keys(HOUSE_RULES) as HouseKey[]

/** Every rule's figure: what a house set, else the default. */
export type House = Record<HouseKey, number>

export const DEFAULT_HOUSE = Object.fromEntries(HOUSE_KEYS.map((key) => [key, HOUSE_RULES[key].value])) as House

export const resolveHouse = (set: Partial<House> | undefined): House =>
  set ? { ...DEFAULT_HOUSE, ...set } : DEFAULT_HOUSE
