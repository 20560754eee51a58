import { redirect } from 'next/navigation'
import { Today } from '@/features/today/Today'
import { listOwn } from '@/keeping/library'
import { listRoutines } from '@/keeping/routines'
import { readToday } from '@/keeping/today-page'
import { readWords } from '@/keeping/words'
import { titleOf } from '@/words/places'

export const dynamic = 'force-dynamic'
export const generateMetadata = async () => titleOf('today', await readWords())

type TodayQuery = { group?: string; person?: string; kept?: string }

/** Today: which group comes, who, and what is next; ?group=ID another group. Whoever is asked for by ?person is on the bench. */
export default async function TodayPage({ searchParams }: { searchParams: Promise<TodayQuery> }) {
  const { group, person, kept } = await searchParams
  if (person !== undefined) {
    const opened = kept === undefined ? '' : `&kept=${encodeURIComponent(kept)}`
    redirect(`/bench?person=${encodeURIComponent(person)}${opened}`)
  }
  const [page, own, routines] = await Promise.all([readToday(group ?? null), listOwn(), listRoutines()])
  return <Today page={page} own={own} routines={routines} />
}
