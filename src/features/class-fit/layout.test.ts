import { describe, expect, it } from 'vitest'
import { type Candidate, findOwnForm, listCandidates, postureOf, standLevel, type Taught } from '@/core'
import { parse } from '@/documents/parse'
import { planDocument } from '@/documents/plan-document'
import { mergeLibrary } from '@/documents/posture-document'
import { makeRecord } from '@/documents/record-document'
import type { ClassPlan } from '@/keeping/plans'
import { resolveRecord } from '@/records/resolve'
import { type Choosing, type Layout, listDrops, matches, placeMember, readPlan, writePlan } from './layout'
import { makeMembers } from './member'

const make = (name: string, kneeFlexionMaxDeg = 120) => ({
  id: name,
  name,
  story: '',
  document: {
    ...resolveRecord(makeRecord(name, { statureM: 1.66, massKg: 68, ageYears: 50 }), '2026-03-12').document,
    limits: { kneeFlexionMaxDeg },
  },
  limits: [],
  watch: [],
  measured: [],
  today: null,
  soreAt: null,
  seenStanding: null,
  falls: null,
  beginsWithHand: false,
  unanswered: [],
  notes: '',
  helperBeside: false,
  planned: [],
  decided: [],
  groups: [],
  mark: 'here' as const,
})
const [steady, stiff, stiffer, sitting] = makeMembers([
  make('Ada Reef'),
  make('Bo Tern', 31),
  make('Cy Wrack', 5),
  make('Di Sand', 10),
]) as [Member, Member, Member, Member]
type Member = ReturnType<typeof makeMembers>[number]

const { keeps, measures: bySchool } = postureOf('bow')
const measures = bySchool['long-upright']
const taught: Taught = { posture: 'bow', side: 'left', keeps }
const candidates = listCandidates(measures, keeps)
const asTaught = candidates[0] as Candidate
const softer = candidates.find((one) => standLevel(stiff.body, one, asTaught, taught, true).passes) as Candidate
const choosing: Choosing = {
  group: 'g1',
  posture: mergeLibrary([]).find(({ id }) => id === 'bow') as Choosing['posture'],
  school: 'long-upright',
  side: 'left',
  most: 3,
  chairs: true,
}
const layout: Layout = {
  levels: [
    { candidate: asTaught, edited: false },
    { candidate: softer, edited: true },
  ],
  places: new Map<string, 0 | 1 | 'aside'>([
    [steady.id, 1],
    [sitting.id, 'aside'],
  ]),
  pinned: new Set([steady.id]),
  own: new Map([[sitting.id, findOwnForm(sitting.body, measures, taught)]]),
  more: null,
  fewer: null,
  found: null,
  ids: [steady.id, sitting.id],
}
const place = (member: Member, on: Layout) => placeMember(member, on, asTaught, taught, true)

/** Kept, sent, read from the database and laid out again. */
const keep = (change: (plan: ClassPlan['plan']) => unknown = (plan) => plan): ClassPlan => {
  const placed = [steady, sitting].map((member) => place(member, layout))
  const plan = change(writePlan(choosing, { levels: layout.levels, placed, measures }, null))
  const read = parse(planDocument, JSON.parse(JSON.stringify(plan)))
  return { group: 'g1', posture: 'bow', plan: read, revision: 1, updatedAt: '2026-03-12T10:00:00Z' }
}

describe('a plan that is opened again', () => {
  const restored = readPlan(keep())

  it('puts everybody where they were, in the same stance with the same verdict', () => {
    for (const member of [steady, sitting]) {
      const [was, is] = [place(member, layout), place(member, restored)]
      expect([is.place, is.kind, is.pinned, is.joined, is.passes]).toEqual([
        was.place,
        was.kind,
        was.pinned,
        false,
        was.passes,
      ])
      expect(is.analysis?.verdict).toBe(was.analysis?.verdict)
      expect(is.analysis?.assured.margin).toBeCloseTo(was.analysis?.assured.margin as number, 6)
    }
    expect(restored.levels[1]?.candidate.measures.kneeFlexion).toBeCloseTo(softer.measures.kneeFlexion, 9)
  })

  it('keeps the place, the name and the note of whoever is away or has left the group', () => {
    const before = { ...keep().plan, name: 'Tuesday', note: 'slowly' }
    const away: Member = { ...steady, person: { ...steady.person, mark: 'away' } }
    const there = place(away, restored)
    expect([there.away, there.place, there.pinned]).toEqual([true, 1, true])
    const without = writePlan(choosing, { levels: layout.levels, placed: [there], measures }, before)
    expect([without.name, without.note]).toEqual(['Tuesday', 'slowly'])
    expect(without.people.map(({ id, level }) => [id, level])).toEqual([
      [steady.id, 1],
      [sitting.id, null],
    ])
  })

  it('says what fitting anew would drop', () => {
    const found = { ...layout, found: {} as Layout['found'] }
    expect(listDrops(found)).toEqual({ pinned: [steady.id], edited: [1], kept: false })
    expect(listDrops({ ...found, pinned: new Set(), levels: layout.levels.slice(0, 1) })).toBe(null)
    expect(listDrops(restored)).toMatchObject({ kept: true, edited: [], pinned: [steady.id] })
  })

  it('proposes to whoever joined the first level that they pass, and says that they joined', () => {
    const joined = { ...restored, places: new Map() }
    expect(place(steady, joined)).toMatchObject({ place: 0, kind: 'level', joined: true, passes: true })
    expect(place(stiff, joined)).toMatchObject({ place: 1, kind: 'level', joined: true, passes: true })
    const { place: beside, kind, stance } = place(stiffer, joined)
    expect([beside, kind === 'level', stance === null]).toEqual(['aside', false, kind === 'none'])
  })

  it('says of somebody whose level is gone that they have no place, never that they hold', () => {
    const fewer = readPlan(keep((plan) => ({ ...plan, levels: plan.levels.slice(0, 1) })))
    expect(place(steady, fewer)).toMatchObject({ place: 'aside', kind: 'none', passes: false, analysis: null })
  })

  it('is not taken for another side, another school, another group', () => {
    const kept = keep()
    expect(matches(kept, choosing)).toBe(true)
    for (const other of [{ side: 'right' }, { school: 'therapeutic' }, { group: 'g2' }] as Partial<Choosing>[])
      expect(matches(kept, { ...choosing, ...other })).toBe(false)
  })
})
