import type { Body } from '../body/body'
import type { Side, Vec2 } from '../conventions'
import { directionVector } from '../conventions'
import { plus } from '../geometry/vector'
import type { Choices } from '../postures/choices'
import { BALL_AT } from '../stance/foot'
import { placeAt, toRoom } from '../stance/placed'
import type { Placement, Stance } from '../stance/stance'
import { ORIGIN } from './instant'
import { aboutOf } from './script'

/** Where a stance stands in the room when one foot of the stance before it keeps its place, turning about a point. */
export function placeNext(
  body: Body,
  before: Stance,
  next: Stance,
  heading: number,
  anchor: Side,
  choices: Pick<Choices, 'lightFoot'>,
): Stance {
  const [was, is] = [before.feet[anchor], next.feet[anchor]]
  const along = aboutOf(was, choices) === 'ball' ? BALL_AT * body.footLength : 0
  const sign = anchor === 'left' ? 1 : -1
  const point = (foot: typeof was): Vec2 => plus(foot.heel, directionVector(sign * foot.toeOut), along)
  const kept = toRoom(before.at ?? ORIGIN, point(was))
  // Turned first, then moved so that the point lies where it lay.
  const turned: Placement = { x: 0, y: 0, heading }
  const [x, y] = toRoom(turned, point(is))
  return placeAt(next, { x: kept[0] - x, y: kept[1] - y, heading })
}

/** A stance whose step is scaled: the way ahead of the heel that steps, from the one that stays; not its track. */
export function scaleStep(stance: Stance, stepper: Side, scale: number): Stance {
  if (scale === 1) return stance
  const { feet } = stance
  const [moves, stays] = [feet[stepper], feet[stepper === 'left' ? 'right' : 'left']]
  const heel: Vec2 = [moves.heel[0], stays.heel[1] + (moves.heel[1] - stays.heel[1]) * scale]
  return { ...stance, feet: { ...feet, [stepper]: { ...moves, heel } } }
}
