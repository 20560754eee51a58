import { randomUUID } from 'node:crypto'
import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError } from '@/core'
import { list, text } from '@/documents/fields'
import { type LessonDocument, lessonDocument } from '@/documents/lesson-document'
import { parse } from '@/documents/parse'
import { day as dayField } from '@/documents/record-document'
import {
  findLesson,
  type LessonRow,
  listLessonRows,
  listLessonsOf,
  moveLessons,
  removeLesson,
  saveLesson,
} from '@/keeping/db/lessons'
import { over, saveOver } from './conflict'
import { requireGroup } from './groups'
import { here } from './here'
import { readKept, type SetAside } from './set-aside'

/** What a group does on a day; revision 0: nothing was kept for it. */
export type Lesson = { group: string; day: string; revision: number; document: LessonDocument }

const place = z.object({ group: text(80), day: dayField })
const saving = over.extend({ ...place.shape, document: lessonDocument })
const moving = z.object({ group: text(80), moves: list(z.object({ from: dayField, to: dayField }), 'days') })

const read = (row: LessonRow) =>
  readKept(lessonDocument, row.document, { what: 'lesson', id: row.id, name: `${row.groupId} ${row.day}` })

export async function listLessons(): Promise<Lesson[]> {
  return (await listLessonRows(await here())).flatMap((row) => {
    const { value } = read(row)
    return value ? [{ group: row.groupId, day: row.day, revision: row.revision, document: value }] : []
  })
}

/** The last of some groups' lessons up to a day; null where there was none. */
export async function findLastLesson(groups: readonly string[], day: string): Promise<Lesson | null> {
  const rows = (await Promise.all(groups.map(async (group) => listLessonsOf(await here(), group)))).flat()
  const last = rows.filter((row) => row.day <= day).sort((a, b) => b.day.localeCompare(a.day))[0]
  const { value } = last ? read(last) : { value: null }
  return last && value ? { group: last.groupId, day: last.day, revision: last.revision, document: value } : null
}

export const listUnreadableLessons = async (): Promise<SetAside[]> =>
  (await listLessonRows(await here())).flatMap((row) => read(row).aside ?? [])

/** Keeps a lesson. @throws ConflictError where somebody else did since; InputError naming the field that is wrong */
export async function keepLesson(value: unknown): Promise<Lesson> {
  const { group, day, document, ...at } = parse(saving, value)
  await requireGroup(group)
  const row = { id: randomUUID(), groupId: group, day, document, updatedAt: stamp() }
  const saved = await saveOver(
    at,
    async (revision) => saveLesson(await here(), row, revision),
    async () => findLesson(await here(), group, day),
  )
  return { group, day, revision: saved.revision, document }
}

/** Takes a lesson away. What was there. */
export async function dropLesson(value: unknown): Promise<Lesson> {
  const { group, day } = parse(place, value)
  const row = await removeLesson(await here(), group, day)
  if (!row) throw new InputError('day', day, { code: 'known.lesson' })
  return { group, day, revision: row.revision, document: row.document }
}

/** Moves lessons to other days, all or none: a week that was missed moves the rest. */
export async function shiftLessons(value: unknown): Promise<Lesson[]> {
  const { group, moves } = parse(moving, value)
  const taken = (await listLessons()).filter((one) => one.group === group).map(({ day }) => day)
  const free = new Set(moves.map(({ from }) => from))
  const clash = moves.find(({ to }) => taken.includes(to) && !free.has(to))
  if (clash) throw new InputError('day', clash.to, { code: 'freeDay' })
  // The latest first, where they go to later days: none meets another on its way.
  const later = moves.every(({ from, to }) => to >= from)
  const sorted = [...moves].sort((a, b) => (later ? b.from.localeCompare(a.from) : a.from.localeCompare(b.from)))
  await moveLessons(await here(), group, sorted)
  return (await listLessons()).filter((one) => one.group === group)
}
