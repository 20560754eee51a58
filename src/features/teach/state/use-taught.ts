import { useEffect } from 'react'
import { stamp } from '@/clock'
import type { LessonDocument } from '@/documents/lesson-document'
import { ask, OvertakenError } from '@/ui/api/ask'

const TELL_AGAIN_MS = 4000

type Kept = { revision: number; document: LessonDocument }

/** Once it is over it was taught, and that is told until the server has it: other weeks go by it. */
export function useTaught(isOver: boolean, group: string, day: string, kept: Kept): void {
  useEffect(() => {
    if (!isOver || kept.document.taughtAt) return
    const tell = ({ revision, document }: Kept): Promise<unknown> =>
      ask('/api/lessons', 'PUT', {
        group,
        day,
        revision,
        document: { ...document, taughtAt: stamp() },
      }).catch((error: unknown) => {
        // Somebody changed it meanwhile: theirs was taught.
        const theirs = error instanceof OvertakenError ? (error.current as Kept | null) : null
        timer = setTimeout(() => tell(theirs ?? { revision, document }), TELL_AGAIN_MS)
      })
    let timer = setTimeout(() => tell(kept), 0)
    return () => clearTimeout(timer)
  }, [isOver, group, day, kept])
}
