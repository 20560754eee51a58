import { type Arm, type BySide, bySide, DEG, type FootSetting, type Stance, type Support, USUAL_LIFT } from '@/core'
import type { ArmDocument, FootDocument, StanceBody, SupportDocument } from './stance-document'

/** From radians, without the dust of the conversion: 35° stays 35. */
const deg = (radians: number) => Math.round((radians / DEG) * 1e9) / 1e9
const pct = (share: number) => Math.round(share * 1e11) / 1e9

/** From the core to a stance as documents hold it (degrees, percent). `toStance` gives it back. */
export function fromStance(stance: Stance): StanceBody {
  const { height, trunk, floor, seat } = stance
  return {
    ...(stance.posture !== undefined && { posture: stance.posture }),
    ...(stance.side && { side: stance.side }),
    feet: { left: fromFoot(stance.feet.left), right: fromFoot(stance.feet.right) },
    loadLeftPct: pct(stance.loadLeft),
    ...(stance.loadMeasured && { loadMeasured: true }),
    height:
      'kneeFlexion' in height
        ? { kneeFlexionDeg: deg(height.kneeFlexion), ...(height.leg && { leg: height.leg }) }
        : { pelvisDropM: height.pelvisDrop },
    pelvisYawDeg: deg(stance.pelvisYaw),
    ...(stance.pelvisTilt !== 0 && { pelvisTiltDeg: deg(stance.pelvisTilt) }),
    trunk: { pitchDeg: deg(trunk.pitch), rollDeg: deg(trunk.roll), yawDeg: deg(trunk.yaw) },
    arms: fromArms(stance.arms),
    ...(stance.supports.length > 0 && { supports: stance.supports.map(fromSupport) }),
    ...(seat && {
      seat: { heightM: seat.height, at: [...seat.at] as [number, number], ...(seat.kind && { kind: seat.kind }) },
    }),
    ...(stance.frame !== 'upright' && { frame: stance.frame }),
    ...(stance.keeps && { keeps: [...stance.keeps] }),
    ...(stance.eyes !== 'open' && { eyes: stance.eyes }),
    ...(stance.at && { at: { xM: stance.at.x, yM: stance.at.y, headingDeg: deg(stance.at.heading) } }),
    ...(floor.slope !== 0 && { floor: { slopeDeg: deg(floor.slope), downhillDeg: deg(floor.downhill) } }),
  }
}

export const fromArms = (arms: BySide<Arm>) => bySide((side) => fromArm(arms[side]))

/** Only where it is not what is usual for the contact. */
export const liftOf = ({ lift, contact }: Pick<FootSetting, 'lift' | 'contact'>) =>
  Math.abs(lift - USUAL_LIFT[contact]) > 1e-9 ? { liftDeg: deg(lift) } : {}

const fromFoot = (foot: FootSetting): FootDocument => ({
  heel: [...foot.heel] as [number, number],
  toeOutDeg: deg(foot.toeOut),
  contact: foot.contact,
  pressureAt: foot.pressureAt,
  ...(foot.contact === 'air' && { clearanceM: foot.clearance }),
  ...liftOf(foot),
})

const fromArm = (arm: Arm): ArmDocument => ({
  elevationDeg: deg(arm.elevation),
  openingDeg: deg(arm.opening),
  elbowDeg: deg(arm.elbow),
  elbowInwardDeg: deg(arm.elbowInward),
})

const fromSupport = (support: Support): SupportDocument => ({
  kind: support.kind,
  hand: support.hand,
  at: [...support.at] as [number, number, number],
  maxLoadPct: pct(support.maxLoad),
  ...(support.toward !== undefined && { towardDeg: deg(support.toward) }),
})
