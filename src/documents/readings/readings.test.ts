import { describe, expect, it } from 'vitest'
import { DEG, InputError, type Reading } from '@/core'
import { fromReading, readReading } from './line'
import { readReadings } from './text'
import { findTrace, readTrace } from './trace-csv'

describe('a line of readings', () => {
  it('comes back as it went out, for each device', () => {
    const readings: Reading[] = [
      { kind: 'scales', atS: 0.1, leftKg: 41.5, rightKg: 28.25 },
      { kind: 'plate', atS: 0.2, cop: [0.0123, -0.045], forceN: 680.5 },
      { kind: 'level', atS: 0.3, pitch: 12.5 * DEG, roll: -3 * DEG },
      { kind: 'board', atS: 0.4, supportKg: 28.5 },
    ]
    const text = readings.map((one) => JSON.stringify(fromReading(one))).join('\n')
    const back = readReadings(text)
    expect(back.wrong).toEqual([])
    back.readings.forEach((one, i) => {
      expect(one).toEqual(
        one.kind === 'level'
          ? { ...readings[i], pitch: expect.closeTo(12.5 * DEG, 6), roll: expect.closeTo(-3 * DEG, 6) }
          : readings[i],
      )
    })
  })

  it('says of itself which device it is, and a wrong one is named without stopping the rest', () => {
    expect(readReading({ atS: 1, leftKg: 40, rightKg: 30 }).kind).toBe('scales')
    const { readings, wrong } = readReadings(
      '{"format":"nivrel.readings/1","atS":0,"copM":[0,0],"forceN":600}\nnot json\n\n{"atS":1,"leftKg":9999,"rightKg":3}\n{"atS":2}',
    )
    expect(readings).toHaveLength(1)
    expect(wrong.map(({ line, error }) => [line, error.field])).toEqual([
      [2, 'document'],
      [4, 'leftKg'],
      [5, 'reading'],
    ])
  })
})

describe('a trace as a spreadsheet has it', () => {
  it.each([
    [
      'names and units in a header, decimal commas',
      'Gerät 7\nDatum;1.2.\n\nZeit (ms);COP X [mm];COP Y [mm];Fz (N)\n0;1,5;-2,5;640\n20;2,5;-3;641\n',
    ],
    ['camel case, metres', 'atS,copX_m,copY_m,force\n0,0.0015,-0.0025,640\n0.02,0.0025,-0.003,641\n'],
    ['tabs, medio-lateral', 'time\tML (cm)\tAP (cm)\n0\t0.15\t-0.25\n0.02\t0.25\t-0.3\n'],
    ['nothing named', '0 ;1.5;-2.5\n0.02;2.5;-3\n'],
  ])('%s', (_, text) => {
    const found = findTrace(text)
    expect(found.kind).toBe('plate')
    const [a, b] = readTrace(found, null) as Extract<Reading, { kind: 'plate' }>[]
    expect(b?.atS).toBeCloseTo(0.02)
    expect(a?.cop[0]).toBeCloseTo(0.0015)
    expect(b?.cop[1]).toBeCloseTo(-0.003)
  })

  it('without a time asks for a rate; rows in which something is missing are left out', () => {
    const found = findTrace('left;right\n40;30\n;30\n41;29\n')
    expect(found.kind).toBe('scales')
    expect(() => readTrace(found, null)).toThrow(InputError)
    expect(readTrace(found, 10).map(({ atS }) => atS)).toEqual([0, 0.2])
  })

  it('refuses what holds no table of figures', () => {
    expect(() => findTrace('dear sir,\nwe write to you\n')).toThrow(InputError)
  })
})
