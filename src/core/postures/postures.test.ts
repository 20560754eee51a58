import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { tryAnalyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG, otherSide, SIDES, type Side } from '../conventions'
import type { Stance } from '../stance/stance'
import { layOut, trackOf } from './measures'
import { buildPosture } from './posture'
import { LIBRARY, postureOf } from './postures'
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from './schools'

const anyPosture = fc.constantFrom(...LIBRARY)
const anySchool = fc.constantFrom(...SCHOOL_IDS)
const anyBody = fc
  .record({ stature: fc.double({ min: 1.45, max: 1.95, noNaN: true }), mass: fc.integer({ min: 45, max: 120 }) })
  .map(({ stature, mass }) => resolveBody({ stature, mass, sex: 'unspecified' }))

const footOf = ({ feet }: Stance, side: Side) => {
  const { heel, ...rest } = feet[side]
  return { ...rest, out: side === 'left' ? -heel[0] : heel[0], ahead: heel[1] }
}

describe('a posture of the library', () => {
  it('is known by one id, and says what carries its meaning', () => {
    expect(new Set(LIBRARY.map(({ id }) => id)).size).toBe(LIBRARY.length)
    for (const { id, keeps } of LIBRARY) {
      expect(keeps.length, id).toBeGreaterThan(0)
      expect(new Set(keeps).size, id).toBe(keeps.length)
    }
    expect(() => postureOf('the hop')).toThrow('the hop')
  })

  it('is the same on either side, left for right', () => {
    fc.assert(
      fc.property(anyPosture, anySchool, anyBody, (posture, school, body) => {
        const [left, right] = SIDES.map((side) => buildPosture(posture, body, school, side)) as [Stance, Stance]
        for (const side of SIDES) {
          expect(footOf(left, side)).toEqual(footOf(right, otherSide(side)))
          expect(left.arms[side]).toEqual(right.arms[otherSide(side)])
        }
        expect(left.loadLeft).toBeCloseTo(1 - right.loadLeft, 12)
        expect([left.pelvisYaw, left.trunk.yaw, left.trunk.roll]).toEqual(
          [-right.pelvisYaw, -right.trunk.yaw, -right.trunk.roll].map((angle) => expect.closeTo(angle, 12)),
        )
        const [a, b] = [tryAnalyse(body, left), tryAnalyse(body, right)]
        expect(a?.verdict).toBe(b?.verdict)
        expect(a?.assured.margin).toBeCloseTo(b?.assured.margin ?? Number.NaN, 9)
      }),
    )
  })

  it('without a side puts both feet alike', () => {
    const body = resolveBody({ stature: 1.7, mass: 70, sex: 'female' })
    for (const posture of LIBRARY.filter(({ sided }) => !sided)) {
      for (const school of SCHOOL_IDS) {
        const stance = buildPosture(posture, body, school, 'left')
        expect(footOf(stance, 'left'), `${posture.id} ${school}`).toEqual(footOf(stance, 'right'))
        expect(stance.loadLeft).toBe(0.5)
      }
    }
  })

  it('grows with the body that it is laid out for, to the millimetre', () => {
    fc.assert(
      fc.property(anyPosture, anySchool, anyBody, (posture, school, body) => {
        fc.pre(!posture.measures[school].seated)
        const measures = posture.measures[school]
        const { feet } = layOut(measures, body, 'left')
        expect(feet.right.heel[0] - feet.left.heel[0]).toBeCloseTo(trackOf(measures, body), 2)
        expect(feet.left.heel[1] - feet.right.heel[1]).toBeCloseTo(measures.step * body.stature, 2)
        for (const metres of [...feet.left.heel, ...feet.right.heel]) {
          expect(metres * 1000).toBeCloseTo(Math.round(metres * 1000), 9)
        }
      }),
    )
  })

  it('reaches the bend that it asks of its knee, within a degree, in a middling body', () => {
    const body = resolveBody({ stature: 1.68, mass: 70, sex: 'unspecified', age: 40 })
    for (const posture of LIBRARY) {
      for (const school of SCHOOL_IDS) {
        const stance = buildPosture(posture, body, school, 'left')
        if (stance.seat || !('kneeFlexion' in stance.height)) continue
        const legs = tryAnalyse(body, stance)?.legs
        const named = stance.height.leg ?? (stance.loadLeft >= 0.5 ? 'left' : 'right')
        const reached = (legs?.[named].flexion ?? 0) / DEG
        expect(Math.abs(reached - stance.height.kneeFlexion / DEG), `${posture.id} ${school}`).toBeLessThan(1)
      }
    }
  })
})

/** What each school is taught by; every figure a range. */
const TAUGHT: Record<SchoolId, { load: [number, number]; toeOut: [number, number]; knee: [number, number] }> = {
  'long-upright': { load: [60, 70], toeOut: [45, 45], knee: [25, 45] },
  'small-inclined': { load: [90, 100], toeOut: [0, 15], knee: [10, 45] },
  'low-coiling': { load: [60, 65], toeOut: [45, 60], knee: [45, 80] },
  'high-follow': { load: [70, 80], toeOut: [30, 45], knee: [10, 25] },
  therapeutic: { load: [55, 65], toeOut: [30, 45], knee: [10, 25] },
}

describe('the schools', () => {
  it.each(SCHOOL_IDS)('%s stands its bow as it is taught', (school) => {
    const { own, other, ownLoad, kneeFlexion, trunk } = postureOf('bow').measures[school]
    const { load, toeOut, knee } = TAUGHT[school]
    const within = (value: number, [least, most]: [number, number]) => value >= least - 1e-9 && value <= most + 1e-9
    expect(within(ownLoad * 100, load), `${ownLoad}`).toBe(true)
    expect(within(other.toeOut / DEG, toeOut), `${other.toeOut / DEG}`).toBe(true)
    expect(within(kneeFlexion / DEG, knee), `${kneeFlexion / DEG}`).toBe(true)
    expect(own.toeOut).toBeLessThanOrEqual(0)
    // Only the small frame leans, and in one line.
    expect(trunk.pitch > 0).toBe(school === 'small-inclined')
    expect(SCHOOLS[school].frame === 'inclined').toBe(school === 'small-inclined')
    expect(other.contact).toBe(school === 'high-follow' ? 'ball' : 'whole')
  })

  it('differ where they are told apart: the lowest is lowest and widest, the high ones short', () => {
    const bow = (school: SchoolId) => postureOf('bow').measures[school]
    for (const school of SCHOOL_IDS) {
      if (school === 'low-coiling') continue
      expect(bow(school).kneeFlexion).toBeLessThan(bow('low-coiling').kneeFlexion)
      expect(bow(school).track).toBeLessThan(bow('low-coiling').track)
    }
    expect(bow('high-follow').step).toBeLessThan(bow('long-upright').step)
    expect(bow('therapeutic').step).toBeLessThan(bow('long-upright').step)
    expect(bow('therapeutic').track).toBeGreaterThanOrEqual(bow('long-upright').track)
  })
})
