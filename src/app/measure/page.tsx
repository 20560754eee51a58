import { notFound, redirect } from 'next/navigation'
import { InputError } from '@/core'
import { TEST_IDS } from '@/documents/record-document'
import { MeasurePage } from '@/features/measure/MeasurePage'
import { MEASURES, measureOfTest } from '@/features/measure/measures'
import { listNames, readBench } from '@/keeping/bench'
import { today } from '@/keeping/clock'
import { readGroups } from '@/keeping/groups'
import { readHouse } from '@/keeping/house'
import { listOwn } from '@/keeping/library'
import { readRecord } from '@/keeping/people'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('measure', await readWords())

type MeasureQuery = { person?: string; what?: string; test?: string }

/** ?person=ID&what=scales or &test=one-leg-left: the measuring corner for somebody. */
export default async function OneMeasure({ searchParams }: { searchParams: Promise<MeasureQuery> }) {
  const { person: id, what, test } = await searchParams
  if (id === undefined) redirect('/people')
  const orNotFound = (error: unknown) => {
    if (error instanceof InputError) notFound()
    throw error
  }
  const [kept, { person }, names, groups, house, own, day] = await Promise.all([
    readRecord(id).catch(orNotFound),
    readBench(id).catch(orNotFound),
    listNames(),
    readGroups(),
    readHouse(),
    listOwn(),
    today(),
  ])
  const asked = TEST_IDS.find((one) => one === test) ?? null
  const first = MEASURES.find((one) => one === what) ?? (asked && measureOfTest(asked)) ?? 'scales'
  return (
    <MeasurePage
      key={id}
      kept={kept}
      person={person}
      names={names}
      groups={groups}
      house={house}
      own={own}
      day={day}
      what={first}
      test={asked}
    />
  )
}
