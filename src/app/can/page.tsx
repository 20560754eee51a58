import { notFound, redirect } from 'next/navigation'
import { InputError } from '@/core'
import { GroupRepertoire } from '@/features/repertoire/group/GroupRepertoire'
import { Repertoire } from '@/features/repertoire/Repertoire'
import { listMembers, listNames, readBench } from '@/keeping/bench'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('can', await readWords())

type CanQuery = { person?: string; group?: string }

/** ?person=ID: what they can do of the library today; ?group=ID: what everybody of a group can. */
export default async function CanPage({ searchParams }: { searchParams: Promise<CanQuery> }) {
  const { person: id, group } = await searchParams
  if (group !== undefined) return canGroup(group)
  if (id === undefined) redirect('/people')
  const [people, bench, own, house] = await Promise.all([
    listNames(),
    readBench(id).catch((error: unknown) => {
      if (error instanceof InputError) notFound()
      throw error
    }),
    listOwn(),
    readHouse(),
  ])
  return <Repertoire key={id} people={people} person={bench.person} own={own} ways={house.ways} />
}

async function canGroup(id: string) {
  const [groups, members, own] = await Promise.all([readGroups(), listMembers(id), listOwn()])
  const group = groups.find((one) => one.id === id)
  if (!group) notFound()
  return <GroupRepertoire key={id} groups={groups} group={group} members={members} own={own} />
}
