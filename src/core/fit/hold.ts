import type { Body } from '../body/body'
import { bySide, SIDES, type Side, sideSign } from '../conventions'
import { setFooting } from '../stance/footing'
import { isPressed, STANCE_DEFAULTS, type Stance, type Support, type SupportKind } from '../stance/stance'

/** Beside and ahead of where the shoulder is about to be, and how high a hand rests. */
const OUT = 0.14
const AHEAD = 0.12
const HEIGHT: Partial<Record<SupportKind, number>> = { 'chair-back': 0.88, touch: 0.95, walker: 0.88, bar: 0.95 }
const PUSHED_HEIGHT = 0.66

/** A stance with one hand on a support of a kind, beside the shoulder; whether the hand reaches it is for the pose. */
export function holdOn(body: Body, stance: Stance, kind: SupportKind, hand: Side): Stance {
  const [x, y] = setFooting(body, stance).centre
  const sign = sideSign(hand)
  const round = (metres: number) => Math.round(metres * 100) / 100
  const z = isPressed({ kind } as Support) ? (HEIGHT[kind] ?? 0.9) : PUSHED_HEIGHT * body.stature
  const at = [round(x + sign * (body.shoulderSeparation / 2 + OUT)), round(y + AHEAD), round(z)] as const
  const support: Support = {
    kind,
    hand,
    at,
    maxLoad: STANCE_DEFAULTS.maxLoadPct[kind] / 100,
    // What pushes stands beside them and pushes them back toward the middle.
    ...(!isPressed({ kind } as Support) && { toward: (sign * Math.PI) / 2 }),
  }
  return { ...stance, supports: [support] }
}

/** A stance as this person stands it: with a hand on the support that they need, else as it is. */
export function asStoodBy(body: Body, stance: Stance): Stance {
  const needed = body.person.limits?.support
  if (!needed || stance.seat || stance.supports.length > 0) return stance
  return holdOn(body, stance, needed, freerHand(stance))
}

/** The hand that the posture asks less of. */
const freerHand = (stance: Stance): Side => {
  const raised = bySide((side) => stance.arms[side].elevation)
  return raised.left < raised.right ? 'left' : 'right'
}

/** Every way to hold on: the support that is needed, else a chair back, with either hand. */
export const listHolds = (body: Body, stance: Stance): Stance[] => {
  const kind = body.person.limits?.support ?? 'chair-back'
  return SIDES.map((hand) => holdOn(body, stance, kind, hand))
}
