import { ClassFit } from '@/features/class-fit/ClassFit'
import type { Group } from '@/records/groups'
import { listMembers, listNames } from '@/server/bench'
import { today } from '@/server/clock'
import { readGroups } from '@/server/groups'
import { listOwn } from '@/server/library'
import { listPlans, listUnreadablePlans } from '@/server/plans'

export const dynamic = 'force-dynamic'

/** Opens with the largest group; the others are fetched when they are chosen. */
export default async function ClassPage() {
  const [names, all, own, plans, day, aside] = await Promise.all([
    listNames(),
    readGroups(),
    listOwn(),
    listPlans(),
    today(),
    listUnreadablePlans(),
  ])
  const sizeOf = ({ id }: Group) => names.filter((one) => one.groups.includes(id)).length
  const groups = all.filter((group) => sizeOf(group) > 0)
  const first = groups.toSorted((a, b) => sizeOf(b) - sizeOf(a))[0]?.id ?? null
  const members = await listMembers(first)
  return <ClassFit groups={groups} first={{ group: first, members }} own={own} plans={plans} day={day} aside={aside} />
}
