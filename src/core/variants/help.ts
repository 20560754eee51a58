import type { SupportKind } from '../body/support-kinds'
import { SIDES, sideSign } from '../conventions'
import type { Pose } from '../pose/pose'
import { STANCE_DEFAULTS, type Stance, type Support } from '../stance/stance'

/** From the least help to the most that a hand is offered. */
const KINDS: readonly SupportKind[] = ['touch', 'chair-back', 'bar']
const HEIGHT: Partial<Record<SupportKind, number>> = { touch: 0.9, 'chair-back': 0.88, bar: 0.95 }
/** Outward and forward of the shoulder. */
const PLACES = [
  [0.08, 0.1],
  [0.08, 0.25],
  [0.18, 0],
  [0.18, 0.15],
  [0.18, 0.3],
] as const

const round = (metres: number) => Math.round(metres * 100) / 100

/** Places for one hand to rest on something within reach, from the least help to the most; each a stance. */
export function listHelped(stance: Stance, pose: Pose): { support: Support; stance: Stance }[] {
  if (stance.supports.length > 0) return []
  return KINDS.flatMap((kind) =>
    SIDES.flatMap((hand) =>
      PLACES.map(([out, ahead]) => {
        const shoulder = pose.joints[`${hand}Shoulder`]
        const at = [round(shoulder[0] + sideSign(hand) * out), round(shoulder[1] + ahead), HEIGHT[kind] ?? 0.9] as const
        const support: Support = { kind, hand, at, maxLoad: STANCE_DEFAULTS.maxLoadPct[kind] / 100 }
        return { support, stance: { ...stance, supports: [support] } }
      }),
    ),
  )
}
