import { describe, expect, it } from 'vitest'
import {
  analyse,
  buildPosture,
  DEG,
  findHeldSplit,
  findVariants,
  POSTURE_IDS,
  postureOf,
  resolveBody,
  SIDES,
} from '@/core'
import { describeAim, describeBalance, describeOfStanding, describeReserve } from '@/words/balance'
import { sayChange, sayGain, sayNudges, saySideNudge } from '@/words/changes'
import { ENGLISH } from '@/words/english'
import { sayFinding, sayHeading } from '@/words/findings'
import { listReadings } from '@/words/readings'
import { worstFirst } from '@/words/reasons'
import { sayDifferences } from './compare/differences'

const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female', age: 74, limits: { kneeFlexionMax: 30 * DEG } })
const bow = buildPosture(postureOf('bow'), body, 'long-upright', 'left')
const analysis = analyse(body, bow)

describe('what the bench says', () => {
  it('names the ways that are steady and the one that would go first', () => {
    expect(describeBalance(analysis, ENGLISH)).toMatch(
      /^Steady ahead, to the left and to the right\. A nudge tips first back left, /,
    )
    const outside = {
      ...analysis,
      margins: { ...analysis.margins, usable: { ...analysis.margins.usable, nearest: -0.02 } },
    }
    expect(describeBalance(outside, ENGLISH)).toMatch(/past the edge/)
  })

  it('says how hard a nudge from each side tips, and what it was: a wider stance bears more from the side', () => {
    const { left, right } = bow.feet
    const wide = { ...left, heel: [left.heel[0] - 0.05, left.heel[1]] as const }
    const said = sayNudges(analysis, analyse(body, { ...bow, feet: { left: wide, right } }), ENGLISH)
    const [, is, was] = /from the right (\d+)\sN \(was (\d+)\)/.exec(said) ?? []
    expect(Number(is)).toBeGreaterThan(Number(was))
    expect(said.match(/from/g)).toHaveLength(4)
    expect(saySideNudge(analysis, analysis, ENGLISH)).toMatch(/^a nudge from the side tips at \d+\sN$/)
    expect(sayNudges(analysis, analysis, ENGLISH)).not.toContain('was')
  })

  it('never says a margin without what of it is sure and the reserve', () => {
    expect(describeReserve(analysis, ENGLISH)).toMatch(/^Room left, allowing for sway: [\d.]+\scm\.$/)
    expect(describeReserve({ ...analysis, reserve: 0.05 }, ENGLISH)).toMatch(
      /^Allowing for sway, [\d.]+\scm are missing/,
    )
    const unsure = { ...analysis, assured: { ...analysis.assured, margin: -0.004 } }
    expect(describeReserve(unsure, ENGLISH)).toMatch(/^Allowing for sway, [\d.]+\scm are missing/)
  })

  it('names an order as an order: how near it is, which share to aim at, and that two scales would settle it', () => {
    const ordered = resolveBody({
      stature: 1.7,
      mass: 70,
      sex: 'male',
      age: 62,
      usableAlong: 0.55,
      limits: { loadMax: { left: 0.55, right: 1 } },
    })
    const even = buildPosture(postureOf('parallel'), ordered, 'therapeutic', 'left')
    const seen = analyse(ordered, even)
    expect(seen.verdict).not.toBe('holds')
    const [first] = worstFirst(seen.findings)
    expect(sayHeading(first as (typeof seen.findings)[0], ENGLISH)).toBe('Too near the ordered weight')
    expect(first && sayFinding(first, ENGLISH)).toMatch(
      /left leg may carry 55\s%, and 50\s% is on it\. A felt share is ± 5 points/,
    )
    expect(describeBalance(seen, ENGLISH)).not.toMatch(/tips/)
    expect(describeBalance(seen, ENGLISH)).toMatch(/no edge of the feet but the order: at most 55\s% on the left leg/)
    const aim = describeAim(seen, ENGLISH) ?? ''
    expect(aim).toMatch(/^Aim at (3|4)\d\s% on the left leg\. Two scales would settle it/)
    // What is aimed at keeps the reserve, one point more does not; weighed, it holds as it is.
    const share = Number(/\d+/.exec(aim)?.[0]) / 100
    const verdictAt = (loadLeft: number, more = {}) => analyse(ordered, { ...even, loadLeft, ...more }).verdict
    expect([verdictAt(share), verdictAt(share + 0.01)]).toEqual(['holds', seen.verdict])
    expect(verdictAt(0.5, { loadMeasured: true })).toBe('holds')
    // The beam shows it, and what can be held stops there.
    const held = findHeldSplit(seen)
    expect(held?.orders).toEqual([{ side: 'left', most: 0.55, leftAt: 0.55 }])
    expect(held?.high).toBeCloseTo(Math.min(0.55, seen.possibleSplit?.[1] ?? 1), 9)
  })

  it('says the reason before what is well, and once', () => {
    const bare = resolveBody({ stature: 1.7, mass: 70, sex: 'male', limits: { loadMax: { left: 0.3, right: 1 } } })
    const seen = analyse(bare, buildPosture(postureOf('parallel'), bare, 'therapeutic', 'left'))
    const said = worstFirst(seen.findings).map((one) => sayHeading(one, ENGLISH))
    expect(said[0]).toBe('Too much on the left leg')
    expect(said).not.toContain('Past the ordered weight')
    expect(describeBalance(seen, ENGLISH)).toBeNull()
    expect(said).not.toContain('Too near the ordered weight')
  })

  it('compares with their own standing in words that keep to the number', () => {
    const at = (ofStanding: number | null) => describeOfStanding({ verdict: 'holds', ofStanding }, ENGLISH)
    // Nobody is told that they stand steadier while an order is broken.
    expect(describeOfStanding({ verdict: 'beyond', ofStanding: 2 }, ENGLISH)).toBeNull()
    expect(at(0.66)).toContain('about two thirds as steady as')
    expect(at(1)).toContain('as steady as')
    expect(at(2)).toContain('much steadier than')
    expect([at(null), at(-0.2)]).toEqual([null, null])
  })

  it('puts the worst finding first, each with a heading of its own', () => {
    const findings = worstFirst(analysis.findings)
    expect(findings[0]?.severity).toBe('hard')
    expect(sayHeading(findings[0] as (typeof findings)[0], ENGLISH)).toBe('The left knee bends past its limit')
    for (const posture of POSTURE_IDS) {
      const stance = buildPosture(postureOf(posture), body, 'low-coiling', 'right')
      for (const finding of analyse(body, stance).findings)
        expect(sayHeading(finding, ENGLISH).length).toBeGreaterThan(8)
    }
  })

  it('says each change of a variant as a teacher would, with a number and a direction', () => {
    const { variants } = findVariants(body, bow)
    const [nearest] = variants
    const said = nearest?.changes.map((one) => sayChange(one, ENGLISH))
    expect(said).toEqual([expect.stringMatching(/^step \d+\scm shorter$/), 'knees 4° straighter'])
    const shorter = (
      variants.find(({ kind, also }) => kind === 'kindest' || also.includes('kindest')) ??
      (variants[0] as (typeof variants)[0])
    ).changes.map((one) => sayChange(one, ENGLISH))
    expect(shorter.some((one) => /^step \d+\scm shorter$/.test(one))).toBe(true)
    const after = analyse(body, (nearest as (typeof variants)[0]).stance)
    expect(sayGain(analysis, after, ENGLISH)).toMatch(/left knee 34° → 30°/)
    expect(sayGain(analysis, analysis, ENGLISH)).toMatch(/^room left [\d.]+\scm, as before$/)
  })

  it('tells two stances apart by what can be set, and nothing more', () => {
    expect(sayDifferences(bow, bow, ENGLISH)).toEqual([])
    const other = { ...bow, loadLeft: 0.5, trunk: { ...bow.trunk, pitch: 5 * DEG } }
    expect(sayDifferences(bow, other, ENGLISH)).toEqual(['left foot’s weight 65 % → 50 %', 'trunk 0° → 5° forward'])
    const held = {
      ...bow,
      supports: [{ kind: 'chair-back' as const, hand: 'left' as const, at: [0, 0, 1] as const, maxLoad: 0.1 }],
    }
    expect(sayDifferences(bow, held, ENGLISH)).toEqual(['no hand held → left hand on a chair back'])
  })
})

describe('the readings', () => {
  const all = (posture: string) =>
    listReadings(analyse(body, buildPosture(postureOf(posture), body, 'therapeutic', 'left')), ENGLISH)

  it.each(POSTURE_IDS)('of a %s each have a value, a formula and a source, and no number that is none', (posture) => {
    for (const { readings } of all(posture)) {
      expect(readings.length).toBeGreaterThan(1)
      for (const { name, value, formula, source, sure, held } of readings) {
        const text = [name, value, formula, source, sure, held].join(' ')
        expect(text).not.toMatch(/NaN|Infinity|undefined|null/)
        expect(Math.min(value.length, formula.length, source.length)).toBeGreaterThan(1)
      }
    }
  })

  it('say how long a step can be taken back from each leg, and the bend that this one needs; none from a seat', () => {
    const steps = (posture: string) =>
      all(posture).find(({ name }) => name === 'Steps that they can step back out of')?.readings
    const [left, right] = steps('bow') as NonNullable<ReturnType<typeof steps>>
    expect(left?.value).toMatch(/^ahead [\d.]+\scm, back [\d.]+\scm, to the right [\d.]+\scm$/)
    // The left foot is in front: it stepped from the right leg.
    expect([left?.held, right?.held?.replace(/[\d.]+/g, 'N')]).toEqual([
      undefined,
      'this stance’s step of N\u00a0cm needs a bend of N°',
    ])
    expect(steps('seated')).toBeUndefined()
  })

  it('say who set a limit, and mark what is past it', () => {
    const knee = (limits: object) => {
      const who = resolveBody({ stature: 1.62, mass: 68, sex: 'female', limits })
      const groups = listReadings(analyse(who, buildPosture(postureOf('bow'), who, 'long-upright', 'left')), ENGLISH)
      return groups.find((g) => g.name === 'Left leg')?.readings.find((r) => r.name === 'Knee bend')
    }
    expect(knee({ kneeFlexionMax: 30 * DEG })).toMatchObject({ held: '30°, set for this person', past: true })
    expect(knee({})).toMatchObject({ held: '140°, usual', past: false })
  })

  it('say what the house set wherever it did, and what is usual elsewhere', () => {
    const house = { kneeRangeMax: 120 * DEG, pastToesCaution: 0.01, kneeDrift: 6 * DEG, swayReserve: 0.02 }
    const who = resolveBody({ stature: 1.62, mass: 68, sex: 'female', house })
    const said = listReadings(analyse(who, buildPosture(postureOf('bow'), who, 'long-upright', 'left')), ENGLISH)
      .flatMap((group) => group.readings)
      .map(({ held }) => (held ?? '').replaceAll('\u00a0', ' '))
    expect(said).toContain('120°, set by this house')
    expect(said).toContain('a caution above 1.0 cm, set by this house')
    expect(said).toContain('a caution above 6° and 3.0 cm, set by this house')
    expect(said.filter((held) => held.startsWith('reserve for sway 2.0 cm, set by this house')).length).toBeGreaterThan(
      4,
    )
  })

  it('ask no weight of a foot in the air, and name the light foot otherwise', () => {
    const names = (posture: string) => all(posture).flatMap((g) => g.readings.map((r) => r.name))
    expect(names('one-leg').some((name) => name.startsWith('Lift'))).toBe(false)
    expect(names('empty-ball')).toContain('Lift the left foot')
    expect(SIDES.some((side) => names('seated').includes(`Lift the ${side} foot`))).toBe(false)
  })
})
