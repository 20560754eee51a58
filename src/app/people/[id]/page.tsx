import { notFound } from 'next/navigation'
import { InputError } from '@/core'
import { PersonPage } from '@/features/people/person/PersonPage'
import { listKeptOf } from '@/server/bench'
import { today } from '@/server/clock'
import { readGroups } from '@/server/groups'
import { readHouse } from '@/server/house'
import { listOwn } from '@/server/library'
import { readRecord } from '@/server/people'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const metadata = titleOf('person')

export default async function OnePersonPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params
  const kept = await readRecord(id).catch((error: unknown) => {
    if (error instanceof InputError) notFound()
    throw error
  })
  const [house, groups, day, stances, own] = await Promise.all([
    readHouse(),
    readGroups(),
    today(),
    listKeptOf(id),
    listOwn(),
  ])
  return <PersonPage kept={kept} house={house} groups={groups} day={day} stances={stances} own={own} />
}
