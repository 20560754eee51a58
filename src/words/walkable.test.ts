import { describe, expect, it } from 'vitest'
import { makePath, resolveBody, type ShownPath, showPath, type WalkFit } from '@/core'
import { toRoutine } from '@/documents/routine-document'
import { ENGLISH } from './english'
import { sayMends, sayWalkable, sayWhyNot } from './walkable'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const parts = toRoutine({ parts: [{ posture: 'parallel' }, { posture: 'parallel', seconds: 8 }] }, body)
const path = showPath(makePath(body, parts, 6), parts)
const NAMES = ['parallel stance', 'brush knee', 'push', 'press']
const WAY = path.transitions[0] as ShownPath['transitions'][number]
const closeAt = (...parts: number[]): ShownPath => ({
  ...path,
  transitions: parts.map((to) => ({ ...WAY, to, verdict: 'close' as const })),
})
const made = (how: WalkFit['how'], more: Partial<WalkFit> = {}): WalkFit => ({
  asked: ['beyond'],
  how,
  scale: 1,
  nearer: 0,
  chairs: [],
  why: null,
  parts: null,
  fitted: ['close'],
  floor: null,
  ...more,
})
const said = (...[shown, found, isUnanswered]: [ShownPath, Parameters<typeof sayWalkable>[2], boolean?]) =>
  sayWalkable('Ana', shown, found, NAMES, isUnanswered, ENGLISH)

describe('whether somebody can walk a path is said', () => {
  it('as it is, where it is only just so by name, where that is often so without', () => {
    expect(said(path, null)).toBe('Ana can walk this as it is.')
    expect(said(closeAt(1, 2, 1), null)).toBe('Ana can walk this as it is, only just at brush knee and push.')
    expect(said(closeAt(1, 2, 3), null)).toBe('Ana can walk this as it is, often only just.')
  })

  it('never as known to be well while cautions are unanswered', () => {
    expect(said(path, null, true)).toBe('Ana may walk this as it is once their cautions are answered.')
  })

  it('with what it takes, without which ways are close; shifts, a seat, what is not known yet', () => {
    expect(said(path, made('steps', { scale: 0.5 }))).toBe('Ana can walk this with half steps.')
    expect(said(path, made('inPlace'))).toBe('Ana shifts the weight in place here; the steps do not suit them.')
    expect(said(path, made('sits'))).toBe('Ana sits for this.')
    expect(said(path, 'searching')).toMatch(/^Not as it is\./)
    expect(said(path, 'broken')).toBe('Ana cannot walk this as it is.')
  })

  it('with changes, alike ones once; and why not as it is', () => {
    const place = { changes: [{ what: 'inPlace' as const }] }
    const half = { changes: [{ what: 'step' as const, scale: 0.5 }] }
    expect(
      sayMends(
        [
          { at: 1, one: place },
          { at: 2, one: half },
          { at: 3, one: place },
        ],
        NAMES,
        ENGLISH,
      ),
    ).toMatch(/^[^.]*, to “brush knee” and “press”\. Half [^.]*, to “push”\.$/)
    const none = { part: 1, finding: null, error: { field: 'parts.1', value: null, accepts: { code: 'noWay' } } }
    expect(sayWhyNot(path, none, NAMES, 'Ana', ENGLISH)).toMatch(/^As it is, .*Ana.* On the way to brush knee\.$/)
  })
})
