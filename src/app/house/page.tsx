import { House } from '@/features/house/House'
import { readHouse } from '@/keeping/house'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('house', await readWords())

export default async function HousePage() {
  return <House settings={await readHouse()} />
}
