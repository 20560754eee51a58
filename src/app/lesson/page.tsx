import { day as dayField } from '@/documents/record-document'
import { LessonPage } from '@/features/lesson/LessonPage'
import { listNames } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readGroups } from '@/keeping/groups'
import { pickHall, readHouse } from '@/keeping/house'
import { listPupils } from '@/keeping/lesson-page'
import { listLessons, listUnreadableLessons } from '@/keeping/lessons'
import { listOwn } from '@/keeping/library'
import { listRoutines } from '@/keeping/routines'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('lesson', await readWords())

type LessonQuery = { group?: string; day?: string }

/** The lesson of ?group=ID on ?day=YYYY-MM-DD; else the largest group's next one, or today's. */
export default async function OneLesson({ searchParams }: { searchParams: Promise<LessonQuery> }) {
  const [asked, all, names, on, lessons, aside, own, routines, house] = await Promise.all([
    searchParams,
    readGroups(),
    listNames(),
    today(),
    listLessons(),
    listUnreadableLessons(),
    listOwn(),
    listRoutines(),
    readHouse(),
  ])
  const sizeOf = (id: string) => names.filter((one) => one.groups.includes(id)).length
  const groups = all.filter(({ id }) => sizeOf(id) > 0)
  const largest = groups.toSorted((a, b) => sizeOf(b.id) - sizeOf(a.id))[0] ?? null
  const group = groups.find(({ id }) => id === asked.group) ?? largest
  const next = lessons.filter((one) => one.group === group?.id && one.day >= on).map((one) => one.day)
  const day = dayField.safeParse(asked.day).success ? (asked.day as string) : (next.sort()[0] ?? on)
  return (
    <LessonPage
      groups={groups}
      group={group}
      day={day}
      today={on}
      pupils={group ? await listPupils(group.id, day) : []}
      lessons={lessons}
      aside={aside}
      own={own}
      routines={routines}
      ways={house.ways}
      hall={pickHall(house)}
      practice={house.practice}
    />
  )
}
