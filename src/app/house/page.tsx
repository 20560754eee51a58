import { House } from '@/features/house/House'
import { readHouse } from '@/server/house'

export const dynamic = 'force-dynamic'

export default async function HousePage() {
  return <House settings={await readHouse()} />
}
