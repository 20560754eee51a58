import { describe, expect, it } from 'vitest'
import { buildPosture, type Finding, type House, type Limits, postureOf, resolveBody, tryAnalyse } from '@/core'
import type { LimitEntry } from '@/documents/record-document'
import type { Binding } from '@/records/binding'
import { ENGLISH } from './english'
import { sayRule } from './findings'
import { sayLimitOrigin } from './limit-origin'

const DEG = Math.PI / 180

function findingOf(code: string, limits: Limits = {}, house: Partial<House> = {}): Finding {
  const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 60, limits, house })
  const stance = buildPosture(postureOf('bow'), body, 'small-inclined', 'left')
  const found = tryAnalyse(body, stance)?.findings.find((one) => one.code === code)
  if (!found) throw new Error(`no ${code}`)
  return found
}

const source = { kind: 'clinician' as const, name: 'Dr. Venn' }
const limit = (what: LimitEntry['what'], side: 'left' | 'right' | undefined, value: number): Binding => ({
  what,
  ...(side && { side }),
  entry: { what, value, source, on: '2026-03-03' },
  outranked: [],
})

describe('where the limit of a finding comes from', () => {
  const bend = findingOf('trunk.limit', { trunkForwardMax: 10 * DEG })
  const knee = findingOf('knee.flexion', { kneeFlexionMax: 20 * DEG })

  it('is whoever set it for this person, for that side', () => {
    const said = (finding: Finding, ...limits: Binding[]) => sayLimitOrigin(finding, limits, undefined, ENGLISH)
    expect(said(bend, limit('trunkForwardMaxDeg', undefined, 10))).toBe(
      'Set for this person: trunk bent forward 10° at most (Dr. Venn (clinician), 3 March).',
    )
    expect([knee.side, knee.part]).toEqual(['left', 'knee'])
    expect(said(knee, limit('kneeFlexionMaxDeg', 'left', 20))).toContain('left knee bend 20°')
    // What was said of the other knee, or of something else, is not why.
    expect(said(knee, limit('kneeFlexionMaxDeg', 'right', 10))).toMatch(/^Its source: /)
    expect(said(knee, limit('hipFlexionMaxDeg', 'left', 90))).toMatch(/^Its source: /)
  })

  it('else the house’s, where that set it; else the rule’s own', () => {
    const lean = findingOf('trunk.lean', {}, { leanForwardInclined: 12 * DEG })
    expect(sayLimitOrigin(lean, [], { leanForwardInclined: 12 * DEG }, ENGLISH)).toBe(
      'Set by this house: forward, inclined frame.',
    )
    expect(sayLimitOrigin(lean, [], { leanSide: 5 * DEG }, ENGLISH)).toBe(
      `Its source: ${sayRule('trunk.lean', 'source', ENGLISH)}.`,
    )
  })
})
