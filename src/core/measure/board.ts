import type { Vec2 } from '../conventions'
import { InputError } from '../errors'
import { SCALE_SD_KG } from './split'

/** Where the edges of a board lie, as laid by hand, metres. */
const EDGE_SD_M = 0.003

/** A board on two edges, one of them over a scale. */
export type BoardSetting = {
  /** Between the edges, metres. */
  length: number
  /** What the scale shows of the board alone, and with the person on it, kilograms. */
  tareKg: number
  readKg: number
  massKg: number
}

export type BoardDistance = { distance: number; sd: number }

/**
 * How far the centre of mass lies from the edge that is not over the scale, metres: x = R·l / W (reaction board).
 * The standard deviation carries the scale's (twice: empty and full), the mass's and the edges'.
 * @throws InputError where the scale shows less than the board alone, or more than board and person
 * @param setting metres and kilograms
 * @returns metres from the fixed edge, with its standard deviation
 * @example calcBoardDistance({ length: 1.2, tareKg: 4, readKg: 38, massKg: 68 }).distance // => 0.6
 */
export function calcBoardDistance({ length, tareKg, readKg, massKg }: BoardSetting): BoardDistance {
  if (!(length > 0)) throw new InputError('length', length, { code: 'above', least: 0 })
  if (!(massKg > 0)) throw new InputError('massKg', massKg, { code: 'above', least: 0 })
  const borne = readKg - tareKg
  if (!(borne >= 0 && borne <= massKg)) {
    throw new InputError('readKg', readKg, { code: 'range', min: tareKg, max: tareKg + massKg, unit: 'kg' })
  }
  const part = borne / massKg
  const scale = (length / massKg) * SCALE_SD_KG
  const sd = Math.hypot(scale * Math.SQRT2, scale * part, EDGE_SD_M)
  return { distance: part * length, sd }
}

/**
 * The centre's place in the floor frame from two settings at right angles: `across` counted from a left edge to the
 * right, `ahead` from a rear edge forward; `heel` is where the left heel stands, counted from the same edges, and
 * `heelAt` where that heel is in the stance's own frame.
 * @param heel metres on the board
 * @param heelAt metres in the floor frame
 * @example placeByBoard({ distance: 0.6, sd: 0.007 }, { distance: 0.55, sd: 0.007 }, [0.5, 0.45], [0.1, 0]).centre // => [0.2, 0.1]
 */
export function placeByBoard(across: BoardDistance, ahead: BoardDistance, heel: Vec2, heelAt: Vec2) {
  const centre: Vec2 = [across.distance - heel[0] + heelAt[0], ahead.distance - heel[1] + heelAt[1]]
  return { centre, sd: [across.sd, ahead.sd] as Vec2 }
}
