import { z } from 'zod'
import { DEG, InputError, type Reading } from '@/core'
import { accepted, documentOf, formatOf, number, oneOf, point2 } from '../fields'
import { parse } from '../parse'

export const READINGS_FORMAT = 'nivrel.readings/1'

export const READING_KINDS = ['scales', 'plate', 'level', 'board'] as const

const atS = number(0, 1e7, 's')
const kg = number(-5, 400, 'kg')

/** One line of `nivrel.readings/1`: what it holds says of which device it is, where it does not say so itself. */
export const readingLine = z.looseObject(
  {
    format: formatOf(READINGS_FORMAT).optional(),
    kind: oneOf(READING_KINDS).optional(),
    atS,
    leftKg: kg.optional(),
    rightKg: kg.optional(),
    copM: point2.optional(),
    forceN: number(-50, 6000).optional(),
    pitchDeg: number(-180, 180, 'deg').optional(),
    rollDeg: number(-180, 180, 'deg').optional(),
    supportKg: kg.optional(),
  },
  documentOf(READINGS_FORMAT),
)

const KEYS = {
  scales: ['leftKg', 'rightKg'],
  plate: ['copM', 'forceN'],
  level: ['pitchDeg', 'rollDeg'],
  board: ['supportKg'],
} as const

/** @throws InputError naming what is wrong, or that nothing of any device is there */
export function readReading(value: unknown): Reading {
  const line = parse(readingLine, value)
  const kind = line.kind ?? READING_KINDS.find((one) => KEYS[one].every((key) => line[key] !== undefined))
  if (!kind) {
    const keys = READING_KINDS.map((one) => KEYS[one].join(', ')).join('; ')
    throw new InputError('reading', value, { code: 'keys', keys })
  }
  const of = (key: 'leftKg' | 'rightKg' | 'forceN' | 'pitchDeg' | 'rollDeg' | 'supportKg'): number => {
    const figure = line[key]
    if (figure === undefined) throw new InputError(key, null, { code: 'keys', keys: KEYS[kind].join(', ') })
    return figure
  }
  const { atS } = line
  if (kind === 'scales') return { kind, atS, leftKg: of('leftKg'), rightKg: of('rightKg') }
  if (kind === 'level') return { kind, atS, pitch: of('pitchDeg') * DEG, roll: of('rollDeg') * DEG }
  if (kind === 'board') return { kind, atS, supportKg: of('supportKg') }
  if (!line.copM) throw new InputError('copM', null, JSON.parse(accepted('point', { most: 100 })))
  return { kind, atS, cop: line.copM, forceN: of('forceN') }
}

const round = (value: number, places: number): number => Math.round(value * 10 ** places) / 10 ** places + 0

/** A reading as a line holds it, to what its device can tell. */
export function fromReading(reading: Reading): z.infer<typeof readingLine> {
  const at = { kind: reading.kind, atS: round(reading.atS, 4) }
  switch (reading.kind) {
    case 'scales':
      return { ...at, leftKg: round(reading.leftKg, 2), rightKg: round(reading.rightKg, 2) }
    case 'plate':
      return {
        ...at,
        copM: [round(reading.cop[0], 5), round(reading.cop[1], 5)],
        forceN: round(reading.forceN, 1),
      }
    case 'level':
      return { ...at, pitchDeg: round(reading.pitch / DEG, 2), rollDeg: round(reading.roll / DEG, 2) }
    case 'board':
      return { ...at, supportKg: round(reading.supportKg, 2) }
  }
}
