import { tryAnalyse } from '../analysis'
import type { Cause } from '../balance/uncertainty'
import { type Body, resolveBody } from '../body/body'
import type { Stance } from '../stance/stance'

/** What a measurement would settle: the split with two scales, or what can be used of the feet with a reach or a lean. */
export const SETTLED = ['split', 'usable'] as const
export type Settled = (typeof SETTLED)[number]

/** Standard deviation of the edge that decides, and the assured margin less its reserve, before and after; metres. */
export type Worth = {
  sdBefore: number
  sdAfter: number
  spareBefore: number
  spareAfter: number
  /** What the deciding edge is unsure of most now. */
  most: Cause
}

/**
 * How much surer the margin of a stance gets when a measurement gives just what is supposed now. Null where the stance
 * cannot be stood, or it is measured already.
 * @example calcWorth(ana, bow, 'split')?.most // => 'usable'
 */
export function calcWorth(body: Body, stance: Stance, settled: Settled): Worth | null {
  if (settled === 'split' ? stance.loadMeasured : body.person.usableAlong !== undefined) return null
  const before = tryAnalyse(body, stance)
  const after =
    settled === 'split'
      ? tryAnalyse(body, { ...stance, loadMeasured: true })
      : tryAnalyse(resolveBody({ ...body.person, usableAlong: body.usableAlong }), stance)
  if (!before || !after) return null
  const { parts } = before.assured
  const causes = Object.keys(parts) as Cause[]
  return {
    most: causes.reduce((most, one) => (parts[one] > parts[most] ? one : most)),
    sdBefore: before.assured.sd,
    sdAfter: after.assured.sd,
    spareBefore: before.assured.margin - before.reserve,
    spareAfter: after.assured.margin - after.reserve,
  }
}
