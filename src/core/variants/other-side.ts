import { type Analysis, tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import { mirrorStance } from '../stance/mirror'
import type { Stance } from '../stance/stance'
import { asStoodBy } from './demands'
import { Search, stanceOf } from './search'
import type { OwnStanding } from './teachable'
import type { VariantOptions } from './variant'

/** A stance on the other side, how it is there as it stands (the bend that sets its height), and the form that holds. */
export type OtherSide = { mirrored: Stance; analysis: Analysis; flexion: number; stance: Stance }

/**
 * The same on the other side, where it holds there: as it is, else with less change than `below` counts. Null where it
 * does not, and of a posture that is the same on both.
 */
export function findOtherSide(
  body: Body,
  stance: Stance,
  standing: OwnStanding | null,
  options: VariantOptions,
  below?: number,
): OtherSide | null {
  const mirrored = mirrorStance(stance)
  if (isSameStance({ ...mirrored, side: stance.side }, stance)) return null
  if (isSameOnBoth(body)) return null
  const met = asStoodBy(body, mirrored)
  const analysis = tryAnalyse(body, mirrored)
  if (!analysis) return null
  const search = new Search(body, mirrored, analysis, standing, options)
  const there = { mirrored, analysis, flexion: search.flexion }
  if (tryAnalyse(body, met)?.verdict === 'holds') return { ...there, stance: met }
  const hit = search.findNearest(true, below)
  return hit && { ...there, stance: stanceOf(hit) }
}

/** Whether nothing about somebody differs from left to right: then the other side is no easier. */
const isSameOnBoth = ({ sides, loadMax }: Body): boolean =>
  loadMax.left === loadMax.right && JSON.stringify(sides.left) === JSON.stringify(sides.right)

/** Whether two stances are set alike. */
export const isSameStance = (a: Stance, b: Stance): boolean =>
  JSON.stringify(a, roundNumbers) === JSON.stringify(b, roundNumbers)

/** Half a centimetre, a third of a degree, half a point: nobody sets a foot finer than that. */
const roundNumbers = (_: string, value: unknown) => (typeof value === 'number' ? Math.round(value * 200) / 200 : value)
