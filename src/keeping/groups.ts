import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { InputError } from '@/core'
import { filledText, list, text } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { listGroups, renameGroup as rename, requireGroups } from '@/keeping/db/groups'
import type { Group } from '@/records/groups'
import { here } from './here'

const naming = z.object({ names: list(filledText(80), 'groups') })
const renaming = z.object({ id: text(80), name: filledText(80) })

/** Every group by name, also those that nobody is in any more: a plan of theirs is kept. */
export async function readGroups(): Promise<Group[]> {
  return (await listGroups(await here())).map(({ id, name }) => ({ id, name }))
}

/** The groups of some names; those that are not there yet are made. */
async function groupsOf(names: readonly string[]): Promise<Group[]> {
  const wanted = [...new Set(names)].map((name) => ({ id: randomUUID(), name }))
  return (await requireGroups(await here(), wanted)).map(({ id, name }) => ({ id, name }))
}

/** The groups of some names, made where they are not there yet. @throws InputError naming the name that is wrong */
export const takeGroups = async (value: unknown): Promise<Group[]> => groupsOf(parse(naming, value).names)

/** Records as files hold them, by the names of their groups, as they are kept here: by ids. */
export async function keepByIds<T extends { groups: string[] }>(records: readonly T[]): Promise<T[]> {
  const ids = new Map((await groupsOf(records.flatMap(({ groups }) => groups))).map(({ id, name }) => [name, id]))
  return records.map((record) => ({ ...record, groups: record.groups.map((name) => ids.get(name) as string) }))
}

/** Gives a group another name; who is in it and what is planned for it stays. @throws InputError for a name that is taken */
export async function renameGroup(value: unknown): Promise<Group> {
  const { id, name } = parse(renaming, value)
  const done = await rename(await here(), id, name)
  if (done === 'taken') throw new InputError('name', name, { code: 'freeName' })
  if (done === 'gone') throw new InputError('id', id, { code: 'known.group' })
  return { id, name }
}

/** @throws InputError where a record names a group that is none, by its place in the record */
export async function expectGroups(ids: readonly string[]): Promise<void> {
  const known = new Set((await readGroups()).map(({ id }) => id))
  const at = ids.findIndex((id) => !known.has(id))
  if (at >= 0) throw new InputError(`record.groups.${at}`, ids[at], { code: 'known.group' })
}

/** @throws InputError where there is no such group */
export async function requireGroup(id: string): Promise<void> {
  if (!(await readGroups()).some((group) => group.id === id)) throw new InputError('group', id, { code: 'known.group' })
}
