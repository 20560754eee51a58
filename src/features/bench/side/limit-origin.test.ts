import { describe, expect, it } from 'vitest'
import { buildPosture, type Finding, type House, type Limits, postureOf, resolveBody, ruleOf, tryAnalyse } from '@/core'
import type { LimitLine } from '@/server/bench'
import { sayLimitOrigin } from './limit-origin'

const DEG = Math.PI / 180

function findingOf(code: string, limits: Limits = {}, house: Partial<House> = {}): Finding {
  const body = resolveBody({ stature: 1.7, mass: 70, sex: 'male', age: 60, limits, house })
  const stance = buildPosture(postureOf('bow'), body, 'small-inclined', 'left')
  const found = tryAnalyse(body, stance)?.findings.find((one) => one.code === code)
  if (!found) throw new Error(`no ${code}`)
  return found
}

const line = (what: string, side: LimitLine['side'], text: string): LimitLine => ({
  what,
  side,
  text,
  origin: 'Dr. Venn (clinician), 3 March',
})

describe('where the limit of a finding comes from', () => {
  const bend = findingOf('trunk.limit', { trunkForwardMax: 10 * DEG })
  const knee = findingOf('knee.flexion', { kneeFlexionMax: 20 * DEG })

  it('is whoever set it for this person, for that side', () => {
    const said = (finding: Finding, ...limits: LimitLine[]) =>
      sayLimitOrigin(finding, ruleOf(finding), limits, undefined)
    expect(said(bend, line('trunkForwardMaxDeg', null, 'trunk bent forward 10° at most'))).toBe(
      'Set for this person: trunk bent forward 10° at most (Dr. Venn (clinician), 3 March).',
    )
    expect(knee.where).toBe('left knee')
    expect(said(knee, line('kneeFlexionMaxDeg', 'left', 'left knee bend 20° at most'))).toContain('left knee bend 20°')
    // What was said of the other knee, or of something else, is not why.
    expect(said(knee, line('kneeFlexionMaxDeg', 'right', 'right knee bend 10° at most'))).toMatch(/^Its source: /)
    expect(said(knee, line('hipFlexionMaxDeg', 'left', 'left hip bend 90° at most'))).toMatch(/^Its source: /)
  })

  it('else the house’s, where that set it; else the rule’s own', () => {
    const lean = findingOf('trunk.lean', {}, { leanForwardInclined: 12 * DEG })
    expect(sayLimitOrigin(lean, ruleOf(lean), [], { leanForwardInclined: 12 * DEG })).toBe(
      'Set by this house: forward, inclined frame.',
    )
    expect(sayLimitOrigin(lean, ruleOf(lean), [], { leanSide: 5 * DEG })).toBe(`Its source: ${ruleOf(lean).source}.`)
  })
})
