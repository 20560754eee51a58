import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { buildPosture, InputError, POSTURE_IDS, postureOf, resolveBody, SCHOOL_IDS, SIDES } from '@/core'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { IN_DOCUMENTS } from '@/words/documents'
import { ENGLISH } from '@/words/english'
import { sayError } from '@/words/errors'
import { analyseDocument } from './analyse-document'
import { fromStance } from './from-core'
import { parse } from './parse'
import { personDocument } from './person-document'
import { stanceBody, stanceDocument } from './stance-document'
import { toPerson, toStance } from './to-core'

const GOOD = {
  format: 'nivrel.stance/1',
  person: { statureM: 1.62, massKg: 68 },
  stance: { feet: { left: { heel: [-0.14, 0.3] }, right: { heel: [0.14, 0] } } },
}

type Change = (doc: Record<string, unknown>) => void

/** The good document with one thing set, by its dotted path. */
const set =
  (path: string, value: unknown): Change =>
  (doc) => {
    const keys = path.split('.')
    const last = keys.pop() as string
    let at = doc
    for (const key of keys) {
      at[key] ??= {}
      at = at[key] as Record<string, unknown>
    }
    at[last] = value
  }

const LEFT_AIR = set('stance.feet.left.contact', 'air')
const SUPPORT = { kind: 'chair-back', hand: 'left', at: [-0.4, 0.3, 0.9] }

// Forty ways to break a document, each with the field that the error names.
const BROKEN: [string, ...Change[]][] = [
  ['format', set('format', 'nivrel.stance/2')],
  ['format', set('format', undefined)],
  ['person', set('person', null)],
  ['person.statureM', set('person.statureM', 0.99)],
  ['person.statureM', set('person.statureM', 2.31)],
  ['person.statureM', set('person.statureM', '1.62')],
  ['person.massKg', set('person.massKg', 24)],
  ['person.massKg', set('person.massKg', Number.POSITIVE_INFINITY)],
  ['person.massKg', set('person.massKg', Number.NaN)],
  ['person.ageYears', set('person.ageYears', 4)],
  ['person.sex', set('person.sex', 'woman')],
  ['person.usableAlong', set('person.usableAlong', 0)],
  ['person.usableAcross', set('person.usableAcross', 1.1)],
  ['person.swayReserveM', set('person.swayReserveM', -0.01)],
  ['person.footLengthM', set('person.footLengthM', 24)],
  ['person.lengths.thighM', set('person.lengths.thighM', { left: 0.4 })],
  ['person.limits.kneeFlexionMaxDeg', set('person.limits.kneeFlexionMaxDeg', 141)],
  ['person.limits.loadMaxPct.left', set('person.limits.loadMaxPct', { left: 101, right: 50 })],
  ['person.limits.loadMaxPct', set('person.limits.loadMaxPct', { left: 40, right: 40 })],
  ['stance', set('stance', 'bow')],
  ['stance.feet', set('stance.feet', [])],
  ['stance.feet.left.heel', set('stance.feet.left.heel', [-0.14])],
  ['stance.feet.left.heel', set('stance.feet.left.heel', [Number.NaN, 0])],
  ['stance.feet.left.heel', set('stance.feet.left.heel', [0.14, '0'])],
  ['stance.feet.left.toeOutDeg', set('stance.feet.left.toeOutDeg', 101)],
  ['stance.feet.right.contact', set('stance.feet.right.contact', 'flat')],
  ['stance.feet.right.pressureAt', set('stance.feet.right.pressureAt', 1.2)],
  ['stance.feet', set('stance.feet.left.heel', [0.12, 0.02])],
  ['stance.feet', set('stance.feet.left.heel', [-1.5, 0.5])],
  ['stance.feet', LEFT_AIR, set('stance.feet.right.contact', 'air')],
  ['stance.feet.right.heel', set('stance.feet.left.heel', [-0.14, 1.2]), set('stance.loadLeftPct', 100)],
  ['stance.loadLeftPct', set('stance.loadLeftPct', 100.5)],
  ['stance.loadLeftPct', LEFT_AIR, set('stance.loadLeftPct', 10)],
  ['stance.height', set('stance.height', { kneeFlexionDeg: 20, pelvisDropM: 0.02 })],
  ['stance.height.kneeFlexionDeg', set('stance.height', { kneeFlexionDeg: 150 })],
  ['stance.trunk.pitchDeg', set('stance.trunk', { pitchDeg: -31 })],
  ['stance.arms.left.elevationDeg', set('stance.arms', { left: { elevationDeg: 181 } })],
  ['stance.supports.0.at', set('stance.supports', [{ ...SUPPORT, at: [-2, 0, 0.9] }])],
  ['stance.supports.0.towardDeg', set('stance.supports', [{ ...SUPPORT, kind: 'wall' }])],
  ['stance.supports.1.hand', set('stance.supports', [SUPPORT, SUPPORT])],
]

function refusal(doc: unknown): InputError {
  try {
    analyseDocument(doc, IN_DOCUMENTS)
  } catch (error) {
    if (error instanceof InputError) return error
    throw error
  }
  throw new Error('it was accepted')
}

it('an order on a hip is that of the limit which is given, and of both where none or both are', () => {
  const hips = (limits: object) => {
    const { left, right } = toPerson(personDocument.parse({ statureM: 1.6, massKg: 60, limits })).limits ?? {}
    return [left, right].map((side) => [side?.hipInwardOrdered ?? false, side?.hipOutwardOrdered ?? false])
  }
  expect(hips({ hipOrdered: true, hipInwardMaxDeg: 10 })).toEqual([
    [true, false],
    [true, false],
  ])
  expect(hips({ left: { hipOrdered: true, hipOutwardMaxDeg: 40 } })).toEqual([
    [false, true],
    [false, false],
  ])
  expect(hips({ hipOrdered: true, right: { hipOutwardMaxDeg: 40 } })).toEqual([
    [true, true],
    [false, true],
  ])
  expect(hips({ hipInwardOrdered: true, left: { hipInwardOrdered: false } })).toEqual([
    [false, false],
    [true, false],
  ])
})

describe('a stance document', () => {
  it('is accepted with the least that it needs', () => {
    expect(analyseDocument(GOOD, IN_DOCUMENTS).verdict).toMatch(/holds|close|beyond/)
  })

  it.each(BROKEN)('is refused at %s', (field, ...changes) => {
    const doc = structuredClone(GOOD)
    for (const change of changes) change(doc)
    const error = refusal(doc)
    expect(error.field).toBe(field)
    expect(sayError(error, ENGLISH)).toMatch(/: accepted is .{3,}/)
    expect(sayError(error, ENGLISH)).not.toMatch(/undefined|NaN/)
  })

  it('keeps keys that it does not know, wherever they are', () => {
    const doc = {
      ...GOOD,
      mine: 1,
      person: { ...GOOD.person, nickname: 'Odd' },
      stance: { ...GOOD.stance, tape: 'red' },
    }
    expect(parse(stanceDocument, doc)).toEqual(doc)
  })

  it('gives the same stance after going to the core and back', () => {
    fc.assert(
      fc.property(anyStance, (stance) => {
        const doc = parse(stanceBody, fromStance(stance))
        const again = fromStance(toStance(doc))
        expect(again).toEqual(doc)
      }),
    )
  })

  it('never gives NaN, infinity or a crash, whatever valid stance it holds', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, (person, stance) => {
        const doc = {
          format: 'nivrel.stance/1',
          person: { statureM: person.stature, massKg: person.mass, sex: person.sex },
          stance: fromStance(stance),
        }
        try {
          expectFinite(analyseDocument(doc, IN_DOCUMENTS))
        } catch (error) {
          if (!(error instanceof InputError)) throw error
          expect(error.field).not.toBe('')
        }
      }),
      { numRuns: 150 },
    )
  })
})

function expectFinite(value: unknown, path = ''): void {
  if (typeof value === 'number') expect(Number.isFinite(value), path).toBe(true)
  else if (value && typeof value === 'object')
    for (const [key, inner] of Object.entries(value)) expectFinite(inner, `${path}.${key}`)
}

describe('the postures', () => {
  const people = [
    { stature: 1.45, mass: 44, sex: 'female' as const, age: 88 },
    { stature: 1.65, mass: 70, sex: 'unspecified' as const },
    { stature: 1.95, mass: 120, sex: 'male' as const, age: 40 },
  ]
  const all = POSTURE_IDS.flatMap((posture) =>
    SCHOOL_IDS.flatMap((school) => SIDES.map((side) => [posture, school, side] as const)),
  )

  it.each(all)('%s, %s, %s can be stood by small and tall, within the balance of its base', (posture, school, side) => {
    for (const person of people) {
      const stance = buildPosture(postureOf(posture), resolveBody(person), school, side)
      const doc = {
        format: 'nivrel.stance/1',
        person: { statureM: person.stature, massKg: person.mass, sex: person.sex },
        stance: fromStance(stance),
      }
      const { findings } = analyseDocument(doc, IN_DOCUMENTS)
      expect(findings.filter((f) => f.severity === 'hard')).toEqual([])
    }
  })
})
