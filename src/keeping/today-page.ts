import { decide } from '@/core'
import { addDays } from '@/documents/days'
import type { Hall } from '@/documents/house-settings'
import { toPractice } from '@/documents/practice-rules'
import type { Group } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { listClassDays } from '@/teaching/practice/class-days'
import { type Coming, findComing, findUnwritten, placeOf, readToKnow, type ToKnow } from '@/teaching/today'
import { type BenchPerson, listMembers } from './bench'
import { today } from './clock'
import { readAnswered } from './decisions'
import { readGroups } from './groups'
import { pickHall, readHouse } from './house'
import { listLessons } from './lessons'
import { readLogOfGroup } from './log'
import { listRecords } from './people'
import { readRoll } from './roll-call'

/** Somebody of the group that comes, and what has to be known of them. */
export type TodayPerson = { person: BenchPerson; toKnow: ToKnow }

export type TodayPage = {
  today: string
  groups: Group[]
  /** How many people there are at all. */
  people: number
  coming: (Omit<Coming, 'group'> & { group: Group; isWritten: boolean }) | null
  unwritten: { group: Group; day: string } | null
  members: TodayPerson[]
  /** Whether the roll of the group that comes was called today. */
  called: boolean
  hall: Hall
}

/** So far back it is read what happened to somebody. */
const SEEN_DAYS = 70

/** The day, and the group that comes next: ?group=ID another one. */
export async function readToday(asked: string | null): Promise<TodayPage> {
  const [on, all, records, lessons, house] = await Promise.all([
    today(),
    readGroups(),
    listRecords(),
    listLessons(),
    readHouse(),
  ])
  const here = records.filter(({ record }) => !record.archived)
  const groups = all.filter(({ id }) => here.some(({ record }) => record.groups.includes(id)))
  const ids = groups.map(({ id }) => id)
  const logs = await Promise.all(ids.map((id) => readLogOfGroup(id, addDays(on, -SEEN_DAYS), on)))
  const rows = logs.flat()
  const written = new Set(ids.flatMap((id, i) => logs[i]?.map(({ day }) => placeOf(id, day)) ?? []))
  const groupOf = (id: string) => groups.find((one) => one.id === id) as Group
  const late = findUnwritten(
    lessons.filter(({ group }) => ids.includes(group)),
    written,
    on,
  )
  const wanted = asked !== null && ids.includes(asked) ? [asked] : ids
  const next = findComing(lessons, wanted, on) ?? first(wanted[0], on)
  const rules = toPractice(house.practice)
  const [members, answered, roll] = await Promise.all([
    next ? listMembers(next.group) : [],
    readAnswered(),
    next ? readRoll(next.group, on) : null,
  ])
  const known = members.map((person): TodayPerson => {
    const days = listClassDays(rows.filter((row) => row.person === person.id))
    const { record } = here.find(({ id }) => id === person.id) as KeptRecord
    const { grave } = decide(days, on, rules, answered[person.id] ?? null)
    return { person, toKnow: readToKnow(record, days.length > 0, on, grave) }
  })
  return {
    today: on,
    groups,
    people: here.length,
    coming: next && { ...next, group: groupOf(next.group), isWritten: written.has(placeOf(next.group, next.day)) },
    unwritten: late && { group: groupOf(late.group), day: late.day },
    members: known,
    called: roll !== null,
    hall: pickHall(house),
  }
}

/** A group that never had a lesson has its first one today. */
const first = (group: string | undefined, day: string): Coming | null =>
  group === undefined ? null : { group, day, lesson: null }
