import { type Body, layOut, type SchoolId, type Stance } from '@/core'
import type { LessonDocument, PieceDocument } from '@/documents/lesson-document'
import type { Posture } from '@/documents/posture-document'
import { bodyOf, toStance } from '@/documents/to-core'
import type { BenchPerson } from '@/keeping/bench'
import type { Worked } from '@/teaching/lessons/work-piece'
import type { Words } from '@/words/language'
import { sayDoing, sayEverybody, sayNotWorkedOut } from '@/words/lessons'

/** Who does the same: what it is called, how it stands on the floor, and whose names are under it. */
export type Lane = { title: string; body: Body; stance: Stance | null; people: BenchPerson[]; order: number }

const ORDER: readonly Worked['as'][] = ['taught', 'level', 'own', 'steps', 'chair', 'in-place', 'seated', 'none']

const NOTHING: Pick<Worked, 'as' | 'given'> = { as: 'none', given: null }

/** The lanes of a piece; of whom it was not worked out yet nothing is said, least of all that they do it as taught. */
export function listLanes(
  people: readonly BenchPerson[],
  worked: ReadonlyMap<string, Worked>,
  piece: PieceDocument,
  lesson: LessonDocument,
  postures: readonly Posture[],
  group: string,
  words: Words,
): Lane[] {
  const lanes = new Map<string, Lane>()
  const isStill = piece.kind === 'rest' || piece.kind === 'talk'
  for (const person of people) {
    const does = isStill ? NOTHING : (worked.get(person.id) ?? null)
    const title = isStill
      ? sayEverybody(words)
      : does
        ? sayDoing(does, person.planned, { group, posture: piece.posture }, words)
        : sayNotWorkedOut(words)
    const lane = lanes.get(title)
    if (lane) {
      lane.people.push(person)
      continue
    }
    const body = bodyOf(person.document)
    const own = does?.given?.stance
    const stance = own ? toStance(own) : does && stanceOf(does.as, piece, lesson, postures, body)
    const order = does ? ORDER.indexOf(does.as) : ORDER.length
    lanes.set(title, { title, body, stance, people: [person], order })
  }
  return [...lanes.values()].sort((a, b) => a.order - b.order)
}

/** What the feet of a lane do, as the library has it; null where there is nothing to show of a posture. */
function stanceOf(
  as: Worked['as'],
  piece: PieceDocument,
  { school = 'therapeutic' }: LessonDocument,
  postures: readonly Posture[],
  body: Body,
): Stance | null {
  const find = (id: string) => postures.find((posture) => posture.id === id)
  const lay = (posture: Posture | undefined, step: number, of: SchoolId = school) =>
    posture
      ? layOut({ ...posture.measures[of], step: posture.measures[of].step * step }, body, 'left', posture.id)
      : null
  if (as === 'none') return null
  if (as === 'seated') return lay(find('seated'), 1)
  const shown =
    piece.limbs === 'seated'
      ? 'seated'
      : as === 'in-place' || !piece.posture || piece.limbs === 'arms'
        ? 'parallel'
        : piece.posture
  return lay(find(shown), as === 'steps' ? 0.5 : 1)
}
