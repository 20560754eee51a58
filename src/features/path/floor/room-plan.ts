import { DEG, type ShownPath, type Vec2 } from '@/core'
import { fitPlan, type Plan, toFloor, toScreen } from '@/draw/plan'
import { FROM_BEHIND, FROM_FRONT, FROM_RIGHT, type View, viewFrom } from '@/ui/figure/view'
import type { Look } from '../state/play'

/** A room on the screen, as somebody at one of its sides sees it, or straight from above. */
export type RoomPlan = Plan & {
  /** Radians, counter-clockwise: 0 has the room's front up, a quarter less has it to the right. */
  turn: number
  /** As a body in it is seen. */
  view: View
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

/** Who looks on: from which side, and whether as in a mirror. */
export type Onlooker = { look: Look; mirrored: boolean }

const FROM_UP: Onlooker = { look: 'above', mirrored: false }
/** So much higher than level the floor is looked at from a side. */
const TILT = 45 * DEG
/** Not quite from behind or in front: steps ahead are seen beside the body, not through it. */
const ASIDE = 35 * DEG
const AZIMUTH: Record<Exclude<Look, 'above'>, number> = {
  front: FROM_FRONT + ASIDE,
  side: FROM_RIGHT,
  behind: FROM_BEHIND - ASIDE,
}

/** Who looks on, and how tall the body is that they see, metres. */
type Onlooking = { onlooker?: Onlooker; tall?: number }

type LayRoom = { room: Room; width: number; height: number; whole: boolean } & Onlooking

/** The whole room, or the steps as large as they can be; from above, whichever way up shows them larger. */
export function layRoom({ extent, footprints }: ShownPath, asked: LayRoom): RoomPlan {
  const { room, whole } = asked
  const walls = wallsAbout(extent, room)
  if (whole) return layPoints([...walls, ...cornersOf(...extent[0], ...extent[1])], walls, asked, ABOUT_ROOM)
  const steps = footprints.flatMap(({ heel, yaw }): Vec2[] => [
    heel,
    [heel[0] - FOOT * Math.sin(yaw), heel[1] + FOOT * Math.cos(yaw)],
  ])
  return layPoints(steps, walls, asked, ABOUT_STEPS)
}

/** A whole room whose left rear corner is 0, 0, from above. */
export function layHall(room: Room, width: number, height: number): RoomPlan {
  const walls = cornersOf(0, 0, room.width, room.depth)
  return layPoints(walls, walls, { width, height }, ABOUT_ROOM)
}

type Screen = Pick<LayRoom, 'width' | 'height'> & Onlooking

function layPoints(shown: readonly Vec2[], walls: Vec2[], screen: Screen, about: number): RoomPlan {
  const { width, height, onlooker: { look, mirrored } = FROM_UP, tall = 0 } = screen
  const lay = (azimuth: number, tilt: number): RoomPlan => {
    const view = viewFrom(azimuth, mirrored, tilt)
    // Who stands behind has the room's front up.
    const turn = azimuth - FROM_BEHIND
    const points = shown.map((point) => rotate(point, turn))
    return { ...fitPlan(points, width, height, { about, seen: view, tall }), turn, view, walls }
  }
  if (look !== 'above') return lay(AZIMUTH[look], TILT)
  const [upright, lying] = [lay(FROM_BEHIND, 90 * DEG), lay(FROM_RIGHT, 90 * DEG)]
  return lying.scale > upright.scale * 1.05 ? lying : upright
}
