import { InputError, listFootprints, makePath, resolveBody } from '@/core'
import { mergeLibrary } from '@/formats/posture-document'
import { toRoutine } from '@/formats/routine-document'
import { ROUTINE_IDS } from '@/formats/routines/routines'
import { toPerson } from '@/formats/to-core'
import { pathSheet } from '@/paper/path-sheet'
import type { Sheet } from '@/paper/sheet'
import { sayPostureName } from '@/words/postures'
import { readShipped, sayRoutineName } from '@/words/routines'
import { findLastPersonId, readBench } from '../bench'
import { listOwn } from '../library'
import { listRoutines } from '../routines'
import type { Asked } from './asked'

/** Two intervals of a phase: for where feet are set no more is needed. */
const SAMPLES = 2

/** A routine's floor with numbered prints, sized to somebody: whoever is named, or was on the bench last. */
export async function printPath(asked: Asked & { routine: string }): Promise<{ title: string; sheets: Sheet[] }> {
  const [own, routines, last] = await Promise.all([listOwn(), listRoutines(), findLastPersonId()])
  const shipped = ROUTINE_IDS.find((id) => id === asked.routine)
  const kept = routines.find(({ id }) => id === asked.routine)?.document
  const document = kept ?? (shipped ? readShipped(shipped) : null)
  if (!document) throw new InputError('routine', asked.routine, { code: 'known.routine' })
  const who = asked.person ?? last
  if (!who) throw new InputError('person', null, { code: 'known.person' })
  const { person } = await readBench(who)
  const body = resolveBody(toPerson(person.document))
  const postures = mergeLibrary(own)
  const find = (id: string) => postures.find((one) => one.id === id)
  const parts = toRoutine(document, body, (id) => {
    const found = find(id)
    if (!found) throw new InputError('posture', id, { code: 'known.posture' })
    return found
  })
  const path = makePath(body, parts, SAMPLES)
  const names = parts.map(({ stance }) => {
    const found = stance.posture === undefined ? undefined : find(stance.posture)
    return found ? sayPostureName(found) : ''
  })
  const title = `${sayRoutineName(asked.routine, kept ?? null)}, ${person.name}`
  return { title, sheets: [pathSheet(title, body, listFootprints(path), names, asked.size)] }
}
