import { describe, expect, it } from 'vitest'
import { InputError, MOTION_RULES, postureOf, resolveBody } from '@/core'
import { IN_DOCUMENTS } from '@/words/documents'
import { ENGLISH } from '@/words/english'
import { sayRule } from '@/words/findings'
import { analyseDocument } from './analyse-document'
import { pathDocument } from './path-document'
import { pathAnswer } from './path-schema'
import { toRoutine } from './routine-document'

const PERSON = { statureM: 1.62, massKg: 68, ageYears: 71 }
const routine = (more: object = {}) => ({
  format: 'nivrel.routine/1',
  school: 'therapeutic',
  person: PERSON,
  parts: [
    { posture: 'parallel', headingDeg: 0 },
    { posture: 'bow', side: 'left', seconds: 8, holdS: 2, breath: 'in-out', anchor: 'right' },
    { posture: 'bow', side: 'right', seconds: 8, anchor: 'left', choices: { middle: 'pass' } },
  ],
  ...more,
})
const path = (value: unknown, samples?: number) => pathDocument(value, IN_DOCUMENTS, samples)

/** The field that is refused, and what would be accepted. */
function refused(value: unknown): string {
  try {
    path(value)
  } catch (error) {
    if (error instanceof InputError) return `${error.field} ${error.accepts.code}`
    throw error
  }
  return 'accepted'
}

it('a step that no leg reaches says how far along its line one could step, and the longest that it says can be taken', () => {
  const wide = (trackM: number) => ({
    stance: { feet: { left: { heel: [-trackM, 0] }, right: { heel: [0, 0] } } },
    anchor: 'right',
    seconds: 8,
  })
  const way = (trackM: number) => path(routine({ parts: [{ posture: 'parallel' }, wide(trackM)] })).transitions[0]
  const refusal = way(0.7)
  const accepts = refusal && 'error' in refusal ? refusal.error?.accepts : undefined
  expect(accepts).toMatch(
    /^a step of the left foot no longer than [\d.]+\scm on this line, from heel to heel \(70\scm is asked\)/,
  )
  const longest = Number(/no longer than ([\d.]+)/.exec(accepts ?? '')?.[1]) / 100
  expect(way(longest - 0.01)).not.toHaveProperty('error')
  expect(way(longest + 0.03)).toHaveProperty('error')
})

it('is answered as its schema says, with what cannot be had in its place', () => {
  const parts = [...routine().parts, { posture: 'horse', seconds: 8 }, { posture: 'seated', seconds: 8 }]
  const answer = JSON.parse(JSON.stringify(path(routine({ parts }), 4)))
  const read = pathAnswer.safeParse(answer)
  expect(read.error?.issues ?? []).toEqual([])
  expect(answer.transitions).toHaveLength(4)
})

it('a house goes before its school, a routine before the house, a part before all', () => {
  const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female' })
  const parts = [{ posture: 'parallel' }, { posture: 'bow' }, { posture: 'bow', choices: { middle: 'pass' as const } }]
  const ways = {
    therapeutic: { middle: 'touch' as const, arms: 'waist' as const, landing: { back: 'whole' as const } },
  }
  const of = (more: object) => toRoutine({ school: 'therapeutic', parts, ...more }, body, postureOf, ways)
  const [, second, third] = of({})
  expect(second?.choices).toMatchObject({ middle: 'touch', arms: 'waist', landing: { ahead: 'heel', back: 'whole' } })
  expect(third?.choices).toMatchObject({ middle: 'pass', arms: 'waist' })
  expect(of({ choices: { arms: 'foot' } })[1]?.choices).toMatchObject({ middle: 'touch', arms: 'foot' })
  expect(of({ school: 'long-upright' })[1]?.choices.arms).toBe('weight')
})

describe('changes over a posture', () => {
  const of = (changes: object) =>
    routine({ parts: [{ posture: 'parallel' }, { posture: 'parallel', seconds: 5, with: changes }] })

  it('go over what they name and leave the rest', () => {
    const [first, changed] = path(of({ loadLeftPct: 70, trunk: { yawDeg: 12 } }), 4).parts
    expect(changed?.stance.loadLeftPct).toBe(70)
    expect(changed?.stance.trunk).toMatchObject({ yawDeg: 12, pitchDeg: 0 })
    expect(changed?.stance.feet).toEqual(first?.stance.feet)
    expect(changed?.stance.arms).toEqual(first?.stance.arms)
  })

  it('are refused by the field', () => {
    expect(refused(of({ loadLeftPct: 120 }))).toBe('parts.1.with.loadLeftPct range')
    expect(refused(of({ feet: { left: { contact: 'whole', liftDeg: 20 } } }))).toBe(
      'parts.1.with.feet.left.liftDeg lift',
    )
    expect(refused(of({ supports: [{ kind: 'chair-back', hand: 'left' }] }))).toBe('parts.1.with.supports.0.at point')
  })
})

describe('a path as a document', () => {
  const document = path(routine())

  it('has every part, every way between, and no number that is none', () => {
    expect(JSON.stringify(document)).not.toMatch(/null,"pelvisM"|NaN|Infinity/)
    expect(document).toMatchObject({
      format: 'nivrel.path/1',
      seconds: 18,
      verdict: expect.stringMatching(/holds|close|beyond/),
    })
    expect(document.parts.map(({ at }) => at.headingDeg)).toEqual([0, 0, 0])
    expect(document.transitions.map(({ from, to, anchor }) => [from, to, anchor])).toEqual([
      [0, 1, 'right'],
      [1, 2, 'left'],
    ])
    for (const { phases } of document.transitions) {
      for (const { samples } of phases) expect([samples[0]?.t, samples.at(-1)?.t, samples.length]).toEqual([0, 1, 21])
    }
  })

  it('counts its seconds from the start of the routine, holds between', () => {
    const begins = document.transitions.map(({ phases }) => phases[0]?.startS)
    expect(begins).toEqual([0, 10])
    const last = document.transitions[1]?.phases.at(-1)
    expect((last?.startS ?? 0) + (last?.seconds ?? 0)).toBeCloseTo(18, 9)
  })

  it('holds stances whose analysis is what is said of them', () => {
    for (const { phases } of document.transitions) {
      for (const { samples } of phases) {
        const sample = samples[10] as (typeof samples)[number]
        const analysis = analyseDocument(
          { format: 'nivrel.stance/1', person: PERSON, stance: sample.stance },
          IN_DOCUMENTS,
        )
        expect(analysis.margins.assuredM).toBeCloseTo(sample.assuredM, 6)
        expect(analysis.margins.reserveM).toBeCloseTo(sample.reserveM, 9)
      }
    }
  })

  it('sets its feet down in order, and walks ahead', () => {
    const steps = document.footprints.map(({ foot, part }) => `${foot} ${part}`)
    expect(steps.slice(0, 2)).toEqual(['left 0', 'right 0'])
    expect(steps).toContain('left 1')
    expect(steps.at(-1)).toMatch(/ 2$/)
    expect(document.drift.yM).toBeGreaterThan(0.1)
    const [[left, rear], [right, front]] = document.extentM
    expect([right - left > 0.4, front - rear > 0.6]).toEqual([true, true])
    expect(document.dose.shifts).toBeGreaterThanOrEqual(4)
    expect(document.dose.singleS.left).toBeGreaterThan(0)
  })

  it('samples first contact also where the intervals are odd', () => {
    const { transitions } = path(routine(), 5)
    const touch = transitions[0]?.phases.find(({ kind }) => kind === 'touch')
    expect(touch?.samples.map(({ t }) => t)).toContain(0.5)
  })

  it('takes a stance of one’s own, placed by itself', () => {
    const stance = { feet: { left: { heel: [-0.12, 0] }, right: { heel: [0.12, 0] } }, height: { kneeFlexionDeg: 20 } }
    const { parts, transitions } = path({
      person: PERSON,
      parts: [{ stance }, { stance, at: { xM: 0.1, yM: 0.1 }, headingDeg: 10 }],
    })
    expect(parts[1]?.at).toEqual({ xM: 0.1, yM: 0.1, headingDeg: 10 })
    expect(transitions[0]?.phases.filter(({ kind }) => kind === 'touch')).toHaveLength(2)
  })

  it('names what is wrong and what would be accepted', () => {
    const parts = routine().parts
    const changed = (more: object) => routine({ parts: [...parts, { posture: 'bow', ...more }] })
    expect(refused(changed({ headingDeg: 'north' }))).toBe('parts.3.headingDeg range')
    expect(refused(changed({ posture: 'swan' }))).toBe('parts.3.posture postureOrStance')
    expect(refused(changed({ choices: { swing: 'wide' } }))).toBe('parts.3.choices.swing oneOf')
    expect(refused(changed({ breath: 'held' }))).toBe('parts.3.breath oneOf')
    expect(refused(routine({ parts: parts.slice(0, 1) }))).toBe('parts atLeast')
    expect(refused(routine({ person: undefined }))).toBe('person keys')
    expect(refused(routine({ tempo: { halfBreathS: 0 } }))).toBe('tempo.halfBreathS range')
  })

  it('answers the rest where one way cannot be had', () => {
    const apart = { feet: { left: { heel: [-0.5, 0] }, right: { heel: [0.5, 0] } }, height: { pelvisDropM: 0.25 } }
    const { transitions, verdict } = path(
      routine({ parts: [...routine().parts, { stance: apart }, { posture: 'bow', seconds: 9 }] }),
    )
    const errors = transitions.map((one) => ('error' in one ? one.error : undefined))
    expect(errors.slice(0, 2)).toEqual([undefined, undefined])
    expect(errors[2]).toMatchObject({ field: expect.stringMatching(/^parts\.3/), accepts: expect.any(String) })
    expect([transitions[2]?.phases, verdict]).toEqual([[], 'beyond'])
  })
})

describe('the rules of a way', () => {
  it.each(MOTION_RULES.map(({ id }) => id))('%s says what it looks at, where it comes from and what to do', (rule) => {
    for (const word of ['looksAt', 'source', 'advice'] as const)
      expect(sayRule(rule, word, ENGLISH).length).toBeGreaterThan(10)
  })

  it('are said in words, with figures', () => {
    const slow = routine({
      parts: routine().parts.map((part) => ({ ...part, seconds: 1, choices: { stepScale: 1.6 } })),
    })
    const said = path(slow).transitions.flatMap((one) => ('findings' in one ? (one.findings ?? []) : []))
    expect(said.map(({ code }) => code)).toEqual(expect.arrayContaining(['step.falls', 'tempo.short']))
    for (const { text } of said) expect(text).not.toMatch(/[{}]|undefined|NaN|\bnone\b/)
  })
})
