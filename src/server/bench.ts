import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { analyse, InputError, POSTURE_IDS, resolveBody, SCHOOL_IDS } from '@/core'
import { database } from '@/db/client'
import {
  addKept,
  findDraft,
  findLatestDraft,
  type KeptRow,
  listKept,
  removeKept,
  renameKept,
  saveDraft,
} from '@/db/kept'
import { findPerson, listPeople } from '@/db/people'
import { oneOf, text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { type PersonDocument, personDocument } from '@/formats/person-document'
import { type StanceBody, stanceBody } from '@/formats/stance-document'
import { toPerson, toStance } from '@/formats/to-core'

/** What a bench shows of a person. */
export type BenchPerson = { id: string; name: string; story: string; document: PersonDocument }

export type OnBench = { posture: string; school: string; stance: StanceBody }

export type KeptStance = OnBench & { id: string; name: string; note: string; createdAt: string }

export type BenchOfPerson = { draft: OnBench | null; kept: KeptStance[] }

const onBench = z.object({ posture: oneOf(POSTURE_IDS), school: oneOf(SCHOOL_IDS), stance: stanceBody })
const words = z.object({ name: text(80).trim().min(1, 'a name of 1 to 80 characters'), note: text(500) })
const keeping = onBench.extend(words.shape)

export async function listBenchPeople(): Promise<BenchPerson[]> {
  const rows = await listPeople(database())
  return rows.map(({ id, name, story, document }) => ({ id, name, story, document }))
}

/** Who was on the bench last. */
export async function findLastPersonId(): Promise<string | null> {
  return (await findLatestDraft(database()))?.personId ?? null
}

/** @throws InputError for an unknown person */
export async function readBench(personId: string): Promise<BenchOfPerson> {
  await requirePerson(personId)
  const [draft, kept] = await Promise.all([findDraft(database(), personId), listKept(database(), personId)])
  return { draft: draft && pickOnBench(draft), kept: kept.map(toKept) }
}

/** @throws InputError naming the field that is wrong */
export async function keepDraft(personId: string, value: unknown): Promise<void> {
  await requirePerson(personId)
  await saveDraft(database(), { personId, ...parse(onBench, value), updatedAt: new Date().toISOString() })
}

/** Keeps a stance that can be analysed. @throws InputError naming the field that is wrong */
export async function keepStance(personId: string, value: unknown): Promise<KeptStance> {
  const person = await requirePerson(personId)
  const given = parse(keeping, value)
  analyse(resolveBody(toPerson(person.document)), toStance(given.stance), { standing: null, withoutFreeTurn: true })
  const row: KeptRow = { id: randomUUID(), personId, ...given, createdAt: new Date().toISOString() }
  await addKept(database(), row)
  return toKept(row)
}

export async function rewordKept(id: string, value: unknown): Promise<void> {
  const { name, note } = parse(words, value)
  await renameKept(database(), id, name, note)
}

/** @throws InputError where there is none */
export async function takeAwayKept(id: string): Promise<KeptStance> {
  const row = await removeKept(database(), id)
  if (!row) throw new InputError('id', id, 'a kept stance that is there')
  return toKept(row)
}

const pickOnBench = ({ posture, school, stance }: OnBench): OnBench => ({ posture, school, stance })

const toKept = (row: KeptRow): KeptStance => ({
  ...pickOnBench(row),
  id: row.id,
  name: row.name,
  note: row.note,
  createdAt: row.createdAt,
})

async function requirePerson(id: string) {
  const person = await findPerson(database(), id)
  if (!person) throw new InputError('person', id, 'somebody on the list')
  return { ...person, document: parse(personDocument, person.document, 'person') }
}
