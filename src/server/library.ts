import { randomUUID } from 'node:crypto'
import { InputError, POSTURE_IDS } from '@/core'
import { database } from '@/db/client'
import { listOwnPostures, removePosture, savePosture } from '@/db/library'
import { parse } from '@/formats/parse'
import { mergeLibrary, type PostureDocument, postureDocument } from '@/formats/posture-document'
import { now } from './clock'

/** A posture that the instructor changed or added. */
export type OwnPosture = { id: string; document: PostureDocument }

export async function listOwn(): Promise<OwnPosture[]> {
  const rows = await listOwnPostures(database())
  return rows.map(({ id, document }) => ({ id, document: parse(postureDocument, document, 'posture') }))
}

/** The ids of every posture that can be put on the bench. */
export async function listPostureIds(): Promise<string[]> {
  return mergeLibrary(await listOwn()).map(({ id }) => id)
}

/** Changes a posture. @throws InputError naming the field that is wrong */
export async function changePosture(id: string, value: unknown): Promise<OwnPosture> {
  if (!(await listPostureIds()).includes(id)) throw new InputError('posture', id, 'a posture of the library')
  const document = parse(postureDocument, value)
  await savePosture(database(), id, document, now())
  return { id, document }
}

/** Adds a posture of the instructor's own. */
export async function addPosture(value: unknown): Promise<OwnPosture> {
  const document = parse(postureDocument, value)
  const id = `own-${randomUUID()}`
  await savePosture(database(), id, document, now())
  return { id, document }
}

/** Back to the original; an own posture is taken away. Gives back what was there. */
export async function resetPosture(id: string): Promise<OwnPosture> {
  const row = await removePosture(database(), id)
  if (!row)
    throw new InputError('posture', id, POSTURE_IDS.includes(id) ? 'a changed posture' : 'a posture of the library')
  return { id, document: row.document }
}
