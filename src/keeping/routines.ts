import { stamp } from '@/clock'
import { InputError } from '@/core'
import { parse } from '@/documents/parse'
import { houseRoutine, type RoutineDocument } from '@/documents/routine-document'
import { ROUTINE_IDS } from '@/documents/routines/routines'
import { findRoutineRow, listRoutineRows, removeRoutineRow, saveRoutineRow } from '@/keeping/db/routines'
import { over, saveOver } from './conflict'
import { here } from './here'
import { readKept, type SetAside } from './set-aside'

/** A routine that the instructor changed or made, with the revision that a save must name (0: as shipped). */
export type OwnRoutine = { id: string; revision: number; document: RoutineDocument }

const saving = over.extend({ document: houseRoutine })

/** One that is shipped and changed keeps its id; one of the house's own has one that the page made. */
const isRoutineId = (id: string) => (ROUTINE_IDS as readonly string[]).includes(id) || /^own-[0-9a-f-]{36}$/.test(id)

async function readAll() {
  const rows = await listRoutineRows(await here())
  return rows.map(({ id, revision, document }) => {
    const name = (document as { name?: unknown } | null)?.name
    const about = { what: 'routine' as const, id, name: typeof name === 'string' ? name : id }
    return { id, revision, ...readKept(houseRoutine, document, about) }
  })
}

export const listRoutines = async (): Promise<OwnRoutine[]> =>
  (await readAll()).flatMap(({ id, revision, value }) => (value ? [{ id, revision, document: value }] : []))

/** Routines that cannot be read; one that was changed is as shipped meanwhile. */
export const listUnreadableRoutines = async (): Promise<SetAside[]> =>
  (await readAll()).flatMap(({ aside }) => aside ?? [])

/** Keeps a routine. @throws ConflictError where somebody else did since; InputError naming the field that is wrong */
export async function saveRoutine(id: string, value: unknown): Promise<OwnRoutine> {
  const { document, ...at } = parse(saving, value)
  if (!isRoutineId(id)) throw new InputError('routine', id, { code: 'known.routine' })
  const row = { id, document, updatedAt: stamp() }
  const saved = await saveOver(
    at,
    async (revision) => saveRoutineRow(await here(), row, revision),
    async () => findRoutineRow(await here(), id),
  )
  return { id, revision: saved.revision, document }
}

/** Back to what is shipped; one of the house's own is taken away. Gives back what was there. */
export async function resetRoutine(id: string): Promise<OwnRoutine> {
  const row = await removeRoutineRow(await here(), id)
  if (row) return row
  throw new InputError('routine', id, { code: 'known.routine' })
}
