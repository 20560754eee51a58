import { describe, expect, it } from 'vitest'
import { type Analysis, buildPosture, postureOf, readAsTaught, SCHOOL_IDS, SIDES, type Verdict } from '@/core'
import { bodyOf } from '@/documents/to-core'
import { DEMO_PEOPLE } from '@/keeping/db/demo/people'
import { resolveRecord } from '@/records/resolve'
import { compareDemand, rateDemand } from './demand'

const NOW = new Date(2026, 2, 12)
const PEOPLE = DEMO_PEOPLE.map(({ id, make }) => ({
  id,
  body: bodyOf(resolveRecord(make(NOW), '2026-03-12').document),
}))
const RANK: Record<Verdict, number> = { holds: 0, close: 1, beyond: 2 }

const read = (
  body: (typeof PEOPLE)[0]['body'],
  posture: string,
  school: (typeof SCHOOL_IDS)[number],
  side: 'left' | 'right',
) => {
  const { measures, keeps } = postureOf(posture)
  return readAsTaught(body, measures[school], { posture, side, keeps })
}

/** What is said that has nothing to do with how near the edge of the feet they are. */
const sayBesides = (analysis: Analysis | null) =>
  analysis === null ||
  analysis.findings.some(
    ({ code, severity, cause }) => severity !== 'note' && (!code.startsWith('balance.') || cause?.kind === 'order'),
  )

/** The small frame's bow carries 92 % in front: nearly one leg, and held against a reserve between those for one and two. */
const ON_TWO_FEET = SCHOOL_IDS.filter((school) => postureOf('bow').measures[school].ownLoad <= 0.85)

describe('what a posture asks of Lantern Quay', () => {
  it.each(PEOPLE)(
    'of $id: parallel no more than a bow, a bow no more than one leg, unless what is said explains it',
    ({ body }) => {
      for (const school of ON_TWO_FEET) {
        for (const side of SIDES) {
          const [parallel, bow, oneLeg] = ['parallel', 'bow', 'one-leg'].map((posture) =>
            read(body, posture, school, side),
          )
          for (const [easy, hard] of [
            [parallel, bow],
            [bow, oneLeg],
          ] as const) {
            const isHarder = RANK[hard?.verdict ?? 'beyond'] >= RANK[easy?.verdict ?? 'beyond']
            expect(isHarder || sayBesides(easy ?? null), `${school} ${side}`).toBe(true)
          }
        }
      }
    },
  )

  it('goes from the least to the most: two feet level, a bow, one leg, where the bow is no deeper than that of a middle frame', () => {
    for (const school of ['therapeutic', 'high-follow', 'long-upright'] as const) {
      const demand = (posture: string) => rateDemand(PEOPLE.map(({ body }) => read(body, posture, school, 'left')))
      const order = ['one-leg', 'bow', 'parallel'].toSorted((a, b) => compareDemand(demand(a), demand(b)))
      expect(order, school).toEqual(['parallel', 'bow', 'one-leg'])
    }
  })

  it('never holds on one leg for somebody of 60 or more whom nobody timed', () => {
    for (const { body } of PEOPLE) {
      const stance = buildPosture(postureOf('golden-rooster'), body, 'therapeutic', 'left')
      const { age = 80, oneLegStand } = body.person
      const proven = age < 60 || (oneLegStand?.right ?? 0) >= 10
      const analysis = readAsTaught(body, postureOf('golden-rooster').measures.therapeutic, {
        posture: 'golden-rooster',
        side: 'left',
        keeps: stance.keeps ?? [],
      })
      if (!proven && analysis?.pose.stance.supports.length === 0) expect(analysis.verdict).not.toBe('holds')
    }
  })
})
