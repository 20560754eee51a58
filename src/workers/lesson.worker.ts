import { expose } from 'comlink'
import { type Body, type Person, type Posture, resolveBody } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { LessonDocument } from '@/documents/lesson-document'
import type { RoutineDocument } from '@/documents/routine-document'
import type { Decided } from '@/teaching/answer'
import { makeGivenOf } from '@/teaching/given'
import { piecePaths } from '@/teaching/lessons/piece-path'
import type { Makings } from '@/teaching/lessons/piece-routine'
import { type Worked, workPiece } from '@/teaching/lessons/work-piece'
import { type FoundWayCause, findWayCauses } from '@/teaching/practice/way-causes'

/** Somebody with what was decided for them in their class. */
export type Learner = { person: Person; decided: readonly Decided[] }

/** What a house has: its postures, its routines by their ids, its own ways. */
export type Stock = { postures: readonly Posture[]; routines: Record<string, RoutineDocument>; ways: HouseWays }

let stock: Stock = { postures: [], routines: {}, ways: {} }
/** Bodies by what they were resolved from: what was worked out of one is not worked out again. */
const bodies = new Map<string, Body>()

function bodyOf(person: Person): Body {
  const key = JSON.stringify(person)
  const known = bodies.get(key) ?? resolveBody(person)
  bodies.set(key, known)
  return known
}

const api = {
  stockUp: (all: Stock): void => {
    stock = all
  },
  work: (learner: Learner, lesson: LessonDocument): Worked[] => {
    const body = bodyOf(learner.person)
    const makings = makingsOf(body, learner)
    return lesson.pieces.map((piece) => workPiece(body, piece, lesson, makings, stock.ways))
  },
  /** Where on their ways through a lesson the usual causes of complaints are largest; in the order of the complaints. */
  findCauses: (learner: Learner, lesson: LessonDocument, complaints: readonly string[]): FoundWayCause[][] => {
    const body = bodyOf(learner.person)
    const makings = makingsOf(body, learner)
    const walked = lesson.pieces.flatMap((piece) =>
      piecePaths(body, piece, lesson, makings, stock.ways).map((path) => ({ piece: piece.id, path })),
    )
    return complaints.map((complaint) => findWayCauses(complaint, walked))
  },
}

function find(id: string): Posture {
  const found = stock.postures.find((posture) => posture.id === id)
  if (!found) throw new Error(`no posture "${id}"`)
  return found
}

const makingsOf = (body: Body, { decided }: Learner): Makings => ({
  routineOf: (id) => stock.routines[id] ?? null,
  find,
  formOf: makeGivenOf(body, decided, find),
})

export type LessonApi = typeof api

expose(api)
