import type { ShownPath, Vec2 } from '@/core'
import { findInstant } from '@/ui/figure/instant'
import { usePlay } from '../state/play'

/** Where the centre is at the second that is looked at. */
export function CentreDot({ path, place }: { path: ShownPath; place: (point: Vec2) => Vec2 }) {
  const at = usePlay((play) => play.at)
  const centre = findCentre(path, at)
  if (!centre) return null
  const [x, y] = place(centre)
  return <circle cx={x} cy={y} r="8" fill="var(--clay)" stroke="var(--paper)" strokeWidth="2" pointerEvents="none" />
}

function findCentre(path: ShownPath, seconds: number): Vec2 | null {
  const between = findInstant(path, seconds)
  if (!between) return null
  const { from, to, part, centre } = between
  if (!from || !to) return centre
  const [[ax, ay], [bx, by]] = [from.centre, to.centre]
  return [ax + (bx - ax) * part, ay + (by - ay) * part]
}
