import { directionVector, type FourWays } from '@/core'

/** An arrow from beside the centre to its point, pixels from the centre, right and down; where its figure stands from there. */
export type TipArrow = {
  way: keyof FourWays
  newtons: number
  from: readonly [number, number]
  to: readonly [number, number]
  text: readonly [number, number]
  anchor: 'start' | 'middle' | 'end'
}

/** Each way with its direction, counter-clockwise from forward. */
const WAYS = [
  { way: 'forward', at: 0, text: [0, -9], anchor: 'middle' },
  { way: 'left', at: Math.PI / 2, text: [-8, 5], anchor: 'end' },
  { way: 'back', at: Math.PI, text: [0, 20], anchor: 'middle' },
  { way: 'right', at: -Math.PI / 2, text: [8, 5], anchor: 'start' },
] as const

const METRES_PER_NEWTON = 0.0007
/** From the centre, so that its own marks stay readable. */
const BESIDE = 16

/** How hard a nudge tips, each way: the arrow goes the way that it pushes, as long as it is hard. `scale`: pixels a metre. */
export const layTipArrows = (pushes: FourWays, scale: number): TipArrow[] =>
  WAYS.map(({ way, at, text, anchor }) => {
    const newtons = Math.max(0, Math.round(pushes[way]))
    const [ux, uy] = directionVector(at)
    const length = BESIDE + newtons * METRES_PER_NEWTON * scale
    return { way, newtons, from: [ux * BESIDE, -uy * BESIDE], to: [ux * length, -uy * length], text, anchor }
  })
