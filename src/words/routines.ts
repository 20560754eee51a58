import type { RoutineDocument } from '@/documents/routine-document'
import { ROUTINE_IDS, type RoutineId, shippedRoutine } from '@/documents/routines/routines'
import type { Words } from './language'

const isShipped = (id: string): id is RoutineId => (ROUTINE_IDS as readonly string[]).includes(id)

/** What a shipped routine is called; an own one says its own name. */
export const sayRoutineName = (id: string, document: RoutineDocument | null, words: Words): string =>
  document?.name ?? (isShipped(id) ? words.say(`routines.shipped.${id}.name`) : words.say('routines.unnamed'))

/** What it is for; null of one that the house made. */
export const sayRoutinePurpose = (id: string, words: Words): string | null =>
  isShipped(id) ? words.say(`routines.shipped.${id}.purpose`) : null

/** A shipped routine as a document, with its name and with what is said at its parts. */
export function readShipped(id: RoutineId, words: Words): RoutineDocument {
  const { parts, ...rest } = shippedRoutine(id)
  return {
    name: sayRoutineName(id, null, words),
    ...rest,
    parts: parts.map(({ says, ...part }) => ({ ...part, ...(says && { say: words.say(`routines.say.${says}`) }) })),
  }
}
