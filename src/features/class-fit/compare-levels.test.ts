import { describe, expect, it } from 'vitest'
import type { FoundLevels } from '@/workers/fit'
import { compareFewer, compareMore } from './compare-levels'

const name = (i: number) => ['Ada', 'Bo', 'Cy', 'Di'][i] as string
const found = (of: number[], changes: number[]): FoundLevels =>
  ({ levels: [], of, changes, total: changes.filter(Number.isFinite).reduce((a, b) => a + b, 0) }) as never

describe('levels compared', () => {
  it('name whom one more takes in before whom it brings nearer', () => {
    const now = found([0, 0, -1, 1], [1, 0.4, Number.POSITIVE_INFINITY, 0.2])
    const more = found([0, 2, 2, 1], [0.5, 0.38, 0.9, 0.2])
    const compared = compareMore(now, more, name)
    expect(compared.fitted).toEqual(['Cy'])
    // A change of 0.02 is not seen from the front of a room.
    expect(compared.nearer).toEqual(['Ada'])
  })

  it('name whom one less leaves out, and whom it takes further, each once', () => {
    const now = found([0, 1, 1, -1], [0.2, 0.2, 0.2, Number.POSITIVE_INFINITY])
    const fewer = found([0, 0, -1, -1], [0.2, 0.6, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY])
    expect(compareFewer(now, fewer, name)).toEqual({
      lost: ['Cy'],
      further: ['Bo'],
      more: expect.closeTo(0.8 / 0.6 - 1),
    })
  })

  it('of a class in which nothing has to change divide by nothing', () => {
    const still = found([0, 0], [0, 0])
    expect(compareMore(still, still, name)).toEqual({ fitted: [], nearer: [], saved: 0 })
    expect(compareFewer(still, still, name)).toEqual({ lost: [], further: [], more: 0 })
  })
})
