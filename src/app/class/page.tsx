import { ClassFit } from '@/features/class-fit/ClassFit'
import { listBenchPeople } from '@/server/bench'
import { today } from '@/server/clock'
import { listOwn } from '@/server/library'
import { listPlans } from '@/server/plans'

export const dynamic = 'force-dynamic'

export default async function ClassPage() {
  const [people, own, plans] = await Promise.all([listBenchPeople(), listOwn(), listPlans()])
  return <ClassFit people={people} own={own} plans={plans} day={today()} />
}
