import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { database } from '@/db/client'
import { addPerson } from '@/db/people'
import { text } from '@/formats/fields'
import { parse } from '@/formats/parse'
import { personDocument } from '@/formats/person-document'
import type { BenchPerson } from './bench'

export const newPerson = z.object({
  name: text(120).trim().min(1, 'a name of 1 to 120 characters'),
  story: text(500),
  document: personDocument,
})

/** Adds somebody to the list. @throws InputError naming the field that is wrong */
export async function addNewPerson(value: unknown): Promise<BenchPerson> {
  const person = { id: randomUUID(), ...parse(newPerson, value) }
  await addPerson(database(), { ...person, createdAt: new Date().toISOString() })
  return person
}
