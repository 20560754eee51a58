import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyCosts } from '@/testing/costs'
import { analyse } from '../analysis'
import { type Body, resolveBody } from '../body/body'
import type { Limits, Person } from '../body/person'
import { DEG, type Side, type Vec2 } from '../conventions'
import { type Candidate, listCandidates } from '../postures/candidates'
import { layOut, measureStance } from '../postures/measures'
import { postureOf } from '../postures/postures'
import { SCHOOL_IDS } from '../postures/schools'
import type { Stance } from '../stance/stance'
import { calcDeeperBend, isAsSaid } from './as-said'
import { chooseLevels, readChoice } from './choose-levels'
import { chooseForClass, readAsTaught, standLevel, weighBody } from './fit-class'
import { findOwnForm } from './form'
import type { Taught } from './weigh-levels'

const INFINITE = Number.POSITIVE_INFINITY

/** Every set of at most `most` candidates, tried one by one: fewest left out, then least change. */
function enumerate(costs: readonly Float64Array[], most: number): { unfitted: number; total: number } {
  const count = costs[0]?.length ?? 0
  let best = { unfitted: costs.length, total: 0 }
  const visit = (from: number, chosen: number[]) => {
    const { unfitted, total } = readChoice(costs, chosen)
    if (unfitted < best.unfitted || (unfitted === best.unfitted && total < best.total - 1e-9))
      best = { unfitted, total }
    if (chosen.length === most) return
    for (let i = from; i < count; i++) visit(i + 1, [...chosen, i])
  }
  visit(0, [])
  return best
}

describe('the choice of levels', () => {
  it('finds what trying every set finds, for one, two and three levels', () => {
    fc.assert(
      fc.property(anyCosts, fc.integer({ min: 1, max: 3 }), (costs, most) => {
        const { unfitted, total, levels, of } = chooseLevels(costs, most)
        expect({ unfitted, total: expect.closeTo(total, 9) }).toEqual(enumerate(costs, most))
        expect(levels.length).toBeLessThanOrEqual(most)
        of.forEach((place, person) => {
          if (place >= 0) expect(costs[person]?.[levels[place] as number]).toBeLessThan(INFINITE)
        })
        expect(new Set(of.filter((place) => place >= 0)).size).toBe(levels.length)
      }),
      { numRuns: 300 },
    )
  })

  it('finds the same where costs are only known from below until they are asked for, and asks for few', () => {
    fc.assert(
      fc.property(anyCosts, fc.integer({ min: 1, max: 3 }), (costs, most) => {
        const known = costs.map((row) => row.map((value) => (value === INFINITE ? 1 : value / 2)))
        const asked = new Set<string>()
        const isExact = (person: number, candidate: number) => asked.has(`${person} ${candidate}`)
        const ask = (person: number, candidate: number) => {
          asked.add(`${person} ${candidate}`)
          return costs[person]?.[candidate] as number
        }
        const { unfitted, total } = chooseLevels(known, most, isExact, ask)
        expect({ unfitted, total: expect.closeTo(total, 9) }).toEqual(enumerate(costs, most))
      }),
      { numRuns: 150 },
    )
  })

  it('takes fewer levels where more buy nothing, and none where nobody passes', () => {
    expect(chooseLevels([Float64Array.of(0, 1), Float64Array.of(0, 2)], 3).levels).toEqual([0])
    expect(chooseLevels([Float64Array.of(INFINITE)], 3)).toMatchObject({ levels: [], of: [-1], unfitted: 1 })
  })
})

const somebody = (more: Partial<Person>, limits?: Limits): Body =>
  resolveBody({ stature: 1.66, mass: 70, sex: 'female', age: 68, ...more, ...(limits && { limits }) })

const CLASS: Body[] = [
  somebody({ stature: 1.72, sex: 'male', age: 60 }),
  somebody({ age: 84, stature: 1.53, mass: 52 }),
  somebody({}, { left: { kneeFlexionMax: 30 * DEG } }),
  somebody({}, { loadMax: { left: 0.5, right: 1 } }),
  somebody({ age: 86 }, { support: 'chair-back' }),
  somebody({}, { seatedOnly: true }),
]

const fitGroup = (posture: string, bodies: readonly Body[], levels: 1 | 2 | 3 = 3, chairs = true) => {
  const { measures, keeps } = postureOf(posture)
  const taught: Taught = { posture, side: 'left', keeps }
  const weighed = bodies.map((body) => weighBody(body, measures['long-upright'], taught, chairs))
  const found = chooseForClass(bodies, measures['long-upright'], taught, weighed, { levels, chairs })
  const chosen = found.choice.levels.map((index) => found.candidates[index] as Candidate)
  return { ...found, measures: measures['long-upright'], taughtAs: taught, chosen, weighed }
}

describe('a class against a posture', () => {
  it.each(['brush-knee', 'white-crane', 'golden-rooster', 'cloud-hands'])(
    'every assignment of %s passes every limit',
    (posture) => {
      const { choice, chosen, candidates, taughtAs } = fitGroup(posture, CLASS)
      const [asTaught] = candidates as [Candidate, ...Candidate[]]
      choice.of.forEach((place, i) => {
        if (place < 0) return
        const { stance, analysis, passes } = standLevel(
          CLASS[i] as Body,
          chosen[place] as Candidate,
          asTaught,
          taughtAs,
          true,
        )
        expect(passes).toBe(true)
        expect(analysis?.verdict).toBe('holds')
        expect(analysis?.findings.filter(({ severity }) => severity === 'hard')).toEqual([])
        // What is said of the knees is what they do.
        if (chosen[place] !== asTaught) {
          expect(calcDeeperBend(CLASS[i] as Body, { ...stance, supports: [] })).toBeLessThanOrEqual(2.5 * DEG)
        }
        expect(analysis?.assured.margin).toBeGreaterThanOrEqual(analysis?.reserve ?? INFINITE)
        // What is drawn for the lane is the level itself, with at most a hand on a support.
        expect({ ...stance, supports: [] }).toEqual({
          ...layOut((chosen[place] as Candidate).measures, CLASS[i] as Body, 'left', posture, taughtAs.keeps),
          supports: [],
        })
      })
      expect(choice.of[5]).toBe(-1)
    },
  )

  it('holds for classes as they come', () => {
    const person = fc.record({
      stature: fc.double({ min: 1.5, max: 1.9, noNaN: true }),
      age: fc.integer({ min: 55, max: 90 }),
      knee: fc.constantFrom(undefined, 20, 30, 45),
      load: fc.constantFrom(1, 1, 0.6, 0.4),
      support: fc.constantFrom(undefined, undefined, 'chair-back' as const, 'wall' as const),
    })
    fc.assert(
      fc.property(
        fc.array(person, { minLength: 1, maxLength: 4 }),
        fc.constantFrom('bow', 'golden-rooster'),
        (people, posture) => {
          const bodies = people.map(({ stature, age, knee, load, support }) =>
            somebody(
              { stature, age },
              {
                ...(knee !== undefined && { kneeFlexionMax: knee * DEG }),
                loadMax: { left: load, right: 1 },
                ...(support && { support }),
              },
            ),
          )
          const { choice, chosen, candidates, taughtAs, fewer } = fitGroup(posture, bodies, 2)
          choice.of.forEach((place, i) => {
            if (place < 0) return
            const body = bodies[i] as Body
            const { analysis } = standLevel(
              body,
              chosen[place] as Candidate,
              candidates[0] as Candidate,
              taughtAs,
              true,
            )
            expect(analysis?.verdict).toBe('holds')
          })
          // One level less never leaves out fewer.
          expect(fewer?.unfitted ?? 0).toBeGreaterThanOrEqual(choice.unfitted)
        },
      ),
      { numRuns: 12 },
    )
  })

  it('agrees with the search where everybody is weighed against everything', () => {
    const small = CLASS.slice(0, 4)
    const { weighed, measures, taughtAs, candidates, choice } = fitGroup('golden-rooster', small)
    const whole = small.map((body) =>
      Float64Array.from(candidates, (candidate, i) => {
        const stood = standLevel(body, candidate, candidates[0] as Candidate, taughtAs, true)
        if (!stood.passes || (i > 0 && !isAsSaid(body, { ...stood.stance, supports: [] }))) return INFINITE
        return candidate.distance + (stood.stance.supports.length > 0 ? 2 : 0)
      }),
    )
    expect(choice).toEqual(chooseLevels(whole, 3))
    weighed.forEach(({ costs, exact }, person) => {
      for (let i = 0; i < costs.length; i++) {
        if (exact[i]) expect(costs[i]).toBe(whole[person]?.[i])
        else expect(costs[i]).toBeLessThanOrEqual(whole[person]?.[i] ?? 0)
      }
    })
    expect(measures).toBe(postureOf('golden-rooster').measures['long-upright'])
  })

  it('gives a form of their own or a seat to whom no level fits', () => {
    const { measures, keeps } = postureOf('brush-knee')
    const taught: Taught = { posture: 'brush-knee', side: 'left', keeps }
    const form = (body: Body) => findOwnForm(body, measures['long-upright'], taught)
    expect(form(somebody({}, { seatedOnly: true }))).toMatchObject({ kind: 'seated' })
    expect(form(somebody({}, { left: { kneeFlexionMax: 33 * DEG } })).kind).toBe('own')
    expect(form(somebody({}, { loadMax: { left: 0, right: 1 } })).stance?.seat).toBeDefined()
    // Toes that point at each other are no form to stand in.
    const { stance } = findOwnForm(
      somebody({ age: 84, swayReserve: 0.024 }),
      postureOf('cloud-hands').measures['long-upright'],
      {
        posture: 'cloud-hands',
        side: 'left',
        keeps: postureOf('cloud-hands').keeps,
      },
    )
    for (const side of ['left', 'right'] as const) expect(stance?.feet[side].toeOut ?? 0).toBeGreaterThanOrEqual(-1e-9)
    // Even a chair bends a hip past 60°.
    expect(form(somebody({}, { hipFlexionMax: 20 * DEG, loadMax: { left: 0, right: 1 } })).kind).toBe('none')
  })

  it('reads the posture as taught with a hand where one is needed', () => {
    const { measures, keeps } = postureOf('bow')
    const taught: Taught = { posture: 'bow', side: 'left', keeps }
    const analysis = readAsTaught(somebody({ age: 60 }, { support: 'wall' }), measures['long-upright'], taught)
    expect(analysis?.pose.stance.supports).toMatchObject([{ kind: 'wall' }])
    expect(analysis?.findings.map(({ code }) => code)).not.toContain('support.needed')
  })
})

/** Heels are whole millimetres, so laying out twice may round once more. */
const rounded = (stance: Stance, again: Stance): unknown => {
  const near = (heel: Vec2) => heel.map((metres) => expect.closeTo(metres, 2))
  const foot = (side: Side) => ({
    ...stance.feet[side],
    heel: near(stance.feet[side].heel),
    clearance: expect.closeTo(stance.feet[side].clearance, 2),
  })
  expect(again.feet.left.heel).toHaveLength(2)
  return { ...stance, loadLeft: expect.closeTo(stance.loadLeft, 9), feet: { left: foot('left'), right: foot('right') } }
}

describe('the versions of a posture', () => {
  it('begin with it as taught, come nearest first, and are no two alike', () => {
    for (const id of ['bow', 'golden-rooster', 'horse', 'needle', 'single-whip']) {
      const { measures, keeps } = postureOf(id)
      for (const school of SCHOOL_IDS) {
        const candidates = listCandidates(measures[school], keeps)
        expect(candidates[0]).toEqual({ measures: measures[school], distance: 0 })
        for (let i = 1; i < candidates.length; i++) {
          expect((candidates[i] as Candidate).distance).toBeGreaterThanOrEqual(
            (candidates[i - 1] as Candidate).distance,
          )
        }
        const texts = candidates.map((one) => JSON.stringify(one.measures))
        expect(new Set(texts).size).toBe(texts.length)
      }
    }
  })

  it('change what the posture is for at twice the price', () => {
    const { measures } = postureOf('bow')
    const half = (keeps: Parameters<typeof listCandidates>[1]) =>
      listCandidates(measures['long-upright'], keeps).find(
        ({ measures: m }) =>
          JSON.stringify(m) ===
          JSON.stringify({ ...measures['long-upright'], step: 0.5 * measures['long-upright'].step }),
      )?.distance
    expect(half(['step'])).toBeCloseTo(2 * (half([]) ?? 0), 9)
    // Half of a step of 0.11 statures on 1.65 m is 9.08 cm: 0.9075 tens of centimetres.
    expect(half([])).toBeCloseTo((0.5 * 0.11 * 1.65) / 0.1, 9)
  })

  it('laid out again from the stance that they gave, are the same stance', () => {
    for (const id of ['bow', 'golden-rooster', 'half-facing', 'needle', 'cloud-hands']) {
      for (const side of ['left', 'right'] as const) {
        const body = somebody({ stature: 1.58 })
        const measures = postureOf(id).measures['low-coiling']
        const stance = layOut(measures, body, side, id)
        const { legs } = analyse(body, stance, { standing: null, withoutFreeTurn: true })
        const flexion = { left: legs.left.flexion, right: legs.right.flexion }
        const again = layOut(measureStance(stance, body, side, flexion), body, side, id)
        expect(again).toEqual(rounded(stance, again))
      }
    }
  })
})
