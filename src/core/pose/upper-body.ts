import type { Body } from '../body/body'
import { type BySide, bySide, SIDES, type Side, sideSign, type Vec3 } from '../conventions'
import { add, mixSpace } from '../geometry/vector'
import type { Stance, Support } from '../stance/stance'
import { type ArmJoints, calcFreeArm, calcSupportedArm } from './arm'
import { calcTrunkRotation, type Rotation, rotate } from './trunk'

const ARM_SEGMENTS = ['upperArm', 'forearm', 'hand'] as const

/**
 * Trunk, head and arms above the pelvis. Free parts keep one shape while the pelvis is sought, so they are computed
 * once with the pelvis at the origin; only an arm that holds a support is found anew for each pelvis.
 */
export class UpperBody {
  readonly rotation: Rotation
  private readonly mass: number
  private readonly fixed: Vec3
  private readonly freeArms: BySide<ArmJoints | null>
  private readonly held: BySide<Support | null>

  constructor(
    private readonly body: Body,
    private readonly stance: Stance,
  ) {
    const { trunk } = stance
    this.rotation = calcTrunkRotation(stance.pelvisYaw + trunk.yaw, trunk.pitch, trunk.roll)
    this.held = bySide((side) => stance.supports.find((support) => support.hand === side) ?? null)
    const shoulders = bySide((side) => this.calcShoulder(side))
    this.freeArms = bySide((side) =>
      this.held[side] ? null : calcFreeArm(body, side, stance.arms[side], this.rotation, shoulders[side]),
    )
    const { head, trunk: torso } = body.segments
    const [headCentre, torsoCentre] = [this.headCentre, this.trunkCentre]
    let mass = head.mass + torso.mass
    let x = head.mass * headCentre[0] + torso.mass * torsoCentre[0]
    let y = head.mass * headCentre[1] + torso.mass * torsoCentre[1]
    let z = head.mass * headCentre[2] + torso.mass * torsoCentre[2]
    for (const side of SIDES) {
      const arm = this.freeArms[side]
      if (!arm) continue
      const centres = this.calcArmCentres(shoulders[side], arm)
      for (const kind of ARM_SEGMENTS) {
        const m = body.segments[kind].mass
        mass += m
        x += m * centres[kind][0]
        y += m * centres[kind][1]
        z += m * centres[kind][2]
      }
    }
    this.mass = mass
    this.fixed = [x, y, z]
  }

  /** Whether it would be the same for another stance. */
  isOf(body: Body, { pelvisYaw, trunk, arms, supports }: Stance): boolean {
    const own = this.stance
    return (
      body === this.body &&
      pelvisYaw === own.pelvisYaw &&
      trunk === own.trunk &&
      arms === own.arms &&
      supports === own.supports
    )
  }

  /** Σ mass share · centre of everything above the hips, for a pelvis in the floor frame. */
  calcMoment(px: number, py: number, pz: number): Vec3 {
    let x = this.fixed[0] + this.mass * px
    let y = this.fixed[1] + this.mass * py
    let z = this.fixed[2] + this.mass * pz
    const pelvis: Vec3 = [px, py, pz]
    for (const side of SIDES) {
      if (!this.held[side]) continue
      const centres = this.calcArmCentres(add(pelvis, this.calcShoulder(side)), this.calcArm(side, pelvis).joints)
      for (const kind of ARM_SEGMENTS) {
        const m = this.body.segments[kind].mass
        x += m * centres[kind][0]
        y += m * centres[kind][1]
        z += m * centres[kind][2]
      }
    }
    return [x, y, z]
  }

  /** An arm's joints, and how far its support is out of reach. */
  calcArm(side: Side, pelvis: Vec3): { joints: ArmJoints; gap: number } {
    const held = this.held[side]
    if (held) {
      const shoulder = add(pelvis, this.calcShoulder(side))
      return calcSupportedArm(this.body, side, shoulder, held.at)
    }
    const free = this.freeArms[side] as ArmJoints
    const joints = {
      elbow: add(pelvis, free.elbow),
      wrist: add(pelvis, free.wrist),
      knuckle: add(pelvis, free.knuckle),
    }
    return { joints, gap: 0 }
  }

  /** Points on the trunk, from the pelvis. */
  onTrunk(above: number, forward = 0, right = 0): Vec3 {
    return rotate(this.rotation, right, forward, above)
  }

  calcShoulder(side: Side): Vec3 {
    return this.onTrunk(this.body.shoulderAbove, 0, (sideSign(side) * this.body.shoulderSeparation) / 2)
  }

  get headCentre(): Vec3 {
    const { vertexAbove, c7Above, segments } = this.body
    return this.onTrunk(vertexAbove + segments.head.centre * (c7Above - vertexAbove))
  }

  get trunkCentre(): Vec3 {
    const { suprasternalAbove, segments, trunkShift } = this.body
    return this.onTrunk(suprasternalAbove * (1 - segments.trunk.centre), trunkShift)
  }

  calcArmCentres(shoulder: Vec3, arm: ArmJoints): Record<(typeof ARM_SEGMENTS)[number], Vec3> {
    const { segments } = this.body
    return {
      upperArm: mixSpace(shoulder, arm.elbow, segments.upperArm.centre),
      forearm: mixSpace(arm.elbow, arm.wrist, segments.forearm.centre),
      hand: mixSpace(arm.wrist, arm.knuckle, segments.hand.centre),
    }
  }
}
