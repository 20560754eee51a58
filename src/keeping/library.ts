import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError, POSTURE_IDS } from '@/core'
import { number } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { type PostureDocument, postureDocument } from '@/documents/posture-document'
import { listOwnPostures, removePosture, savePosture } from '@/keeping/db/library'
import { ConflictError } from './conflict'
import { here } from './here'
import { readKept, type SetAside } from './set-aside'

/** A posture that the instructor changed or added, with the revision that a save must name (0: as shipped). */
export type OwnPosture = { id: string; revision: number; document: PostureDocument }

const saving = z.object({ revision: number(0, 1e9), document: postureDocument })

async function readAll() {
  const rows = await listOwnPostures(await here())
  return rows.map(({ id, revision, document }) => {
    const name = (document as { name?: unknown } | null)?.name
    const about = { what: 'posture' as const, id, name: typeof name === 'string' ? name : id }
    return { id, revision, ...readKept(postureDocument, document, about) }
  })
}

export async function listOwn(): Promise<OwnPosture[]> {
  return (await readAll()).flatMap(({ id, revision, value }) => (value ? [{ id, revision, document: value }] : []))
}

/** Own postures that cannot be read; one that was changed is as shipped meanwhile. */
export async function listUnreadablePostures(): Promise<SetAside[]> {
  return (await readAll()).flatMap(({ aside }) => aside ?? [])
}

/** @throws InputError where the library has none of that id */
export async function requirePosture(id: string): Promise<void> {
  if (POSTURE_IDS.includes(id) || (await readAll()).some((one) => one.id === id)) return
  throw new InputError('posture', id, { code: 'known.posture' })
}

/** One of the house's own that was taken out comes back under its id. */
const isOwnId = (id: string) => /^own-[0-9a-f-]{36}$/.test(id)

/** Changes a posture. @throws ConflictError where somebody else did since; InputError naming the field that is wrong */
export async function changePosture(id: string, value: unknown): Promise<OwnPosture> {
  const { revision, document } = parse(saving, value)
  if (revision > 0 || !isOwnId(id)) await requirePosture(id)
  const saved = await savePosture(await here(), { id, document, updatedAt: stamp() }, revision)
  if (!saved) throw new ConflictError((await listOwn()).find((one) => one.id === id) ?? null)
  return { id, revision: saved.revision, document }
}

/** Adds a posture of the instructor's own. */
export async function addPosture(value: unknown): Promise<OwnPosture> {
  const document = parse(postureDocument, value)
  const id = `own-${randomUUID()}`
  await savePosture(await here(), { id, document, updatedAt: stamp() }, 0)
  return { id, revision: 1, document }
}

/** Back to the original; an own posture is taken away. Gives back what was there. */
export async function resetPosture(id: string): Promise<OwnPosture> {
  const row = await removePosture(await here(), id)
  if (row) return row
  throw new InputError('posture', id, { code: POSTURE_IDS.includes(id) ? 'known.changedPosture' : 'known.posture' })
}
