import type { Footing, Side, Vec2 } from '@/core'
import { otherSide } from '@/core'
import type { Words } from '@/words/language'

/** Lines to lay tape by, taken from the other foot: where this one's heel snaps to. */
export type TapeLines = { across: { y: number; name: string }[]; along: { x: number; name: string }[] }

export function findTapeLines({ feet, body }: Footing, side: Side, words: Words): TapeLines {
  const own = feet[side]
  const other = feet[otherSide(side)]
  const out = own.sign
  const toeY = (foot: typeof own) => foot.length * foot.uy
  return {
    across: [
      { y: other.hy, name: words.say('screens.ui.heelLine') },
      { y: other.hy + toeY(other), name: words.say('screens.ui.toeLine') },
      { y: other.hy + toeY(other) - toeY(own), name: words.say('screens.ui.toesLevel') },
    ],
    along: [
      { x: other.hx, name: words.say('screens.ui.oneLine') },
      { x: other.hx + out * body.hipSeparation, name: words.say('screens.ui.hipWidth') },
      { x: other.hx + out * body.shoulderWidth, name: words.say('screens.ui.shoulderWidth') },
    ],
  }
}

/** A heel drawn to the nearest line within reach, each way by itself. */
export function snapHeel([x, y]: Vec2, lines: TapeLines, within: number): Vec2 {
  const near = (value: number, places: number[]) =>
    places.reduce((best, place) => (Math.abs(place - value) < Math.abs(best - value) ? place : best), value + within)
  const sx = near(
    x,
    lines.along.map((line) => line.x),
  )
  const sy = near(
    y,
    lines.across.map((line) => line.y),
  )
  return [Math.abs(sx - x) < within ? sx : x, Math.abs(sy - y) < within ? sy : y]
}
