import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOLS } from '../postures/schools'
import { makePath, type RoutinePart } from './path'
import type { Stood } from './posing'
import { readSingle } from './readings'
import { calcFastest, smoothHeights } from './smooth'

/** Instants of which only the foot in the air is said: l, r, or - while both are down; a second between two. */
const phase = (feet: string) => ({
  seconds: feet.length - 1,
  samples: [...feet].map((up) => {
    const contact = (side: string) => ({ contact: up === side ? 'air' : 'whole' })
    return { stance: { feet: { left: contact('l'), right: contact('r') } } } as unknown as Stood
  }),
})

describe('how long one stands on a leg', () => {
  it('by hand: each leg for itself, the longest stretch without the other foot in between', () => {
    const { singleS, longestSingle } = readSingle([phase('--ll'), phase('lll--'), phase('-lll-')])
    expect(singleS).toEqual({ left: 0, right: 2 + 3 + 4 })
    expect(longestSingle).toEqual({ leg: 'right', seconds: 5 })
  })

  it('begins anew where the legs change, though no foot was down in between', () => {
    const { singleS, longestSingle } = readSingle([phase('lll'), phase('rrrr')])
    expect(singleS).toEqual({ left: 3, right: 2 })
    expect(longestSingle).toEqual({ leg: 'left', seconds: 3 })
  })
})

describe('heights of the hips', () => {
  it('change on every way no faster than that from instant to instant: nothing is pulled down at once', () => {
    const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 66 })
    const ways = (['therapeutic', 'high-follow'] as const).flatMap((school) => {
      const part = (posture: string, anchor?: 'left' | 'right'): RoutinePart => ({
        stance: buildPosture(postureOf(posture), body, school, 'left'),
        heading: 0,
        seconds: 10,
        hold: 0,
        breath: 'free',
        choices: SCHOOLS[school].choices,
        anchor,
      })
      const pairs = [
        [part('heel-kick'), part('bow', 'right')],
        [part('bow'), part('back-step', 'left')],
      ]
      return pairs.flatMap((routine) => makePath(body, routine, 30).transitions.flatMap(({ made }) => made ?? []))
    })
    expect(ways).toHaveLength(4)
    for (const { transition } of ways)
      for (const { samples, kind } of transition.phases) {
        const heights = samples.map(({ instant }) => instant.height)
        const most = calcFastest(heights)
        for (let i = 1; i < heights.length - 1; i++)
          expect((heights[i - 1] as number) - (heights[i] as number), kind).toBeLessThanOrEqual(most + 1e-6)
      }
  })

  it('are smoothed: never higher than they were, the ends as they were, and no step a jump', () => {
    const heights = fc.array(fc.double({ min: 0.6, max: 0.9, noNaN: true }), { minLength: 12, maxLength: 40 })
    fc.assert(
      fc.property(heights, (given) => {
        // Down and up again within one instant, as a reach may ask.
        const smooth = smoothHeights(given)
        expect([smooth[0], smooth.at(-1)]).toEqual([given[0], given.at(-1)])
        for (const [i, height] of smooth.entries()) expect(height).toBeLessThanOrEqual(given[i] as number)
        const most = calcFastest(given)
        for (let i = 1; i < smooth.length; i++)
          expect(Math.abs((smooth[i] as number) - (smooth[i - 1] as number))).toBeLessThanOrEqual(most + 1e-12)
      }),
    )
  })
})
