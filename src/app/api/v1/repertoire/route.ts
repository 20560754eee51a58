import { answerOpen } from '@/keeping/answer'
import { search } from '@/keeping/search/pool'

/** ?school=ID, ?posture=ID and ?wayIn=yes say what is asked of the person or stance in the body. */
export const POST = (request: Request) => {
  const asked = new URL(request.url).searchParams
  const of = (name: string) => asked.get(name) ?? undefined
  return answerOpen(request, (person, { language }) =>
    search(
      'repertoire',
      { person, school: of('school'), posture: of('posture'), wayIn: of('wayIn') === 'yes' },
      language,
      request.signal,
    ),
  )
}
