import { Postures } from '@/features/postures/Postures'
import { findLastPersonId, listBenchPeople } from '@/server/bench'
import { listOwn } from '@/server/library'

export const dynamic = 'force-dynamic'

export default async function PosturesPage() {
  const [people, last, own] = await Promise.all([listBenchPeople(), findLastPersonId(), listOwn()])
  return <Postures people={people} lastPersonId={last} own={own} />
}
