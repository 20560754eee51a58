import { describe, expect, it } from 'vitest'
import { analyse, InputError } from '@/core'
import { IN_DOCUMENTS } from '@/words/documents'
import { mirrorStance } from './mirror-part'
import type { StanceDocument } from './stance-document'
import { bodyOf, toStance } from './to-core'
import { variantsDocument } from './variants-document'

/** Too long a step for a stiff knee, and a load that passes an order. */
const STANCE = {
  format: 'nivrel.stance/1',
  person: {
    statureM: 1.58,
    massKg: 61,
    ageYears: 76,
    limits: { left: { kneeFlexionMaxDeg: 25 }, loadMaxPct: { left: 60 } },
  },
  stance: {
    side: 'left',
    feet: { left: { heel: [-0.14, 0.55], toeOutDeg: 0 }, right: { heel: [0.14, 0], toeOutDeg: 45 } },
    loadLeftPct: 70,
    kneeFlexionDeg: 40,
  },
} as unknown as StanceDocument

const found = variantsDocument(STANCE, IN_DOCUMENTS)

describe('safer variants as a document', () => {
  it('keep what came in as it was, and give each as a stance that can be sent in again', () => {
    expect(found.original).toMatchObject(STANCE)
    expect(found.variants.length).toBeGreaterThan(1)
    for (const { stance, analysis } of found.variants) {
      const again = analyse(bodyOf(stance.person), toStance(stance.stance))
      expect(again.verdict).toBe(analysis.verdict)
      expect(analysis.verdict).not.toBe('beyond')
      expect(again.assured.margin).toBeCloseTo(analysis.margins.assuredM, 3)
    }
  })

  it('say changes in the document’s units: metres, degrees and percent, from what the stance has', () => {
    const changes = found.variants.flatMap((one) => one.changes)
    const of = (what: string) => changes.filter((one) => one.what === what)
    for (const { from, to } of of('loadLeftPct')) {
      expect(from).toBeCloseTo(70, 6)
      expect(Number(to)).toBeGreaterThan(1)
      expect(Number(to)).toBeLessThanOrEqual(60)
    }
    for (const { from, to } of of('stepLengthM')) expect([Number(from) < 1, Number(to) < 1]).toEqual([true, true])
    for (const { to } of of('kneeFlexionDeg')) expect(Number(to)).toBeGreaterThan(1)
    expect(changes.length).toBeGreaterThan(3)
    for (const { buys, from, to } of changes) expect(`${buys} ${from} ${to}`).not.toMatch(/NaN|undefined|null|\[object/)
    expect(JSON.stringify(found)).not.toMatch(/NaN|Infinity/)
  })

  it('give no more than are asked for, the same ones first; mirrored, they are mirrored', () => {
    const two = variantsDocument(STANCE, IN_DOCUMENTS, 2)
    expect(two.variants).toEqual(found.variants.slice(0, 2))
    const { limits, ...person } = STANCE.person as { limits: { left: object } }
    const limitsThere = { right: limits.left, loadMaxPct: { right: 60 } }
    const other = variantsDocument(
      { ...STANCE, person: { ...person, limits: limitsThere }, stance: mirrorStance(STANCE.stance) },
      IN_DOCUMENTS,
    )
    expect(other.variants.map(({ kind, changes }) => [kind, changes.length])).toEqual(
      found.variants.map(({ kind, changes }) => [kind, changes.length]),
    )
    other.variants.forEach(({ stance }, i) => {
      const mine = toStance((found.variants[i] as (typeof found.variants)[number]).stance.stance)
      const theirs = toStance(stance.stance)
      expect(theirs.loadLeft).toBeCloseTo(1 - mine.loadLeft, 3)
      expect(theirs.feet.right.heel[1]).toBeCloseTo(mine.feet.left.heel[1], 3)
    })
  })

  it('where orders leave no way, say which; a wrong field is named as everywhere', () => {
    const none = {
      ...STANCE,
      person: { ...STANCE.person, limits: { loadMaxPct: { left: 20, right: 20 } } },
    }
    const outcome = (() => {
      try {
        return variantsDocument(none, IN_DOCUMENTS).conflicts.length
      } catch (error) {
        return (error as InputError).field
      }
    })()
    expect(outcome === 'person.limits.loadMaxPct' || Number(outcome) > 0).toBe(true)
    // A limit in a place where it would bind nobody is told, not kept as somebody else's key.
    const misplaced = { ...STANCE, person: { ...STANCE.person, limits: { left: { loadMaxPct: 20 } } } }
    expect(() => variantsDocument(misplaced, IN_DOCUMENTS)).toThrow(/person\.limits\.left\.loadMaxPct/)
    const wrong = { ...STANCE, stance: { ...STANCE.stance, loadLeftPct: 170 } }
    expect(() => variantsDocument(wrong, IN_DOCUMENTS)).toThrow(InputError)
    expect(() => variantsDocument(wrong, IN_DOCUMENTS)).toThrow(/stance\.loadLeftPct/)
  })
})
