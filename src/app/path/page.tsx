import { Path } from '@/features/path/Path'
import { findLastPersonId, listMembers, listNames, readBench } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { listRoutines, listUnreadableRoutines } from '@/keeping/routines'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('path', await readWords())

type PathQuery = { person?: string; routine?: string; group?: string }

/** ?person=ID, or everybody of ?group=ID, walks ?routine=ID; else whoever was on the bench last walks the first. */
export default async function PathPage({ searchParams }: { searchParams: Promise<PathQuery> }) {
  const [people, last, own, routines, aside, groups, house, day, asked] = await Promise.all([
    listNames(),
    findLastPersonId(),
    listOwn(),
    listRoutines(),
    listUnreadableRoutines(),
    readGroups(),
    readHouse(),
    today(),
    searchParams,
  ])
  const wanted = [asked.person, last].flatMap((id) => people.find((one) => one.id === id) ?? [])
  const first = wanted[0] ?? people[0]
  const groupId = groups.find(({ id }) => id === asked.group)?.id
  const [walker, members] = await Promise.all([first ? readBench(first.id) : null, groupId ? listMembers(groupId) : []])
  return (
    <Path
      people={people}
      walker={walker}
      own={own}
      ways={house.ways}
      routines={routines}
      aside={aside}
      groups={groups.filter(({ id }) => people.some((one) => one.groups.includes(id)))}
      asked={asked.routine ?? null}
      askedGroup={groupId && members.length > 0 ? { id: groupId, members } : null}
      day={day}
    />
  )
}
