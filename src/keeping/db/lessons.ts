import { and, asc, eq, ne } from 'drizzle-orm'
import type { Database } from './client'
import { run } from './errors'
import { saveRevised } from './revised'
import { lessons } from './schema'

export type LessonRow = typeof lessons.$inferSelect

export const listLessonRows = (db: Database): Promise<LessonRow[]> =>
  run(db.select().from(lessons).orderBy(asc(lessons.day)))

export const listLessonsOf = (db: Database, groupId: string): Promise<LessonRow[]> =>
  run(db.select().from(lessons).where(eq(lessons.groupId, groupId)).orderBy(asc(lessons.day)))

export async function findLesson(db: Database, groupId: string, day: string): Promise<LessonRow | null> {
  const [row] = await run(
    db
      .select()
      .from(lessons)
      .where(and(eq(lessons.groupId, groupId), eq(lessons.day, day))),
  )
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const saveLesson = (
  db: Database,
  row: Omit<LessonRow, 'revision'>,
  revision: number,
): Promise<LessonRow | null> =>
  saveRevised(db, lessons, and(eq(lessons.groupId, row.groupId), eq(lessons.day, row.day)), row, revision)

export async function removeLesson(db: Database, groupId: string, day: string): Promise<LessonRow | null> {
  const [row] = await run(
    db
      .delete(lessons)
      .where(and(eq(lessons.groupId, groupId), eq(lessons.day, day)))
      .returning(),
  )
  return row ?? null
}

/** Moves lessons to other days, all or none; the latest first, so that none meets another. */
export async function moveLessons(
  db: Database,
  groupId: string,
  moves: readonly { from: string; to: string }[],
): Promise<void> {
  const [first, ...rest] = moves.map(({ from, to }) =>
    db
      .update(lessons)
      .set({ day: to })
      .where(and(eq(lessons.groupId, groupId), eq(lessons.day, from), ne(lessons.day, to))),
  )
  if (first) await run(db.batch([first, ...rest]))
}
