import type { Vec2 } from '../conventions'
import { BETWEEN, CLEAR } from './fit-room'

/** The box that somebody needs: least and largest x and y, metres. */
export type Extent = readonly [Vec2, Vec2]

/** Who walks at once, and by how much each is moved in the room, whose left rear corner is 0, 0. */
export type HallRound = { who: number; by: Vec2 }[]

export type Hall = {
  /** As few at a time as the room takes, one round after the other. */
  rounds: HallRound[]
  /** Whose way needs more than the room has, even alone: it would pass a wall nearer than is usual. */
  tooLarge: number[]
}

type Row = { members: number[]; width: number; depth: number }

/**
 * Where everybody stands so that as many as possible walk at once: side by side and behind each other, a metre between
 * what each needs and clear of the walls, in the middle of the room. Who needs the deepest stands first.
 * @param extents metres about each one's own start
 * @param walls metres
 * @example placeInHall([[[-0.5, -0.5], [0.5, 1.5]]], { width: 6, depth: 8 }).rounds.length // => 1
 */
export function placeInHall(extents: readonly Extent[], walls: { width: number; depth: number }): Hall {
  const room = { width: walls.width - 2 * CLEAR, depth: walls.depth - 2 * CLEAR }
  const size = (who: number) => {
    const [[left, rear], [right, front]] = extents[who] as Extent
    return { width: right - left, depth: front - rear }
  }
  const fits = (who: number) => size(who).width <= room.width && size(who).depth <= room.depth
  const everybody = extents.map((_, who) => who)
  const rounds: Row[][] = []
  for (const who of everybody.filter(fits).sort((a, b) => size(b).depth - size(a).depth || a - b)) {
    const { width, depth } = size(who)
    const row = rounds.flat().find((one) => one.width + BETWEEN + width <= room.width)
    if (row) {
      row.members.push(who)
      row.width += BETWEEN + width
      continue
    }
    const alone = { members: [who], width, depth }
    const round = rounds.find((rows) => depthOf(rows) + BETWEEN + depth <= room.depth)
    if (round) round.push(alone)
    else rounds.push([alone])
  }
  return {
    rounds: rounds.map((rows) => placeRows(rows, extents, walls)),
    tooLarge: everybody.filter((who) => !fits(who)),
  }
}

const depthOf = (rows: readonly Row[]): number =>
  rows.reduce((sum, { depth }) => sum + depth, 0) + BETWEEN * (rows.length - 1)

/** The first row in front. */
function placeRows(
  rows: readonly Row[],
  extents: readonly Extent[],
  room: { width: number; depth: number },
): HallRound {
  const round: HallRound = []
  let front = (room.depth + depthOf(rows)) / 2
  for (const row of rows) {
    let left = (room.width - row.width) / 2
    for (const who of row.members) {
      const [[x, y], [right, end]] = extents[who] as Extent
      const inRow = (row.depth - (end - y)) / 2
      round.push({ who, by: [left - x, front - row.depth + inRow - y] })
      left += right - x + BETWEEN
    }
    front -= row.depth + BETWEEN
  }
  return round
}
