import type { Contact } from '../stance/stance'

/** Where ways of one transition differ; none is wrong. */
export type Choices = {
  /** The foot in the air passes beside the standing ankle, or goes straight. */
  swing: 'past' | 'direct'
  /** The foot that stays turns before the step, after it, or whenever it comes cheapest. */
  footTurns: 'before' | 'after' | 'with'
  /** The foot that carries is emptied before it turns, turns full on its heel, or on its heel with half on each foot. */
  heavyFoot: 'empty' | 'heel' | 'even'
  /** What a foot with nothing on it turns about: the other part of it goes round. */
  lightFoot: 'heel' | 'ball'
  /** Through the middle, or with a touch beside the standing foot. */
  middle: 'pass' | 'touch'
  /** Facing goes with the weight, with the foot, or at the end. */
  turnWith: 'weight' | 'foot' | 'end'
  order: 'together' | 'foot-first' | 'hand-first'
  /** Arms move with the weight, with the foot, or after the waist. */
  arms: 'weight' | 'foot' | 'waist'
  landing: { ahead: Landing; back: Landing; side: Landing }
  /** The heel of a light foot comes up behind the weight, or the foot stays flat until it is empty. */
  heels: 'roll' | 'stay'
  /** Of the stepping heel's way ahead. */
  stepScale: number
}

/** What a movement breathes: halves, or freely. */
export const BREATHS = ['in', 'out', 'in-out', 'out-in', 'free'] as const
export type Breath = (typeof BREATHS)[number]

export const LANDINGS = ['heel', 'ball', 'whole'] as const satisfies readonly Contact[]
export type Landing = (typeof LANDINGS)[number]

export const CHOICES = {
  swing: ['past', 'direct'],
  footTurns: ['before', 'after', 'with'],
  heavyFoot: ['empty', 'heel', 'even'],
  lightFoot: ['heel', 'ball'],
  middle: ['pass', 'touch'],
  turnWith: ['weight', 'foot', 'end'],
  order: ['together', 'foot-first', 'hand-first'],
  arms: ['weight', 'foot', 'waist'],
  heels: ['roll', 'stay'],
} as const satisfies { [key in Exclude<keyof Choices, 'landing' | 'stepScale'>]: readonly Choices[key][] }

export const USUAL_CHOICES: Choices = {
  swing: 'past',
  footTurns: 'before',
  heavyFoot: 'empty',
  lightFoot: 'heel',
  middle: 'pass',
  turnWith: 'weight',
  order: 'together',
  arms: 'weight',
  landing: { ahead: 'heel', back: 'ball', side: 'whole' },
  heels: 'roll',
  stepScale: 1,
}

export type ChoicesSet = Partial<Omit<Choices, 'landing'>> & { landing?: Partial<Choices['landing']> | undefined }

/**
 * Choices over others: a part's before the routine's, those before the school's.
 * @example chooseOver(USUAL_CHOICES, { middle: 'touch' }).middle // => 'touch'
 */
export function chooseOver(base: Choices, ...sets: readonly (ChoicesSet | undefined)[]): Choices {
  const chosen = { ...base, landing: { ...base.landing } }
  for (const set of sets) {
    const { landing, ...rest } = set ?? {}
    Object.assign(chosen, rest)
    Object.assign(chosen.landing, landing)
  }
  return chosen
}
