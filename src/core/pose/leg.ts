import type { Body, Ranges } from '../body/body'
import { findRoot } from '../numeric/root'
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
const COARSE = (3 * Math.PI) / 180
const TOLERANCE = 1e-10

/**
 * One leg between a hip and an ankle. Fields are written in place: the solver places legs thousands of times a
 * second, and a leg that allocates nothing is what keeps a search within its time.
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
  flexion = 0
  hipFlexion = 0
  hipAbduction = 0
  hipRotation = 0
  /** About the hip-ankle line from the best place to the actual one, inward positive. */
  drift = 0
  /** The hip's range stopped the knee; no place of the knee was within it. */
  rangeUsed = false
  rangeExceeded = false

  // The knee's circle about the hip-ankle line: unit line e, centre, radius, toe side k0, inward side k1.
  private ex = 0
  private ey = 0
  private ez = 0
  private cx = 0
  private cy = 0
  private cz = 0
  private radius = 0
  private k0x = 0
  private k0y = 0
  private k0z = 0
  private k1x = 0
  private k1y = 0
  private k1z = 0

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

  // Square roots, here and below: Math.hypot guards against overflow that lengths of legs never meet, at ten times the time.
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
   * Puts the knee for a hip height: on its circle about the hip-ankle line, as near the place in which the leg
   * seems to follow the foot (the vertical plane through its midline) as flexion and the hip's range allow.
   */
  place(hipZ: number): void {
    this.findCircle(hipZ)
    const best = this.findBest()
    this.setKnee(best)
    this.rangeUsed = false
    this.rangeExceeded = false
    this.drift = 0
    // Under an order no other place is sought: a stance that needs one breaks it.
    if (this.ranges.hipOrdered) return
    const excess = this.readExcess()
    if (excess <= TOLERANCE) return
    const actual = this.findAllowed(best, excess)
    this.setKnee(actual)
    this.drift = actual - best
  }

  /** Shank tilt forward of the foot's vertical, in the foot's own side view. */
  get dorsiflexion(): number {
    const { foot } = this
    const forward = (this.kneeX - foot.ankleX) * foot.ux + (this.kneeY - foot.ankleY) * foot.uy
    return Math.atan2(forward, this.kneeZ - foot.ankleZ) - foot.lift
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
    this.flexion = Math.acos(Math.min(1, Math.max(-1, cosFlexion)))
    const along = (thigh * thigh - shank * shank + span * span) / (2 * span)
    this.radius = Math.sqrt(Math.max(0, thigh * thigh - along * along))
    this.cx = this.hipX + along * ex
    this.cy = this.hipY + along * ey
    this.cz = hipZ + along * ez
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

  /** The turn nearest the toe-direction place that puts the knee on the foot's vertical midplane, or nearest it. */
  private findBest(): number {
    const { foot } = this
    const centre = (this.cx - foot.hx) * foot.vx + (this.cy - foot.hy) * foot.vy
    const a = this.radius * (this.k0x * foot.vx + this.k0y * foot.vy)
    const b = this.radius * (this.k1x * foot.vx + this.k1y * foot.vy)
    const reach = Math.sqrt(a * a + b * b)
    if (reach < 1e-12) return 0
    const toOuter = Math.atan2(b, a)
    let best: number
    if (Math.abs(centre) <= reach) {
      const half = Math.acos(-centre / reach)
      const one = wrap(toOuter + half)
      const two = wrap(toOuter - half)
      best = Math.abs(one) <= Math.abs(two) ? one : two
    } else {
      best = wrap(centre < 0 ? toOuter : toOuter + Math.PI)
    }
    const most = Math.min(this.flexion, MAX_SEEK)
    return Math.min(most, Math.max(-most, best))
  }

  /** The turn within the hip's range nearest the best one; where there is none, the one that exceeds least. */
  private findAllowed(best: number, excess: number): number {
    this.rangeUsed = true
    let leastAt = best
    let least = excess
    // Outward and inward, a coarse step at a time, until one of the two is inside.
    let [before, beforeBack] = [excess, excess]
    for (let step = COARSE; step <= Math.PI; step += COARSE) {
      const ahead = this.calcExcess(best + step)
      const back = this.calcExcess(best - step)
      if (Math.min(ahead, back) <= 0) {
        return ahead <= back
          ? this.findEdge(best + step - COARSE, before, best + step, ahead)
          : this.findEdge(best - step + COARSE, beforeBack, best - step, back)
      }
      if (ahead < least) [leastAt, least] = [best + step, ahead]
      if (back < least) [leastAt, least] = [best - step, back]
      before = ahead
      beforeBack = back
    }
    leastAt = this.minimiseExcess(leastAt - COARSE, leastAt + COARSE)
    least = this.calcExcess(leastAt)
    this.rangeExceeded = least > TOLERANCE
    if (this.rangeExceeded) return leastAt
    const outside = Math.abs(leastAt - best) > COARSE ? leastAt - Math.sign(leastAt - best) * COARSE : best
    return this.findEdge(outside, this.calcExcess(outside), leastAt, least)
  }

  /** Where the hip's range ends between a turn outside it and one inside. */
  private findEdge(outside: number, excess: number, inside: number, insideExcess: number): number {
    if (excess <= 0) return outside
    return findRoot(outside, excess, inside, insideExcess, (theta) => this.calcExcess(theta))
  }

  private minimiseExcess(low: number, high: number): number {
    const ratio = (Math.sqrt(5) - 1) / 2
    let a = low
    let b = high
    for (let i = 0; i < 60; i++) {
      const c = b - ratio * (b - a)
      const d = a + ratio * (b - a)
      if (this.calcExcess(c) < this.calcExcess(d)) b = d
      else a = c
    }
    return (a + b) / 2
  }

  /** How far a turn is past the hip's range: 0 or less inside it. */
  private calcExcess(theta: number): number {
    this.setKnee(theta)
    return this.readExcess()
  }

  private readExcess(): number {
    const { ranges } = this
    return Math.max(
      this.hipRotation - ranges.hipOutwardMax,
      -ranges.hipInwardMax - this.hipRotation,
      this.hipAbduction - ranges.hipAbductionMax,
    )
  }

  /** Sets the knee at a turn and reads the hip: the joint coordinate system of Wu et al. 2002, written out. */
  private setKnee(theta: number): void {
    const cos = Math.cos(theta)
    const sin = Math.sin(theta)
    const kx = cos * this.k0x + sin * this.k1x
    const ky = cos * this.k0y + sin * this.k1y
    const kz = cos * this.k0z + sin * this.k1z
    this.kneeX = this.cx + this.radius * kx
    this.kneeY = this.cy + this.radius * ky
    this.kneeZ = this.cz + this.radius * kz
    const { axes } = this
    const sign = this.foot.sign
    const tx = (this.kneeX - this.hipX) / this.thigh
    const ty = (this.kneeY - this.hipY) / this.thigh
    const tz = (this.kneeZ - this.hipZ) / this.thigh
    const ox = sign * axes.xx
    const oy = sign * axes.xy
    const ahead = tx * axes.fx + ty * axes.fy + tz * axes.fz
    const below = -(tx * axes.ux + ty * axes.uy + tz * axes.uz)
    const level = Math.max(1e-12, Math.sqrt(ahead * ahead + below * below))
    const sinAlpha = ahead / level
    const cosAlpha = below / level
    const sinBeta = Math.min(1, Math.max(-1, tx * ox + ty * oy))
    const cosBeta = Math.sqrt(1 - sinBeta * sinBeta)
    const hx = sign * (this.ey * kz - this.ez * ky)
    const hy = sign * (this.ez * kx - this.ex * kz)
    const hz = sign * (this.ex * ky - this.ey * kx)
    const hF = hx * axes.fx + hy * axes.fy + hz * axes.fz
    const hU = hx * axes.ux + hy * axes.uy + hz * axes.uz
    const hA = cosAlpha * hF + sinAlpha * hU
    const hN = cosBeta * (hx * ox + hy * oy) - sinBeta * (sinAlpha * hF - cosAlpha * hU)
    this.hipFlexion = Math.atan2(ahead, below)
    this.hipAbduction = Math.asin(sinBeta)
    this.hipRotation = Math.atan2(-hA, hN)
  }
}

const wrap = (angle: number): number => {
  if (angle > Math.PI) return angle - 2 * Math.PI
  return angle <= -Math.PI ? angle + 2 * Math.PI : angle
}
