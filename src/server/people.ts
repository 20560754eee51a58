import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { InputError } from '@/core'
import { database } from '@/db/client'
import { addPeople, findPerson, listPeople, type PersonRow, savePeople, savePerson, setDeleted } from '@/db/people'
import { number, text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { type RecordDocument, recordDocument } from '@/formats/record-document'
import { now } from './clock'
import { ConflictError } from './conflict'

/** One person's record as it is kept, with the revision that a save must name. */
export type KeptRecord = { id: string; revision: number; record: RecordDocument }

const newPeople = z.object({
  records: z.array(recordDocument, { error: 'a list of records' }).min(1, 'at least one record').max(2000),
})
const saving = z.object({ revision: number(1, 1e9, ''), record: recordDocument })
const renaming = z.object({ from: text(80), to: text(80).trim().min(1, 'a name of 1 to 80 characters') })

const toKept = ({ id, revision, record }: PersonRow): KeptRecord => ({
  id,
  revision,
  record: parse(recordDocument, record, 'record'),
})

export async function listRecords(): Promise<KeptRecord[]> {
  return (await listPeople(database())).map(toKept)
}

/** @throws InputError where nobody has that id */
export async function readRecord(id: string): Promise<KeptRecord> {
  const row = await findPerson(database(), id)
  if (!row) throw new InputError('person', id, 'somebody on the list')
  return toKept(row)
}

/** Adds people to the list, all or none. @throws InputError naming the record and field that is wrong */
export async function addRecords(value: unknown): Promise<KeptRecord[]> {
  const { records } = parse(newPeople, value)
  const added = records.map((record) => ({ id: randomUUID(), record }))
  await addPeople(database(), added, now())
  return added.map(({ id, record }) => ({ id, revision: 1, record }))
}

/** Saves a record. @throws ConflictError where somebody else saved since; InputError naming the field that is wrong */
export async function saveRecord(id: string, value: unknown): Promise<KeptRecord> {
  const { revision, record } = parse(saving, value)
  const row = await savePerson(database(), id, record, revision, now())
  if (row) return toKept(row)
  throw new ConflictError(await readRecord(id))
}

/** Takes a person away until the program is left; `bringBack` undoes it. @throws InputError where there is none */
export async function takeAway(id: string): Promise<void> {
  if (!(await setDeleted(database(), id, now()))) throw new InputError('person', id, 'somebody on the list')
}

export async function bringBack(id: string): Promise<KeptRecord> {
  await setDeleted(database(), id, null)
  return readRecord(id)
}

/** Gives a group another name, in everybody's record at once. */
export async function renameGroup(value: unknown): Promise<void> {
  const { from, to } = parse(renaming, value)
  const members = (await listRecords()).filter(({ record }) => record.groups.includes(from))
  const renamed = members.map(({ id, revision, record }) => {
    const groups = [...new Set(record.groups.map((group) => (group === from ? to : group)))]
    return { id, revision, record: { ...record, groups } }
  })
  await savePeople(database(), renamed, now())
}
