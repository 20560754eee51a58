import { PeopleList } from '@/features/people/PeopleList'
import { readHouse } from '@/keeping/house'
import { readRoster } from '@/keeping/roster'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('people', await readWords())

/** ?bring opens with a list to bring in. */
export default async function PeoplePage({ searchParams }: { searchParams: Promise<{ bring?: string }> }) {
  const [roster, house, { bring }] = await Promise.all([readRoster(), readHouse(), searchParams])
  return <PeopleList roster={roster} units={house.units} bring={bring !== undefined} />
}
