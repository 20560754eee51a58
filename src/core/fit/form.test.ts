import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyPerson } from '@/testing/arbitrary'
import { analyse, tryAnalyse } from '../analysis'
import { type Body, resolveBody } from '../body/body'
import type { Limits } from '../body/person'
import { DEG, SIDES, type Side } from '../conventions'
import { layOut } from '../postures/measures'
import { LIBRARY, postureOf } from '../postures/postures'
import { FORMS, findForm } from './form'

const body = (limits: Limits = {}, age = 60): Body =>
  resolveBody({ stature: 1.66, mass: 68, sex: 'female', age, usableAlong: 0.5, limits })
const formOf = (of: Body, id: string, side: Side, school: 'therapeutic' | 'long-upright' = 'therapeutic') => {
  const { measures, keeps } = postureOf(id)
  return findForm(of, measures[school], { posture: id, side, keeps })
}

describe('what somebody does of a posture', () => {
  it('is as it is taught where that holds, with no reason against it', () => {
    const found = formOf(body(), 'bow', 'left')
    expect(found).toMatchObject({ form: 'as-taught', verdict: 'holds', changes: [], reason: null, support: null })
    expect(found.spare).toBeGreaterThan(0)
  })

  it('is less of it before anything else, and the reason says what stood against it', () => {
    const found = formOf(body({ kneeFlexionMax: 20 * DEG }), 'bow', 'left')
    expect(found).toMatchObject({ form: 'less', verdict: 'holds', reason: { code: 'knee.flexion' } })
    expect(found.changes.map(({ what }) => what)).toContain('kneeFlexion')
  })

  it('is the other side where one leg may carry little, standing: the outside check’s two', () => {
    const bow = formOf(body({ loadMax: { left: 0.3, right: 1 } }), 'bow', 'left', 'long-upright')
    expect(['other-side', 'less', 'other-use']).toContain(bow.form)
    const empty = formOf(body({ loadMax: { left: 0.5, right: 1 } }), 'empty-ball', 'right', 'long-upright')
    expect(['other-side', 'less']).toContain(empty.form)
    for (const { stance, verdict } of [bow, empty]) expect([stance?.seat, verdict]).toEqual([undefined, 'holds'])
  })

  it('is another use, standing, where the rear leg may carry too little for it: more goes over than is taught', () => {
    for (const side of SIDES) {
      const limits = { loadMax: side === 'left' ? { left: 1, right: 0.2 } : { left: 0.2, right: 1 } }
      const found = formOf(resolveBody({ stature: 1.55, mass: 58, sex: 'female', age: 80, limits }), 'bow', side)
      expect([found.form, found.verdict]).toEqual(['other-use', 'holds'])
      const front = side === 'left' ? found.stance?.loadLeft : 1 - (found.stance?.loadLeft ?? 0)
      expect(front).toBeGreaterThan(0.8)
    }
  })

  it('is with a hand for whoever needs one, and sitting for whoever may only sit', () => {
    expect(formOf(body({ support: 'chair-back' }), 'bow', 'right')).toMatchObject({
      form: 'hand',
      support: 'chair-back',
    })
    const seated = formOf(body({ seatedOnly: true }), 'bow', 'right')
    expect([seated.form, seated.stance?.seat !== undefined]).toEqual(['seated', true])
    expect(formOf(body({ seatedOnly: true }), 'seated', 'left').form).toBe('as-taught')
  })

  it('is the other side where only there the leg that may carry nothing is in the air; else a seat', () => {
    const none = body({ loadMax: { left: 0, right: 1 } }, 45)
    const forms = SIDES.map((side) => formOf(none, 'one-leg', side).form)
    expect(forms.toSorted()).not.toEqual(['seated', 'seated'])
    const [stands, other] = forms[0] === 'other-side' ? [forms[1], forms[0]] : [forms[0], forms[1]]
    expect(other).toBe('other-side')
    expect(['as-taught', 'less', 'hand', 'other-use']).toContain(stands)
    expect(formOf(none, 'bow', 'left').form).toBe('seated')
  })

  it('mirrored for whoever is limited on the other leg', () => {
    const [left, right] = SIDES.map((side) => {
      const limits: Limits = { loadMax: { left: 1, right: 1, [side]: 0.4 } }
      return (['left', 'right'] as const).map((of) => formOf(body(limits), 'bow', of))
    }) as [ReturnType<typeof formOf>[], ReturnType<typeof formOf>[]]
    expect(left.map(({ form }) => form)).toEqual(right.map(({ form }) => form).reverse())
    for (const [i, one] of left.entries()) expect(one.spare).toBeCloseTo((right[1 - i] as typeof one).spare, 6)
  })

  it('of anybody breaks no limit, is judged as the analysis judges it, and nobody sits who stands as taught', () => {
    const sitting = LIBRARY.filter(({ id }) => ['parallel', 'bow', 'empty-heel', 'one-leg', 'brush-knee'].includes(id))
    fc.assert(
      fc.property(
        anyPerson,
        fc.constantFrom(...sitting),
        fc.constantFrom(...SIDES),
        (person, { id, measures, keeps }, side) => {
          const of = resolveBody(person)
          const found = findForm(of, measures.therapeutic, { posture: id, side, keeps }, () => true)
          expect(FORMS).toContain(found.form)
          if (!found.stance) return expect([found.form, found.verdict]).toEqual(['none', 'beyond'])
          expect(found.verdict).toBe(analyse(of, found.stance).verdict)
          expect(found.verdict).not.toBe('beyond')
          expect(Number.isFinite(found.spare)).toBe(true)
          if (found.form === 'seated') expect(tryAnalyse(of, formless(of, id, side))?.verdict).not.toBe('holds')
        },
      ),
      { numRuns: 40 },
    )
  })
})

const formless = (of: Body, id: string, side: Side) => {
  const { measures, keeps } = postureOf(id)
  return layOut(measures.therapeutic, of, side, id, keeps)
}
