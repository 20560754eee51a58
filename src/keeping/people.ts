import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError } from '@/core'
import { accepted, list, number, text } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { recordDocument } from '@/documents/record-document'
import {
  addPeople,
  bringIn,
  findPeople,
  findPerson,
  listHeads,
  type PersonHead,
  type PersonRow,
  savePerson,
  setDeleted,
} from '@/keeping/db/people'
import { sayGroups } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { over, saveOver } from './conflict'
import { expectGroups, keepByIds, readGroups } from './groups'
import { here } from './here'
import { type Read, readKept, type SetAside } from './set-aside'

const records = list(recordDocument, 'records').min(1, accepted('atLeast', { least: 1 }))
const newPeople = z.object({ records })
const importId = z.uuid({ error: accepted('importId') })
const importPart = z.object({ import: importId, records })
const importEnd = z.object({ import: importId, count: number(1, 1e7) })
const backOut = z.object({ people: list(text(80), 'people') })
const saving = over.extend({ revision: number(1, 1e9), record: recordDocument })

type Known = { head: PersonHead; read: Read<KeptRecord> }

/**
 * Records as they were read, by site and id: a list is opened far more often than anybody changes. Whoever is gone is let
 * go of.
 */
const held = globalThis as { nivrelRecords?: Map<string, Map<string, Known>> }

const isSameVersion = (a: PersonHead, b: PersonHead) => a.revision === b.revision && a.updatedAt === b.updatedAt

const readRow = (row: PersonRow): Read<KeptRecord> => {
  const { value, aside } = readKept(recordDocument, row.record, { what: 'person', id: row.id, name: row.name })
  return value ? { value: { id: row.id, revision: row.revision, record: value }, aside: null } : { value: null, aside }
}

async function readAll(): Promise<Read<KeptRecord>[]> {
  const on = await here()
  const heads = await listHeads(on)
  held.nivrelRecords ??= new Map()
  const before = held.nivrelRecords.get(on.site) ?? new Map<string, Known>()
  const changed = heads.filter((head) => {
    const known = before.get(head.id)
    return !known || !isSameVersion(known.head, head)
  })
  const rows = new Map(
    (
      await findPeople(
        on,
        changed.map(({ id }) => id),
      )
    ).map((row) => [row.id, row]),
  )
  const after = new Map<string, Known>()
  for (const head of heads) {
    const row = rows.get(head.id)
    const known = before.get(head.id)
    if (row) after.set(head.id, { head, read: readRow(row) })
    else if (known) after.set(head.id, known)
  }
  held.nivrelRecords.set(on.site, after)
  return [...after.values()].map(({ read }) => read)
}

export async function listRecords(): Promise<KeptRecord[]> {
  return (await readAll()).flatMap(({ value }) => value ?? [])
}

/** Records that cannot be read: they are named, and can be taken out. */
export async function listUnreadable(): Promise<SetAside[]> {
  return (await readAll()).flatMap(({ aside }) => aside ?? [])
}

/** @throws InputError where nobody has that id, or their record cannot be read */
export async function readRecord(id: string): Promise<KeptRecord> {
  const row = await findPerson(await here(), id)
  if (!row) throw new InputError('person', id, { code: 'known.person' })
  const { value, aside } = readRow(row)
  if (aside) throw new InputError('person', id, { code: 'known.readable', at: aside.why.field })
  return value
}

/** Every record as files hold it, by the names of its groups. */
export async function takeOutRecords(): Promise<KeptRecord[]> {
  const groups = await readGroups()
  return (await listRecords()).map((kept) => ({ ...kept, record: sayGroups(kept.record, groups) }))
}

/**
 * Adds people to the list, all or none; their records name groups as files do. @throws InputError naming the record and
 * field that is wrong
 */
export async function addRecords(value: unknown): Promise<KeptRecord[]> {
  const kept = await keepByIds(parse(newPeople, value).records)
  const added = kept.map((record) => ({ id: randomUUID(), record }))
  await addPeople(await here(), added, stamp())
  return added.map(({ id, record }) => ({ id, revision: 1, record }))
}

/** Takes a part of a long list; nobody of it is on the list before `endImport`. */
export async function takeImportPart(value: unknown): Promise<void> {
  const part = parse(importPart, value)
  const added = (await keepByIds(part.records)).map((record) => ({ id: randomUUID(), record }))
  await addPeople(await here(), added, stamp(), markOf(part.import))
}

/** Puts everybody of an import on the list at once: who that is, by id. @throws InputError where there are not as many as were sent */
export async function endImport(value: unknown): Promise<string[]> {
  const { import: id, count } = parse(importEnd, value)
  const came = await bringIn(await here(), markOf(id), count)
  if (came) return came
  throw new InputError('count', count, { code: 'asManyAsArrived' })
}

/** Takes people away who had just come in; whoever is gone already stays so. */
export async function takeBackImport(value: unknown): Promise<void> {
  const { people } = parse(backOut, value)
  for (const id of people) await setDeleted(await here(), id, stamp())
}

const markOf = (importId: string) => `import ${importId}`

/** Saves a record. @throws ConflictError where somebody else saved since; InputError naming the field that is wrong */
export async function saveRecord(id: string, value: unknown): Promise<KeptRecord> {
  const { record, ...at } = parse(saving, value)
  await expectGroups(record.groups)
  const saved = await saveOver(
    at,
    async (revision) => savePerson(await here(), { id, record, revision }, stamp()),
    () => readRecord(id),
  )
  return { id, revision: saved.revision, record }
}

/** Takes a person away until the program is left; `bringBack` undoes it. @throws InputError where there is none */
export async function takeAway(id: string): Promise<void> {
  if (!(await setDeleted(await here(), id, stamp()))) throw new InputError('person', id, { code: 'known.person' })
}

export async function bringBack(id: string): Promise<KeptRecord> {
  await setDeleted(await here(), id, null)
  return readRecord(id)
}
