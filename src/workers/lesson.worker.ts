import { expose } from 'comlink'
import { type Body, type Person, type Posture, resolveBody } from '@/core'
import type { HouseWays } from '@/formats/choices-document'
import type { LessonDocument } from '@/formats/lesson-document'
import { type Worked, workPiece } from '@/formats/lessons/work-piece'
import { mirrorStance } from '@/formats/mirror-part'
import type { RoutineDocument } from '@/formats/routine-document'
import type { StanceBody } from '@/formats/stance-document'

/** Somebody with the forms in which the class's plans have them stand postures. */
export type Learner = { person: Person; forms: { posture: string; stance: StanceBody }[] }

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
  work: ({ person, forms }: Learner, lesson: LessonDocument): Worked[] => {
    const body = bodyOf(person)
    const makings = {
      routineOf: (id: string) => stock.routines[id] ?? null,
      find: (id: string) => {
        const found = stock.postures.find((posture) => posture.id === id)
        if (!found) throw new Error(`no posture "${id}"`)
        return found
      },
      formOf: (posture: string, side: 'left' | 'right') => {
        const form = forms.find((one) => one.posture === posture)?.stance
        if (!form) return null
        return form.side && form.side !== side ? mirrorStance(form) : form
      },
    }
    return lesson.pieces.map((piece) => workPiece(body, piece, lesson, makings, stock.ways))
  },
}

export type LessonApi = typeof api

expose(api)
