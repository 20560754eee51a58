import { Bench } from '@/features/bench/Bench'
import { findLastPersonId, listBenchPeople, readBench } from '@/server/bench'
import { today } from '@/server/clock'
import { readHouse } from '@/server/house'
import { listOwn } from '@/server/library'

export const dynamic = 'force-dynamic'

/** ?person=ID puts somebody on the bench; else whoever was on it last. */
export default async function BenchPage({ searchParams }: { searchParams: Promise<{ person?: string }> }) {
  const [people, last, own, house, { person }] = await Promise.all([
    listBenchPeople(),
    findLastPersonId(),
    listOwn(),
    readHouse(),
    searchParams,
  ])
  const wanted = [person, last, 'odalys-marrin'].flatMap((id) => people.find((one) => one.id === id) ?? [])
  const first = wanted[0] ?? people[0]
  return (
    <Bench
      people={people}
      personId={first?.id ?? null}
      onBench={first ? await readBench(first.id) : null}
      own={own}
      units={house.units}
      day={today()}
    />
  )
}
