import { House } from '@/features/house/House'
import { readHouse } from '@/keeping/house'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const metadata = titleOf('house')

export default async function HousePage() {
  return <House settings={await readHouse()} />
}
