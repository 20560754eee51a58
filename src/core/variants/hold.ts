import type { Body } from '../body/body'
import type { SupportKind } from '../body/support-kinds'
import { bySide, otherSide, type Side, sideSign } from '../conventions'
import { setFooting } from '../stance/footing'
import { isPressed, STANCE_DEFAULTS, type Stance, type Support } from '../stance/stance'

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

/** Both hands, the one that the posture asks less of first. */
export function listFreerHands(stance: Stance): [Side, Side] {
  const raised = bySide((side) => stance.arms[side].elevation)
  const freer = raised.left < raised.right ? 'left' : 'right'
  return [freer, otherSide(freer)]
}

/** A chair back in either hand. */
export const listChairs = (body: Body, stance: Stance): Stance[] =>
  listFreerHands(stance).map((hand) => holdOn(body, stance, 'chair-back', hand))
