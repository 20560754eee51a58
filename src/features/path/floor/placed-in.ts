import { type Body, fromRoom, type Placement, type Side, type Stance, toRoom } from '@/core'
import { footAt } from '@/draw/footprint'

/** A foot of another stance, as the frame of this one has it. */
export function placedIn(frame: Placement, body: Body, stance: Stance, side: Side) {
  const at = stance.at ?? { x: 0, y: 0, heading: 0 }
  const { heel, toeOut, contact } = stance.feet[side]
  const yaw = at.heading + (side === 'left' ? toeOut : -toeOut) - frame.heading
  return footAt(side, fromRoom(frame, toRoom(at, heel)), yaw, contact, body)
}
