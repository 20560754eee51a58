import { Bench } from '@/features/bench/Bench'
import { findLastPersonId, listNames, readBench } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('bench', await readWords())

type BenchQuery = { person?: string; kept?: string }

/** ?person=ID puts somebody on the bench, with &kept=ID what was kept for them; else whoever was on it last. */
export default async function BenchPage({ searchParams }: { searchParams: Promise<BenchQuery> }) {
  const [people, last, own, house, day, { person, kept }] = await Promise.all([
    listNames(),
    findLastPersonId(),
    listOwn(),
    readHouse(),
    today(),
    searchParams,
  ])
  const wanted = [person, last].flatMap((id) => people.find((one) => one.id === id) ?? [])
  const first = wanted[0] ?? people[0]
  const onBench = first ? await readBench(first.id) : null
  const opened = onBench?.kept.find(({ id }) => id === kept) ?? null
  return (
    <Bench
      people={people}
      onBench={onBench}
      opened={opened}
      own={own}
      ways={house.ways}
      units={house.units}
      school={house.school}
      day={day}
    />
  )
}
