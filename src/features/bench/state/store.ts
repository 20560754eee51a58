import { temporal } from 'zundo'
import { create } from 'zustand'
import { buildPosture, type SchoolId, type Side } from '@/core'
import { fromStance } from '@/documents/from-core'
import type { PersonDocument } from '@/documents/person-document'
import type { StanceBody } from '@/documents/stance-document'
import { bodyOf } from '@/documents/to-core'
import type { OnBench } from '@/keeping/bench'
import { type Answer, type Decided, findDecided } from '@/teaching/answer'
import { findPosture } from './library'

/** What is on the bench. The stance is held as documents hold it: degrees, percent, metres. */
export type BenchState = {
  person: { id: string; name: string; document: PersonDocument; decided?: readonly Decided[] }
  posture: string
  school: SchoolId
  stance: StanceBody
}

export const FIRST_POSTURE: string = 'bow'
export const FIRST_SCHOOL: SchoolId = 'therapeutic'

/** A posture of a school, sized to a person. */
export function buildStance(document: PersonDocument, posture: string, school: SchoolId, side: Side): StanceBody {
  const body = bodyOf(document)
  return fromStance(buildPosture(findPosture(posture), body, school, side))
}

const NOBODY: PersonDocument = { statureM: 1.65, massKg: 68 }

export const useBench = create<BenchState>()(
  temporal(
    (): BenchState => ({
      person: { id: '', name: '', document: NOBODY },
      posture: FIRST_POSTURE,
      school: FIRST_SCHOOL,
      stance: buildStance(NOBODY, FIRST_POSTURE, FIRST_SCHOOL, 'left'),
    }),
    {
      // Another person is another bench: undo never brings back somebody else's stance.
      partialize: ({ posture, school, stance }) => ({ posture, school, stance }),
      equality: (a, b) => a.stance === b.stance && a.posture === b.posture && a.school === b.school,
      limit: 200,
    },
  ),
)

const { getState, setState, temporal: history } = useBench

/** The server has checked the school against the list. */
export const toState = ({ posture, school, stance }: OnBench): Omit<BenchState, 'person'> => ({
  posture,
  school: school as SchoolId,
  stance,
})

/** Whoever comes onto the bench for the first time stands in this frame, until another is chosen. */
export const beginWith = (school: SchoolId): void => {
  if (getState().person.id === '') setState({ school })
}

/** Puts a person on the bench, with what was there for them or a posture sized to them. */
export function putOnBench(person: BenchState['person'], on?: Omit<BenchState, 'person'> | null): void {
  const { posture, school, stance } = getState()
  const fresh = () => ({
    posture,
    school,
    stance: buildStance(person.document, posture, school, stance.side ?? 'left'),
  })
  setState({ person, ...(on ?? fresh()) })
  history.getState().clear()
}

export function setStance(update: (stance: StanceBody) => StanceBody): void {
  setState(({ stance }) => ({ stance: update(stance) }))
}

/** Opens a variant: the same posture, changed. */
export const openStance = (stance: StanceBody): void => setState({ stance })

/** Opens what was kept, with its posture and school. */
export const openOnBench = (on: Omit<BenchState, 'person'>): void => setState(on)

/** Opens a posture as whoever is on the bench does it: as was decided for them in this school, else as it is taught. */
export function choosePosture(id: string, side?: Side): void {
  const { person, school, stance } = getState()
  const on = side ?? stance.side ?? 'left'
  const decided = (person.decided ?? []).filter((one) => one.school === school)
  const body = bodyOf(person.document)
  const { answer, refused } = findDecided(body, { posture: findPosture(id), side: on, school }, decided)
  const opened = answer?.stance ? fromStance(answer.stance) : buildStance(person.document, id, school, on)
  setState({ posture: id, stance: opened })
  origins.set(opened, { decided: answer?.decided ?? null, refused })
}

/** From where a stance comes that was opened, as long as it is as it was then. */
export type Origin = Pick<Answer, 'decided' | 'refused'>
const origins = new WeakMap<StanceBody, Origin>()
const NOWHERE: Origin = { decided: null, refused: null }
export const originOf = (stance: StanceBody): Origin => origins.get(stance) ?? NOWHERE

/** The posture as it is taught, sized to whoever is on the bench; undo brings back what was. */
export function asTaught(): void {
  setState(({ person, posture, school, stance }) => ({
    stance: buildStance(person.document, posture, school, stance.side ?? 'left'),
  }))
}

export function chooseSchool(school: SchoolId): void {
  setState(({ person, posture, stance }) => ({
    school,
    stance: buildStance(person.document, posture, school, stance.side ?? 'left'),
  }))
}

export function undo(): void {
  history.getState().undo()
}

export function redo(): void {
  history.getState().redo()
}

/** What was there before the first of several fingers took hold, and how many still do. */
let dragging = 0
let beforeDrag: Pick<BenchState, 'posture' | 'school' | 'stance'> | null = null

/** Between these two, changes are one step for undo. */
export function beginDrag(): void {
  if (dragging++ > 0) return
  const { posture, school, stance } = getState()
  beforeDrag = { posture, school, stance }
  history.getState().pause()
}

export function endDrag(): void {
  if (dragging === 0 || --dragging > 0 || !beforeDrag) return
  const { stance } = getState()
  setState(beforeDrag)
  history.getState().resume()
  setState({ stance })
  beforeDrag = null
}
