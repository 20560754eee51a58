import { GRAVITY } from '../conventions'
import type { Pose } from '../pose/pose'
import type { Margins } from './margins'

export type FourWays = { forward: number; back: number; left: number; right: number }

export type Pushes = { hip: FourWays; shoulder: FourWays; sudden: FourWays }

const eachWay = (margins: Margins, calc: (distance: number) => number): FourWays => ({
  forward: calc(margins.forward),
  back: calc(margins.back),
  left: calc(margins.left),
  right: calc(margins.right),
})

/**
 * How hard a push it takes, each named way.
 * Steady (N), at hip and shoulder height h: F = m·g·d/h tips the body, held as one piece, about the full base's edge.
 * Sudden (N·s): J = m·d·ω₀ on the usable base, ω₀ = √(g/l), l the height of the centre of mass, a simplification of
 * the effective pendulum length.
 * @source Hof, Gazendam & Sinke, J Biomech 38 (2005) 1-8
 */
export function calcPushes(pose: Pose, full: Margins, usable: Margins): Pushes {
  const { mass } = pose.body
  const shoulderHeight = (pose.joints.leftShoulder[2] + pose.joints.rightShoulder[2]) / 2
  const omega = Math.sqrt(GRAVITY / pose.centreOfMass[2])
  const steady = (height: number) => eachWay(full, (d) => (mass * GRAVITY * d) / height)
  return {
    hip: steady(pose.pelvis[2]),
    shoulder: steady(shoulderHeight),
    sudden: eachWay(usable, (d) => mass * d * omega),
  }
}
