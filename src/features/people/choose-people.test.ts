import { describe, expect, it } from 'vitest'
import type { RosterRow } from '@/keeping/roster'
import { ENGLISH } from '@/words/english'
import { choosePeople, EVERYONE, groupsInUse, PUT_AWAY, type SortBy } from './choose-people'

const margins = (nearest: number) => ({ nearest, nearestDirection: 0, left: 0, right: 0, forward: 0, back: 0 })
const row = (name: string, more: Partial<RosterRow> = {}): RosterRow => ({
  id: name,
  name,
  story: '',
  groups: [],
  archived: false,
  standing: { verdict: 'holds', margins: margins(0.05), reserve: 0.015, seen: null, estimated: false, sits: false },
  limits: [],
  due: [],
  unanswered: [],
  today: null,
  ...more,
})

const TANDEM: RosterRow['due'][number] = { kind: 'test', test: 'tandem', since: '2026-01-01' }
const KNEE = {
  what: 'kneeFlexionMaxDeg' as const,
  value: 35,
  on: '2026-01-02',
  source: { kind: 'instructor' as const },
}
const REVIEW: RosterRow['due'][number] = { kind: 'review', limit: KNEE, since: '2026-01-02' }

const ROWS = [
  row('Zoë Marsh', {
    groups: ['Ebb'],
    limits: [{ what: 'kneeFlexionMaxDeg', side: 'left', value: 30, grade: undefined }],
  }),
  row('Abel Marsh', { groups: ['Ebb', 'Flood'], due: [REVIEW, TANDEM] }),
  row('Mina Tor', { groups: ['Flood'], standing: null, due: [TANDEM] }),
  row('Old Tor', { groups: ['Flood'], archived: true }),
  row('Bea Quay', { story: 'Keeps bees.', standing: { ...row('').standing, margins: margins(-0.01) } as never }),
]

const names = (sought: string, group = EVERYONE, sortBy: SortBy = 'name') =>
  choosePeople(ROWS, { group, sortBy, sought }, ENGLISH).map(({ name }) => name)

describe('the list of people', () => {
  it('holds who is there, by name; whoever was put away is apart', () => {
    expect(names('')).toEqual(['Abel Marsh', 'Bea Quay', 'Mina Tor', 'Zoë Marsh'])
    expect(names('', PUT_AWAY)).toEqual(['Old Tor'])
    expect(names('', 'Flood')).toEqual(['Abel Marsh', 'Mina Tor'])
    const all = ['Ebb', 'Flood', 'Nobody’s'].map((name) => ({ id: name, name }))
    expect(groupsInUse(all, ROWS).map(({ id }) => id)).toEqual(['Ebb', 'Flood'])
  })

  it('is searched in names, stories, limits and what is due, whatever the accents', () => {
    expect(names('ZOE')).toEqual(['Zoë Marsh'])
    expect(names('knee')).toEqual(['Abel Marsh', 'Zoë Marsh'])
    expect(names('marsh 30°')).toEqual(['Zoë Marsh'])
    expect(names('bees')).toEqual(['Bea Quay'])
    expect(names('tor', 'Ebb')).toEqual([])
  })

  it('begins with who is nearest the edge, or whose standing is not known; or with who has most due', () => {
    expect(names('', EVERYONE, 'steadiness').slice(0, 2)).toEqual(['Mina Tor', 'Bea Quay'])
    expect(names('', EVERYONE, 'due').slice(0, 2)).toEqual(['Abel Marsh', 'Mina Tor'])
  })
})
