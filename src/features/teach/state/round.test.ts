import { describe, expect, it } from 'vitest'
import { listReleased, makeRound, readRound } from './round'

const round = makeRound({
  tempo: { halfBreathS: 4 },
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left', breath: 'in-out', holdS: 5 },
    { posture: 'parallel', breath: 'out' },
  ],
})

describe('a round at a moment', () => {
  it('by hand: in four, out four, held five, out four; then the next round', () => {
    expect(round.seconds).toBe(17)
    expect(round.beats.map(({ kind, startS, seconds }) => [kind, startS, seconds])).toEqual([
      ['in', 0, 4],
      ['out', 4, 4],
      ['hold', 8, 5],
      ['out', 13, 4],
    ])
    expect(readRound(round, 0, null)).toMatchObject({ round: 1, beat: { kind: 'in' }, through: 0 })
    expect(readRound(round, 10.5, null)).toMatchObject({ round: 1, beat: { kind: 'hold', part: 1 }, through: 0.5 })
    expect(readRound(round, 17 + 5, null)).toMatchObject({ round: 2, beat: { kind: 'out', part: 1 }, through: 0.25 })
  })

  it('a part that is looped comes again and again, and nothing else', () => {
    for (const at of [0, 3, 12.9, 13, 40, 111]) expect(readRound(round, at, 1).beat?.part, String(at)).toBe(1)
    expect(readRound(round, 13 + 8.5, 1)).toMatchObject({ round: 2, beat: { kind: 'hold' } })
  })

  it('an empty round stands still', () => {
    expect(
      readRound(makeRound({ parts: [{ posture: 'parallel' }, { posture: 'parallel', seconds: 0.5 }] }), 3, null).beat,
    ).not.toBeNull()
    expect(readRound({ ...round, beats: [], seconds: 0 }, 3, null)).toEqual({
      round: 1,
      atS: 0,
      beat: null,
      through: 0,
    })
  })
})

it('a hold releases each at their own limit, the longest last; without a limit nobody is released', () => {
  const people = [
    { name: 'c', holdMaxS: 12 },
    { name: 'a', holdMaxS: 5 },
    { name: 'x', holdMaxS: null },
    { name: 'b', holdMaxS: 8 },
  ]
  const up = (at: number) => listReleased(people, at).map(({ name }) => name)
  expect([up(4), up(5), up(8), up(60)]).toEqual([[], ['a'], ['a', 'b'], ['a', 'b', 'c']])
})
