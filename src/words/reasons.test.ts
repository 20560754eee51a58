import { describe, expect, it } from 'vitest'
import { buildPosture, type Limits, type Person, postureOf, resolveBody, tryAnalyse } from '@/core'
import { ENGLISH } from './english'
import { findWorst, sayReason, sayReasonShort, sayWorst } from './reasons'

const DEG = Math.PI / 180

function stand(posture: string, person: Partial<Person> = {}, limits: Limits = {}) {
  const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60, ...person, limits })
  return tryAnalyse(body, buildPosture(postureOf(posture), body, 'long-upright', 'left'))
}

describe('why somebody does not do a posture', () => {
  it('is nothing where they do, with what is to spare', () => {
    const holds = stand('bow')
    expect([holds?.verdict, sayReasonShort(holds, ENGLISH), holds && sayWorst(holds, ENGLISH)]).toEqual([
      'holds',
      '',
      '',
    ])
    expect(sayReason(holds, ENGLISH)).toMatch(/^\d\.\d\scm, needs 1\.5\scm\.$/)
  })

  it('is the hardest finding, before a caution', () => {
    const low = stand('bow', { swayReserve: 0.05 }, { kneeFlexionMax: 30 * DEG })
    expect(low?.findings.map(({ severity }) => severity)).toEqual(expect.arrayContaining(['caution', 'hard']))
    expect(low && findWorst(low)?.code).toBe('knee.flexion')
    expect(sayReasonShort(low, ENGLISH)).toBe('knee')
    expect(sayReason(low, ENGLISH)).toBe(
      'The left knee bends past its limit. The left knee bends 34°; its limit is 30°.',
    )
  })

  it('is the way in which they are near the edge, or past it', () => {
    const short = stand('bow', { swayReserve: 0.05 })
    expect(short?.verdict).toBe('close')
    expect(sayReasonShort(short, ENGLISH)).toBe('back left')
    // No weight on the left leg, and two thirds of it there: the centre is left of the foot that may carry it.
    const past = stand('bow', {}, { loadMax: { left: 0, right: 1 } })
    expect(past?.verdict).toBe('beyond')
    // Too much on a leg is said as what it is, not as a way to tip.
    expect(sayReasonShort(past, ENGLISH)).toBe('weight')
  })

  it('has a word of its own for a seat and a hand; too much on a leg is weight', () => {
    expect(sayReasonShort(stand('parallel', {}, { seatedOnly: true }), ENGLISH)).toBe('sits')
    expect(sayReasonShort(stand('parallel', {}, { support: 'chair-back' }), ENGLISH)).toBe('needs a hand')
    // Five points too many on the left: what they are past is the edge on that side.
    expect(sayReasonShort(stand('bow', {}, { loadMax: { left: 0.6, right: 1 } }), ENGLISH)).toBe('weight')
    expect([sayReasonShort(null, ENGLISH), sayReason(null, ENGLISH)]).toEqual([
      'not possible',
      'This cannot be stood by this body.',
    ])
  })
})
