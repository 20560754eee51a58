import { describe, expect, it } from 'vitest'
import { InputError, postureOf, resolveBody, USUAL_PRACTICE } from '@/core'
import { lessonDocument, type PieceDocument } from '@/documents/lesson-document'
import { readLogCsv, writeLogCsv } from '@/documents/log-csv'
import { LOG_FORMAT, type LogDocument } from '@/documents/log-document'
import { parse } from '@/documents/parse'
import { exerciseParts } from '@/documents/routines/exercises'
import { findMend, listLearning, listOtherWays, pickOtherWay } from '@/teaching/practice/lesson-loads'
import { ENGLISH } from '@/words/english'
import { readShipped } from '@/words/routines'
import { pieceRounds, pieceRoutine, roundSeconds, roundsOf, seatedRoutine } from './piece-routine'
import { workPiece } from './work-piece'

const makings = {
  routineOf: (id: string) => readShipped(id as Parameters<typeof readShipped>[0], ENGLISH),
  find: postureOf,
  formOf: () => null,
}
const LESSON = { school: 'therapeutic' as const }
const piece = (more: Partial<PieceDocument>): PieceDocument => ({ id: 'p', kind: 'posture', minutes: 6, ...more })
const body = resolveBody({ stature: 1.66, mass: 64, sex: 'female', age: 69 })

describe('a piece as a routine', () => {
  it('a posture goes out and back on both sides with the same foot, held; on one side only there', () => {
    const both = pieceRoutine(piece({ posture: 'bow', holdS: 6 }), LESSON, makings)
    expect(both?.parts.map(({ posture, side, anchor, holdS }) => [posture, side, anchor, holdS])).toEqual([
      ['parallel', 'left', undefined, undefined],
      ['bow', 'left', 'right', 6],
      ['parallel', 'left', 'right', undefined],
      ['bow', 'right', 'left', 6],
      ['parallel', 'left', 'left', undefined],
    ])
    const left = pieceRoutine(piece({ posture: 'back-step', side: 'left' }), LESSON, makings)
    expect(left?.parts.map(({ anchor }) => anchor)).toEqual([undefined, 'left', 'left'])
    expect(pieceRoutine(piece({ kind: 'rest' }), LESSON, makings)).toBeNull()
  })

  it('legs alone keep the arms low; arms alone stay on both feet, with the arms of the posture on its side', () => {
    const legs = pieceRoutine(piece({ posture: 'white-crane', limbs: 'legs', side: 'left' }), LESSON, makings)
    expect(legs?.parts[1]?.with?.arms?.left?.elevationDeg).toBeLessThan(15)
    const arms = pieceRoutine(piece({ posture: 'white-crane', limbs: 'arms', side: 'right' }), LESSON, makings)
    expect(arms?.parts.map(({ posture }) => posture)).toEqual(['parallel', 'parallel', 'parallel'])
    const own = postureOf('white-crane').measures.therapeutic.ownArm.elevation
    expect(arms?.parts[1]?.with?.arms?.right?.elevationDeg).toBeCloseTo((own * 180) / Math.PI, 6)
  })

  it('lasts what its breaths and holds come to; as many whole rounds as the minutes hold, or as many as it says', () => {
    const routine = pieceRoutine(piece({ posture: 'bow', holdS: 6 }), LESSON, makings)
    if (!routine) throw new Error('no routine')
    // Out eight, held six, back four: twice.
    expect(roundSeconds(routine)).toBe(36)
    expect(roundsOf(piece({ minutes: 6 }), routine)).toBe(10)
    expect(roundsOf(piece({ minutes: 0.5 }), routine)).toBe(1)
    expect(roundsOf(piece({ counts: 3 }), routine)).toBe(3)
  })

  it('an exercise with one foot ahead has rounds with either; on one side only that', () => {
    const rock = piece({ kind: 'exercise', exercise: 'back-to-front' })
    const sides = (of: PieceDocument) => pieceRounds(of, LESSON, makings).map(({ parts }) => parts[1])
    expect(sides(rock).map((part) => [part?.side, part?.with?.loadLeftPct])).toEqual([
      ['left', 34],
      ['right', 66],
    ])
    expect(sides({ ...rock, side: 'right' }).map((part) => part?.side)).toEqual(['right'])
    const { kneeNms } = workPiece(body, rock, LESSON, makings).load
    expect(kneeNms.left / kneeNms.right).toBeCloseTo(1, 2)
  })

  it('on a chair it asks nothing of the legs, of whatever kind it is', () => {
    for (const one of [{ posture: 'bow' }, { kind: 'exercise', exercise: 'arms' }] as const) {
      const { as, load } = workPiece(body, piece({ ...one, limbs: 'seated' }), LESSON, makings)
      expect([as, load.kneeNms, load.seconds > 0]).toEqual(['seated', { left: 0, right: 0 }, true])
    }
  })

  it('sitting keeps the arms and the breath, and nothing of the legs', () => {
    const routine = {
      parts: [
        { posture: 'parallel' },
        ...exerciseParts({ id: 'arms', counts: 1, sets: 1, fromPct: 100, toPct: 100, seconds: 4, holdS: 0 }),
      ],
    }
    const sat = seatedRoutine(routine)
    expect(sat.parts.every(({ posture }) => posture === 'seated')).toBe(true)
    expect(sat.parts[1]?.with?.arms).toEqual(routine.parts[1]?.with?.arms)
    expect(sat.parts[1]?.with?.height).toBeUndefined()
  })
})

describe('what somebody does of a piece', () => {
  it('as taught where they may; who may only sit sits, and their legs bear nothing', () => {
    expect(workPiece(body, piece({ posture: 'bow' }), LESSON, makings)).toMatchObject({ as: 'taught', part: 1 })
    const sits = resolveBody({ stature: 1.66, mass: 64, sex: 'female', limits: { seatedOnly: true } })
    const seated = workPiece(sits, piece({ posture: 'bow' }), LESSON, makings)
    expect(seated).toMatchObject({ as: 'seated', load: { kneeNms: { left: 0, right: 0 } } })
  })

  it('what is past a limit is never done: less of it, shifts in place, or sitting', () => {
    const limited = resolveBody({
      stature: 1.66,
      mass: 64,
      sex: 'female',
      age: 69,
      limits: { loadMax: { left: 1, right: 0.5 } },
    })
    const worked = workPiece(limited, piece({ posture: 'bow' }), LESSON, makings)
    expect(['steps', 'in-place', 'seated']).toContain(worked.as)
    const rest = workPiece(body, piece({ kind: 'rest' }), LESSON, makings)
    expect(rest).toMatchObject({ as: 'none', rounds: 0 })
  })

  it('higher is lighter, and longer holds are heavier', () => {
    const nms = (more: Partial<PieceDocument>) =>
      workPiece(body, piece({ posture: 'bow', counts: 4, ...more }), LESSON, makings).load.kneeNms.left
    expect(nms({ higherDeg: 10 })).toBeLessThan(nms({}))
    expect(nms({ holdS: 10 })).toBeGreaterThan(nms({ holdS: 2 }))
  })
})

/** Only what was done counts. */
const NO_START = { ...USUAL_PRACTICE, startNms: 20, startStretchNms: 10 }

describe('what mends a load', () => {
  const pieces = [
    piece({ id: 'a', posture: 'bow', minutes: 8, holdS: 8 }),
    piece({ id: 'b', posture: 'bow', minutes: 8, holdS: 8 }),
    piece({ id: 'c', kind: 'exercise', exercise: 'waist', minutes: 4 }),
  ]
  const worked = pieces.map((one) => workPiece(body, one, LESSON, makings))
  const all = worked.reduce((sum, { load }) => sum + Math.max(load.kneeNms.left, load.kneeNms.right), 0)
  const day = (all: number, stretch: number) => [
    {
      day: '2026-03-20',
      nms: { left: all, right: all },
      stretch: { left: stretch, right: stretch },
      complained: false,
    },
  ]
  const learn = (done: ReturnType<typeof day>) =>
    listLearning([{ done, mass: 64 }], [worked], pieces, '2026-03-25', NO_START)[0] as ReturnType<
      typeof listLearning
    >[number]

  it('nothing where nobody is past what they are used to', () => {
    expect(findMend(learn(day(all, all)), pieces)).toBeNull()
  })

  it('too much at a stretch: a rest between; too much in all: the heaviest piece shorter; far too much: less of all of it', () => {
    expect(findMend(learn(day(all * 2, all * 0.6)), pieces)).toEqual({ what: 'rest', after: 'a' })
    expect(findMend(learn(day(all * 0.78, all * 2)), pieces)).toMatchObject({ what: 'shorter' })
    expect(findMend(learn(day(all * 0.4, all * 2)), pieces)).toMatchObject({ what: 'gentler', share: 0.35 })
  })

  it('higher or held shorter, where that alone is enough', () => {
    const one = learn(day(all * 0.8, all * 2))
    const ways = listOtherWays(one, pieces)
    expect(ways.map(({ mend }) => mend.what)).toEqual(['hold', 'higher', 'higher', 'higher'])
    const tried = ways.map(({ piece: other }) => workPiece(body, other, LESSON, makings))
    const mend = pickOtherWay(one, pieces, ways, tried)
    expect(mend === null || mend.what === 'hold' || mend.what === 'higher').toBe(true)
    expect(
      pickOtherWay(
        one,
        pieces,
        ways,
        ways.map(() => ({ ...(worked[2] as (typeof worked)[number]) })),
      ),
    ).toEqual(ways[0]?.mend)
  })
})

describe('documents', () => {
  it('a lesson names the piece that is wrong', () => {
    const refused = (pieces: unknown[]) => {
      try {
        parse(lessonDocument, { minutes: 50, pieces })
        return null
      } catch (error) {
        return (error as InputError).field
      }
    }
    expect(refused([{ id: 'a', kind: 'posture', minutes: 5 }])).toBe('pieces.0.posture')
    expect(
      refused([
        { id: 'a', kind: 'rest', minutes: 2 },
        { id: 'b', kind: 'transition', posture: 'bow', minutes: 5 },
      ]),
    ).toBe('pieces.1.to')
    expect(refused([{ id: 'a', kind: 'rest', minutes: 500 }])).toBe('pieces.0.minutes')
    expect(refused([{ id: 'a', kind: 'rest', minutes: 2 }])).toBeNull()
  })

  const log: LogDocument = {
    format: LOG_FORMAT,
    rows: [
      {
        person: 'Marit Quill',
        day: '2026-03-03',
        group: 'Slack Tide',
        came: true,
        effort: 4,
        pain: 0,
        word: 'said "ow", then laughed',
      },
      {
        person: 'Bram Tallow',
        day: '2026-03-03',
        piece: 'legs',
        holdS: { left: 7.5, right: 9 },
        kneeNms: { left: 5000, right: 5200 },
        happened: [{ id: '1', at: '2026-03-03T10:00:00Z', what: 'wobble' }],
      },
    ],
  }

  it('a log as a list comes back as it was; touches are counted', () => {
    const back = readLogCsv(writeLogCsv(log))
    expect(back.rows[0]).toEqual(log.rows[0])
    expect(back.rows[1]).toEqual({ ...log.rows[1], happened: undefined, wobbles: 1 })
  })

  it('a list from elsewhere: decimal commas, yes and no, empty cells; a wrong one is named', () => {
    expect(readLogCsv('person,day,came,holdS.left,effort\nA,2026-03-03,yes,"7,5",\n').rows).toEqual([
      { person: 'A', day: '2026-03-03', came: true, holdS: { left: 7.5, right: null } },
    ])
    const field = (text: string) => {
      try {
        readLogCsv(text)
        return null
      } catch (error) {
        return error instanceof InputError ? error.field : String(error)
      }
    }
    expect(field('person,day,effort\nA,2026-03-03,lots\n')).toBe('rows.0.effort')
    expect(field('person,day,effort\nA,2026-03-03,4\nB,2026-03-03,11\n')).toBe('rows.1.effort')
    expect(field('person,day,came\nA,2026-03-03,perhaps\n')).toBe('rows.0.came')
    expect(field('person,day\nA,yesterday\n')).toBe('rows.0.day')
  })

  it('a formula in a word is only text in a list, and comes back as it was', () => {
    const text = writeLogCsv({ ...log, rows: [{ person: 'A', day: '2026-03-03', word: '=1+1' }] })
    expect(text).not.toMatch(/,=1/)
    expect(readLogCsv(text).rows[0]?.word).toBe('=1+1')
  })
})
