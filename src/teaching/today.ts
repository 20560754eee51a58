import type { Reason } from '@/core'
import { addDays, weekdayOf } from '@/documents/days'
import type { LessonDocument } from '@/documents/lesson-document'
import type { RecordDocument } from '@/documents/record-document'
import { type Due, listDue } from '@/records/due'

/** A lesson of a group on a day; null: nothing is planned for it. */
export type Coming = { group: string; day: string; lesson: LessonDocument | null }

type Kept = { group: string; day: string; document: LessonDocument }

/**
 * Which group comes next, and when: the first lesson that is kept from today on, or a week after a group's last one,
 * whichever is sooner; null where no group ever had one.
 */
export function findComing(lessons: readonly Kept[], groups: readonly string[], today: string): Coming | null {
  const comings = groups.flatMap((group): Coming[] => {
    const own = lessons.filter((one) => one.group === group).toSorted((a, b) => a.day.localeCompare(b.day))
    const ahead = own.find(({ day }) => day >= today)
    const last = own.findLast(({ day }) => day < today)
    const usual = last && nextWeekday(last.day, today)
    if (ahead && (!usual || ahead.day <= usual)) return [{ group, day: ahead.day, lesson: ahead.document }]
    return usual ? [{ group, day: usual, lesson: null }] : []
  })
  return comings.toSorted((a, b) => a.day.localeCompare(b.day))[0] ?? null
}

/** The first day from today on that is the weekday of another. */
const nextWeekday = (day: string, today: string): string => addDays(today, (weekdayOf(day) - weekdayOf(today) + 7) % 7)

/** So long after a lesson it is asked for whether it is written down. */
const ASKED_DAYS = 14

/** The last lesson that was to be and of which nothing is written down; null where there is none lately. */
export function findUnwritten(
  lessons: readonly Kept[],
  written: ReadonlySet<string>,
  today: string,
): { group: string; day: string } | null {
  const last = lessons
    .filter(({ day, document }) => day < today && day >= addDays(today, -ASKED_DAYS) && document.pieces.length > 0)
    .toSorted((a, b) => a.day.localeCompare(b.day))
    .findLast(({ group, day }) => !written.has(placeOf(group, day)))
  return last ? { group: last.group, day: last.day } : null
}

export const placeOf = (group: string, day: string): string => `${group} ${day}`

/** What comes next, of one thing after another. */
export const NEXT = ['write', 'propose', 'roll', 'teach', 'look', 'door'] as const
export type Next = (typeof NEXT)[number]

/** The one step that is next, for a group that comes. */
export function findNext(
  coming: Coming | null,
  today: string,
  { unwritten, called, taught }: { unwritten: boolean; called: boolean; taught: boolean },
): Next | null {
  if (unwritten) return 'write'
  if (!coming) return null
  if (!coming.lesson || coming.lesson.pieces.length === 0) return 'propose'
  if (coming.day !== today) return 'look'
  if (taught) return 'door'
  return called ? 'teach' : 'roll'
}

/** What has to be known of somebody before a class. */
export type ToKnow = {
  /** What happened in their last class: it is answered before anything else. */
  grave: Reason[]
  due: Due[]
  /** Nothing was ever tested or written down of them. */
  isNew: boolean
}

/** @param wasThere whether anything was ever written down of them */
export const readToKnow = (record: RecordDocument, wasThere: boolean, today: string, grave: Reason[]): ToKnow => ({
  grave,
  due: listDue(record, today),
  isNew: record.tests.length === 0 && !wasThere,
})
