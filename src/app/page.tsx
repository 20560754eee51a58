import { Bench } from '@/features/bench/Bench'
import { findLastPersonId, listNames, readBench } from '@/server/bench'
import { today } from '@/server/clock'
import { readHouse } from '@/server/house'
import { listOwn } from '@/server/library'

export const dynamic = 'force-dynamic'

/** ?person=ID puts somebody on the bench; else whoever was on it last. */
export default async function BenchPage({ searchParams }: { searchParams: Promise<{ person?: string }> }) {
  const [people, last, own, house, day, { person }] = await Promise.all([
    listNames(),
    findLastPersonId(),
    listOwn(),
    readHouse(),
    today(),
    searchParams,
  ])
  const wanted = [person, last, 'odalys-marrin'].flatMap((id) => people.find((one) => one.id === id) ?? [])
  const first = wanted[0] ?? people[0]
  return (
    <Bench people={people} onBench={first ? await readBench(first.id) : null} own={own} units={house.units} day={day} />
  )
}
