import { mirrorPart } from '@/documents/mirror-part'
import type { PartDocument, RoutineDocument } from '@/documents/routine-document'

/** What can be done to a routine: each gives a new one and keeps the order of whatever it does not touch. */

type Parts = readonly PartDocument[]

/** A routine has at least two parts, and at most so many. */
export const PARTS_LEAST = 2
export const PARTS_MOST = 200

export const withParts = (routine: RoutineDocument, parts: Parts): RoutineDocument => ({
  ...routine,
  parts: [...parts],
})

export const changePart = (routine: RoutineDocument, at: number, change: Partial<PartDocument>): RoutineDocument =>
  withParts(
    routine,
    routine.parts.map((part, i) => (i === at ? dropUndefined({ ...part, ...change }) : part)),
  )

const dropUndefined = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, one]) => one !== undefined)) as T

/** Puts parts before the one at a place; as many as there is room for. */
export function insertParts(routine: RoutineDocument, at: number, added: Parts): RoutineDocument {
  const room = Math.max(0, PARTS_MOST - routine.parts.length)
  return withParts(routine, [...routine.parts.slice(0, at), ...added.slice(0, room), ...routine.parts.slice(at)])
}

export function takeOutPart(routine: RoutineDocument, at: number): RoutineDocument {
  if (routine.parts.length <= PARTS_LEAST) return routine
  return withParts(
    routine,
    routine.parts.filter((_, i) => i !== at),
  )
}

/** The part at one place stands at another. */
export function movePart(routine: RoutineDocument, from: number, to: number): RoutineDocument {
  const parts = [...routine.parts]
  const [part] = parts.splice(from, 1)
  if (!part || to < 0 || to > parts.length) return routine
  parts.splice(to, 0, part)
  return withParts(routine, parts)
}

export const duplicatePart = (routine: RoutineDocument, at: number): RoutineDocument =>
  insertParts(routine, at + 1, [routine.parts[at] as PartDocument])

/** Everything from some parts on faces the other way: there and back instead of on and on. */
export function turnBackAt(routine: RoutineDocument, turns: readonly number[]): RoutineDocument {
  let heading = 0
  return withParts(
    routine,
    routine.parts.map((part, i) => {
      heading = part.headingDeg ?? heading
      const times = turns.filter((at) => at <= i).length
      if (times === 0) return part
      const { anchor, ...free } = part
      // At the turn itself either foot may stay.
      return { ...(turns.includes(i) ? free : part), headingDeg: heading + 180 * times }
    }),
  )
}

/** Left for right, all of it: headings too. */
export const mirrorRoutine = (routine: RoutineDocument): RoutineDocument =>
  withParts(routine, routine.parts.map(mirrorPart))

/** Some parts once more after themselves, or mirrored: so that both legs do alike. */
export const repeatParts = (routine: RoutineDocument, from: number, to: number, mirrored: boolean): RoutineDocument => {
  const some = routine.parts.slice(from, to + 1)
  return insertParts(routine, to + 1, mirrored ? some.map(mirrorPart) : some)
}
