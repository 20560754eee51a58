import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Extent, type Hall, placeInHall } from './hall'

const ROOM = { width: 6, depth: 8 }
const box = (width: number, depth: number, x = 0, y = 0): Extent => [
  [x, y],
  [x + width, y + depth],
]
const extents = fc.array(
  fc
    .record({
      width: fc.double({ min: 0.3, max: 7, noNaN: true }),
      depth: fc.double({ min: 0.3, max: 9, noNaN: true }),
      x: fc.double({ min: -3, max: 3, noNaN: true }),
      y: fc.double({ min: -3, max: 3, noNaN: true }),
    })
    .map(({ width, depth, x, y }) => box(width, depth, x, y)),
  { minLength: 1, maxLength: 16 },
)

const placed = (all: readonly Extent[], round: Hall['rounds'][number]) =>
  round.map(({ who, by: [dx, dy] }) => {
    const [[left, rear], [right, front]] = all[who] as Extent
    return { left: left + dx, rear: rear + dy, right: right + dx, front: front + dy }
  })

describe('everybody in the hall', () => {
  it('worked out by hand: three of 90 cm side by side in six metres, a metre between, 65 cm to each wall', () => {
    const { rounds, tooLarge } = placeInHall([box(0.9, 2), box(0.9, 2), box(0.9, 2)], ROOM)
    expect(tooLarge).toEqual([])
    expect(rounds).toHaveLength(1)
    expect(rounds[0]?.map(({ who }) => who)).toEqual([0, 1, 2])
    for (const [i, { by }] of (rounds[0] ?? []).entries()) {
      expect(by[0]).toBeCloseTo(0.65 + 1.9 * i, 9)
      expect(by[1]).toBeCloseTo(3, 9)
    }
  })

  it('the fourth stands behind them, and the deepest in front', () => {
    const { rounds } = placeInHall([box(0.9, 1), box(0.9, 1), box(0.9, 1), box(0.9, 3)], ROOM)
    expect(rounds).toHaveLength(1)
    const [deepest, ...others] = placed(
      [box(1, 3), box(1, 1)],
      [
        { who: 0, by: rounds[0]?.find(({ who }) => who === 3)?.by ?? [0, 0] },
        ...(rounds[0] ?? []).filter(({ who }) => who < 3).map(({ by }) => ({ who: 1, by })),
      ],
    )
    const behind = others.filter(({ front }) => front <= (deepest?.rear ?? 0) - 1 + 1e-9)
    expect(behind).toHaveLength(1)
  })

  it('everybody once, 60 cm from the walls, a metre from each other; who does not fit is named', () => {
    fc.assert(
      fc.property(extents, (all) => {
        const { rounds, tooLarge } = placeInHall(all, ROOM)
        const met = [...rounds.flat().map(({ who }) => who), ...tooLarge].sort((a, b) => a - b)
        expect(met).toEqual(all.map((_, i) => i))
        for (const who of tooLarge) {
          const [[left, rear], [right, front]] = all[who] as Extent
          expect(right - left > ROOM.width - 1.2 || front - rear > ROOM.depth - 1.2).toBe(true)
        }
        for (const round of rounds) {
          const boxes = placed(all, round)
          for (const [i, a] of boxes.entries()) {
            expect(Math.min(a.left, a.rear)).toBeGreaterThan(0.6 - 1e-9)
            expect(a.right).toBeLessThan(ROOM.width - 0.6 + 1e-9)
            expect(a.front).toBeLessThan(ROOM.depth - 0.6 + 1e-9)
            for (const b of boxes.slice(i + 1)) {
              const aside = Math.max(a.left - b.right, b.left - a.right)
              const ahead = Math.max(a.rear - b.front, b.rear - a.front)
              expect(Math.max(aside, ahead)).toBeGreaterThan(1 - 1e-9)
            }
          }
        }
      }),
    )
  })

  it('lies the same wherever each routine began', () => {
    fc.assert(
      fc.property(extents, fc.double({ min: -5, max: 5, noNaN: true }), (all, by) => {
        const moved = all.map(
          ([[x, y], [right, front]]): Extent => [
            [x + by, y - by],
            [right + by, front - by],
          ],
        )
        const [here, there] = [placeInHall(all, ROOM), placeInHall(moved, ROOM)]
        for (const [i, round] of here.rounds.entries()) {
          const other = placed(moved, there.rounds[i] ?? [])
          for (const [j, box] of placed(all, round).entries()) {
            expect(other[j]?.left).toBeCloseTo(box.left, 6)
            expect(other[j]?.front).toBeCloseTo(box.front, 6)
          }
        }
      }),
    )
  })
})
