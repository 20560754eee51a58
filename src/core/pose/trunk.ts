import type { Vec3 } from '../conventions'

/** A rotation as its three columns: where the trunk's right, forward and up axes point in the floor frame. */
export type Rotation = { right: Vec3; forward: Vec3; up: Vec3 }

/** R = Rz(yaw) · Rx(-pitch) · Ry(roll): pitch forward and roll to the right are positive. */
export function calcTrunkRotation(yaw: number, pitch: number, roll: number): Rotation {
  const cy = Math.cos(yaw)
  const sy = Math.sin(yaw)
  const cp = Math.cos(pitch)
  const sp = Math.sin(pitch)
  const cr = Math.cos(roll)
  const sr = Math.sin(roll)
  // Rx(-pitch)·Ry(roll), then turned by yaw.
  const turn = (x: number, y: number, z: number): Vec3 => [cy * x - sy * y, sy * x + cy * y, z]
  return {
    right: turn(cr, -sp * sr, -cp * sr),
    forward: turn(0, cp, -sp),
    up: turn(sr, sp * cr, cp * cr),
  }
}

export const rotate = (r: Rotation, x: number, y: number, z: number): Vec3 => [
  x * r.right[0] + y * r.forward[0] + z * r.up[0],
  x * r.right[1] + y * r.forward[1] + z * r.up[1],
  x * r.right[2] + y * r.forward[2] + z * r.up[2],
]
