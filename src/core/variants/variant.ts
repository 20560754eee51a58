import type { Side } from '../conventions'
import type { Finding } from '../limits/finding'
import type { Stance } from '../stance/stance'
import type { LeverId } from './levers'
import type { Meaning } from './meaning'
import type { Measurement } from './measure'
import type { IsOver } from './weigh'

/** In the order in which a teacher offers them. */
export const VARIANT_KINDS = ['nearest', 'other-side', 'help', 'steadiest', 'kindest', 'fallback', 'seated'] as const
export type VariantKind = (typeof VARIANT_KINDS)[number]

export type ChangeWhat =
  | 'stepLength'
  | 'trackWidth'
  | 'toeOutLeft'
  | 'toeOutRight'
  | 'kneeFlexion'
  | 'loadLeft'
  | 'trunkPitch'
  | 'pelvisYaw'
  | 'armHeight'
  | 'armOpening'
  | 'armLeft'
  | 'armRight'
  | 'eyes'
  | 'contactLeft'
  | 'contactRight'
  | 'support'
  | 'seat'
  /** Left for right: what else is changed is told of the other side. */
  | 'side'

/** What is changed, from what to what; a hand as the kind of support and the hand on it, `chair-back/left`. */
export type ChangeValue = {
  what: ChangeWhat
  from: number | string
  to: number | string
  unit: 'm' | 'rad' | 'share' | 'word'
}

/** By how much a stance is better: margin in metres, a knee's bend in radians or its load in newton metres. */
export type Gain = { what: 'margin' | 'flexion' | 'load'; side: Side | null; by: number }

/** What a change alone buys; nothing where it needs the others, or cannot be stood without them. */
export type Buys = readonly Gain[] | 'needed-together' | 'only-together'

/** One thing that a variant changes, and what that alone buys. */
export type Change = ChangeValue & {
  buys: Buys
  /** The original with this change alone, so that one can be taken and another left. */
  alone: Stance
}

export type Variant = {
  kind: VariantKind
  /** Other kinds that come to the same stance. */
  also: VariantKind[]
  stance: Stance
  changes: Change[]
  /** What it gives up of what the posture is for. */
  givesUp: readonly Meaning[]
  /** What has to be said of how far it comes. */
  falls?: VariantShort
}

/**
 * How a variant falls short: close by a joint with the reserve kept, close with less than the reserve, only seated, feet
 * nearer each other than a teacher would have them.
 */
export type VariantShort = 'joint' | 'reserve' | 'seated' | 'narrower'

export type VariantSet = {
  variants: Variant[]
  /** Where nothing passes: the limits that stand against each other at the best that was found. */
  conflicts: Finding[]
  /** Where the uncertainty decides: what to measure, and what that would buy. */
  measurements: Measurement[]
  /** How many candidates were weighed. */
  weighed: number
  /** The search was ended before it was done: these are the best until then. */
  cut: boolean
}

export type VariantOptions = {
  /** Only these levers are moved. */
  levers?: readonly LeverId[]
  /** Only the least change and the least help: nothing steadier or kinder, and nothing where none holds. */
  leastOnly?: boolean
  /** Asked with how many candidates were weighed: whether the search has to end with what it has. */
  isOver?: IsOver
  /** Told after each part of the search, 0 to 1. */
  onProgress?: (done: number) => void
}
