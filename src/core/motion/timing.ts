import { type Base, calcUsableBase, isBorneAlike } from '../balance/base'
import type { Body } from '../body/body'
import { GRAVITY, type Vec2 } from '../conventions'
import { calcInside } from '../geometry/inside'
import { lengthOf } from '../geometry/length'
import { bisect } from '../numeric/bisect'
import type { Footing } from '../stance/footing'
import { alongFoot, footingInRoom, gap, type Held, plus } from './moment'
import { momentAt, type Phase } from './phase'
import type { Stood } from './posing'

const INSTANTS = 60
/** What takes time though nothing goes a way: an arm, a turn of the waist, a heel coming down. */
const LEAST_WAY = 0.02
const LONGEST_S = 60

/** How long the centre's way of a phase is, and half the foot's: its heel's or its toes', whichever goes further. */
export function calcWay(body: Body, phase: Phase, held: Held): number {
  let way = 0
  let before: Place | null = null
  for (let i = 0; i <= WAY_STEPS; i++) {
    const now = placeAt(body, phase, i / WAY_STEPS, held)
    if (before) way += gap(before.centre, now.centre) + 0.5 * calcFootWay(before, now)
    before = now
  }
  return Math.max(way, LEAST_WAY)
}

const WAY_STEPS = 20

type Place = { centre: Vec2; heel: Vec2; toe: Vec2; up: number }

function placeAt(body: Body, phase: Phase, t: number, held: Held): Place {
  const moment = momentAt(phase, t, body.footLength)
  const { heel, yaw, clearance, contact } = moment.feet[phase.foot ?? 'left']
  return {
    centre: footingInRoom(body, moment, held).centre,
    heel,
    toe: plus(heel, alongFoot(yaw), body.footLength),
    up: contact === 'air' ? clearance : 0,
  }
}

const calcFootWay = (a: Place, b: Place): number =>
  lengthOf(Math.max(gap(a.heel, b.heel), gap(a.toe, b.toe)), b.up - a.up)

/**
 * The shortest safe time of a phase: at every instant the extrapolated centre is inside that instant's usable base by
 * the reserve, or by half of what is sure at the end where that is less. 0 where the centre is still, null where no
 * time suffices.
 * @source Hof, Gazendam & Sinke, J Biomech 38 (2005)
 */
export function calcShortest(body: Body, phase: Phase, held: Held, end: Stood, centreHeight: number): number | null {
  const footings = Array.from({ length: INSTANTS + 1 }, (_, i) =>
    footingInRoom(body, momentAt(phase, i / INSTANTS, body.footLength), held),
  )
  const centreAt = (i: number) => (footings[Math.min(INSTANTS, Math.max(0, i))] as Footing).centre
  const still = footings.every(({ centre }) => gap(centre, centreAt(0)) < 1e-6)
  if (still) return 0
  const { balance } = end
  const keep = Math.min(balance.reserve, balance.assured.margin / 2)
  const sway = Math.sqrt(centreHeight / GRAVITY)
  let base: Base = []
  const instants = footings.map((footing, i) => {
    const last = footings[i - 1]
    if (!last || !isBorneAlike(last, footing)) base = calcUsableBase(footing)
    const [before, after] = [centreAt(i - 1), centreAt(i + 1)]
    const width = (Math.min(INSTANTS, i + 1) - Math.max(0, i - 1)) / INSTANTS
    const rate: Vec2 = [(after[0] - before[0]) / width, (after[1] - before[1]) / width]
    return { base, centre: footing.centre, rate }
  })
  const isSafe = (seconds: number) =>
    instants.every(({ base, centre, rate }) => {
      const [x, y] = [centre[0] + (rate[0] * sway) / seconds, centre[1] + (rate[1] * sway) / seconds]
      return calcInside(base, x, y) >= keep
    })
  if (!isSafe(LONGEST_S)) return null
  return bisect(isSafe, LONGEST_S, 0, 0.005)
}

/** Shares seconds out by ways; a phase has at least its shortest safe time where there is enough for all. */
export function shareSeconds(seconds: number, ways: readonly number[], shortest: readonly (number | null)[]): number[] {
  const least = shortest.map((one) => one ?? 0)
  const fixed = new Set<number>()
  for (;;) {
    const left = seconds - [...fixed].reduce((sum, i) => sum + (least[i] as number), 0)
    const free = ways.reduce((sum, way, i) => (fixed.has(i) ? sum : sum + way), 0)
    if (left <= 0 || free === 0) break
    const next = ways.findIndex((way, i) => !fixed.has(i) && (way / free) * left < (least[i] as number))
    if (next < 0) return ways.map((way, i) => (fixed.has(i) ? (least[i] as number) : (way / free) * left))
    fixed.add(next)
  }
  // Not enough for all: by the ways alone, and said so.
  const all = ways.reduce((sum, way) => sum + way, 0)
  return ways.map((way) => (way / all) * seconds)
}
