import { ClassFit } from '@/features/class-fit/ClassFit'
import { listMembers, listNames } from '@/server/bench'
import { today } from '@/server/clock'
import { listOwn } from '@/server/library'
import { listPlans, listUnreadablePlans } from '@/server/plans'

export const dynamic = 'force-dynamic'

/** Opens with the largest group; the others are fetched when they are chosen. */
export default async function ClassPage() {
  const [names, own, plans, day, aside] = await Promise.all([
    listNames(),
    listOwn(),
    listPlans(),
    today(),
    listUnreadablePlans(),
  ])
  const groups = [...new Set(names.flatMap((one) => one.groups))].sort((a, b) => a.localeCompare(b))
  const sizeOf = (group: string) => names.filter((one) => one.groups.includes(group)).length
  const [first = null] = groups.toSorted((a, b) => sizeOf(b) - sizeOf(a))
  const members = await listMembers(first)
  return <ClassFit groups={groups} first={{ group: first, members }} own={own} plans={plans} day={day} aside={aside} />
}
