import { z } from 'zod'
import { SEAT_KINDS, SIDE_LIMIT_KEYS, WHOLE_LIMIT_KEYS } from '@/core'
import { accepted, flag, keysOf, number, oneOf } from './fields'
import { houseDocument } from './house-document'
import { LIMIT_FIELDS, optionalLimits, whatOf } from './limit-fields'

const length = number(0.02, 0.9, 'm')
const sided = z.union([length, z.looseObject({ left: length, right: length })], {
  error: accepted('sidedLength', { min: 0.02, max: 0.9 }),
})
const seconds = number(0, 600, 's')
const sideLimits = {
  ...optionalLimits(SIDE_LIMIT_KEYS),
  /** Each limit of the hip's rotation that is given is an order; the other two keys say it of one. */
  hipOrdered: flag.optional(),
  hipInwardOrdered: flag.optional(),
  hipOutwardOrdered: flag.optional(),
}

/** A limit of the whole body within a side would bind nobody: it is not taken for a key of somebody else's. */
const ofTheWhole = Object.fromEntries(
  [...WHOLE_LIMIT_KEYS.map(whatOf), 'support', 'loadMaxPct'].map((what) => [
    what,
    z.never({ error: accepted('besideSides', { what }) }).optional(),
  ]),
)

const sideLimitsDocument = z.looseObject(
  { ...ofTheWhole, ...sideLimits },
  { error: accepted('object', { of: 'sideLimits' }) },
)

const limitsDocument = z.looseObject(
  {
    ...sideLimits,
    left: sideLimitsDocument.optional(),
    right: sideLimitsDocument.optional(),
    ...optionalLimits([...WHOLE_LIMIT_KEYS, 'support']),
    trunkOrdered: flag.optional(),
    loadMaxPct: z
      .looseObject(
        { left: LIMIT_FIELDS.loadMaxPct.optional(), right: LIMIT_FIELDS.loadMaxPct.optional() },
        keysOf('left, right'),
      )
      .optional(),
  },
  { error: accepted('object', { of: 'limits' }) },
)

/** The lowest and the highest seat that somebody measures, metres. */
export const SEAT_HEIGHT_M = [0.3, 0.7] as const

/** The person in a `nivrel.stance/1` document. Unknown keys are kept. */
export const personDocument = z.looseObject(
  {
    statureM: number(1, 2.3, 'm'),
    massKg: number(25, 250, 'kg'),
    sex: oneOf(['female', 'male', 'unspecified']).optional(),
    ageYears: number(5, 115, 'years').optional(),
    footLengthM: number(0.12, 0.4, 'm').optional(),
    footBreadthM: number(0.04, 0.18, 'm').optional(),
    shoulderWidthM: number(0.15, 0.7, 'm').optional(),
    usableAlong: number(0.05, 1).optional(),
    usableAcross: number(0.05, 1).optional(),
    swayReserveM: number(0, 0.2, 'm').optional(),
    swayReserveOneFootM: number(0, 0.2, 'm').optional(),
    oneLegStandS: z
      .union([seconds, z.looseObject({ left: seconds.optional(), right: seconds.optional() })], {
        error: accepted('sidedSeconds', { min: 0, max: 600 }),
      })
      .optional(),
    trunkShiftM: number(-0.1, 0.2, 'm').optional(),
    numbFeet: flag.optional(),
    sitsOn: oneOf(SEAT_KINDS).optional(),
    seatHeightM: number(...SEAT_HEIGHT_M, 'm').optional(),
    lengths: z
      .looseObject(
        {
          thighM: sided.optional(),
          shankM: sided.optional(),
          ankleHeightM: sided.optional(),
          hipSeparationM: length.optional(),
          upperArmM: sided.optional(),
          forearmM: sided.optional(),
          handM: sided.optional(),
        },
        { error: accepted('object', { of: 'lengths' }) },
      )
      .optional(),
    limits: limitsDocument.optional(),
    house: houseDocument.optional(),
  },
  keysOf('statureM, massKg'),
)

export type PersonDocument = z.infer<typeof personDocument>
export type LimitsDocument = z.infer<typeof limitsDocument>
export type SideLimitsDocument = z.infer<typeof sideLimitsDocument>
