import {
  analyse,
  asStoodBy,
  type Body,
  DEG,
  InputError,
  layOut,
  type Measures,
  type Posture,
  type SchoolId,
  type Side,
} from '@/core'
import type { NextVersion } from '@/formats/decision-document'

/** The step is as much of the taught step longer or shorter, the knees so much softer or deeper. */
const STEP_PART = 0.25
const KNEES = 5 * DEG
const SOFTEST = 5 * DEG

/**
 * The next version of a posture for one body, harder or easier than what they do: a quarter of the step, or 5° of the
 * knees, whichever leaves more. Never past a limit: null where neither is, for harder.
 */
export function findNextVersion(
  body: Body,
  posture: Posture,
  school: SchoolId,
  side: Side,
  now: Measures,
  way: 'harder' | 'easier',
): NextVersion | null {
  const taught = posture.measures[school]
  const sign = way === 'harder' ? 1 : -1
  const step = now.step + sign * STEP_PART * taught.step
  const knees = now.kneeFlexion + sign * KNEES
  // Never beyond what is taught.
  const isStep =
    Math.abs(taught.step) > 0.03 && Math.abs(step) <= Math.abs(taught.step) + 1e-9 && step * taught.step >= 0
  const isKnees = knees <= taught.kneeFlexion + 1e-9 && knees >= SOFTEST
  const tried: NextVersion[] = []
  const add = (measures: Measures, what: 'step' | 'knees', from: number, to: number) => {
    const spareM = spareOf(body, layOut(measures, body, side, posture.id, posture.keeps))
    if (spareM !== null) tried.push({ posture: posture.id, what, from, to, spareM })
  }
  if (isStep) add({ ...now, step }, 'step', (100 * now.step) / taught.step, (100 * step) / taught.step)
  if (isKnees) add({ ...now, kneeFlexion: knees }, 'knees', now.kneeFlexion / DEG, knees / DEG)
  return tried.sort((a, b) => (b.spareM as number) - (a.spareM as number))[0] ?? null
}

/** Least sure margin less its reserve where it may be stood; null where it is beyond. */
function spareOf(body: Body, stance: Parameters<typeof asStoodBy>[1]): number | null {
  try {
    const { verdict, assured, reserve } = analyse(body, asStoodBy(body, stance), {
      standing: null,
      withoutFreeTurn: true,
    })
    return verdict === 'beyond' ? null : assured.margin - reserve
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
