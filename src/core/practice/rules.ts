/** A figure of practice that a house may set: its default, the range it may have, its unit. */
export type PracticeRule = {
  value: number
  min: number
  max: number
  unit: 'classes' | 'ofTen' | 'share' | 'days' | 'Nms/kg' | 'times' | 'mm'
}

const rule = (value: number, [min, max]: readonly [number, number], unit: PracticeRule['unit']): PracticeRule => ({
  value,
  min,
  max,
  unit,
})

/** When next week is harder, easier or the same, how much more than usual is a lot, what a sway speaks for. Defaults of a house, no clinical limits. */
export const PRACTICE_RULES = {
  /** So many classes in a row, each at this effort and this pain at the most. */
  harderClasses: rule(2, [1, 6], 'classes'),
  harderEffort: rule(3, [0, 10], 'ofTen'),
  harderPain: rule(2, [0, 10], 'ofTen'),
  easierEffort: rule(7, [1, 10], 'ofTen'),
  easierPain: rule(4, [1, 10], 'ofTen'),
  /** New or growing pain in so many classes is a question for the clinician. */
  painClasses: rule(2, [1, 6], 'classes'),
  /** From this share on, and growing, a difference of left and right is one, too. */
  sideDifference: rule(0.25, [0.05, 1], 'share'),
  /** Whoever was away for longer begins anew. */
  awayDays: rule(10, [2, 60], 'days'),
  /** What was done without complaint in so many days, and so much more, is what somebody is used to. */
  budgetDays: rule(21, [7, 90], 'days'),
  budgetMore: rule(0.2, [0, 1], 'share'),
  /** Without history: at each knee, for each kilogram of the body; and at a stretch. */
  startNms: rule(300, [20, 2000], 'Nms/kg'),
  startStretchNms: rule(120, [10, 1000], 'Nms/kg'),
  /** A measured sway speaks for a reserve of so many times its larger RMS, and of so many millimetres at the least. */
  swayTimes: rule(2.5, [1, 6], 'times'),
  swayLeastMm: rule(10, [5, 40], 'mm'),
} as const satisfies Record<string, PracticeRule>

export type PracticeKey = keyof typeof PRACTICE_RULES
export const PRACTICE_KEYS = Object.keys(PRACTICE_RULES) as PracticeKey[]

/** Every figure: what a house set, else the default. */
export type Practice = Record<PracticeKey, number>

export const USUAL_PRACTICE = Object.fromEntries(
  PRACTICE_KEYS.map((key) => [key, PRACTICE_RULES[key].value]),
) as Practice
