import { and, asc, eq, ne } from 'drizzle-orm'
import { run } from './errors'
import { type Here, inSite } from './here'
import { saveRevised } from './revised'
import { lessons } from './schema'

export type LessonRow = typeof lessons.$inferSelect

export const listLessonRows = (here: Here): Promise<LessonRow[]> =>
  run(here.db.select().from(lessons).where(inSite(here, lessons)).orderBy(asc(lessons.day)))

export const listLessonsOf = (here: Here, groupId: string): Promise<LessonRow[]> =>
  run(
    here.db
      .select()
      .from(lessons)
      .where(inSite(here, lessons, eq(lessons.groupId, groupId)))
      .orderBy(asc(lessons.day)),
  )

export async function findLesson(here: Here, groupId: string, day: string): Promise<LessonRow | null> {
  const [row] = await run(
    here.db
      .select()
      .from(lessons)
      .where(inSite(here, lessons, eq(lessons.groupId, groupId), eq(lessons.day, day))),
  )
  return row ?? null
}

/** Saves over the revision that it was made from, 0 for a new one; null where somebody else saved since. */
export const saveLesson = (
  here: Here,
  row: Omit<LessonRow, 'revision' | 'siteId'>,
  revision: number,
): Promise<LessonRow | null> =>
  saveRevised(here, lessons, and(eq(lessons.groupId, row.groupId), eq(lessons.day, row.day)), row, revision)

export async function removeLesson(here: Here, groupId: string, day: string): Promise<LessonRow | null> {
  const [row] = await run(
    here.db
      .delete(lessons)
      .where(inSite(here, lessons, eq(lessons.groupId, groupId), eq(lessons.day, day)))
      .returning(),
  )
  return row ?? null
}

/** Moves lessons to other days, all or none; the latest first, so that none meets another. */
export async function moveLessons(
  here: Here,
  groupId: string,
  moves: readonly { from: string; to: string }[],
): Promise<void> {
  const [first, ...rest] = moves.map(({ from, to }) =>
    here.db
      .update(lessons)
      .set({ day: to })
      .where(inSite(here, lessons, eq(lessons.groupId, groupId), eq(lessons.day, from), ne(lessons.day, to))),
  )
  if (first) await run(here.db.batch([first, ...rest]))
}
