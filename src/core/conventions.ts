/**
 * The conventions of the whole core, stated once.
 *
 * Units: metres, kilograms, newtons, seconds, radians. Degrees, centimetres, inches and percent exist only outside.
 * Floor frame: z = 0 is the floor; x to the practitioner's right, y forward along the heading, z up; right-handed.
 * It is the stance's own: where that stands in a room is for `stance/placed.ts`, which way is ahead for `stance/layout.ts`.
 * Yaw: counter-clockwise from above; a turn to the left is positive.
 * Toe-out: positive when the toes point away from the other foot (left yaw = +toeOut, right yaw = -toeOut).
 * Trunk: pitch positive forward, roll positive to the right, yaw relative to the pelvis.
 * Knee flexion: 0 = straight. Hip flexion and ankle dorsiflexion: positive. Hip rotation: outward positive.
 * Foot frame: origin at the back of the heel on the midline, u toward the toes, v to the outer side.
 * Margins: positive inside. Directions in the plane: counter-clockwise from forward.
 */
export const GRAVITY = 9.80665

export const DEG = Math.PI / 180

export type Side = 'left' | 'right'

export const SIDES = ['left', 'right'] as const

/**
 * @example otherSide('left') // => 'right'
 */
export const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left')

/**
 * +1 on the right, -1 on the left: the sign of x on that side of the body.
 * @example sideSign('left') // => -1
 */
export const sideSign = (side: Side): 1 | -1 => (side === 'right' ? 1 : -1)

/** A point of the floor plane or a point in space, in the floor frame. */
export type Vec2 = readonly [number, number]
export type Vec3 = readonly [number, number, number]

export type BySide<T> = { left: T; right: T }

/**
 * @example bySide((side) => sideSign(side)) // => { left: -1, right: 1 }
 */
export const bySide = <T>(make: (side: Side) => T): BySide<T> => ({ left: make('left'), right: make('right') })

/**
 * The unit vector of a direction counted counter-clockwise from forward.
 * @param angle radians, counter-clockwise from ahead
 * @example directionVector(0) // => [0, 1]
 */
export const directionVector = (angle: number): Vec2 => [-Math.sin(angle), Math.cos(angle)]

/**
 * The direction of a vector, counter-clockwise from forward, in (-π, π].
 * @param x metres to the right
 * @param y metres ahead
 * @returns radians
 * @example directionOf(-1, 0) / DEG // => 90
 */
export const directionOf = (x: number, y: number): number => Math.atan2(-x, y)
