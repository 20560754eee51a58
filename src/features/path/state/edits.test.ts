import { describe, expect, it } from 'vitest'
import { makePath, resolveBody } from '@/core'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { EXERCISE_IDS, exerciseParts } from '@/documents/routines/exercises'
import { ROUTINE_IDS } from '@/documents/routines/routines'
import { ENGLISH } from '@/words/english'
import { readShipped } from '@/words/routines'
import {
  changePart,
  duplicatePart,
  insertParts,
  mirrorRoutine,
  movePart,
  PARTS_MOST,
  repeatParts,
  takeOutPart,
} from './edits'

const routine: RoutineDocument = {
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left', say: 'on' },
    { posture: 'bow', side: 'right', headingDeg: 90 },
    { posture: 'closing' },
  ],
}
const said = ({ parts }: RoutineDocument) => parts.map(({ posture, side }) => `${posture} ${side ?? '-'}`)
const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const walk = (document: RoutineDocument) => makePath(body, toRoutine(document, body), 4)

describe('a routine is edited', () => {
  it('moving, doubling and putting in keep the order of all the rest; nothing of the original is touched', () => {
    const before = structuredClone(routine)
    expect(said(movePart(routine, 1, 2))).toEqual(['parallel -', 'bow right', 'bow left', 'closing -'])
    expect(said(movePart(routine, 3, 0))).toEqual(['closing -', 'parallel -', 'bow left', 'bow right'])
    expect(movePart(routine, 1, 4)).toBe(routine)
    expect(said(duplicatePart(routine, 1)).slice(1, 3)).toEqual(['bow left', 'bow left'])
    expect(said(insertParts(routine, 2, [{ posture: 'horse' }]))[2]).toBe('horse -')
    expect(routine).toEqual(before)
  })

  it('keeps two parts at least and two hundred at most', () => {
    const two = { parts: routine.parts.slice(0, 2) }
    expect(takeOutPart(two, 0)).toBe(two)
    expect(said(takeOutPart(routine, 1))).toEqual(['parallel -', 'bow right', 'closing -'])
    const many = { parts: Array.from({ length: PARTS_MOST - 1 }, () => ({ posture: 'parallel' })) }
    expect(insertParts(many, 5, routine.parts).parts).toHaveLength(PARTS_MOST)
  })

  it('takes a key out where it is set to nothing, so that a default is a default again', () => {
    expect(changePart(routine, 2, { headingDeg: undefined }).parts[2]).toEqual({ posture: 'bow', side: 'right' })
  })

  it('repeats a stretch after itself, mirrored if asked', () => {
    expect(said(repeatParts(routine, 1, 2, true)).slice(1, 5)).toEqual([
      'bow left',
      'bow right',
      'bow right',
      'bow left',
    ])
    expect(repeatParts(routine, 1, 2, true).parts.map(({ headingDeg }) => headingDeg)).toEqual([
      undefined,
      undefined,
      90,
      undefined,
      -90,
      undefined,
    ])
  })
})

describe('a mirrored routine', () => {
  it.each(ROUTINE_IDS)('of %s asks of each leg what the original asks of the other', (id) => {
    const document = readShipped(id, ENGLISH)
    const [path, mirrored] = [walk(document), walk(mirrorRoutine(document))]
    expect(mirrored.verdict).toBe(path.verdict)
    path.transitions.forEach(({ made }, i) => {
      const other = mirrored.transitions[i]?.made
      expect(Boolean(other)).toBe(Boolean(made))
      if (!made || !other) return
      expect(other.readings.leastMargin).toBeCloseTo(made.readings.leastMargin, 6)
      expect(other.readings.kneeNms.left).toBeCloseTo(made.readings.kneeNms.right, 3)
      expect(other.readings.singleS.left).toBeCloseTo(made.readings.singleS.right, 6)
    })
  })

  it('mirrored twice is what it was', () => {
    for (const id of ROUTINE_IDS) {
      const document = mirrorRoutine(readShipped(id, ENGLISH))
      expect(mirrorRoutine(mirrorRoutine(document))).toEqual(document)
    }
  })
})

describe('what is shipped', () => {
  it.each(ROUTINE_IDS)('%s can be walked by a middling body of 60, no way of it beyond', (id) => {
    const { transitions, parts } = walk(readShipped(id, ENGLISH))
    expect(parts.flatMap(({ error }) => error ?? [])).toEqual([])
    expect(transitions.filter(({ made }) => !made)).toEqual([])
    const hard = transitions.flatMap(({ made }) => made?.findings.filter(({ severity }) => severity === 'hard') ?? [])
    expect(hard.map(({ code }) => code)).toEqual([])
  })

  it.each(EXERCISE_IDS.filter((id) => id !== 'rise' && id !== 'alternate' && id !== 'neck'))(
    '%s goes out and comes back as often as asked, further from set to set',
    (id) => {
      const exercise = { id, counts: 2, sets: 2, fromPct: 40, toPct: 80, seconds: 5, holdS: 1 }
      const parts = exerciseParts(exercise)
      const sides = ['back-to-front', 'rock', 'arms', 'arm-circles'].includes(id) ? 1 : 2
      expect(parts).toHaveLength(2 * 2 * sides * 2)
      const changes = parts.flatMap(({ with: one }) => (one ? [one] : []))
      expect(changes).toHaveLength(2 * 2 * sides)
      expect(JSON.stringify(changes[0])).not.toBe(JSON.stringify(changes.at(-sides)))
      const first = id === 'back-to-front' || id === 'rock' ? 'bow' : 'parallel'
      const path = walk({ parts: [{ posture: first, side: 'left' }, ...parts] })
      expect(path.transitions.filter(({ made }) => !made)).toEqual([])
      if (sides === 1) return
      const { left, right } = path.transitions.reduce(
        (sum, { made }) => ({
          left: sum.left + (made?.readings.kneeNms.left ?? 0),
          right: sum.right + (made?.readings.kneeNms.right ?? 0),
        }),
        { left: 0, right: 0 },
      )
      expect(left / right).toBeCloseTo(1, 1)
    },
  )

  it('weight alternates from side to side within one movement, and comes to the middle at its end', () => {
    const exercise = { id: 'alternate', counts: 2, sets: 1, fromPct: 50, toPct: 100, seconds: 4, holdS: 0 } as const
    const parts = exerciseParts(exercise)
    expect(parts.map(({ with: one }) => one?.loadLeftPct ?? 50)).toEqual([5, 95, 5, 95, 50])
    const path = walk({ parts: [{ posture: 'parallel', side: 'left' }, ...parts] })
    expect(path.transitions.filter(({ made }) => !made)).toEqual([])
  })

  it('weight goes as far as is asked: 80 % of the whole way is 86 % of the weight', () => {
    const parts = exerciseParts({
      id: 'side-to-side',
      counts: 1,
      sets: 1,
      fromPct: 50,
      toPct: 80,
      seconds: 5,
      holdS: 0,
    })
    expect(parts.map(({ with: one }) => one?.loadLeftPct)).toEqual([86, undefined, 14, undefined])
  })
})
