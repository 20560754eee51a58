import { describe, expect, it } from 'vitest'
import type { PieceDocument } from '@/documents/lesson-document'
import { HOUR, standing, sum } from '@/testing/hour'
import { fitProposal } from './fit-proposal'
import type { Learning } from './lesson-loads'

describe('a proposal', () => {
  /** Somebody who stands so many minutes and no more. */
  const ask = (most: Record<string, number>) => async (pieces: PieceDocument[]) =>
    Object.entries(most).map(
      ([person, minutes]) =>
        ({ person, pressed: { share: standing(pieces) / minutes } }) as unknown as Learning<string>,
    )

  it('is the first that asks nobody for more than they are used to', async () => {
    expect(await fitProposal(HOUR, ask({ ana: 60, ben: 50 }))).toEqual({ pieces: HOUR, past: [] })
    const eased = await fitProposal(HOUR, ask({ ana: 60, ben: 26 }))
    expect([standing(eased.pieces) <= 26, standing(eased.pieces) >= 25, eased.past]).toEqual([true, true, []])
  })

  it('sits a group down where most of it needs that, never for one of them', async () => {
    const one = await fitProposal(HOUR, ask({ ana: 60, ben: 15, cy: 60 }), () => ({ what: 'gentler', share: 0.25 }))
    expect([standing(one.pieces) >= 25, one.past]).toEqual([true, ['ben']])
    const most = await fitProposal(HOUR, ask({ ana: 60, ben: 15, cy: 15 }))
    expect([standing(most.pieces) <= 15, most.past]).toEqual([true, []])
  })

  it('says for whom it is none, and is then the one that is none for the fewest', async () => {
    const found = await fitProposal(HOUR, ask({ ana: 60, ben: 1, cy: 34 }), () => null)
    expect(found.past).toEqual(['ben'])
    expect(standing(found.pieces)).toBeLessThanOrEqual(34)
  })

  it('takes the remedies that it would be opened with, in the same minutes, before it names anybody', async () => {
    const legs = (pieces: readonly PieceDocument[]) => pieces.find(({ id }) => id === 'legs')?.minutes ?? 0
    const askLegs = async (pieces: PieceDocument[]) =>
      [{ person: 'ben', pressed: { share: legs(pieces) / 3 } }] as unknown as Learning<string>[]
    const shorter = (_: unknown, pieces: readonly PieceDocument[]) =>
      ({ what: 'shorter', piece: 'legs', minutes: legs(pieces) - 3 }) as const
    const found = await fitProposal(HOUR, askLegs, shorter)
    expect([found.past, legs(found.pieces), sum(found.pieces)]).toEqual([[], 3, sum(HOUR)])
    const rest = () => ({ what: 'rest' as const, after: 'warm' })
    const rested = await fitProposal(HOUR, askLegs, rest)
    expect([sum(rested.pieces), rested.pieces.length]).toEqual([sum(HOUR), HOUR.length + 2])
    // Also where there is hardly any work left that could give it.
    const still = [
      { ...HOUR[0], minutes: 40 },
      { ...HOUR[2], minutes: 1 },
    ] as PieceDocument[]
    expect(sum((await fitProposal(still, async () => askLegs(HOUR), rest)).pieces)).toBe(41)
  })
})
