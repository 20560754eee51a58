import { parse, TYPE } from '@formatjs/icu-messageformat-parser'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { analyse, HOUSE_KEYS, InputError, LIBRARY, makeStandingStance, RULES, resolveBody, SCHOOL_IDS } from '@/core'
import { TODAY_REASONS } from '@/documents/day-rules'
import { LIMIT_WHATS } from '@/documents/limit-fields'
import { TEST_IDS } from '@/documents/record-document'
import { CONDITIONS } from '@/records/conditions'
import { COMPLAINTS, EYE_SIGNS } from '@/records/eye-signs'
import { SIMPLE_TESTS } from '@/records/simple-tests'
import { anyPerson, anyStance } from '@/testing/arbitrary'
import { en } from './en'
import { ENGLISH } from './english'
import { es } from './es'
import { sayBend, sayCentimetres, sayDegrees } from './figures'
import { sayFinding, sayHeading, sayHouseRule, sayHouseSource, sayRule } from './findings'
import { withBends } from './language'
import { wordsIn } from './languages'
import { sayLimit, sayLimitShort } from './limits'
import { listWatch, readTexts, sayPosture, saySchool } from './postures'
import { sayCaution, sayComplaint, sayCondition, sayFamily, sayLookAt, sayReference, saySign, sayTest } from './records'

type Tree = { [key: string]: string | Tree }

const flatten = (tree: Tree, under = ''): [string, string][] =>
  Object.entries(tree).flatMap(([key, one]) =>
    typeof one === 'string' ? [[under + key, one] as [string, string]] : flatten(one, `${under}${key}.`),
  )

type Element = ReturnType<typeof parse>[number]

/** The names that a message takes; of a choice with the codes that it knows, so that none is mistyped. */
function namesOf(elements: readonly Element[]): string[] {
  return elements.flatMap((element): string[] => {
    if (element.type === TYPE.argument) return [element.value]
    if (element.type !== TYPE.select && element.type !== TYPE.plural) return []
    const codes = element.type === TYPE.select ? Object.keys(element.options).sort().join('|') : ''
    return [
      `${element.value}${codes && ` ${codes}`}`,
      ...Object.values(element.options).flatMap(({ value }) => namesOf(value)),
    ]
  })
}

const MESSAGES = new Map(flatten(en))
const sorted = (names: readonly string[]) => [...new Set(names)].sort()

describe('how deep a knee bends', () => {
  it('is said by the degrees that stand beside it, in the house’s own words where it has some', () => {
    const said = [0, 7.4, 7.6, 17, 18, 27, 28, 41.4, 42, 57, 58, 120].map((degrees) =>
      sayBend((degrees * Math.PI) / 180, ENGLISH),
    )
    expect(said).toEqual([
      'nearly straight (0°)',
      'nearly straight (7°)',
      'soft (8°)',
      'soft (17°)',
      'a quarter down (18°)',
      'a quarter down (27°)',
      'a third down (28°)',
      'a third down (41°)',
      'half down (42°)',
      'half down (57°)',
      'low (58°)',
      'low (120°)',
    ])
    const own = withBends(wordsIn('en'), { third: 'on the stool', low: '' })
    expect([sayBend(0.6, own), sayBend(1.2, own)]).toEqual(['on the stool (34°)', 'low (69°)'])
  })
})

describe('the messages', () => {
  it('can be read', () => {
    for (const [key, message] of MESSAGES) expect(() => parse(message), key).not.toThrow()
  })

  it('of every other language are messages of English, and name the same', () => {
    for (const [key, message] of flatten(es)) {
      const english = MESSAGES.get(key)
      expect(english, key).toBeDefined()
      // A translation may choose by what English prints as it is, and the other way round.
      const bare = (said: string) => sorted(namesOf(parse(said)).map((name) => name.split(' ')[0] as string))
      expect(
        bare(english ?? '').filter((name) => !bare(message).includes(name) && name !== 'side'),
        key,
      ).toEqual([])
      expect(
        bare(message).filter((name) => !bare(english ?? '').includes(name) && name !== 'place'),
        key,
      ).toEqual([])
    }
  })

  it('say every finding of any stance, in every language', () => {
    fc.assert(
      fc.property(anyPerson, anyStance, fc.constantFrom(...(['en', 'es'] as const)), (person, stance, language) => {
        const words = wordsIn(language)
        let findings: ReturnType<typeof analyse>['findings'] = []
        try {
          findings = analyse(resolveBody(person), stance, { standing: null, withoutFreeTurn: true }).findings
        } catch (error) {
          if (!(error instanceof InputError)) throw error
        }
        for (const finding of findings) {
          const said = `${sayHeading(finding, words)} ${sayFinding(finding, words)}`
          expect(said).not.toMatch(/[{}]|undefined|NaN|null|\bnone\b/)
          expect(said).toMatch(/\S.*\./)
        }
      }),
    )
  })

  it('say every rule: what it looks at, what to do, where its limit comes from', () => {
    for (const { id } of RULES) {
      for (const word of ['advice', 'looksAt', 'source'] as const)
        expect(sayRule(id, word, ENGLISH).length).toBeGreaterThan(8)
    }
    for (const key of HOUSE_KEYS) {
      expect(sayHouseRule(key, ENGLISH).length, key).toBeGreaterThan(5)
      expect(sayHouseSource(key, ENGLISH).length, key).toBeGreaterThan(5)
    }
  })

  it('say every posture by a name of its own, what it is for, how it is said and what to watch', () => {
    const names = LIBRARY.map(({ id }) => readTexts({ id, own: null }, ENGLISH).name)
    expect(new Set(names).size).toBe(LIBRARY.length)
    for (const { id, kind } of LIBRARY) {
      const { purpose, cue } = readTexts({ id, own: null }, ENGLISH)
      expect([purpose.endsWith('.'), cue.endsWith('.')], id).toEqual([true, true])
      expect(listWatch({ id, own: null }, ENGLISH).length, id).toBeGreaterThan(0)
      expect(/^an? /.test(sayPosture({ id, kind, own: null }, ENGLISH)), id).toBe(kind === 'stance')
    }
    for (const school of SCHOOL_IDS) expect(saySchool(school, ENGLISH)).toMatch(/frame$/)
    const own = { name: 'eddy', purpose: '', cue: 'Turn.', watch: ['sway'] }
    expect(sayPosture({ id: 'own-1', kind: 'stance', own }, ENGLISH)).toBe('an eddy')
    expect(readTexts({ id: 'own-1', own }, ENGLISH)).toEqual(own)
  })

  it('say everything that a record can hold by its code', () => {
    for (const { id, cautions } of CONDITIONS) {
      expect(Object.keys(en.conditions)).toContain(id)
      for (const caution of cautions) expect(sayCaution(id, caution.id, ENGLISH)).toMatch(/\.$/)
    }
    for (const sign of EYE_SIGNS) expect(saySign(sign, ENGLISH), sign).toBe(en.watch.signs[sign])
    for (const id of COMPLAINTS) expect([sayComplaint(id, ENGLISH), sayLookAt(id, ENGLISH)]).not.toContain(id)
    for (const test of TEST_IDS) {
      const range = SIMPLE_TESTS[test].reference({ sex: 'female', age: 72 })
      expect(sayTest(test, ENGLISH).length).toBeGreaterThan(5)
      if (range) expect(sayReference(test, range, ENGLISH)).toMatch(/.+ \(.+\)$/)
    }
    for (const reason of TODAY_REASONS) expect(en.records.today[reason].length).toBeGreaterThan(3)
    for (const family of ['seated', 'wide-level', 'short-wide', 'both-down', 'all'] as const) {
      expect(sayFamily({ family } as never, ENGLISH).words.length).toBeGreaterThan(8)
    }
    // What a house says in its own words stays as it said it.
    expect([saySign('hums', ENGLISH), sayCondition('sea legs', ENGLISH), sayLookAt('sea legs', ENGLISH)]).toEqual([
      'hums',
      'sea legs',
      '',
    ])
  })

  it('say every limit as a line and at its joint', () => {
    for (const what of LIMIT_WHATS) {
      const value = what === 'support' ? 'chair-back' : 40
      for (const said of [sayLimit({ what, side: 'left', value }, ENGLISH), sayLimitShort({ what, value }, ENGLISH)]) {
        expect(said).toMatch(/^[a-z0-9]/)
        expect(said).not.toMatch(/[{}]|undefined|none/)
      }
    }
    expect(sayLimit({ what: 'loadMaxPct', side: 'left', value: 50 }, ENGLISH)).toBe('50\u00a0% on the left leg at most')
    expect(sayLimitShort({ what: 'loadMaxPct', side: 'left', value: 10, grade: 'touch' }, ENGLISH)).toBe(
      'only touch weight',
    )
  })
})

describe('a language', () => {
  const spanish = wordsIn('es')

  it('writes numbers and days its own way', () => {
    expect(sayCentimetres(0.0345, ENGLISH)).toBe('3.5\u00a0cm')
    expect(sayCentimetres(0.0345, spanish)).toBe('3,5\u00a0cm')
    expect(sayDegrees(-0.001, ENGLISH)).toBe('0°')
    expect([wordsIn('en').day('2026-03-03', '2026'), wordsIn('en').day('2025-03-03', '2026')]).toEqual([
      '3 March',
      '3 March 2025',
    ])
    expect(spanish.day('2026-03-03')).toBe('3 de marzo')
  })

  it('counts by its own plurals, and says in English what it does not have yet', () => {
    expect([1, 5].map((n) => spanish.say('figures.points', { n }))).toEqual(['1 punto', '5 puntos'])
    const body = resolveBody({ stature: 1.6, mass: 60, sex: 'female', limits: { loadMax: { left: 0.3, right: 1 } } })
    const finding = analyse(body, makeStandingStance(body), { standing: null }).findings.find(
      ({ code }) => code === 'load.limit',
    )
    expect(finding && sayFinding(finding, spanish)).toBe('La pierna izquierda lleva 50\u00a0%; su límite es 30\u00a0%.')
    expect(sayRule('load.limit', 'source', spanish)).toBe(sayRule('load.limit', 'source', ENGLISH))
  })
})
