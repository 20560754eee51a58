import { describe, expect, it } from 'vitest'
import { analyse } from '../analysis'
import { kneeLoad } from '../balance/legs'
import { resolveBody } from '../body/body'
import type { Person } from '../body/person'
import { DEG } from '../conventions'
import { layOut } from '../postures/measures'
import { buildPosture } from '../postures/posture'
import { POSTURE_IDS, postureOf } from '../postures/postures'
import type { Stance } from '../stance/stance'
import { calcDistance, type LeverId, listLevers, makeStart, moveLevers } from './levers'
import { findGivenUp } from './meaning'
import { boundTeachable, readOwnStanding } from './teachable'
import { findVariants } from './variants'
import { knowFindings, Scale } from './weigh'

const QUICK = { standing: null, withoutFreeTurn: true }

/** Ten people by three postures: thirty stances, most of which do not hold as taught. */
const PEOPLE: Person[] = [
  { stature: 1.62, mass: 68, sex: 'female', age: 74, limits: { kneeFlexionMax: 30 * DEG } },
  { stature: 1.75, mass: 82, sex: 'male', age: 70, limits: { loadMax: { left: 0.5, right: 1 } } },
  { stature: 1.58, mass: 60, sex: 'female', age: 72, limits: { kneeFlexionMax: 20 * DEG } },
  { stature: 1.84, mass: 91, sex: 'male', age: 78, swayReserve: 0.022 },
  { stature: 1.7, mass: 70, sex: 'unspecified', limits: { loadMax: { left: 0.6, right: 0.6 } } },
  { stature: 1.66, mass: 75, sex: 'female', age: 66, limits: { kneeFlexionMax: 25 * DEG, hipOutwardMax: 40 * DEG } },
  { stature: 1.79, mass: 104, sex: 'male', age: 63, swayReserve: 0.03 },
  { stature: 1.52, mass: 53, sex: 'female', age: 70, swayReserve: 0.02 },
  { stature: 1.68, mass: 74, sex: 'female', age: 67, limits: { loadMax: { left: 1, right: 0.55 } } },
  { stature: 1.9, mass: 88, sex: 'male', age: 58, limits: { dorsiflexionMax: 18 * DEG, kneeFlexionMax: 35 * DEG } },
]
const STANCES = PEOPLE.flatMap((person) => {
  const body = resolveBody(person)
  return (['bow', 'empty-ball', 'parallel'] as const).map((posture) => ({
    body,
    stance: buildPosture(postureOf(posture), body, 'long-upright', 'left'),
  }))
})

/** The three variables of the grid: what moves a bow's margin and joints most. */
const THREE: LeverId[] = ['step', 'height', 'share']

describe('the nearest variant', () => {
  it.each(STANCES.map((one, i) => [i, one] as const))(
    'is within a hundredth of the best of every point of a fine grid (%i)',
    (_, { body, stance }) => {
      const original = analyse(body, stance, QUICK)
      const start = makeStart(body, stance, { left: original.legs.left.flexion, right: original.legs.right.flexion })
      const levers = listLevers(start).filter((lever) => THREE.includes(lever.id))
      const bounds = boundTeachable(body, stance, original, readOwnStanding(body))
      const scale = new Scale(body, knowFindings(original.findings), bounds)
      const { variants } = findVariants(body, stance, { levers: THREE })
      const nearest = variants.find((v) => v.kind === 'nearest')
      if (original.verdict === 'holds') return expect(nearest).toBeUndefined()

      // Every notch of all three, by growing distance, until one passes.
      const [a, b, c] = levers as [(typeof levers)[0], (typeof levers)[0], (typeof levers)[0]]
      const points: { changes: number[]; distance: number }[] = []
      for (let i = a.low; i <= a.high; i++)
        for (let j = b.low; j <= b.high; j++)
          for (let k = c.low; k <= c.high; k++)
            points.push({ changes: [i, j, k], distance: calcDistance(levers, [i, j, k]) })
      points.sort((p, q) => p.distance - q.distance)
      const best = points.find(
        ({ changes }) => scale.weigh(moveLevers(start, levers, changes), original.reserve).passes,
      )
      if (!best) return expect(nearest).toBeUndefined()
      const distance = nearest ? distanceOf(start.stance, nearest.stance) : Number.POSITIVE_INFINITY
      expect(distance).toBeLessThanOrEqual(best.distance * 1.01 + 1e-9)

      function distanceOf(from: Stance, to: Stance): number {
        const step = (s: Stance) => s.feet.left.heel[1] - s.feet.right.heel[1]
        const flexion = (s: Stance) => ('kneeFlexion' in s.height ? s.height.kneeFlexion : start.flexion)
        const by = {
          step: step(to) - step(from),
          height: flexion(to) - flexion(from),
          share: to.loadLeft - from.loadLeft,
        }
        return calcDistance(
          levers,
          levers.map((lever) => by[lever.id as 'step'] / lever.notch),
        )
      }
    },
  )
})

describe('whatever is offered', () => {
  it('says what it gives up: half the step, the weight in front, level feet, an empty foot', () => {
    const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 50 })
    const given = (posture: string, change: (stance: Stance) => Stance) => {
      const stance = buildPosture(postureOf(posture), body, 'long-upright', 'left')
      return findGivenUp(body, stance, change(stance))
    }
    const step = (to: number) => (stance: Stance) => ({
      ...stance,
      feet: { ...stance.feet, left: { ...stance.feet.left, heel: [stance.feet.left.heel[0], to] as const } },
    })
    const whole = postureOf('bow').measures['long-upright'].step * body.stature
    expect(given('bow', step(0.51 * whole))).toEqual([])
    expect(given('bow', step(0.49 * whole))).toEqual(['step'])
    expect(given('bow', step(-whole))).toEqual(['step'])
    // Half a step, as it is laid out on the floor, is half a step.
    for (let stature = 1.45; stature < 1.95; stature += 0.01) {
      const one = resolveBody({ stature, mass: 70, sex: 'male', age: 50 })
      const measures = postureOf('bow').measures['long-upright']
      const [taught, half] = [1, 0.5].map((part) => layOut({ ...measures, step: part * measures.step }, one, 'left'))
      expect(findGivenUp(one, taught as Stance, half as Stance)).toEqual([])
    }
    expect(given('bow', (stance) => ({ ...stance, loadLeft: 0.5 }))).toEqual(['front'])
    expect(given('parallel', step(0.52 * body.footLength))).toEqual(['level'])
    expect(given('parallel', step(0.48 * body.footLength))).toEqual([])
    expect(given('empty-ball', (stance) => ({ ...stance, loadLeft: 0.2 }))).toEqual([])
    expect(given('empty-ball', (stance) => ({ ...stance, loadLeft: 0.21 }))).toEqual(['empty'])
  })

  it('meets what a limit demands first: a tired day with a hand on a chair and lower arms has an answer', () => {
    const limits = { kneeFlexionMax: 25 * DEG, armElevationMax: 60 * DEG, support: 'chair-back' as const }
    const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female', age: 74, limits })
    for (const posture of ['bow', 'brush-knee', 'push']) {
      const { variants } = findVariants(body, buildPosture(postureOf(posture), body, 'therapeutic', 'left'))
      const nearest = variants.find(({ kind }) => kind === 'nearest')
      expect(nearest?.stance.supports[0]?.kind, posture).toBe('chair-back')
      expect(nearest?.changes.map(({ what }) => what)).toContain('support')
      expect(nearest?.givesUp).toEqual([])
      expect(analyse(body, nearest?.stance as Stance, QUICK).verdict).toBe('holds')
    }
  })

  it('is what was found until then, and said to be cut, where the search has to end', () => {
    const { body, stance } = STANCES[0] as (typeof STANCES)[0]
    const whole = findVariants(body, stance)
    expect(whole.cut).toBe(false)
    const some = findVariants(body, stance, { isOver: (weighed) => weighed >= whole.weighed / 2 })
    expect([some.cut, some.variants[0]?.kind]).toEqual([true, 'nearest'])
    expect(analyse(body, some.variants[0]?.stance as Stance, QUICK).verdict).toBe('holds')
    const none = findVariants(body, stance, { isOver: () => true })
    expect([none.cut, none.weighed, none.variants.map(({ kind }) => kind)]).toEqual([true, 0, ['seated']])
  })

  it('improves what holds, by 5 mm or 5 Nm, and leaves the rest alone', () => {
    const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 50 })
    for (const posture of POSTURE_IDS) {
      const stance = buildPosture(postureOf(posture), body, 'therapeutic', 'right')
      const before = analyse(body, stance, QUICK)
      expect(before.verdict).toBe('holds')
      for (const { kind, stance: better } of findVariants(body, stance).variants) {
        const after = analyse(body, better, QUICK)
        const worst = (a: typeof after) => Math.max(kneeLoad(a.legs.left), kneeLoad(a.legs.right))
        if (kind === 'steadiest') expect(after.assured.margin - before.assured.margin).toBeGreaterThanOrEqual(0.005)
        else expect([kind, worst(before) - worst(after) >= 5]).toEqual(['kindest', true])
      }
    }
  })

  it('is the same least change and help where only these are asked for', () => {
    for (const { person, posture } of [
      { person: { stature: 1.62, mass: 68, age: 74, limits: { kneeFlexionMax: 30 * DEG } }, posture: 'bow' },
      { person: { stature: 1.74, mass: 80, age: 86 }, posture: 'empty-ball' },
    ]) {
      const body = resolveBody({ ...person, sex: 'female' })
      const stance = buildPosture(postureOf(posture), body, 'long-upright', 'left')
      const whole = findVariants(body, stance).variants.filter(({ kind }) => kind === 'nearest' || kind === 'help')
      const { variants, weighed } = findVariants(body, stance, { leastOnly: true })
      expect(variants.map(({ kind, stance: found }) => [kind, found])).toEqual(
        whole.map(({ kind, stance: found }) => [kind, found]),
      )
      expect(weighed).toBeLessThan(findVariants(body, stance).weighed)
    }
  })

  it('is the same each time', () => {
    const { body, stance } = STANCES[3] as (typeof STANCES)[0]
    expect(findVariants(body, stance)).toEqual(findVariants(body, stance))
  })

  it('is a seat, with the limits that stand against it, where no leg may carry anything', () => {
    const body = resolveBody({
      stature: 1.7,
      mass: 70,
      sex: 'male',
      limits: { kneeFlexionMax: 2 * DEG, kneeFlexionMin: 5 * DEG },
    })
    const { variants, conflicts } = findVariants(body, buildPosture(postureOf('bow'), body, 'long-upright', 'left'))
    expect(variants.map((v) => v.kind)).toEqual(['seated'])
    expect(conflicts.map((f) => f.code)).toContain('knee.flexion')
  })

  it('is a measurement where the uncertainty decides, and that measurement settles it', () => {
    const person: Person = {
      stature: 1.62,
      mass: 60,
      sex: 'female',
      age: 70,
      limits: { loadMax: { left: 1, right: 1 } },
    }
    const body = resolveBody({ ...person, swayReserve: 0.03 })
    const stance = { ...buildPosture(postureOf('parallel'), body, 'therapeutic', 'left'), loadLeft: 0.5 }
    const { measurements } = findVariants(body, stance)
    const usable = measurements.find((m) => m.cause === 'usable')
    expect(usable).toBeDefined()
    const measured = resolveBody({
      ...person,
      swayReserve: 0.03,
      usableAlong: body.usableAlong,
      usableAcross: body.usableAcross,
    })
    expect(analyse(measured, stance, QUICK).assured.margin).toBeCloseTo(usable?.margin as number, 3)
  })
})

describe('help comes in the order in which a teacher gives it', () => {
  const PERSON: Person = { stature: 1.62, mass: 68, sex: 'female', age: 74 }
  const find = (limits: Person['limits'], posture: string, side: 'left' | 'right') => {
    const body = resolveBody({ ...PERSON, ...(limits && { limits }) })
    const stance = buildPosture(postureOf(posture), body, 'long-upright', side)
    return { body, stance, found: findVariants(body, stance) }
  }

  it('the other side as it is, where the weight falls on the leg that may carry it', () => {
    const { body, stance, found } = find({ loadMax: { left: 0.5, right: 1 } }, 'empty-ball', 'right')
    const [first] = found.variants
    expect([first?.kind, first?.changes.map(({ what, to }) => [what, to])]).toEqual(['other-side', [['side', 'left']]])
    expect(first?.stance.loadLeft).toBeCloseTo(1 - stance.loadLeft, 12)
    expect(analyse(body, first?.stance as Stance, QUICK).verdict).toBe('holds')
  })

  it('another use of the posture, before anybody is sat down: the weight behind, on the leg that may carry it', () => {
    const { body, stance, found } = find({ loadMax: { left: 0.3, right: 1 } }, 'bow', 'left')
    const use = found.variants.find(({ kind }) => kind === 'nearest') as (typeof found.variants)[0]
    expect([use.givesUp, use.stance.loadLeft <= 0.3]).toEqual([['front'], true])
    expect(analyse(body, use.stance, QUICK).verdict).toBe('holds')
    expect(found.variants.map(({ kind }) => kind)).not.toContain('seated')
    // Such a form is known to hold: 18 % on that leg, a hand's breadth of step.
    const known: Stance = {
      ...stance,
      feet: {
        left: { ...stance.feet.left, heel: [-0.121, 0.25875] },
        right: { ...stance.feet.right, heel: [0.121, 0.08625] },
      },
      loadLeft: 0.18,
      height: { kneeFlexion: 25 * DEG, leg: 'right' },
    }
    expect(analyse(body, known, QUICK).verdict).toBe('holds')
  })

  it('no other side for whoever is the same on both, nor of a posture that is', () => {
    for (const [limits, posture] of [
      [{ kneeFlexionMax: 20 * DEG }, 'bow'],
      [{ loadMax: { left: 0.2, right: 1 } }, 'parallel'],
    ] as const) {
      const kinds = find(limits, posture, 'left').found.variants.map(({ kind }) => kind)
      expect([kinds.includes('other-side'), kinds.includes('nearest')]).toEqual([false, true])
    }
  })
})
