import { notFound, redirect } from 'next/navigation'
import { InputError } from '@/core'
import { Repertoire } from '@/features/repertoire/Repertoire'
import { listNames, readBench } from '@/server/bench'
import { readHouse } from '@/server/house'
import { listOwn } from '@/server/library'

export const dynamic = 'force-dynamic'

/** ?person=ID: what they can do of the library today. */
export default async function CanPage({ searchParams }: { searchParams: Promise<{ person?: string }> }) {
  const { person: id } = await searchParams
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
