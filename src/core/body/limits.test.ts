import { describe, expect, it } from 'vitest'
import { SIDES } from '../conventions'
import { RULES } from '../limits/registry'
import { resolveBody } from './body'
import { HOUSE_RULES } from './house'
import { LIMIT_KEYS, limitOf, SIDE_LIMIT_KEYS } from './limits'
import type { Limits } from './person'

const ANNA = { stature: 1.65, mass: 70, sex: 'female' as const }

describe('the table of limits', () => {
  it('says of each limit who keeps it, and the rules say the same', () => {
    const byRules = new Set<string>(RULES.flatMap(({ limits = [] }) => limits))
    for (const key of LIMIT_KEYS) expect(byRules.has(key), key).toBe(limitOf(key).kept === 'rule')
    const orders = LIMIT_KEYS.flatMap((key) => limitOf(key).ordered ?? [])
    expect([...byRules].filter((key) => !LIMIT_KEYS.includes(key as never)).sort()).toEqual([...new Set(orders)].sort())
  })

  it('reaches the body: on one side, on both, else the house’s figure or none', () => {
    for (const key of SIDE_LIMIT_KEYS) {
      const { house, range } = limitOf(key)
      const value = (range as readonly [number, number])[1] / 2
      const body = (limits: Limits) => resolveBody({ ...ANNA, limits }).sides
      const usual = house ? HOUSE_RULES[house].value : Number.POSITIVE_INFINITY
      expect([body({}).left[key], body({}).right[key]], key).toEqual([usual, usual])
      expect(body({ [key]: value }).right[key], key).toBe(value)
      for (const side of SIDES) {
        const one = body({ [key]: value, [side]: { [key]: value / 2 } })
        expect([one[side][key], one[side === 'left' ? 'right' : 'left'][key]], key).toEqual([value / 2, value])
      }
    }
  })
})
