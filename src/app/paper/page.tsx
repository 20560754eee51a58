import { notFound } from 'next/navigation'
import { InputError } from '@/core'
import { PaperPage } from '@/features/paper/PaperPage'
import {
  OF_CLASS,
  OF_LESSON,
  OF_PERSON,
  OF_ROUTINE,
  type PrintKind,
  type PrintRequest,
  readAsked,
} from '@/keeping/paper/asked'
import { makeSheets } from '@/keeping/paper/make'
import { listPrintable } from '@/keeping/paper/of-person'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('paper', await readWords())

/** ?as=card&person=ID, ?as=class&group=ID&posture=ID, ?as=lesson&group=ID&day=YYYY-MM-DD, ?as=path&routine=ID: as they print. */
export default async function OnePaper({ searchParams }: { searchParams: Promise<Record<string, string>> }) {
  const words = await readWords()
  const given = await searchParams
  try {
    const asked = readAsked(given)
    const { title, sheets } = await makeSheets(asked, words)
    const stances = asked.person && !asked.routine ? (await listPrintable(asked.person, words)).stoods : []
    return (
      <PaperPage
        // Another address is another paper.
        key={JSON.stringify(asked)}
        asked={asked}
        title={title}
        sheets={sheets}
        kinds={kindsOf(asked)}
        stances={stances.map(({ title: name, where: detail }) => ({ name, detail }))}
        at={asked.routine ? '/path' : asked.person ? '/people' : asked.day ? '/lesson' : '/class'}
      />
    )
  } catch (error) {
    if (error instanceof InputError) notFound()
    throw error
  }
}

const kindsOf = ({ routine, person, day }: PrintRequest): readonly PrintKind[] =>
  routine ? OF_ROUTINE : person ? OF_PERSON : day ? OF_LESSON : OF_CLASS
