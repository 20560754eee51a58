import { useEffect, useMemo, useRef, useState } from 'react'
import { type Body, InputError, type RoutinePart, type ShownPath } from '@/core'
import type { HouseWays } from '@/documents/choices-document'
import type { Posture } from '@/documents/posture-document'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { bodyOf, toPerson } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import { type Given, giveForms, makeDecidedOf } from '@/teaching/given'
import { startWalker, type Walker } from '@/workers/path'

/** Intervals of a phase: what readings are taken from. */
export const SAMPLES = 20
const REST_MS = 60

/** A routine sized to somebody; or what of it cannot be read for them. */
export type Sized = { body: Body; given: Given[] } & (
  | { parts: RoutinePart[]; error: null }
  | { parts: null; error: InputError }
)

/** Somebody who walks, with what was decided for them. */
export type Decidee = Pick<BenchPerson, 'document' | 'decided'>

/** The house's postures, and what it does otherwise than its schools. */
export type Library = { postures: readonly Posture[]; ways: HouseWays }

export function sizeRoutine(routine: RoutineDocument, person: Decidee, { postures, ways }: Library): Sized {
  const body = bodyOf(person.document)
  const decidedOf = makeDecidedOf(body, person.decided, (id) => postures.find((posture) => posture.id === id))
  const { routine: theirs, given } = giveForms(routine, decidedOf)
  try {
    return { body, given, parts: toRoutine(theirs, body, (id) => findPosture(postures, id), ways), error: null }
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { body, given, parts: null, error }
  }
}

/** @throws InputError where the house has it no more */
function findPosture(postures: readonly Posture[], id: string): Posture {
  const found = postures.find((posture) => posture.id === id)
  if (!found) throw new InputError('posture', id, { code: 'known.posture' })
  return found
}

export type Walk = Sized & {
  /** What was worked out last; where `isStale` it is of what or who was there before. */
  path: ShownPath | null
  isStale: boolean
  broken: boolean
}

/**
 * Works a routine out for somebody in a worker, anew whenever either changes.
 * @param isAlone where a class walks it nobody is worked out alone: its workers have the machine
 */
export function useWalk(routine: RoutineDocument, person: Decidee, library: Library, isAlone: boolean): Walk {
  const sized = useMemo(() => sizeRoutine(routine, person, library), [routine, person, library])
  const [found, setFound] = useState<{ path: ShownPath; of: RoutinePart[] | null } | null>(null)
  const [broken, setBroken] = useState(false)
  const walker = useRef<Walker | null>(null)
  const asked = useRef(sized.parts)
  useEffect(() => {
    const mine = startWalker(
      (path) => {
        setFound({ path, of: asked.current })
        setBroken(false)
      },
      () => setBroken(true),
    )
    walker.current = mine
    return mine.end
  }, [])
  useEffect(() => {
    if (!sized.parts || !isAlone) return
    const timer = setTimeout(() => {
      asked.current = sized.parts
      walker.current?.ask({ person: toPerson(person.document), parts: sized.parts, samples: SAMPLES })
    }, REST_MS)
    return () => clearTimeout(timer)
  }, [sized, person, isAlone])
  return { ...sized, path: found?.path ?? null, isStale: isAlone && found?.of !== sized.parts, broken }
}
