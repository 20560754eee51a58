import { describe, expect, it } from 'vitest'
import {
  DEG,
  findMeasure,
  findSaferWays,
  makePath,
  markWay,
  refineStep,
  resolveBody,
  type SaferWay,
  tallyPath,
  walkWay,
} from '@/core'
import { changeWay } from '@/core/motion/way-change'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { takeMeasure, takeSafer } from './take'

/** Somebody whose knees are not to bend far. */
const body = resolveBody({
  stature: 1.62,
  mass: 70,
  sex: 'female',
  age: 72,
  limits: { left: { kneeFlexionMax: 40 * DEG }, right: { kneeFlexionMax: 40 * DEG } },
})
const routine: RoutineDocument = {
  school: 'long-upright',
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left', seconds: 8 },
    { posture: 'bow', side: 'right', seconds: 8 },
    { posture: 'bow', side: 'left', headingDeg: 90, seconds: 8 },
  ],
}
const walk = (document: RoutineDocument, samples: number) => makePath(body, toRoutine(document, body), samples)
const path = walk(routine, 10)
const sized = toRoutine(routine, body)

const askedFor = (at: number) => {
  const { at: _, ...stance } = (path.parts[at - 1] as (typeof path.parts)[number]).stance
  const way = {
    before: { ...(sized[at - 1] as (typeof sized)[number]), stance },
    parts: [sized[at] as (typeof sized)[number]],
  }
  return { way, anchor: path.transitions[at - 1]?.made?.transition.anchor ?? null }
}

const waysTo = (at: number) => {
  const { way, anchor } = askedFor(at)
  return findSaferWays(body, way, anchor)
}
const FOUND = [1, 2, 3].map((at) => ({ at, ...waysTo(at) }))

describe('safer ways', () => {
  it('are found where a way is not well, each better than what was, and none stays beyond', () => {
    const troubled = FOUND.filter(({ original }) => original.verdict !== 'holds')
    expect(troubled.flatMap(({ ways }) => ways).length).toBeGreaterThan(0)
    for (const { original, ways } of troubled) {
      for (const { marks } of ways) {
        expect(marks.verdict).toMatch(/holds|close/)
        expect(marks.hard).toBeLessThanOrEqual(original.hard)
      }
    }
  })

  it('the nearest changes least, the steadiest has most to spare, the kindest loads the knee least', () => {
    for (const { ways } of FOUND) {
      const of = (kind: SaferWay['kind']) => ways.find((one) => one.kind === kind || one.also.includes(kind))
      const [nearest, steadiest, kindest] = [of('nearest'), of('steadiest'), of('kindest')]
      if (!nearest || !steadiest || !kindest) continue
      expect(steadiest.marks.leastMargin).toBeGreaterThanOrEqual(nearest.marks.leastMargin)
      expect(kindest.marks.knee).toBeLessThanOrEqual(nearest.marks.knee)
      expect(kindest.marks.knee).toBeLessThanOrEqual(steadiest.marks.knee)
    }
  })

  it('taken into the routine they are what was promised', () => {
    for (const { at, ways } of FOUND) {
      for (const one of ways) {
        const taken = takeSafer(routine, at, one)
        const parts = toRoutine(taken, body)
        const pieces = one.way.parts.length
        const before = makePath(body, parts, 10).parts[at - 1]?.stance
        if (!before) throw new Error('the part before is gone')
        const { at: _, ...stance } = before
        const marks = markWay(
          walkWay(body, { before: { ...parts[at - 1], stance } as never, parts: parts.slice(at, at + pieces) }, 10),
        )
        expect(marks.verdict, JSON.stringify(one.changes)).toBe(one.marks.verdict)
        expect(marks.leastMargin).toBeCloseTo(one.marks.leastMargin, 3)
        expect(marks.bend).toBeCloseTo(one.marks.bend, 2)
      }
    }
  })

  it.each([
    { what: 'step', scale: 0.75 },
    { what: 'knees', by: -5 * DEG },
    { what: 'sink', by: 5 * DEG },
    { what: 'middle' },
    { what: 'pieces' },
    { what: 'inPlace' },
    { what: 'seconds', times: 1.5 },
    { what: 'wider', by: 0.03 },
    { what: 'hand', hand: 'left' },
  ] as const)('each change alone, taken into the routine, is walked as it was shown: $what', (change) => {
    let applied = 0
    for (const at of [1, 2, 3]) {
      const { way, anchor } = askedFor(at)
      const changed = changeWay(body, way, change, anchor)
      if (!changed) continue
      applied++
      const marks = markWay(walkWay(body, changed, 10))
      const taken = takeSafer(routine, at, { kind: 'nearest', also: [], changes: [change], marks, way: changed })
      const parts = toRoutine(taken, body)
      const pieces = changed.parts.length
      expect(parts).toHaveLength(routine.parts.length + pieces - 1)
      const before = makePath(body, parts, 10).parts[at - 1]?.stance
      if (!before) throw new Error('the part before is gone')
      const { at: _, ...stance } = before
      const again = markWay(
        walkWay(body, { before: { ...parts[at - 1], stance } as never, parts: parts.slice(at, at + pieces) }, 10),
      )
      expect([at, again.verdict]).toEqual([at, marks.verdict])
      expect(again.leastMargin).toBeCloseTo(marks.leastMargin, 3)
      expect(again.bend).toBeCloseTo(marks.bend, 2)
      expect(again.seconds).toBeCloseTo(marks.seconds, 6)
      // What was not asked for stays: the parts before and after are as they were.
      expect(taken.parts.slice(at + pieces)).toEqual(routine.parts.slice(at + 1))
      expect(taken.parts.slice(0, at - 1)).toEqual(routine.parts.slice(0, at - 1))
    }
    expect(applied).toBeGreaterThan(0)
  })

  it('a shorter step, made as long as it can be, comes to as much and would not if it were longer', () => {
    const stepped = FOUND.flatMap(({ at, ways }) => {
      const one = ways.find(({ changes }) => changes.some(({ what }) => what === 'step'))
      return one ? [{ at, one }] : []
    })
    expect(stepped.length).toBeGreaterThan(0)
    for (const { at, one } of stepped) {
      const { way, anchor } = askedFor(at)
      const fine = refineStep(body, way, anchor, one)
      const scaleOf = ({ changes }: SaferWay) =>
        changes.flatMap((change) => (change.what === 'step' ? change.scale : []))[0] ?? 1
      expect(scaleOf(fine)).toBeGreaterThanOrEqual(scaleOf(one))
      expect(scaleOf(fine)).toBeLessThanOrEqual(scaleOf(one) + 0.25)
      expect(fine.marks.verdict).toBe(one.marks.verdict)
    }
  })

  it('weight shifted in place stays on the feet where they are, also where every step was shortened before', () => {
    const short = { ...routine, choices: { stepScale: 0.5 } }
    const walked = walk(short, 4)
    const parts = toRoutine(short, body)
    const { at: _, ...stance } = (walked.parts[1] as (typeof walked.parts)[number]).stance
    const way = { before: { ...(parts[1] as (typeof parts)[number]), stance }, parts: parts.slice(2, 3) }
    const changed = changeWay(body, way, { what: 'inPlace' }, 'left')
    if (!changed) throw new Error('nothing to leave out')
    const { transitions } = walkWay(body, changed, 4)
    expect(transitions[0]?.made?.transition.phases.map(({ kind }) => kind)).not.toContain('reach')
    expect(transitions[0]?.made?.readings.emptyStep).toBeNull()
  })

  it('one step length and one height for all, taken, leaves what was promised, and less than before', () => {
    const found = findMeasure(body, sized)
    expect(found).not.toBeNull()
    if (!found) return
    const taken = takeMeasure(routine, found)
    expect(tallyPath(walk(taken, 6))).toEqual(found.tally)
    const was = tallyPath(walk(routine, 6))
    expect(found.tally.noWay + found.tally.beyond).toBeLessThanOrEqual(was.noWay + was.beyond)
  })
})
