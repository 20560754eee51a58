import { notFound } from 'next/navigation'
import { InputError } from '@/core'
import { addDays } from '@/documents/days'
import { day as dayField } from '@/documents/record-document'
import { LogPage } from '@/features/log/LogPage'
import { listMembers, listNames } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readAnswered } from '@/keeping/decisions'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listLessons } from '@/keeping/lessons'
import { listOwn } from '@/keeping/library'
import { readDay, readLogOfGroup } from '@/keeping/log'
import { readRoll } from '@/keeping/roll-call'
import { listRoutines } from '@/keeping/routines'
import { readLastLesson, readWeeks } from '@/keeping/weeks'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('log', await readWords())

type LogQuery = { group?: string; day?: string; person?: string }

/** Weeks that a group is looked at over. */
const SEEN_DAYS = 70

/** ?person=ID: their weeks; else the day ?day=YYYY-MM-DD of ?group=ID, the last lesson's or today's. */
export default async function OneLog({ searchParams }: { searchParams: Promise<LogQuery> }) {
  const [asked, names, on] = await Promise.all([searchParams, listNames(), today()])
  if (asked.person !== undefined) {
    const [weeks, own] = await Promise.all([
      readWeeks(asked.person).catch((error: unknown) => {
        if (error instanceof InputError) notFound()
        throw error
      }),
      listOwn(),
    ])
    const last = await readLastLesson(
      weeks.person.groups.map(({ id }) => id),
      on,
    )
    return <LogPage today={on} door={null} weeks={{ weeks, last, names, own, today: on }} />
  }
  const [all, lessons, house, own, routines] = await Promise.all([
    readGroups(),
    listLessons(),
    readHouse(),
    listOwn(),
    listRoutines(),
  ])
  const sizeOf = (id: string) => names.filter((one) => one.groups.includes(id)).length
  const groups = all.filter(({ id }) => sizeOf(id) > 0)
  const group =
    groups.find(({ id }) => id === asked.group) ?? groups.toSorted((a, b) => sizeOf(b.id) - sizeOf(a.id))[0] ?? null
  if (!group) return <LogPage today={on} door={null} weeks={null} />
  const days = lessons.filter((one) => one.group === group.id && one.day <= on).map((one) => one.day)
  const day = dayField.safeParse(asked.day).success ? (asked.day as string) : (days.sort().at(-1) ?? on)
  const [members, rows, recent, answered, roll] = await Promise.all([
    listMembers(group.id),
    readDay(group.id, day),
    readLogOfGroup(group.id, addDays(day, -SEEN_DAYS), day),
    readAnswered(),
    readRoll(group.id, day),
  ])
  const lesson = lessons.find((one) => one.group === group.id && one.day === day)?.document ?? null
  return (
    <LogPage
      today={on}
      weeks={null}
      door={{
        groups,
        group,
        day,
        today: on,
        members,
        names,
        rows,
        recent,
        days,
        lesson,
        roll,
        practice: house.practice,
        answered,
        own,
        routines,
        ways: house.ways,
        units: house.units,
      }}
    />
  )
}
