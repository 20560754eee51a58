import { describe, expect, it } from 'vitest'
import { findSaferWays, makePath, type ShownPath, showPath } from '@/core'
import { type PersonDocument, personDocument } from '@/documents/person-document'
import { mergeLibrary } from '@/documents/posture-document'
import type { RoutineDocument } from '@/documents/routine-document'
import { bodyOf } from '@/documents/to-core'
import { findMends, type Searches } from './find-mends'

const LIBRARY = { postures: mergeLibrary([]), ways: {} }
const who = (kneeFlexionMaxDeg: number) => ({
  document: personDocument.parse({
    statureM: 1.62,
    massKg: 64,
    sex: 'female',
    ageYears: 72,
    limits: { left: { kneeFlexionMaxDeg } },
  }),
  decided: [],
})
const WALK: RoutineDocument = {
  school: 'therapeutic',
  parts: [{ posture: 'parallel' }, { posture: 'bow', side: 'left', seconds: 10 }, { posture: 'parallel', seconds: 10 }],
}

/** The searches as workers do them. */
function searches(person: PersonDocument): Searches & { walked: ShownPath[] } {
  const body = bodyOf(person)
  const walked: ShownPath[] = []
  return {
    walked,
    walk: async (parts) => {
      const path = showPath(makePath(body, parts, 6), parts)
      walked.push(path)
      return path
    },
    ways: async (way, anchor) => findSaferWays(body, way, anchor),
  }
}

describe('what mends a routine way by way', () => {
  it('is nothing where every way is taken', async () => {
    const person = who(90)
    const { walked, ...search } = searches(person.document)
    expect(await findMends(WALK, person, LIBRARY, search)).toEqual({ routine: WALK, mends: [] })
    expect(walked).toHaveLength(1)
  })

  it('is walked as a whole before it is offered: nothing of it is beyond, and only failing ways are changed', async () => {
    const person = who(28)
    const { walked, ...search } = searches(person.document)
    const found = await findMends(WALK, person, LIBRARY, search)
    const fails = walked[0]?.transitions.flatMap(({ verdict, to }) =>
      verdict === null || verdict === 'beyond' ? [to] : [],
    )
    expect(fails?.length).toBeGreaterThan(0)
    expect(found?.mends.length).toBeGreaterThan(0)
    expect(walked.at(-1)?.transitions.map(({ verdict }) => verdict)).not.toContain('beyond')
    expect(found?.routine.parts).toHaveLength(WALK.parts.length)
  })

  it('is nothing where a way has no safer one: what stays beyond is no offer', async () => {
    const person = who(28)
    const { walked, ...search } = searches(person.document)
    const none: Searches = {
      ...search,
      ways: async (way, anchor) => ({ ...(await search.ways(way, anchor)), ways: [] }),
    }
    expect(await findMends(WALK, person, LIBRARY, none)).toBeNull()
    expect(walked).toHaveLength(1)
  })
})
