import { describe, expect, it } from 'vitest'
import { NO_LOAD } from '@/core'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { fromMeasures, mergeLibrary } from '@/documents/posture-document'
import type { BenchPerson } from '@/keeping/bench'
import type { Worked } from '@/teaching/lessons/work-piece'
import { ENGLISH } from '@/words/english'
import { listLanes } from './lanes'

const library = mergeLibrary([])
const bow = library.find(({ id }) => id === 'bow')
if (!bow) throw new Error('no bow')
const taught = fromMeasures(bow.measures.therapeutic)
const higher = { ...taught, kneeFlexionDeg: taught.kneeFlexionDeg - 10 }

const person = (id: string, more: Partial<BenchPerson> = {}) =>
  ({
    id,
    name: `${id} Quill`,
    document: { statureM: 1.62, massKg: 64 },
    planned: [],
    limits: [],
    watch: [],
    helperBeside: false,
    mark: 'here',
    ...more,
  }) as unknown as BenchPerson
const inLevel = (level: number, stance: unknown = null) =>
  ({
    planned: [{ groupId: 'tide', posture: 'bow', kind: 'level', level, levels: [taught, higher], taught, stance }],
  }) as unknown as Partial<BenchPerson>
const as = (what: Worked['as'], given: unknown = null): Worked => ({
  as: what,
  part: 1,
  rounds: 4,
  load: NO_LOAD,
  spareM: 0.01,
  bend: 0.3,
  room: [1, 1],
  given: given as Worked['given'],
})
const PIECE: PieceDocument = { id: 'p', kind: 'posture', posture: 'bow', minutes: 5 }
const LESSON: LessonDocument = { minutes: 5, pieces: [PIECE] }
const lanes = (people: BenchPerson[], worked: Record<string, Worked['as']>, piece = PIECE, given: unknown = null) =>
  listLanes(
    people,
    new Map(Object.entries(worked).map(([id, what]) => [id, as(what, given)])),
    piece,
    LESSON,
    library,
    'tide',
    ENGLISH,
  ).map(({ title, people: some, stance }) => ({ title, ids: some.map(({ id }) => id), stance }))

describe('who does the same of a piece', () => {
  it('stands together, from what is taught to who sits; half steps are half as long', () => {
    const found = lanes(
      ['a', 'b', 'c', 'd', 'e'].map((id) => person(id)),
      {
        a: 'seated',
        b: 'taught',
        c: 'steps',
        d: 'taught',
        e: 'in-place',
      },
    )
    expect(found.map(({ ids }) => ids)).toEqual([['b', 'd'], ['c'], ['e'], ['a']])
    const step = (at: number) => {
      const feet = found[at]?.stance?.feet
      return Math.abs((feet?.left.heel[1] ?? 0) - (feet?.right.heel[1] ?? 0))
    }
    expect(step(1)).toBeCloseTo(step(0) / 2, 6)
    expect(step(2)).toBeCloseTo(0, 6)
    expect(found[3]?.stance?.seat).toBeTruthy()
  })

  it('in their level of the class’s plan is called as the level is, in the form that it gives them', () => {
    const own = {
      side: 'right',
      feet: { left: { heel: [-0.14, 0] }, right: { heel: [0.14, 0.3] } },
      loadLeftPct: 35,
    }
    const inPlan = (stance: unknown) => ({ from: 'plan', of: 'Tide', stance, as: 'own', changes: [] })
    const found = lanes(
      [person('a', inLevel(1)), person('b', inLevel(1)), person('c', inLevel(0))],
      { a: 'own', b: 'own', c: 'own' },
      PIECE,
      inPlan(own),
    )
    expect(found.map(({ ids }) => ids)).toEqual([['a', 'b'], ['c']])
    const titles = found.map(({ title }) => title)
    expect(new Set(titles).size).toBe(2)
    expect(titles).not.toContain('Their own form')
    expect(found[0]?.stance?.feet.right.heel[1]).toBeCloseTo(0.3, 6)
    expect(found[0]?.stance?.loadLeft).toBeCloseTo(0.35, 6)
  })

  it('in a form that was found for them stands under what is changed, so that it can be said', () => {
    const found = { from: 'search', of: '', as: 'own', stance: { side: 'left', feet: {} } }
    const changes = [{ what: 'kneeFlexion', unit: 'rad', from: 0.44, to: 0.26 }]
    const stance = { side: 'left', feet: { left: { heel: [-0.14, 0.2] }, right: { heel: [0.14, 0] } } }
    const [lane] = lanes([person('a')], { a: 'own' }, PIECE, { ...found, stance, changes })
    expect(lane?.title).toMatch(/^Their own form: .*10°/)
  })

  it('is not known before it was worked out, and then nobody is called as taught', () => {
    const found = lanes([person('a'), person('b')], { b: 'taught' })
    expect(found.map(({ title, ids }) => [title, ids])).toEqual([
      ['As taught', ['b']],
      ['Not worked out yet', ['a']],
    ])
    expect(found[1]?.stance).toBeNull()
  })

  it('while everybody sits or listens it is everybody, without feet', () => {
    for (const kind of ['rest', 'talk'] as const)
      expect(lanes([person('a'), person('b')], { a: 'taught' }, { id: 'r', kind, minutes: 2 })).toMatchObject([
        { ids: ['a', 'b'], stance: null },
      ])
  })

  it('of arms alone everybody stands with feet under the shoulders', () => {
    const [lane] = lanes([person('a')], { a: 'taught' }, { ...PIECE, limbs: 'arms' })
    const feet = lane?.stance?.feet
    expect(feet?.left.heel[1]).toBeCloseTo(feet?.right.heel[1] ?? 9, 6)
  })
})
