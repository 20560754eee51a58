import { useState } from 'react'
import type { Posture } from '@/documents/posture-document'
import type { OwnPosture } from '@/keeping/library'
import { ask } from '@/ui/api/ask'
import { useAttempt } from '@/ui/api/use-attempt'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayPostureName } from '@/words/postures'

/** What was done last, with what was there before: the way back. */
type Done = { message: string; id: string; before: OwnPosture | null; revision: number }

/** The postures that were changed or added here, and the way back from the last change. */
export function useLibrary(known: readonly OwnPosture[]) {
  const t = useSay('screens.postures')
  const words = useWords()

  const [own, setOwn] = useState(known)
  const [done, setDone] = useState<Done | null>(null)
  const { problem, attempt } = useAttempt()
  const find = (id: string) => own.find((one) => one.id === id) ?? null
  const place = (id: string, changed: OwnPosture | null) =>
    setOwn((all) => [...all.filter((one) => one.id !== id), ...(changed ? [changed] : [])])
  const remove = async (id: string) => {
    await ask(`/api/library/${id}`, 'DELETE', {})
    place(id, null)
  }
  return {
    own,
    done,
    problem,
    /** A posture was saved. */
    put: (changed: OwnPosture, posture: Posture) => {
      const before = find(changed.id)
      place(changed.id, changed)
      const message = t('posturenameWasChanged', { postureName: sayPostureName(posture, words) })
      setDone({ message, id: changed.id, before, revision: changed.revision })
    },
    /** Back to what ships; one of the house's own is taken out. */
    reset: (posture: Posture) =>
      attempt(async () => {
        const before = find(posture.id)
        await remove(posture.id)
        const isOwn = posture.id.startsWith('own-')
        const message = `${sayPostureName(posture, words)} ${isOwn ? t('wasTakenOutLibrary') : t('isAsShips')}.`
        setDone({ message, id: posture.id, before, revision: 0 })
      }),
    undo: () =>
      attempt(async () => {
        if (!done) return
        const { id, before, revision } = done
        if (!before) await remove(id)
        else place(id, await ask<OwnPosture>(`/api/library/${id}`, 'PUT', { revision, document: before.document }))
        setDone(null)
      }),
  }
}
