import { Bench } from '@/features/bench/Bench'
import { findLastPersonId, listBenchPeople, readBench } from '@/server/bench'

export const dynamic = 'force-dynamic'

export default async function BenchPage() {
  const people = await listBenchPeople()
  const last = await findLastPersonId()
  const first = people.find(({ id }) => id === last) ?? people.find(({ id }) => id === 'odalys-marrin') ?? people[0]
  return <Bench people={people} personId={first?.id ?? null} onBench={first ? await readBench(first.id) : null} />
}
