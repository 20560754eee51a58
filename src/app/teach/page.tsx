import { TeachPage } from '@/features/teach/TeachPage'
import { listMembers } from '@/keeping/bench'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listLessons } from '@/keeping/lessons'
import { listOwn } from '@/keeping/library'
import { listRoutines } from '@/keeping/routines'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('teach', await readWords())

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
