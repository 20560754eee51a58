import { InputError, listFootprints, makePath, resolveBody } from '@/core'
import { mergeLibrary } from '@/formats/posture-document'
import { toRoutine } from '@/formats/routine-document'
import { ROUTINE_IDS } from '@/formats/routines/routines'
import { toPerson } from '@/formats/to-core'
import { pathSheet } from '@/paper/path-sheet'
import type { Sheet } from '@/paper/sheet'
import { drawStep } from '@/paper/step'
import { cutTrueSize } from '@/paper/true-size'
import { ENGLISH } from '@/words/language'
import { sayPostureName } from '@/words/postures'
import { readShipped, sayRoutineName } from '@/words/routines'
import { findLastPersonId, readBench } from '../bench'
import { listOwn } from '../library'
import { listRoutines } from '../routines'
import type { PrintRequest } from './asked'

/** Two intervals of a phase: for where feet are set no more is needed. */
const SAMPLES = 2

/**
 * A routine's floor with numbered prints, or one step of it at true size, sized to somebody: whoever is named, or was on
 * the bench last.
 */
export async function printPath(
  asked: PrintRequest & { routine: string },
): Promise<{ title: string; sheets: Sheet[] }> {
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
  const prints = listFootprints(path)
  if (asked.as === 'path') return { title, sheets: [pathSheet(title, body, prints, names, asked.size)] }
  const part = Math.min(names.length - 1, asked.of)
  const step = ENGLISH.say('paper.tape.step', { n: part + 1, posture: names[part] ?? '' })
  return { title, sheets: cutTrueSize(drawStep(body, prints, part), `${title}, ${step}`, asked.size) }
}
