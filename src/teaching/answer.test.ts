import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { analyse, type Limits, postureOf, resolveBody, type SchoolId } from '@/core'
import { fromStance } from '@/documents/from-core'
import { toStance } from '@/documents/to-core'
import { ENGLISH } from '@/words/english'
import { readShipped } from '@/words/routines'
import { type Decided, decidedIn, findAnswer } from './answer'
import { makeGivenOf } from './given'
import { workPiece } from './lessons/work-piece'

const SCHOOL: SchoolId = 'therapeutic'
const bodyWith = (limits: Limits = {}) => resolveBody({ stature: 1.66, mass: 66, sex: 'female', age: 66, limits })
const bow = (side: 'left' | 'right') => ({ posture: postureOf('bow'), side, school: SCHOOL })
const free = bodyWith()
const taughtStance = findAnswer(free, bow('left'), []).stance
if (!taughtStance) throw new Error('nobody stands a bow')
const shorter = fromStance({ ...taughtStance, loadLeft: 0.55 })
const decided = (more: Partial<Decided>): Decided => ({
  ...{
    from: 'plan',
    posture: 'bow',
    school: SCHOOL,
    stance: shorter,
    of: 'Slack Tide',
    groupId: 'tide',
    on: '2026-03-03T10:00:00Z',
  },
  ...more,
})

describe('what somebody does of a posture today', () => {
  it('is what was decided for them, on either side; the plan of the group that is there before what was kept', () => {
    const kept = decided({ from: 'kept', of: 'Higher', groupId: undefined as never })
    const other = decided({ of: 'Second Launch', groupId: 'launch' })
    const mine = decided({})
    expect(decidedIn([other, mine, kept], 'tide')).toEqual([mine, kept])
    const left = findAnswer(free, bow('left'), decidedIn([other, mine, kept], 'tide'))
    expect(left).toMatchObject({ from: 'plan', form: 'less', decided: { of: 'Slack Tide' } })
    expect(left.stance?.loadLeft).toBeCloseTo(0.55, 6)
    const right = findAnswer(free, bow('right'), [mine])
    expect([right.stance?.side, right.stance?.loadLeft]).toEqual(['right', expect.closeTo(0.45, 6)])
    expect(findAnswer(free, bow('left'), []).from).toBe('taught')
  })

  it('is not what an order of today forbids, on the side that it binds, and says what was set aside', () => {
    const ordered = bodyWith({ loadMax: { left: 1, right: 0.5 } })
    expect(findAnswer(ordered, bow('left'), [decided({})]).from).toBe('plan')
    const right = findAnswer(ordered, bow('right'), [decided({})])
    expect(right).toMatchObject({ from: 'search', refused: { of: 'Slack Tide' } })
    expect(right.verdict).not.toBe('beyond')
  })
})

describe('what a lesson has somebody do', () => {
  const makingsOf = (body: typeof free, own: readonly Decided[] = []) => ({
    routineOf: (id: string) => readShipped(id as Parameters<typeof readShipped>[0], ENGLISH),
    find: postureOf,
    formOf: makeGivenOf(body, own, postureOf),
  })
  const LESSON = { school: SCHOOL }
  const piece = (posture: string, side: 'left' | 'right') =>
    ({ id: 'p', kind: 'posture', posture, side, minutes: 4 }) as const

  it('is the answer, whoever asks, and never past a limit', () => {
    const share = fc.constantFrom(0.3, 0.5, 0.8, 1)
    const limits = fc.record({
      loadMax: fc.record({ left: share, right: share }).filter(({ left, right }) => left + right > 1),
      kneeFlexionMax: fc.constantFrom(0.35, 0.5, 1),
    })
    fc.assert(
      fc.property(
        limits,
        fc.constantFrom('bow', 'empty-ball', 'back-step', 'horse'),
        fc.constantFrom('left', 'right'),
        ({ loadMax, kneeFlexionMax }, id, side) => {
          const body = bodyWith({ loadMax, left: { kneeFlexionMax } } as Limits)
          const answer = findAnswer(body, { posture: postureOf(id), side, school: SCHOOL }, [])
          const worked = workPiece(body, piece(id, side), LESSON, makingsOf(body))
          if (!worked.given) return
          expect(worked.given.stance).toEqual(answer.stance && fromStance(answer.stance))
          expect(analyse(body, toStance(worked.given.stance)).verdict).not.toBe('beyond')
        },
      ),
      { numRuns: 8, seed: 7 },
    )
  })

  it('sits nobody down who could stand: with half weight on one leg they stand their own form', () => {
    const ordered = bodyWith({ loadMax: { left: 0.5, right: 1 } })
    const worked = workPiece(ordered, piece('bow', 'left'), LESSON, makingsOf(ordered))
    expect(worked.as).not.toBe('seated')
    expect(workPiece(bodyWith({ seatedOnly: true }), piece('bow', 'left'), LESSON, makingsOf(free)).as).toBe('seated')
  })

  it('is what the plan has them do, in the routine too', () => {
    const own = [decided({ stance: fromStance({ ...taughtStance, loadLeft: 0.55 }) })]
    const formOf = makeGivenOf(free, own, postureOf)
    expect(formOf('bow', 'left', SCHOOL)).toMatchObject({ from: 'plan', as: 'own', of: 'Slack Tide' })
    const alone = workPiece(free, piece('bow', 'left'), LESSON, makingsOf(free, own))
    expect(alone).toMatchObject({ as: 'own', given: { from: 'plan' } })
  })
})
