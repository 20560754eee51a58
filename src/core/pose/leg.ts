import { type Body, isPastOrder, type Ranges } from '../body/body'
import { wrapAngle } from '../geometry/vector'
import { clamp } from '../numeric/clamp'
import type { PlacedFoot } from '../stance/foot'

/** The pelvis' axes in the floor frame: forward F and up U (tilted), x the horizontal axis to the right. */
export type PelvisAxes = {
  fx: number
  fy: number
  fz: number
  ux: number
  uy: number
  uz: number
  xx: number
  xy: number
}

/** The knee may be turned this far about the hip-ankle line to find the foot's midline. */
const MAX_SEEK = (40 * Math.PI) / 180
const COS_SEEK = Math.cos(MAX_SEEK)
const COARSE = (3 * Math.PI) / 180
const TOLERANCE = 1e-10
/** An end of the range, put back in, is this near it. */
const AT_END = 1e-7

/**
 * One leg between a hip and an ankle. Fields are written in place, and angles are worked out when they are asked for:
 * the solver places legs thousands of times a second, and asks only where the knee is.
 */
export class Leg {
  readonly thigh: number
  readonly shank: number
  private readonly ranges: Ranges
  hipX = 0
  hipY = 0
  hipZ = 0
  kneeX = 0
  kneeY = 0
  kneeZ = 0
  /** Hip to ankle. */
  span = 0
  /** About the hip-ankle line from the best place to the actual one, inward positive. */
  drift = 0
  /** The hip's range stopped the knee; no place of the knee was within it. */
  rangeUsed = false
  rangeExceeded = false

  private cosFlexion = 1
  // The knee's circle about the hip-ankle line: unit line e, the centre's way along it, radius, toe side k0, inward side k1.
  private ex = 0
  private ey = 0
  private ez = 0
  private along = 0
  private radius = 0
  private k0x = 0
  private k0y = 0
  private k0z = 0
  private k1x = 0
  private k1y = 0
  private k1z = 0
  /** Where on its circle the knee is: 1, 0 on the toe side. */
  private cos = 1
  private sin = 0

  constructor(
    body: Body,
    readonly foot: PlacedFoot,
    private readonly axes: PelvisAxes,
  ) {
    this.thigh = body.thigh[foot.side]
    this.shank = body.shank[foot.side]
    this.ranges = body.sides[foot.side]
  }

  setHip(x: number, y: number): void {
    this.hipX = x
    this.hipY = y
  }

  /** Horizontal distance from hip to ankle. */
  get offset(): number {
    return Math.sqrt(this.offsetSquare)
  }

  private get offsetSquare(): number {
    const dx = this.hipX - this.foot.ankleX
    const dy = this.hipY - this.foot.ankleY
    return dx * dx + dy * dy
  }

  /** Hip height at a knee flexion, by the law of cosines; the ankle's height where the leg is too short for it. */
  calcHipHeight(flexion: number): number {
    const { thigh: a, shank: b } = this
    const square = a * a + b * b + 2 * a * b * Math.cos(flexion) - this.offsetSquare
    return this.foot.ankleZ + Math.sqrt(Math.max(0, square))
  }

  /**
   * Hip height at which the shank tilts forward by an angle, the knee in the plane of the foot's midline, where the
   * knee of a flat foot mostly is; NaN where the thigh is too short for that.
   */
  calcHipHeightAtTilt(tilt: number): number {
    const { foot, thigh, shank } = this
    const dx = this.hipX - foot.ankleX - shank * Math.sin(tilt) * foot.ux
    const dy = this.hipY - foot.ankleY - shank * Math.sin(tilt) * foot.uy
    return foot.ankleZ + shank * Math.cos(tilt) + Math.sqrt(thigh * thigh - dx * dx - dy * dy)
  }

  /**
   * Puts the knee for a hip height: on its circle about the hip-ankle line, as near the place in which the leg
   * seems to follow the foot (the vertical plane through its midline) as flexion and the hip's range allow.
   */
  place(hipZ: number): void {
    this.findCircle(hipZ)
    this.turnToBest()
    this.setKnee()
    this.rangeUsed = false
    this.rangeExceeded = false
    this.drift = 0
    // Past an order no other place is sought: a stance that needs one breaks it.
    if (this.readExcess() <= TOLERANCE || isPastOrder(this.ranges, this.hipRotation)) return
    const best = Math.atan2(this.sin, this.cos)
    this.rangeUsed = true
    this.drift = this.findAllowed(best) ?? this.findLeastExcess(best)
    this.turnTo(best + this.drift)
    this.setKnee()
  }

  get flexion(): number {
    return Math.acos(this.cosFlexion)
  }

  // The hip's angles: the joint coordinate system of Wu et al. 2002, written out. With p and q the parts of the thigh
  // along the hip-ankle line e and toward the knee k, and o outward: abduction has the sine (p e + q k)·o, rotation is
  // atan2((p k - q e)·o, (e × k)·o).
  get hipFlexion(): number {
    const { axes } = this
    const tx = this.kneeX - this.hipX
    const ty = this.kneeY - this.hipY
    const tz = this.kneeZ - this.hipZ
    return Math.atan2(tx * axes.fx + ty * axes.fy + tz * axes.fz, -(tx * axes.ux + ty * axes.uy + tz * axes.uz))
  }

  get hipAbduction(): number {
    const out = this.along * this.lineOut + this.radius * (this.cos * this.toesOut + this.sin * this.inwardOut)
    return Math.asin(clamp(out / this.thigh, -1, 1))
  }

  get hipRotation(): number {
    const { cos, sin, toesOut, inwardOut } = this
    const across = this.along * (cos * toesOut + sin * inwardOut) - this.radius * this.lineOut
    return Math.atan2(across / this.thigh, sin * toesOut - cos * inwardOut)
  }

  /** Shank tilt forward of the foot's vertical, in the foot's own side view. */
  get dorsiflexion(): number {
    return Math.atan2(this.shankAhead, this.kneeZ - this.foot.ankleZ) - this.foot.lift
  }

  /** The knee past a dorsiflexion, square to the shank: metres, 0 at that angle, negative short of it. */
  calcPastDorsiflexion(limit: number): number {
    const tilt = limit + this.foot.lift
    return this.shankAhead * Math.cos(tilt) - (this.kneeZ - this.foot.ankleZ) * Math.sin(tilt)
  }

  private get shankAhead(): number {
    const { foot } = this
    return (this.kneeX - foot.ankleX) * foot.ux + (this.kneeY - foot.ankleY) * foot.uy
  }

  /** How far e, k0 and k1 point outward. */
  private get lineOut(): number {
    return this.foot.sign * (this.ex * this.axes.xx + this.ey * this.axes.xy)
  }
  private get toesOut(): number {
    return this.foot.sign * (this.k0x * this.axes.xx + this.k0y * this.axes.xy)
  }
  private get inwardOut(): number {
    return this.foot.sign * (this.k1x * this.axes.xx + this.k1y * this.axes.xy)
  }

  private findCircle(hipZ: number): void {
    const { foot, thigh, shank } = this
    this.hipZ = hipZ
    const dx = foot.ankleX - this.hipX
    const dy = foot.ankleY - this.hipY
    const dz = foot.ankleZ - hipZ
    const span = Math.max(1e-9, Math.sqrt(dx * dx + dy * dy + dz * dz))
    this.span = span
    const ex = dx / span
    const ey = dy / span
    const ez = dz / span
    this.ex = ex
    this.ey = ey
    this.ez = ez
    const cosFlexion = (span * span - thigh * thigh - shank * shank) / (2 * thigh * shank)
    this.cosFlexion = clamp(cosFlexion, -1, 1)
    this.along = (thigh * thigh - shank * shank + span * span) / (2 * span)
    this.radius = Math.sqrt(Math.max(0, thigh * thigh - this.along * this.along))
    const ue = foot.ux * ex + foot.uy * ey
    const kx = foot.ux - ue * ex
    const ky = foot.uy - ue * ey
    const kz = -ue * ez
    const length = Math.max(1e-12, Math.sqrt(kx * kx + ky * ky + kz * kz))
    this.k0x = kx / length
    this.k0y = ky / length
    this.k0z = kz / length
    this.k1x = -foot.sign * (ey * this.k0z - ez * this.k0y)
    this.k1y = -foot.sign * (ez * this.k0x - ex * this.k0z)
    this.k1z = -foot.sign * (ex * this.k0y - ey * this.k0x)
  }

  /** Turns to the place nearest the toe-direction one that puts the knee on the foot's midplane, or nearest it. */
  private turnToBest(): void {
    const { foot, along, radius } = this
    const off = (this.hipX + along * this.ex - foot.hx) * foot.vx + (this.hipY + along * this.ey - foot.hy) * foot.vy
    const a = radius * (this.k0x * foot.vx + this.k0y * foot.vy)
    const b = radius * (this.k1x * foot.vx + this.k1y * foot.vy)
    const reach = Math.sqrt(a * a + b * b)
    if (reach < 1e-12) {
      this.cos = 1
      this.sin = 0
      return
    }
    // Outermost on the circle, turned back until the knee is as far out as the plane: the way that ends nearer the toes.
    const cosBack = clamp(-off / reach, -1, 1)
    const sinBack = (b > 0 ? -1 : 1) * Math.sqrt(1 - cosBack * cosBack)
    this.cos = (a * cosBack - b * sinBack) / reach
    this.sin = (b * cosBack + a * sinBack) / reach
    const cosMost = Math.max(this.cosFlexion, COS_SEEK)
    if (this.cos >= cosMost) return
    this.cos = cosMost
    this.sin = (this.sin < 0 ? -1 : 1) * Math.sqrt(1 - cosMost * cosMost)
  }

  private turnTo(theta: number): void {
    this.cos = Math.cos(theta)
    this.sin = Math.sin(theta)
  }

  private setKnee(): void {
    const { along, radius, cos, sin } = this
    this.kneeX = this.hipX + along * this.ex + radius * (cos * this.k0x + sin * this.k1x)
    this.kneeY = this.hipY + along * this.ey + radius * (cos * this.k0y + sin * this.k1y)
    this.kneeZ = this.hipZ + along * this.ez + radius * (cos * this.k0z + sin * this.k1z)
  }

  /** The least turn from the best place to one at an end of the hip's range; null where no place is within it. */
  private findAllowed(best: number): number | null {
    let least: number | null = null
    for (const end of this.listRangeEnds()) {
      const turn = wrapAngle(end - best)
      if (least !== null && Math.abs(turn) >= Math.abs(least)) continue
      if (this.calcExcess(end) <= AT_END) least = turn
    }
    return least
  }

  /** Where on its circle the knee brings the hip to an end of its range: each is a·cos + b·sin = c. */
  private listRangeEnds(): number[] {
    const { ranges, thigh, lineOut, toesOut, inwardOut } = this
    const p = this.along / thigh
    const q = this.radius / thigh
    const ends: number[] = []
    const add = (a: number, b: number, c: number) => {
      const reach = Math.sqrt(a * a + b * b)
      if (!(Math.abs(c) <= reach)) return
      const middle = Math.atan2(b, a)
      const half = Math.acos(c / reach)
      ends.push(middle + half, middle - half)
    }
    for (const rotation of [ranges.hipOutwardMax, -ranges.hipInwardMax]) {
      if (!Number.isFinite(rotation)) continue
      const [cos, sin] = [Math.cos(rotation), Math.sin(rotation)]
      add(p * toesOut * cos + inwardOut * sin, p * inwardOut * cos - toesOut * sin, q * lineOut * cos)
    }
    if (ranges.hipAbductionMax < Math.PI / 2)
      add(q * toesOut, q * inwardOut, Math.sin(ranges.hipAbductionMax) - p * lineOut)
    return ends
  }

  /** The turn from the best place to the one that exceeds the hip's range least, where every place does. */
  private findLeastExcess(best: number): number {
    this.rangeExceeded = true
    let leastAt = 0
    let least = Number.POSITIVE_INFINITY
    // Outward and inward, so that of equals the nearest is kept.
    for (let turn = 0; turn <= Math.PI; turn += COARSE) {
      for (const way of [turn, -turn]) {
        const excess = this.calcExcess(best + way)
        if (excess < least) [leastAt, least] = [way, excess]
      }
    }
    const ratio = (Math.sqrt(5) - 1) / 2
    let a = leastAt - COARSE
    let b = leastAt + COARSE
    for (let i = 0; i < 60; i++) {
      const c = b - ratio * (b - a)
      const d = a + ratio * (b - a)
      if (this.calcExcess(best + c) < this.calcExcess(best + d)) b = d
      else a = c
    }
    return (a + b) / 2
  }

  /** How far a turn is past the hip's range: 0 or less inside it. */
  private calcExcess(theta: number): number {
    this.turnTo(theta)
    return this.readExcess()
  }

  private readExcess(): number {
    const { ranges, hipRotation } = this
    return Math.max(
      hipRotation - ranges.hipOutwardMax,
      -ranges.hipInwardMax - hipRotation,
      this.hipAbduction - ranges.hipAbductionMax,
    )
  }
}
