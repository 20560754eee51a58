import { type Analysis, type Body, mirrorStance, type Stance, tryAnalyse, type Vec2, type WayIn } from '@/core'
import { type Box, type Drawing, drawStance } from './floor'
import type { Mark } from './sheet'

/** A stance of somebody, and what it comes to; null where it cannot be computed. How it is come to, where that was read. */
export type Stood = { title: string; body: Body; stance: Stance; analysis: Analysis | null; wayIn?: WayIn | null }

/**
 * Whether it may be done with left and right exchanged, too: what an order or a limit forbids there is not printed as
 * done on each side.
 */
export function mayMirror({ body, stance }: Stood): boolean {
  const verdict = tryAnalyse(body, mirrorStance(stance))?.verdict
  return verdict !== undefined && verdict !== 'beyond'
}

export const stand = (title: string, body: Body, stance: Stance): Stood => ({
  title,
  body,
  stance,
  analysis: tryAnalyse(body, stance),
})

/** Whether it may be given to somebody to do: what passes a limit, or cannot be stood, is on no card. */
export const isPassing = ({ analysis }: Stood): boolean => analysis !== null && analysis.verdict !== 'beyond'

/** The bend that sets its height, as it is said: of the fuller leg. */
export const flexionOf = ({ stance, analysis }: Stood): number => {
  if (!analysis) return 0
  const { left, right } = analysis.legs
  return stance.loadLeft >= 0.5 ? left.flexion : right.flexion
}

/** Its floor with base and centre, where they are known. */
export function drawStood({ body, stance, analysis }: Stood, scale = 1, tape = false): Drawing {
  const usable = analysis?.usable.map(({ x, y }): Vec2 => [x, y])
  const com = analysis?.pose.centreOfMass
  return drawStance(body, stance, { usable, centre: com && [com[0], com[1]], tape, scale })
}

export const scaleToFit = ({ left, right, top, bottom }: Box, width: number, height: number): number =>
  Math.min(width / (right - left), height / (bottom - top))

/** A stance as large as it fits, in the middle of a place. */
export function fitStood(stood: Stood, x: number, y: number, width: number, height: number, tape = false): Mark {
  const { box } = drawStood(stood)
  const scale = scaleToFit(box, width, height)
  const { marks } = drawStood(stood, scale, tape)
  const left = x + (width - (box.right - box.left) * scale) / 2 - box.left * scale
  const top = y + (height - (box.bottom - box.top) * scale) / 2 - box.top * scale
  return {
    kind: 'group',
    x: left,
    y: top,
    scale,
    // A chair, a wall or a seat that reaches farther ends where the place does: never over what stands beside it.
    clip: { x: (x - left) / scale, y: (y - top) / scale, width: width / scale, height: height / scale },
    marks,
  }
}
