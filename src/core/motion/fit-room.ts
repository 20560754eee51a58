import type { Vec2 } from '../conventions'

/** House default: between people who do a routine together, and the least that stays clear of a wall or a chair. */
export const BETWEEN = 1
export const CLEAR = 0.6

export type RoomFit = {
  /** Whether what is needed lies within the walls. */
  fits: boolean
  /** What is needed: across and along, metres. */
  width: number
  depth: number
  /** How many people fit side by side, and behind each other. */
  abreast: number
  deep: number
  /** What stays clear to the walls on both sides, and ahead and behind, where it is done in the middle of the room. */
  beside: number
  ends: number
  /** Passes a wall nearer than is usual. */
  close: boolean
}

/**
 * How a routine's extent lies in a room, done in its middle.
 * @param extent least and largest x and y, metres
 * @param room metres inside its walls
 * @example fitRoom([[-0.4, -0.2], [0.4, 1.8]], { width: 6, depth: 8 }).fits // => true
 */
export function fitRoom([[left, rear], [right, front]]: [Vec2, Vec2], room: { width: number; depth: number }): RoomFit {
  const [width, depth] = [right - left, front - rear]
  const [beside, ends] = [(room.width - width) / 2, (room.depth - depth) / 2]
  const count = (space: number, needed: number) =>
    Math.max(0, Math.floor((space + BETWEEN) / (needed + BETWEEN) + 1e-9))
  return {
    fits: beside >= 0 && ends >= 0,
    width,
    depth,
    abreast: count(room.width, width),
    deep: count(room.depth, depth),
    beside,
    ends,
    close: Math.min(beside, ends) < CLEAR,
  }
}
