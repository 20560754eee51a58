import { InputError, listFootprints, listVerdicts, makePath, type Path } from '@/core'
import { mergeLibrary } from '@/documents/posture-document'
import { toRoutine } from '@/documents/routine-document'
import { ROUTINE_IDS } from '@/documents/routines/routines'
import { bodyOf } from '@/documents/to-core'
import { pathSheet } from '@/paper/path-sheet'
import type { Sheet } from '@/paper/sheet'
import { drawStep } from '@/paper/step'
import { cutTrueSize } from '@/paper/true-size'
import { giveForms, makeDecidedOf } from '@/teaching/given'
import type { Words } from '@/words/language'
import { sayAllBound } from '@/words/limits'
import { sayList } from '@/words/lists'
import { sayPostureName } from '@/words/postures'
import { readShipped, sayRoutineName } from '@/words/routines'
import { type BenchPerson, findLastPersonId, readBench } from '../bench'
import { readHouse } from '../house'
import { listOwn } from '../library'
import { listRoutines } from '../routines'
import type { PrintRequest } from './asked'

/** Intervals of a phase: whether a way is past a limit is said on the sheet. */
const SAMPLES = 10

/**
 * A routine's floor with numbered prints, or one step of it at true size, sized to somebody: whoever is named, or was on
 * the bench last.
 */
export async function printPath(
  asked: PrintRequest & { routine: string },
  words: Words,
): Promise<{ title: string; sheets: Sheet[] }> {
  const [own, routines, last, { ways }] = await Promise.all([
    listOwn(),
    listRoutines(),
    findLastPersonId(),
    readHouse(),
  ])
  const shipped = ROUTINE_IDS.find((id) => id === asked.routine)
  const kept = routines.find(({ id }) => id === asked.routine)?.document
  const document = kept ?? (shipped ? readShipped(shipped, words) : null)
  if (!document) throw new InputError('routine', asked.routine, { code: 'known.routine' })
  const who = asked.person ?? last
  if (!who) throw new InputError('person', null, { code: 'known.person' })
  const { person } = await readBench(who)
  const body = bodyOf(person.document)
  const postures = mergeLibrary(own)
  const find = (id: string) => postures.find((one) => one.id === id)
  const { routine } = giveForms(document, makeDecidedOf(body, person.decided, find))
  const known = (id: string) => {
    const found = find(id)
    if (!found) throw new InputError('posture', id, { code: 'known.posture' })
    return found
  }
  const parts = toRoutine(routine, body, known, ways)
  const path = makePath(body, parts, SAMPLES, 'verdicts')
  const names = parts.map(({ stance }) => {
    const found = stance.posture === undefined ? undefined : find(stance.posture)
    return found ? sayPostureName(found, words) : ''
  })
  const title = `${sayRoutineName(asked.routine, kept ?? null, words)}, ${person.name}`
  const prints = listFootprints(path)
  if (asked.as === 'path')
    return { title, sheets: [pathSheet(title, body, prints, names, sayAbout(person, path, words), asked.size, words)] }
  const part = Math.min(names.length - 1, asked.of)
  const rolls = path.transitions[part - 1]?.made?.readings.rolls ?? []
  const step = words.say('paper.tape.step', { n: part + 1, posture: names[part] ?? '' })
  return { title, sheets: cutTrueSize(drawStep(body, prints, part, rolls), `${title}, ${step}`, asked.size, words) }
}

/** What binds whoever walks it, and which parts they cannot be led to as it is written. */
function sayAbout({ name, limits }: BenchPerson, path: Path, words: Words): string[] {
  const orders = sayAllBound(limits, words)
  const verdicts = listVerdicts(path)
  const not = path.parts.flatMap(({ analysis }, i) => {
    const isStood = analysis !== null && analysis.verdict !== 'beyond'
    const isReached = i === 0 || (verdicts[i - 1] ?? 'beyond') !== 'beyond'
    return isStood && isReached ? [] : [String(i + 1)]
  })
  return [
    ...(not.length > 0 ? [words.say('paper.path.not', { name, parts: sayList(not, words) })] : []),
    ...(orders ? [words.say('paper.path.orders', { name, orders })] : []),
  ]
}
