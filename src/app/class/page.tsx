import { ClassFit } from '@/features/class-fit/ClassFit'
import { listMembers, listNames } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { listPlans, listUnreadablePlans } from '@/keeping/plans'
import { readWords } from '@/keeping/words'
import type { Group } from '@/records/groups'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('class', await readWords())

type ClassQuery = { group?: string; posture?: string }

/** Opens with ?group=ID and ?posture=ID, else with the largest group; the others are fetched when they are chosen. */
export default async function ClassPage({ searchParams }: { searchParams: Promise<ClassQuery> }) {
  const [asked, names, all, own, plans, house, day, aside] = await Promise.all([
    searchParams,
    listNames(),
    readGroups(),
    listOwn(),
    listPlans(),
    readHouse(),
    today(),
    listUnreadablePlans(),
  ])
  const sizeOf = ({ id }: Group) => names.filter((one) => one.groups.includes(id)).length
  const groups = all.filter((group) => sizeOf(group) > 0)
  const largest = groups.toSorted((a, b) => sizeOf(b) - sizeOf(a))[0]?.id ?? null
  const first = groups.find(({ id }) => id === asked.group)?.id ?? largest
  const members = await listMembers(first)
  return (
    <ClassFit
      groups={groups}
      first={{ group: first, members }}
      firstPosture={asked.posture ?? null}
      firstSchool={house.school}
      own={own}
      plans={plans}
      ways={house.ways}
      chairs={house.chairs}
      day={day}
      aside={aside}
    />
  )
}
