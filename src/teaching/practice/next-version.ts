import {
  analyse,
  asStoodBy,
  type Body,
  DEG,
  InputError,
  layOut,
  type Measures,
  measureStance,
  type Posture,
  type SchoolId,
  type Side,
  type Stance,
  tryAnalyse,
} from '@/core'
import type { NextVersion } from '@/documents/decision-document'

/** The step is as much of the taught step longer or shorter, the knees so much softer or deeper. */
const STEP_PART = 0.25
const KNEES = 5 * DEG
const SOFTEST = 5 * DEG

/** What is taught, as somebody does it: of which school, with which side in front. */
export type Doing = { posture: Posture; school: SchoolId; side: Side }

/** The next version, and how it is stood. */
export type Next = { version: NextVersion; stance: Stance }

/**
 * The next version of a posture for one body, harder or easier than what they do: a quarter of the step, 5° of the
 * knees, or without the hand that holds, whichever leaves more. Never past a limit: null where none is.
 */
export function findNextVersion(
  body: Body,
  { posture, school, side }: Doing,
  now: Stance,
  way: 'harder' | 'easier',
): Next | null {
  const flexion = tryAnalyse(body, now)?.legs
  if (!flexion || now.seat) return null
  const does = measureStance(now, body, side, { left: flexion.left.flexion, right: flexion.right.flexion })
  const taught = posture.measures[school]
  const sign = way === 'harder' ? 1 : -1
  const step = does.step + sign * STEP_PART * taught.step
  const knees = does.kneeFlexion + sign * KNEES
  // Never beyond what is taught.
  const isStep =
    Math.abs(taught.step) > 0.03 && Math.abs(step) <= Math.abs(taught.step) + 1e-9 && step * taught.step >= 0
  const isKnees = knees <= taught.kneeFlexion + 1e-9 && knees >= SOFTEST
  const tried: Next[] = []
  const add = (stance: Stance, what: NextVersion['what'], from: number, to: number) => {
    const stood = asStoodBy(body, stance)
    const spareM = spareOf(body, stood)
    if (spareM !== null) tried.push({ version: { posture: posture.id, what, from, to, spareM }, stance: stood })
  }
  const lay = (measures: Measures): Stance => {
    const laid = layOut(measures, body, side, posture.id, posture.keeps)
    // A hand that holds goes on holding where it did.
    return { ...laid, supports: now.supports, eyes: now.eyes }
  }
  if (isStep) add(lay({ ...does, step }), 'step', (100 * does.step) / taught.step, (100 * step) / taught.step)
  if (isKnees) add(lay({ ...does, kneeFlexion: knees }), 'knees', does.kneeFlexion / DEG, knees / DEG)
  const free = { ...now, supports: [] }
  if (way === 'harder' && now.supports.length > 0 && asStoodBy(body, free).supports.length === 0)
    add(free, 'hand', now.supports.length, 0)
  return tried.sort((a, b) => (b.version.spareM as number) - (a.version.spareM as number))[0] ?? null
}

/** Least sure margin less its reserve where it may be stood; null where it is beyond. */
function spareOf(body: Body, stance: Stance): number | null {
  try {
    const { verdict, assured, reserve } = analyse(body, stance, { standing: null, withoutFreeTurn: true })
    return verdict === 'beyond' ? null : assured.margin - reserve
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
