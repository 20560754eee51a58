import { directionVector, type FourWays } from '@/core'

/** An arrow from beside the centre to its point, and where its figure stands: pixels from the centre, right and down. */
export type TipArrow = {
  way: keyof FourWays
  newtons: number
  from: readonly [number, number]
  to: readonly [number, number]
  text: readonly [number, number]
}

/**
 * Each way with its direction, counter-clockwise from forward; where its figure stands along the arrow, and how far under
 * that. To the sides it stands over the shaft: at the point the foot has its share.
 */
const WAYS = [
  { way: 'forward', at: 0, along: 1, under: -9 },
  { way: 'left', at: Math.PI / 2, along: 0.6, under: -9 },
  { way: 'back', at: Math.PI, along: 1, under: 20 },
  { way: 'right', at: -Math.PI / 2, along: 0.6, under: -9 },
] as const

const METRES_PER_NEWTON = 0.0007
/** From the centre, so that its own marks stay readable. */
const BESIDE = 16

/** How hard a nudge tips, each way: the arrow goes the way that it pushes, as long as it is hard. `scale`: pixels a metre. */
export const layTipArrows = (pushes: FourWays, scale: number): TipArrow[] =>
  WAYS.map(({ way, at, along, under }) => {
    const newtons = Math.max(0, Math.round(pushes[way]))
    const [ux, uy] = directionVector(at)
    const length = BESIDE + newtons * METRES_PER_NEWTON * scale
    return {
      way,
      newtons,
      from: [ux * BESIDE, -uy * BESIDE],
      to: [ux * length, -uy * length],
      text: [along * ux * length, under - along * uy * length],
    }
  })
