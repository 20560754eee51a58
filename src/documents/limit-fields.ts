import type { z } from 'zod'
import {
  DEG,
  LIMIT_KEYS,
  type LIMITS,
  type LimitKey,
  type LimitRow,
  type LimitUnit,
  limitOf,
  SUPPORT_KINDS,
} from '@/core'
import { type FieldUnit, flag, number, oneOf } from './fields'

/** How documents write the table of limits: each key with its unit, each figure within its range. */

const WRITTEN = {
  rad: { suffix: 'Deg', one: DEG, unit: 'deg' },
  share: { suffix: 'Pct', one: 0.01, unit: 'pct' },
  m: { suffix: 'M', one: 1, unit: 'm' },
  s: { suffix: 'S', one: 1, unit: 's' },
  support: { suffix: '', one: 1, unit: 'none' },
  flag: { suffix: '', one: 1, unit: 'none' },
} as const satisfies Record<LimitUnit, { suffix: string; one: number; unit: FieldUnit }>

type Suffix<K extends LimitKey> = (typeof WRITTEN)[(typeof LIMITS)[K]['unit']]['suffix']
/** A limit as documents name it. */
export type WhatOf<K extends LimitKey> = K extends LimitKey ? `${K}${Suffix<K>}` : never
export type LimitWhat = WhatOf<LimitKey>

export const whatOf = <K extends LimitKey>(key: K): WhatOf<K> =>
  `${key}${WRITTEN[limitOf(key).unit].suffix}` as WhatOf<K>

export const LIMIT_WHATS = LIMIT_KEYS.map(whatOf) as [LimitWhat, ...LimitWhat[]]

const KEYS = new Map<string, LimitKey>(LIMIT_KEYS.map((key) => [whatOf(key), key]))

export const keyOf = (what: LimitWhat): LimitKey => KEYS.get(what) as LimitKey

/** What the table says of a limit as documents name it. */
export const rowOf = (what: LimitWhat): LimitRow => limitOf(keyOf(what))

const tidy = (value: number) => Math.round(value * 1e9) / 1e9

/** A figure of a document in the core's unit. */
export const readLimit = (key: LimitKey, value: number): number => value * WRITTEN[limitOf(key).unit].one

function makeField(key: LimitKey): z.ZodType {
  const { unit, range } = limitOf(key)
  if (unit === 'support') return oneOf(SUPPORT_KINDS)
  if (!range) return flag
  const { one, unit: written } = WRITTEN[unit]
  return number(tidy(range[0] / one), tidy(range[1] / one), written)
}

type Field<K extends LimitKey> = (typeof LIMITS)[K]['unit'] extends 'flag'
  ? z.ZodBoolean
  : (typeof LIMITS)[K]['unit'] extends 'support'
    ? ReturnType<typeof oneOf<typeof SUPPORT_KINDS>>
    : z.ZodNumber

/** The checks of some limits, by what documents call them. */
export const limitFields = <K extends LimitKey>(keys: readonly K[]) =>
  Object.fromEntries(keys.map((key) => [whatOf(key), makeField(key)])) as { [Key in K as WhatOf<Key>]: Field<Key> }

/** The same where none need be given. */
export const optionalLimits = <K extends LimitKey>(keys: readonly K[]) =>
  Object.fromEntries(keys.map((key) => [whatOf(key), makeField(key).optional()])) as {
    [Key in K as WhatOf<Key>]: z.ZodOptional<Field<Key>>
  }

export const LIMIT_FIELDS = limitFields(LIMIT_KEYS)
