import { PeopleList } from '@/features/people/PeopleList'
import { readHouse } from '@/server/house'
import { readRoster } from '@/server/roster'

export const dynamic = 'force-dynamic'

export default async function PeoplePage() {
  const [roster, house] = await Promise.all([readRoster(), readHouse()])
  return <PeopleList roster={roster} units={house.units} />
}
