import type { ShownPath, Vec2 } from '@/core'
import { fitPlan, type Plan, toFloor, toScreen } from '@/draw/plan'

/** A room on the screen, turned so that it lies as the screen does. */
export type RoomPlan = Plan & {
  /** Radians, counter-clockwise: 0 has the room's front up, a quarter less has it to the right. */
  turn: number
  /** The room's corners, counter-clockwise from the left rear one. */
  walls: Vec2[]
}

type Room = { width: number; depth: number }

const rotate = ([x, y]: Vec2, turn: number): Vec2 => [
  x * Math.cos(turn) - y * Math.sin(turn),
  x * Math.sin(turn) + y * Math.cos(turn),
]

/** A point of the room as the plan has it: for what is drawn by a direction of its own, such as a foot. */
export const turnInPlan = (plan: RoomPlan, point: Vec2): Vec2 => rotate(point, plan.turn)

/** A point of the room on the screen, and the other way round. */
export const roomToScreen = (plan: RoomPlan, point: Vec2): Vec2 => toScreen(plan, turnInPlan(plan, point))
export const screenToRoom = (plan: RoomPlan, point: Vec2): Vec2 => rotate(toFloor(plan, point), -plan.turn)

const cornersOf = (left: number, rear: number, right: number, front: number): Vec2[] => [
  [left, rear],
  [right, rear],
  [right, front],
  [left, front],
]

/** What is needed lies in the middle of the room. */
function wallsAbout([[left, rear], [right, front]]: ShownPath['extent'], { width, depth }: Room): Vec2[] {
  const [x, y] = [(left + right) / 2, (rear + front) / 2]
  return cornersOf(x - width / 2, y - depth / 2, x + width / 2, y + depth / 2)
}

/** Beside what is shown, metres. */
const ABOUT_STEPS = 0.16
const ABOUT_ROOM = 0.12
/** About as long as a foot. */
const FOOT = 0.25

/** The whole room, or the steps as large as they can be; whichever way up shows them larger. */
export function layRoom(
  { extent, footprints }: ShownPath,
  room: Room,
  width: number,
  height: number,
  whole: boolean,
): RoomPlan {
  const walls = wallsAbout(extent, room)
  if (whole) return layPoints([...walls, ...cornersOf(...extent[0], ...extent[1])], walls, width, height, ABOUT_ROOM)
  const steps = footprints.flatMap(({ heel, yaw }): Vec2[] => [
    heel,
    [heel[0] - FOOT * Math.sin(yaw), heel[1] + FOOT * Math.cos(yaw)],
  ])
  return layPoints(steps, walls, width, height, ABOUT_STEPS)
}

/** A whole room whose left rear corner is 0, 0. */
export function layHall(room: Room, width: number, height: number): RoomPlan {
  const walls = cornersOf(0, 0, room.width, room.depth)
  return layPoints(walls, walls, width, height, ABOUT_ROOM)
}

function layPoints(shown: readonly Vec2[], walls: Vec2[], width: number, height: number, about: number): RoomPlan {
  const lay = (turn: number): RoomPlan => {
    const points = shown.map((point) => rotate(point, turn))
    return { ...fitPlan(points, width, height, about), turn, walls }
  }
  const [upright, lying] = [lay(0), lay(-Math.PI / 2)]
  return lying.scale > upright.scale * 1.05 ? lying : upright
}
