import type { Body, Change, Posture, SchoolId, Side } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { DoneAs } from '@/documents/log-document'
import type { RoutineDocument } from '@/documents/routine-document'
import type { StanceBody } from '@/documents/stance-document'
import { type Answer, type Decided, findAnswer, findDecided } from './answer'

/** A form that somebody does in place of a posture as it is taught: what it is, and from where it comes. */
export type Given = {
  stance: StanceBody
  as: DoneAs
  from: Answer['from']
  /** The group of a plan, or what a kept form was called; '' of what was found. */
  of: string
  changes: readonly Change[]
}

/** Null where somebody does a posture as it is taught, or nothing of it. */
export function toGiven({ form, from, stance, decided, changes }: Answer): Given | null {
  if (!stance || from === 'taught') return null
  const as = form === 'seated' ? 'seated' : form === 'hand' ? 'chair' : 'own'
  return { stance: fromStance(stance), as, from, of: decided?.of ?? '', changes }
}

type GivenOf = (posture: string, side: Side, school: SchoolId) => Given | null

/** A routine as somebody does it: each posture that they do otherwise in their form. Nobody sits down within a walk. */
export function giveForms(routine: RoutineDocument, givenOf: GivenOf): { routine: RoutineDocument; given: Given[] } {
  const given: Given[] = []
  const parts = routine.parts.map((part) => {
    const { posture, stance, side = 'left' } = part
    const form = posture && !stance ? givenOf(posture, side, routine.school ?? 'long-upright') : null
    if (!form || form.stance.seat) return part
    given.push(form)
    return { ...part, stance: form.stance }
  })
  return { routine: given.length > 0 ? { ...routine, parts } : routine, given }
}

/** What was decided for somebody, where they may do it today; nothing is sought for them. */
export const makeDecidedOf =
  (body: Body, decided: readonly Decided[], find: (id: string) => Posture | undefined): GivenOf =>
  (id, side, school) => {
    const posture = find(id)
    const { answer } = posture ? findDecided(body, { posture, side, school }, decided) : { answer: null }
    return answer && toGiven(answer)
  }

/** What was found for a body is not sought again: the same posture comes in many pieces, and in every edit of a lesson. */
const found = new WeakMap<Body, Map<string, Given | null>>()

/** What somebody does of postures, by what was decided for them and else by a search. */
export const makeGivenOf =
  (body: Body, decided: readonly Decided[], find: (id: string) => Posture): GivenOf =>
  (id, side, school) => {
    const own = decided.filter(({ posture }) => posture === id)
    const known = found.get(body) ?? new Map<string, Given | null>()
    found.set(body, known)
    const posture = find(id)
    const key = JSON.stringify([posture.measures[school], id, side, own])
    const there = known.get(key)
    if (there !== undefined) return there
    const given = toGiven(findAnswer(body, { posture, side, school }, own))
    known.set(key, given)
    return given
  }
