import { calcHull, type Pose, type Side, type Vec2, type Vec3 } from '@/core'
import { findHead, listBodyParts, listTrunkRings, mix, type Tone, type TrunkRing } from './body-parts'
import { isFromAbove, nearness, outline, see, type View } from './view'

/** A part of the drawn body: its outline in the picture's metres, and how near it is. */
export type Part = { key: string; ring: Vec2[]; near: number; tone: Tone; side?: Side }

/** What lies on its neighbour at a joint: the thigh on the shank, the hand on the forearm. */
const ON_TOP = { shank: 0, foot: 0.001, thigh: 0.002, 'upper-arm': 0, forearm: 0.001, hand: 0.002, neck: -0.01 }

/** The body's parts, farthest first. */
export function drawBody(pose: Pose, view: View): Part[] {
  const { joints } = pose
  const depthOf = (side: Side, tone: Tone) =>
    tone === 'leg'
      ? nearness(view, mix(joints[`${side}Hip`], joints[`${side}Ankle`], 0.5))
      : nearness(view, mix(joints[`${side}Shoulder`], joints[`${side}Wrist`], 0.4))
  const limbs = listBodyParts(pose).map((part): Part => {
    const name = part.key.replace(/^(left|right)-/, '') as keyof typeof ON_TOP
    const near = (part.side ? depthOf(part.side, part.tone) : nearness(view, joints.c7)) + ON_TOP[name]
    return {
      key: part.key,
      ring: outline(view, part.balls),
      near,
      tone: part.tone,
      ...(part.side && { side: part.side }),
    }
  })
  return [...limbs, drawTrunk(pose, view), drawHead(pose, view)].sort((a, b) => a.near - b.near)
}

/** How wide an ellipse that faces a heading is seen. */
const seenHalf = (view: View, { wide, deep, yaw }: { wide: number; deep: number; yaw: number }) => {
  const across = -Math.cos(yaw) * view.cos + Math.sin(yaw) * view.sin
  const ahead = Math.sin(yaw) * view.cos + Math.cos(yaw) * view.sin
  return Math.hypot(wide * across, deep * ahead)
}

/** From above: the hull of rings, the trunk's or the head's widest. */
function hullOfRings(view: View, rings: readonly TrunkRing[]): Vec2[] {
  const points = rings.flatMap(({ centre, wide, deep, yaw }) =>
    Array.from({ length: 24 }, (_, i) => {
      const turn = (2 * Math.PI * i) / 24
      const [across, ahead] = [wide * Math.cos(turn), deep * Math.sin(turn)]
      const [sin, cos] = [Math.sin(yaw), Math.cos(yaw)]
      const at: Vec3 = [centre[0] + across * cos - ahead * sin, centre[1] + across * sin + ahead * cos, centre[2]]
      const [x, y] = see(view, at)
      return { x, y }
    }),
  )
  return calcHull(points).map(({ x, y }): Vec2 => [x, y])
}

function drawTrunk(pose: Pose, view: View): Part {
  const { pelvis, suprasternal } = pose.joints
  const near = nearness(view, mix(pelvis, suprasternal, 0.5))
  if (isFromAbove(view)) return { key: 'trunk', ring: hullOfRings(view, listTrunkRings(pose)), near, tone: 'trunk' }
  const left: Vec2[] = []
  const right: Vec2[] = []
  for (const ring of listTrunkRings(pose)) {
    const [x, y] = see(view, ring.centre)
    const half = seenHalf(view, ring)
    left.push([x - half, y])
    right.unshift([x + half, y])
  }
  return { key: 'trunk', ring: [...left, ...right], near, tone: 'trunk' }
}

function drawHead(pose: Pose, view: View): Part {
  const head = findHead(pose)
  if (isFromAbove(view))
    return { key: 'head', ring: hullOfRings(view, [head]), near: nearness(view, head.centre), tone: 'head' }
  const rx = seenHalf(view, head)
  const [cx, cy] = see(view, head.centre)
  const facing = view.flip * (Math.sin(head.yaw) * view.cos + Math.cos(head.yaw) * view.sin)
  const ring = Array.from({ length: 36 }, (_, i): Vec2 => {
    const turn = (2 * Math.PI * i) / 36
    // The jaw is narrower than the crown and a little ahead of it.
    const down = Math.min(0, Math.sin(turn))
    return [cx + rx * (1 + 0.16 * down) * Math.cos(turn) - 0.1 * rx * down * facing, cy + head.tall * Math.sin(turn)]
  })
  return { key: 'head', ring, near: nearness(view, head.centre) + 0.01, tone: 'head' }
}
