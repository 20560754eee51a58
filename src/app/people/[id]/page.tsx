import { notFound } from 'next/navigation'
import { InputError } from '@/core'
import { PersonPage } from '@/features/people/person/PersonPage'
import { listKeptOf } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { readRecord } from '@/keeping/people'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('person', await readWords())

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
