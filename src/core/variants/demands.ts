import type { Body } from '../body/body'
import { bySide, type Side } from '../conventions'
import { isHeldEnough } from '../limits/supports'
import type { Arm, Stance } from '../stance/stance'
import { holdOn, listFreerHands } from './hold'

/**
 * A standing stance with what the person's limits demand whatever else is changed: a hand on what they need, arms no
 * higher and no further back than they may go, open eyes. One for each hand where a hand is asked for, the freer one
 * first; the stance itself where nothing is demanded.
 */
export function meetDemands(body: Body, stance: Stance): [Stance, ...Stance[]] {
  const { limits } = body.person
  if (!limits || stance.seat) return [stance]
  const met = openEyes(body, keepArms(body, stance))
  const { support: kind } = limits
  if (!kind || isHeldEnough(kind, stance.supports)) return [met]
  const [freer, other] = listFreerHands(stance)
  return [holdOn(body, met, kind, freer), holdOn(body, met, kind, other)]
}

/**
 * A stance as this person stands it: what they may not do without is there.
 * @example asStoodBy(resolveBody({ ...ana.person, limits: { support: 'chair-back' } }), bow).supports[0]?.kind // => 'chair-back'
 */
export const asStoodBy = (body: Body, stance: Stance): Stance => meetDemands(body, stance)[0]

const openEyes = (body: Body, stance: Stance): Stance =>
  stance.eyes === 'closed' && body.person.limits?.eyesOpen ? { ...stance, eyes: 'open' } : stance

function keepArms(body: Body, stance: Stance): Stance {
  const arms = bySide((side) => keepArm(body, side, stance.arms[side]))
  return arms.left === stance.arms.left && arms.right === stance.arms.right ? stance : { ...stance, arms }
}

/** An arm within what the person may do with it: the same one where it is. */
function keepArm(body: Body, side: Side, arm: Arm): Arm {
  const { armElevationMax, armBackMax } = body.sides[side]
  const elevation = Math.min(arm.elevation, armElevationMax)
  // How far the upper arm points behind the side: -sin(elevation)·cos(opening).
  const most = Math.sin(Math.min(armBackMax, Math.PI / 2))
  if (-Math.sin(elevation) * Math.cos(arm.opening) <= most + 1e-12) {
    return elevation === arm.elevation ? arm : { ...arm, elevation }
  }
  if (elevation < 0) return { ...arm, elevation: -Math.asin(most / Math.cos(arm.opening)) }
  return { ...arm, elevation, opening: Math.acos(-most / Math.sin(elevation)) }
}
