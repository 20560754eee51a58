import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HOUSE_KEYS, HOUSE_RULES, InputError, LIBRARY, postureOf, SCHOOL_IDS } from '@/core'
import { IN_DOCUMENTS } from '@/words/documents'
import { ENGLISH } from '@/words/english'
import { sayError } from '@/words/errors'
import { readTexts } from '@/words/postures'
import { fitDocument } from './fit-document'
import { houseDocument, toHouse } from './house-document'
import { houseKeyInDocument, readHouse, writeHouse } from './house-keys'
import { parse } from './parse'
import { planDocument } from './plan-document'
import { fromMeasures, fromPosture, mergeLibrary, postureDocument, toMeasures, toPosture } from './posture-document'

function refusedBy(run: () => unknown): InputError {
  try {
    run()
  } catch (error) {
    if (error instanceof InputError) return error
    throw error
  }
  throw new Error('it was accepted')
}

const ANNA = { name: 'Anna', person: { statureM: 1.62, massKg: 64, ageYears: 70, usableAlong: 0.55 } }
const BO = { name: 'Bo', person: { statureM: 1.75, massKg: 80, ageYears: 66, limits: { kneeFlexionMaxDeg: 30 } } }
const BRUSH_KNEE = fromMeasures(postureOf('brush-knee').measures['long-upright'])
const REQUEST = { format: 'nivrel.fit-request/1', posture: 'brush-knee', people: [ANNA, BO] }

describe('a class and its posture', () => {
  it('come back as levels, with who does which', () => {
    const fit = fitDocument({ ...REQUEST, levels: 2 }, IN_DOCUMENTS)
    expect(fit.format).toBe('nivrel.fit/1')
    expect(fit.people.map(({ name }) => name)).toEqual(['Anna', 'Bo'])
    expect(fit.levels[0]).toMatchObject({ title: 'As taught', change: 0, people: ['Anna'] })
    for (const { name, level, ...done } of fit.people) {
      if (level === null) continue
      expect(fit.levels[level]?.people, name).toContain(name)
      expect(done).toMatchObject({ kind: 'level', verdict: 'holds' })
    }
    expect(fit.oneFewer?.levels).toBe(1)
  })

  it('may be a posture of one’s own, by its measures', () => {
    const own = fitDocument({ ...REQUEST, posture: undefined, measures: BRUSH_KNEE }, IN_DOCUMENTS)
    expect(own.levels[0]?.measures).toEqual(BRUSH_KNEE)
    expect(own.levels[0]?.people).toEqual(['Anna'])
  })

  const broken: [string, object][] = [
    ['format', { format: 'nivrel.fit/1' }],
    ['people', { people: [] }],
    ['people', { people: 'Anna' }],
    ['people', { people: Array.from({ length: 201 }, () => ANNA) }],
    ['people.1.person.massKg', { people: [ANNA, { ...BO, person: { ...BO.person, massKg: 8 } }] }],
    ['people.0.name', { people: [{ ...ANNA, name: 7 }] }],
    ['posture', { posture: 'the hop' }],
    ['posture', { posture: undefined }],
    ['school', { school: 'loud' }],
    ['side', { side: 'both' }],
    ['levels', { levels: 4 }],
    ['chairs', { chairs: 'two' }],
    ['measures.stepStatures', { measures: { ...BRUSH_KNEE, stepStatures: 3 } }],
  ]
  it.each(broken)('is refused by %s', (field, change) => {
    const error = refusedBy(() => fitDocument({ ...REQUEST, ...change }, IN_DOCUMENTS))
    expect(error.field).toBe(field)
    expect(sayError(error, ENGLISH).length).toBeGreaterThan(error.field.length + 15)
  })
})

const bowDocument = () => fromPosture(postureOf('bow'), readTexts({ id: 'bow', own: null }, ENGLISH))

describe('a posture as a document', () => {
  it('is the same posture after going out and coming back, in every school', () => {
    for (const posture of LIBRARY) {
      const texts = readTexts({ ...posture, own: null }, ENGLISH)
      const out = fromPosture(posture, texts)
      const again = toPosture(posture.id, parse(postureDocument, JSON.parse(JSON.stringify(out))))
      expect(fromPosture(again, readTexts(again, ENGLISH))).toEqual(out)
      expect({ ...again, measures: 0 }).toEqual({ ...posture, own: texts, measures: 0 })
      for (const school of SCHOOL_IDS) {
        expect(again.measures[school].kneeFlexion).toBeCloseTo(posture.measures[school].kneeFlexion, 9)
      }
    }
  })

  it('of one school stands in for the others, or leaves them as they shipped', () => {
    const bow = bowDocument()
    const mine = { 'low-coiling': { ...bow.measures['low-coiling'], kneeFlexionDeg: 60 } }
    const document = parse(postureDocument, { ...bow, measures: mine })
    expect(toPosture('bow', document).measures.therapeutic).toEqual(postureOf('bow').measures.therapeutic)
    const own = toPosture('own-1', document)
    expect(own.measures.therapeutic).toEqual(toMeasures(document.measures['low-coiling'] as never))
  })

  it('takes its place in the library; one of one’s own comes last, and nothing is lost', () => {
    const changed = { ...bowDocument(), cue: 'Step, then fill.' }
    const own = { ...bowDocument(), name: 'Harbour bow' }
    const library = mergeLibrary([
      { id: 'own-1', document: own },
      { id: 'bow', document: changed },
    ])
    expect(library.map(({ id }) => id)).toEqual([...LIBRARY.map(({ id }) => id), 'own-1'])
    expect(library.find(({ id }) => id === 'bow')?.own?.cue).toBe('Step, then fill.')
    expect(library.find(({ id }) => id === 'horse')?.own).toBeNull()
  })

  it('is refused by its field', () => {
    const bow = bowDocument()
    const field = (change: object) => refusedBy(() => parse(postureDocument, { ...bow, ...change })).field
    expect(field({ name: ' ' })).toBe('name')
    expect(field({ keeps: ['charm'] })).toBe('keeps.0')
    expect(field({ measures: {} })).toBe('measures')
    expect(field({ measures: { therapeutic: { ...bow.measures.therapeutic, ownLoadPct: 120 } } })).toBe(
      'measures.therapeutic.ownLoadPct',
    )
  })
})

describe('the house’s rules as a document', () => {
  it('go out and come back, each within its range and by a key that carries its unit', () => {
    const anyRule = fc.constantFrom(...HOUSE_KEYS).chain((key) =>
      fc.record({
        key: fc.constant(key),
        value: fc.double({ min: HOUSE_RULES[key].min, max: HOUSE_RULES[key].max, noNaN: true }),
      }),
    )
    fc.assert(
      fc.property(anyRule, ({ key, value }) => {
        const document = { [houseKeyInDocument(key)]: writeHouse(key, value) }
        expect(toHouse(parse(houseDocument, document))[key]).toBeCloseTo(value, 8)
        expect(readHouse(key, writeHouse(key, value))).toBeCloseTo(value, 8)
      }),
    )
    expect(houseKeyInDocument('leanForward')).toBe('leanForwardDeg')
    expect(houseKeyInDocument('swayReserve')).toBe('swayReserveM')
  })

  it('are refused outside it', () => {
    for (const key of HOUSE_KEYS) {
      const { max } = HOUSE_RULES[key]
      const name = houseKeyInDocument(key)
      expect(refusedBy(() => parse(houseDocument, { [name]: writeHouse(key, max) * 1.01 + 0.01 })).field).toBe(name)
    }
  })
})

it('a class’s plan holds at most three levels, and people by whole numbers of them', () => {
  const measures = fromMeasures(postureOf('bow').measures.therapeutic)
  const level = { title: 'Short', sentence: 'a short step', measures }
  const plan = {
    format: 'nivrel.plan/1',
    school: 'therapeutic',
    side: 'right',
    levels: [level],
    people: [{ id: 'a', level: 0, kind: 'level', stance: null }],
  }
  expect(parse(planDocument, plan).people[0]).toMatchObject({ id: 'a', level: 0 })
  const field = (change: object) => refusedBy(() => parse(planDocument, { ...plan, ...change })).field
  expect(field({ levels: [level, level, level, level] })).toBe('levels')
  expect(field({ people: [{ id: 'a', level: 0.5, kind: 'level', stance: null }] })).toBe('people.0.level')
  expect(field({ people: [{ id: 'a', level: null, kind: 'guest', stance: null }] })).toBe('people.0.kind')
})
