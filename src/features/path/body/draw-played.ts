import { type Analysis, analyse, type Body, InputError, type Stance, toRoom, type Vec2 } from '@/core'
import { type Drawn, drawBetween, drawInRoom } from '@/ui/figure/moving'
import type { Between } from '../state/instant'

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
export function drawPlayed(body: Body, { a, b, part }: Between): Played | null {
  try {
    const [from, to] = [analyseOnce(body, a), analyseOnce(body, b)]
    const middle = mixed(middleOf(from), middleOf(to), part)
    const drawn = drawBetween(drawInRoom(from, middle), drawInRoom(to, middle), part)
    return { ...drawn, margins: from.margins, reserve: from.reserve, middle }
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}

const middleOf = ({ pose }: Analysis): Vec2 =>
  toRoom(pose.stance.at ?? { x: 0, y: 0, heading: 0 }, [pose.pelvis[0], pose.pelvis[1]])

const mixed = ([ax, ay]: Vec2, [bx, by]: Vec2, part: number): Vec2 => [ax + (bx - ax) * part, ay + (by - ay) * part]
