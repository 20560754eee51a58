import { Postures } from '@/features/postures/Postures'
import { findLastPersonId, listNames, readBench } from '@/keeping/bench'
import { readHouse } from '@/keeping/house'
import { listOwn, listUnreadablePostures } from '@/keeping/library'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('postures', await readWords())

export default async function PosturesPage() {
  const [people, last, own, aside, house] = await Promise.all([
    listNames(),
    findLastPersonId(),
    listOwn(),
    listUnreadablePostures(),
    readHouse(),
  ])
  const first = people.find(({ id }) => id === last) ?? people[0]
  const person = first ? (await readBench(first.id)).person : null
  return <Postures people={people} first={person} own={own} ways={house.ways} aside={aside} />
}
