import { describe, expect, it } from 'vitest'
import { asStoodBy, layOut, postureOf, tryAnalyse } from '@/core'
import { holdOn } from '@/core/variants/hold'
import { makeRecord } from '@/documents/record-document'
import type { BenchPerson } from '@/keeping/bench'
import { resolveRecord } from '@/records/resolve'
import { ENGLISH } from '@/words/english'
import { sayList } from '@/words/lists'
import type { Level, Placed } from './layout'
import { makeMembers } from './member'
import { sayHall } from './say-hall'
import { sayInLane, supportOf } from './words'

const person = (name: string, helperBeside = false): BenchPerson => ({
  id: name,
  name,
  story: '',
  document: resolveRecord(makeRecord(name, { statureM: 1.66, massKg: 68, ageYears: 60 }), '2026-03-12').document,
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
  helperBeside,
  planned: [],
  decided: [],
  groups: [],
  mark: 'here',
})

const measures = postureOf('bow').measures['long-upright']
const LEVELS = [{}] as Level[]
const placed = (of: BenchPerson, more: Partial<Placed> = {}): Placed => {
  const [member] = makeMembers([of]) as [Placed['member']]
  const stance = layOut(measures, member.body, 'left', 'bow')
  return {
    member,
    place: 0,
    pinned: false,
    away: false,
    joined: false,
    kind: 'level',
    wayIn: null,
    stance,
    analysis: tryAnalyse(member.body, stance),
    passes: true,
    ...more,
  }
}

describe('what is said of a hall', () => {
  it('counts who stands and what has to be set out', () => {
    const ada = placed(person('Ada Reef'))
    const onChair = holdOn(ada.member.body, ada.stance as never, 'chair-back', 'right')
    const atWall = holdOn(ada.member.body, ada.stance as never, 'wall', 'right')
    expect(sayHall([ada], LEVELS, undefined, ENGLISH)).toBe(
      'One of one stand within their limits. No chairs, no helpers.',
    )
    expect(
      sayHall(
        [ada, placed(person('Bo Quay', true), { stance: onChair }), placed(person('Cy Quay'), { stance: atWall })],
        LEVELS,
        undefined,
        ENGLISH,
      ),
    ).toBe('Three of three stand within their limits. One chair, one place at the wall, one helper.')
    expect(sayHall([ada, placed(person('Di Tor'), { passes: false })], LEVELS, undefined, ENGLISH)).toBe(
      'One of two stand within their limits; one where they are put do not. No chairs, no helpers.',
    )
    expect(sayHall([], LEVELS, 0, ENGLISH)).toBe('')
    expect([ada.stance, onChair, atWall, null].map(supportOf)).toEqual([null, 'chair', 'wall', null])
    expect(asStoodBy(ada.member.body, onChair)).toBe(onChair)
  })

  it('names people by as much as tells them apart', () => {
    const names = ['Ada Reef', 'Ada Quay', 'Bo Quay', 'Cy Tor', 'Cy Tam'].map((name) => person(name))
    expect(makeMembers(names).map(({ short }) => short)).toEqual(['Ada R', 'Ada Q', 'Bo', 'Cy Tor', 'Cy Tam'])
    expect(sayList(['Ada', 'Bo', 'Cy'], ENGLISH)).toBe('Ada, Bo and Cy')
    expect(sayList(['Ada'], ENGLISH)).toBe('Ada')
  })

  it('says in the lane what is short, and nothing where nothing is', () => {
    const ada = placed(person('Ada Reef'))
    expect(sayInLane(ada.analysis, ENGLISH)).toBe('')
    expect(sayInLane(null, ENGLISH)).toBe('not possible')
    const [member] = makeMembers([
      { ...person('Bo'), document: { statureM: 1.66, massKg: 68, limits: { kneeFlexionMaxDeg: 30 } } },
    ]) as [Placed['member']]
    expect(sayInLane(tryAnalyse(member.body, ada.stance as never), ENGLISH)).toBe(
      'The left knee bends 34°; its limit is 30°.',
    )
  })
})
