import type { Vec2, Vec3 } from '../conventions'

/**
 * Length of a vector. A square root: `Math.hypot` guards against overflow that lengths of bodies and floors never
 * meet, at ten times the time.
 */
export const lengthOf = (x: number, y: number, z = 0): number => Math.sqrt(x * x + y * y + z * z)

/** A point of the floor, moved along a vector so many times. */
export const plus = ([x, y]: Vec2, [dx, dy]: Vec2, times = 1): Vec2 => [x + times * dx, y + times * dy]
export const minus = ([ax, ay]: Vec2, [bx, by]: Vec2): Vec2 => [ax - bx, ay - by]
export const dot = ([ax, ay]: Vec2, [bx, by]: Vec2): number => ax * bx + ay * by

/** Between two points of the floor, and between two in space. Metres. */
export const gap = ([ax, ay]: Vec2, [bx, by]: Vec2): number => lengthOf(ax - bx, ay - by)
export const apart = (a: Vec3, b: Vec3): number => lengthOf(a[0] - b[0], a[1] - b[1], a[2] - b[2])

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]

/** A part of the way from one to the other: 0 is the first, 1 the second. */
export const mix = (from: number, to: number, part: number): number => from + (to - from) * part
export const mixFloor = ([ax, ay]: Vec2, [bx, by]: Vec2, part: number): Vec2 => [mix(ax, bx, part), mix(ay, by, part)]
export const mixSpace = (a: Vec3, b: Vec3, part: number): Vec3 => [
  mix(a[0], b[0], part),
  mix(a[1], b[1], part),
  mix(a[2], b[2], part),
]

/** The same direction, at most half a turn either way: radians. */
export const wrapAngle = (angle: number): number => {
  const turned = angle % (2 * Math.PI)
  if (turned > Math.PI) return turned - 2 * Math.PI
  return turned <= -Math.PI ? turned + 2 * Math.PI : turned
}
