import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { calcUsableBase } from '../balance/base'
import { calcReserve } from '../balance/reserve'
import { resolveBody } from '../body/body'
import { GRAVITY } from '../conventions'
import { calcInside } from '../geometry/inside'
import { assemble } from '../pose/pose'
import { chooseOver } from '../postures/choices'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOLS, type SchoolId } from '../postures/schools'
import { changeInstant, footingInRoom, type Held } from './instant'
import { makePath, type RoutinePart } from './path'
import { instantAt, type Phase } from './phase'
import { pose, read } from './posing'
import { calcShortest, calcWay, shareHalves, shareSeconds } from './timing'

const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 66 })
const part = (
  posture: string,
  anchor?: 'left' | 'right',
  loadLeft?: number,
  school: SchoolId = 'long-upright',
): RoutinePart => {
  const stance = buildPosture(postureOf(posture), body, school, 'left')
  return {
    stance: loadLeft === undefined ? stance : { ...stance, loadLeft },
    heading: 0,
    seconds: 10,
    hold: 0,
    breath: 'free',
    choices: SCHOOLS[school].choices,
    anchor,
  }
}
const made = [
  [part('parallel'), part('bow', 'right')],
  [part('parallel'), part('parallel', undefined, 0.85)],
  [part('bow'), part('bow', undefined, 0.2)],
  // A foot that turns on its heel has less to spare then than twice its reserve.
  [
    part('bow'),
    { ...part('parallel', 'right'), choices: chooseOver(SCHOOLS['long-upright'].choices, { heavyFoot: 'heel' }) },
  ],
].flatMap((routine) => {
  const way = makePath(body, routine, 10).transitions[0]?.made
  if (!way) throw new Error('no way')
  return way.transition.phases.map((phase) => ({ phase, held: way.held }))
})

/** Whether the extrapolated centre keeps inside at every instant of a phase that takes so long: worked out anew. */
function isSafe(phase: Phase, held: Held, seconds: number): boolean {
  const end = read(pose(body, phase.to, held))
  const steps = 60
  const at = (i: number) =>
    footingInRoom(body, pose(body, instantAt(phase, i / steps, body.footLength), held).instant, held)
  for (let i = 1; i < steps; i++) {
    const [before, now, after] = [at(i - 1), at(i), at(i + 1)]
    const omega = Math.sqrt(GRAVITY / heightOfCentre(phase, i / steps, held))
    const ahead = (axis: 0 | 1) => ((after.centre[axis] - before.centre[axis]) * steps) / 2 / seconds / omega
    const keep = Math.max(0, Math.min(calcReserve(now), end.balance.assured.margin / 2))
    const base = calcUsableBase(now).map(({ x, y }) => ({ x, y }))
    if (calcInside(base, now.centre[0] + ahead(0), now.centre[1] + ahead(1)) < keep - 1e-6) return false
  }
  return true
}

const heightOfCentre = (phase: Phase, t: number, held: Held): number =>
  assemble(pose(body, instantAt(phase, t, body.footLength), held).settled).centreOfMass[2]

describe('the shortest safe time', () => {
  const moving = made.filter(({ phase, held }) => (calcShortest(body, phase, held) ?? 0) > 0)

  it('is time enough, and a little less is not', () => {
    expect(moving.length).toBeGreaterThanOrEqual(4)
    for (const { phase, held } of moving) {
      const shortest = calcShortest(body, phase, held) as number
      expect(isSafe(phase, held, shortest * 1.01), `${phase.kind} ${phase.foot}`).toBe(true)
      expect(isSafe(phase, held, shortest * 0.98), `${phase.kind} ${phase.foot}`).toBe(false)
    }
  })

  it('is half of what is sure at the end where that is less than the reserve', () => {
    const tight = moving.filter(({ phase, held }) => {
      const { reserve, assured } = read(pose(body, phase.to, held)).balance
      return assured.margin > 0 && assured.margin / 2 < reserve - 0.005
    })
    expect(tight.length).toBeGreaterThan(0)
  })

  it('goes by the height at each instant: where one sinks meanwhile it is that of the way, to half a percent', () => {
    for (const { phase, held } of moving) {
      const sinks = { ...phase, to: changeInstant(phase.to, { height: phase.to.height - 0.1 }) }
      const shortest = calcShortest(body, sinks, held) as number
      expect(isSafe(sinks, held, shortest * 1.001), `${phase.kind} ${phase.foot}`).toBe(true)
      expect(isSafe(sinks, held, shortest * 0.995), `${phase.kind} ${phase.foot}`).toBe(false)
    }
  })

  it('is nothing where the centre stays: a foot that is lifted, reaches or lands', () => {
    for (const { phase, held } of made)
      if (['lift', 'reach', 'touch'].includes(phase.kind)) expect(calcShortest(body, phase, held)).toBe(0)
  })

  it('back is as long as there for a shift that ends as safe as it began', () => {
    const shift = made.find(({ phase }) => phase.kind === 'shift')
    if (!shift) throw new Error('no shift')
    const { phase, held } = shift
    const [there, back] = [phase, { ...phase, from: phase.to, to: phase.from }].map((one) => calcWay(body, one, held))
    expect(back).toBeCloseTo(there ?? Number.NaN, 9)
  })
})

describe('seconds are shared', () => {
  const way = fc.double({ min: 0.02, max: 1, noNaN: true })
  const least = fc.option(fc.double({ min: 0, max: 4, noNaN: true }), { nil: null })
  const phases = fc.array(fc.tuple(way, least), { minLength: 1, maxLength: 8 })

  it('all of them, none below its shortest safe time where there is enough for all', () => {
    fc.assert(
      fc.property(phases, fc.double({ min: 0.5, max: 30, noNaN: true }), (all, seconds) => {
        const [ways, shortest] = [all.map(([w]) => w), all.map(([, s]) => s)]
        const shared = shareSeconds(seconds, ways, shortest)
        expect(shared.reduce((sum, one) => sum + one, 0)).toBeCloseTo(seconds, 9)
        for (const one of shared) expect(one).toBeGreaterThanOrEqual(0)
        const needed = shortest.reduce<number>((sum, one) => sum + (one ?? 0), 0)
        if (needed < seconds - 1e-6)
          for (const [i, one] of shared.entries()) expect(one).toBeGreaterThanOrEqual((shortest[i] ?? 0) - 1e-9)
      }),
    )
  })

  it('by their ways where nothing presses, and by their ways alone where there is not enough', () => {
    expect(shareSeconds(6, [1, 2], [0, null])).toEqual([2, 4])
    expect(shareSeconds(6, [1, 2], [3, 0])).toEqual([3, 3])
    expect(shareSeconds(3, [1, 2], [3, 3])).toEqual([1, 2])
  })
})

describe('two halves of a breath', () => {
  it('have as long each, by their own ways; a half that does not fit takes what it needs', () => {
    expect(shareHalves(8, [3, 1, 1], [0, 0, 0], 2)).toEqual([3, 1, 4])
    expect(shareHalves(8, [3, 1, 1], [4, 1.5, 0], 2)).toEqual([4, 1.5, 2.5])
    // Not enough for both: as long each, and said so elsewhere.
    expect(shareHalves(4, [3, 1, 1], [4, 1, 2], 2)).toEqual([1.5, 0.5, 2])
    expect(shareHalves(8, [3, 1], [0, 0], 0)).toEqual([6, 2])
  })
})
