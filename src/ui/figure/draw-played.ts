import { type Analysis, analyse, type Body, InputError, type ShownPath, type Stance, toRoom, type Vec2 } from '@/core'
import type { Between } from './instant'
import { type Drawn, drawBetween, drawInRoom } from './moving'

/** A body at an instant of its path, with what its vials need and the point of the room that it is drawn about. */
export type Played = Drawn & Pick<Analysis, 'margins' | 'reserve'> & { middle: Vec2 }

const known = new WeakMap<Stance, Analysis>()

/** Instants are shown again and again, to and fro: each is analysed once. */
function analyseOnce(body: Body, stance: Stance): Analysis {
  const before = known.get(stance)
  if (before) return before
  const analysis = analyse(body, stance, { standing: null, withoutFreeTurn: true })
  known.set(stance, analysis)
  return analysis
}

/** The body between two instants, about its own middle, in the room's directions; null where it cannot be stood. */
export function drawPlayed(body: Body, { a, b, part }: Between, chairs: readonly Chair[] = []): Played | null {
  try {
    const [from, to] = [analyseOnce(body, a), analyseOnce(body, b)]
    const middle = mixed(middleOf(from), middleOf(to), part)
    const drawn = drawBetween(drawInRoom(from, middle), drawInRoom(to, middle), part)
    const chair = from.pose.stance.seat ? null : chairs.find(({ at }) => isNear(at, middle))
    if (chair) {
      const [x, y] = chair.at
      const seat = { height: chair.height, turned: chair.turned, at: [x - middle[0], y - middle[1]] as Vec2 }
      drawn.pose = { ...drawn.pose, stance: { ...drawn.pose.stance, seat } }
    }
    return { ...drawn, margins: from.margins, reserve: from.reserve, middle }
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

/** A chair of the routine, in the room. */
export type Chair = { at: Vec2; height: number; turned: number }

/** The chairs that a routine sits on. */
export const listChairs = ({ parts }: ShownPath): Chair[] =>
  parts.flatMap(({ stance: { seat, at } }) =>
    seat && at ? [{ at: toRoom(at, seat.at), height: seat.height, turned: at.heading }] : [],
  )

/** Metres: one that is left further behind is not shown. */
const NEAR = 0.9
const isNear = ([x, y]: Vec2, [mx, my]: Vec2): boolean => Math.hypot(x - mx, y - my) < NEAR

const middleOf = ({ pose }: Analysis): Vec2 =>
  toRoom(pose.stance.at ?? { x: 0, y: 0, heading: 0 }, [pose.pelvis[0], pose.pelvis[1]])

const mixed = ([ax, ay]: Vec2, [bx, by]: Vec2, part: number): Vec2 => [ax + (bx - ax) * part, ay + (by - ay) * part]
