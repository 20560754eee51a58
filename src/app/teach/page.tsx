import { TeachPage } from '@/features/teach/TeachPage'
import { listMembers } from '@/server/bench'
import { readGroups } from '@/server/groups'
import { readHouse } from '@/server/house'
import { listLessons } from '@/server/lessons'
import { listOwn } from '@/server/library'
import { listRoutines } from '@/server/routines'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const metadata = titleOf('teach')

type TeachQuery = { group?: string; day?: string }

/** The lesson of ?group=ID on ?day=YYYY-MM-DD, taught. */
export default async function TeachLesson({ searchParams }: { searchParams: Promise<TeachQuery> }) {
  const asked = await searchParams
  const [groups, lessons, own, routines, house] = await Promise.all([
    readGroups(),
    listLessons(),
    listOwn(),
    listRoutines(),
    readHouse(),
  ])
  const group = groups.find(({ id }) => id === asked.group)
  const lesson = lessons.find((one) => one.group === group?.id && one.day === asked.day)
  return (
    <TeachPage
      {...(group && { group })}
      {...(lesson && { lesson })}
      day={asked.day ?? ''}
      people={group ? await listMembers(group.id) : []}
      own={own}
      routines={routines}
      ways={house.ways}
      emergency={house.emergency}
    />
  )
}
