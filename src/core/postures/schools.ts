import { type Choices, type ChoicesSet, chooseOver, USUAL_CHOICES } from './choices'

/**
 * Where schools differ in what this program sets (a starting point that a teacher changes): shares 0 to 1, angles in
 * degrees, lengths as fractions of stature or of the named width. No school is wrong; each is a preset.
 */
export type School = {
  id: SchoolId
  bowLoad: number
  bowStep: number
  rearToeOutDeg: number
  /** Track width in shoulder widths. */
  track: number
  /** A back step: shoulder widths between the heels, and how far the light one is ahead. */
  backTrack: number
  backStep: number
  /** Knee bend of the fuller leg. */
  kneeDeg: number
  bowPitchDeg: number
  /** How far the pelvis faces from the front foot in a bow, toward it positive. */
  bowYawDeg: number
  frame: 'upright' | 'inclined'
  /** The rear foot of a bow: flat, or following on its ball. */
  rearContact: 'whole' | 'ball'
  /** Height of the raised foot on one leg, as a fraction of stature. */
  lift: number
  /** How one comes from stance to stance. */
  choices: Choices
}

const ways = (set: ChoicesSet = {}): Choices => chooseOver(USUAL_CHOICES, set)

export const SCHOOL_IDS = ['long-upright', 'small-inclined', 'low-coiling', 'high-follow', 'therapeutic'] as const
export type SchoolId = (typeof SCHOOL_IDS)[number]

export const SCHOOLS: Record<SchoolId, School> = {
  'long-upright': {
    id: 'long-upright',
    bowLoad: 0.65,
    bowStep: 0.11,
    rearToeOutDeg: 45,
    track: 0.9,
    backTrack: 0.85,
    backStep: 0.12,
    kneeDeg: 34,
    bowPitchDeg: 0,
    bowYawDeg: -2,
    frame: 'upright',
    rearContact: 'whole',
    lift: 0.18,
    choices: ways(),
  },
  'small-inclined': {
    id: 'small-inclined',
    bowLoad: 0.92,
    bowStep: 0.105,
    rearToeOutDeg: 10,
    track: 0.75,
    backTrack: 0.6,
    backStep: 0.03,
    kneeDeg: 33,
    bowPitchDeg: 22,
    bowYawDeg: 0,
    frame: 'inclined',
    rearContact: 'whole',
    lift: 0.16,
    choices: ways({ footTurns: 'after' }),
  },
  'low-coiling': {
    id: 'low-coiling',
    bowLoad: 0.62,
    bowStep: 0.08,
    rearToeOutDeg: 45,
    track: 1,
    backTrack: 0.9,
    backStep: 0.1,
    kneeDeg: 50,
    bowPitchDeg: 0,
    bowYawDeg: -25,
    frame: 'upright',
    rearContact: 'whole',
    lift: 0.18,
    choices: ways({ heavyFoot: 'heel', arms: 'waist', order: 'foot-first' }),
  },
  'high-follow': {
    id: 'high-follow',
    bowLoad: 0.75,
    bowStep: 0.1,
    rearToeOutDeg: 33,
    track: 0.75,
    backTrack: 0.75,
    backStep: 0.09,
    kneeDeg: 24,
    bowPitchDeg: 0,
    bowYawDeg: 0,
    frame: 'upright',
    rearContact: 'ball',
    lift: 0.12,
    choices: ways({ footTurns: 'with', arms: 'foot', swing: 'direct' }),
  },
  therapeutic: {
    id: 'therapeutic',
    bowLoad: 0.6,
    bowStep: 0.09,
    rearToeOutDeg: 30,
    track: 0.9,
    backTrack: 0.9,
    backStep: 0.08,
    kneeDeg: 25,
    bowPitchDeg: 0,
    bowYawDeg: 0,
    frame: 'upright',
    rearContact: 'whole',
    lift: 0.06,
    choices: ways({ middle: 'touch' }),
  },
}
