import { type Base, type Corner, calcUsableBase, isBorneAlike } from '../balance/base'
import { calcReserve } from '../balance/reserve'
import type { Body } from '../body/body'
import { directionVector, GRAVITY, SIDES, type Vec2 } from '../conventions'
import { gap, lengthOf, mix, plus } from '../geometry/vector'
import { clamp } from '../numeric/clamp'
import { assemble } from '../pose/pose'
import type { Footing } from '../stance/footing'
import { footingInRoom, type Held, shareOn } from './instant'
import { instantAt, type Phase } from './phase'
import { rememberPhases } from './pose-memory'
import { pose, read, rollAsAsked, tryPose } from './posing'

const INSTANTS = 60
/** What takes time though nothing goes a way: an arm, a turn of the waist, a heel coming down. */
const LEAST_WAY = 0.02
const LONGEST_S = 60

/** How long the centre's way of a phase is, and half the foot's: its heel's or its toes', whichever goes further. */
export const calcWay = (body: Body, phase: Phase, held: Held): number =>
  rememberWay(body, phase, held, 0, () => calcWayAnew(body, phase, held))
const rememberWay = rememberPhases<number>(2048)

function calcWayAnew(body: Body, phase: Phase, held: Held): number {
  const still = isStill(phase, held)
  let way = 0
  let before: Place | null = null
  for (let i = 0; i <= WAY_STEPS; i++) {
    const now = placeAt(body, phase, i / WAY_STEPS, still ? null : held)
    if (before) way += gap(before.centre, now.centre) + 0.5 * calcFootWay(before, now)
    before = now
  }
  return Math.max(way, LEAST_WAY)
}

const WAY_STEPS = 20

/** Whether the centre stays where it is: standing, the split stays, and so does all that carries. */
function isStill({ from, to }: Phase, held: Held): boolean {
  if (held.seat || from.loadLeft !== to.loadLeft) return false
  return SIDES.every((side) => {
    const [a, b] = [from.feet[side], to.feet[side]]
    if (shareOn(from, side) === 0) return true
    return a.contact === b.contact && a.yaw === b.yaw && a.pressureAt === b.pressureAt && gap(a.heel, b.heel) === 0
  })
}

type Place = { centre: Vec2; heel: Vec2; toe: Vec2; up: number }

/** Where a phase's foot and, where it moves at all, the centre are at an instant. */
function placeAt(body: Body, phase: Phase, t: number, held: Held | null): Place {
  const instant = instantAt(phase, t, body.footLength)
  const { heel, yaw, clearance, contact } = instant.feet[phase.foot ?? 'left']
  return {
    centre: held ? footingInRoom(body, instant, held).centre : [0, 0],
    heel,
    toe: plus(heel, directionVector(yaw), body.footLength),
    up: contact === 'air' ? clearance : 0,
  }
}

const calcFootWay = (a: Place, b: Place): number =>
  lengthOf(Math.max(gap(a.heel, b.heel), gap(a.toe, b.toe)), b.up - a.up)

/**
 * The shortest safe time of a phase: at every instant the extrapolated centre is inside that instant's usable base by
 * its reserve, or by half of what is sure at the end where that is less. 0 where the centre is still, null where no
 * time suffices.
 * @source Hof, Gazendam & Sinke, J Biomech 38 (2005)
 * @throws InputError as an analysis does, where its end cannot be stood
 */
export const calcShortest = (body: Body, phase: Phase, held: Held): number | null =>
  rememberShortest(body, phase, held, 0, () => calcShortestAnew(body, phase, held))
const rememberShortest = rememberPhases<number | null>(2048)

function calcShortestAnew(body: Body, phase: Phase, held: Held): number | null {
  if (isStill(phase, held)) return 0
  const footings: Footing[] = []
  for (let i = 0; i <= INSTANTS; i++)
    footings.push(
      footingInRoom(
        body,
        rollAsAsked(body, instantAt(phase, i / INSTANTS, body.footLength), held),
        held,
        footings.at(-1),
      ),
    )
  const centreAt = (i: number) => (footings[clamp(i, 0, INSTANTS)] as Footing).centre
  if (footings.every(({ centre }) => gap(centre, centreAt(0)) < 1e-6)) return 0
  const end = pose(body, phase.to, held)
  const halfSure = Math.max(0, read(end).balance.assured.margin / 2)
  const pendulumLengthAt = listPendulumLengths(body, phase, held)
  let base: Base = []
  let shortest = 0
  for (const [i, footing] of footings.entries()) {
    const last = footings[i - 1]
    if (!last || !isBorneAlike(last, footing)) base = calcUsableBase(footing)
    const [before, after] = [centreAt(i - 1), centreAt(i + 1)]
    const width = (Math.min(INSTANTS, i + 1) - Math.max(0, i - 1)) / INSTANTS
    const omega = Math.sqrt(GRAVITY / pendulumLengthAt(i / INSTANTS))
    const extrapolation: Vec2 = [(after[0] - before[0]) / width / omega, (after[1] - before[1]) / width / omega]
    shortest = Math.max(
      shortest,
      calcLeastSeconds(base, footing.centre, extrapolation, Math.min(calcReserve(footing), halfSure)),
    )
  }
  return shortest <= LONGEST_S ? shortest : null
}

/** At so many instants the height of the centre is read; between them it goes along a line, true to a millimetre. */
const POSED = 12

/**
 * How long the pendulum is at an instant of a phase, 0 to 1: the height of the centre of mass over the floor, metres.
 * An instant that cannot be posed counts as high as the highest, which asks for more time.
 */
function listPendulumLengths(body: Body, phase: Phase, held: Held): (t: number) => number {
  const lengths = Array.from({ length: POSED + 1 }, (_, i) => {
    const posed = tryPose(body, instantAt(phase, i / POSED, body.footLength), held)
    return posed && assemble(posed.settled).centreOfMass[2]
  })
  const highest = Math.max(...lengths.map((length) => length ?? 0))
  const lengthOfPosed = (i: number) => lengths[i] ?? highest
  return (t) => {
    const i = Math.min(POSED - 1, Math.floor(t * POSED))
    return mix(lengthOfPosed(i), lengthOfPosed(i + 1), t * POSED - i)
  }
}

/**
 * The least seconds in which the margin of stability is `keep` and more: how far the extrapolated centre lies inside a
 * base, where in one second it would lie `extrapolation` ahead of the centre. Each edge by itself is a line, and what is
 * ahead falls with the time. Infinity where the longest is not enough.
 */
function calcLeastSeconds(base: Base, [x, y]: Vec2, [extrapolationX, extrapolationY]: Vec2, keep: number): number {
  let least = 0
  for (let i = 0; i < base.length; i++) {
    const a = base[i] as Corner
    const b = base[i + 1 === base.length ? 0 : i + 1] as Corner
    const [ex, ey] = [b.x - a.x, b.y - a.y]
    const length = lengthOf(ex, ey)
    const spare = (ex * (y - a.y) - ey * (x - a.x)) / length - keep
    const approach = (ey * extrapolationX - ex * extrapolationY) / length
    if (spare * LONGEST_S < approach) return Number.POSITIVE_INFINITY
    if (approach > 0) least = Math.max(least, approach / spare)
  }
  return least
}

/**
 * Shares seconds out in two halves: to the first so many phases and to the rest, each by ways. A half that its shortest
 * times do not fit into takes what it needs from the other, where there is enough for both.
 */
export function shareHalves(
  seconds: number,
  ways: readonly number[],
  shortest: readonly (number | null)[],
  first: number,
): number[] {
  if (first <= 0 || first >= ways.length) return shareSeconds(seconds, ways, shortest)
  const need = (times: readonly (number | null)[]) => times.reduce<number>((sum, one) => sum + (one ?? 0), 0)
  const [needed, left] = [need(shortest.slice(0, first)), need(shortest.slice(first))]
  const fits = needed + left <= seconds
  const half = fits ? clamp(seconds / 2, needed, seconds - left) : seconds / 2
  return [
    ...shareSeconds(half, ways.slice(0, first), shortest.slice(0, first)),
    ...shareSeconds(seconds - half, ways.slice(first), shortest.slice(first)),
  ]
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
