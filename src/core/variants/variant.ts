import type { Finding } from '../limits/finding'
import type { Stance } from '../stance/stance'
import type { Measurement } from './measure'

export const VARIANT_KINDS = ['nearest', 'steadiest', 'kindest', 'help', 'fallback', 'seated'] as const
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
  | 'contactLeft'
  | 'contactRight'
  | 'support'
  | 'seat'

/** One thing that a variant changes: what it was, what it becomes, and what that alone buys. */
export type Change = {
  what: ChangeWhat
  from: number | string
  to: number | string
  unit: 'm' | 'rad' | 'share' | 'word'
  buys: string
  /** The original with this change alone, so that one can be taken and another left. */
  alone: Stance
}

export type Variant = {
  kind: VariantKind
  /** Other kinds that come to the same stance. */
  also: VariantKind[]
  stance: Stance
  changes: Change[]
  /** What has to be said with it: that it stays close, and why. */
  note?: string
}

export type VariantSet = {
  variants: Variant[]
  /** Where nothing passes: the limits that stand against each other at the best that was found. */
  conflicts: Finding[]
  /** Where the uncertainty decides: what to measure, and what that would buy. */
  measurements: Measurement[]
  /** How many candidates were weighed. */
  weighed: number
}
