import { useEffect, useMemo, useState } from 'react'
import type { RoutineDocument } from '@/documents/routine-document'
import { ROUTINE_IDS } from '@/documents/routines/routines'
import type { OwnRoutine } from '@/keeping/routines'
import { ask } from '@/ui/api/ask'
import { useWords } from '@/ui/words/use-words'
import type { Words } from '@/words/language'
import { readShipped, sayRoutineName, sayRoutinePurpose } from '@/words/routines'
import { openRoutine, useRoutine } from './store'
import { useSaving } from './use-saving'

/** A routine that can be opened: as shipped, or as the house has it. */
export type Known = { id: string; name: string; purpose: string | null; document: RoutineDocument; own: boolean }

const isShipped = (id: string) => (ROUTINE_IDS as readonly string[]).includes(id)

function listKnown(own: readonly OwnRoutine[], words: Words): Known[] {
  const shipped = ROUTINE_IDS.map((id) => {
    const document = own.find((one) => one.id === id)?.document
    return { id: id as string, document: document ?? readShipped(id, words), own: document !== undefined }
  })
  const made = own.flatMap(({ id, document }) => (isShipped(id) ? [] : [{ id, document, own: true }]))
  return [...shipped, ...made].map((one) => ({
    ...one,
    name: sayRoutineName(one.id, one.document, words),
    purpose: sayRoutinePurpose(one.id, words),
  }))
}

/** All routines, the one that is open and its saving; what can be done with one as a whole. */
export function useRoutines(first: readonly OwnRoutine[], asked: string | null) {
  const words = useWords()
  const [own, setOwn] = useState(first)
  const known = useMemo(() => listKnown(own, words), [own, words])
  const open = useRoutine((on) => on.id)
  const put = (saved: OwnRoutine) => setOwn((before) => [...before.filter(({ id }) => id !== saved.id), saved])
  const saving = useSaving(own, put)
  const [problem, setProblem] = useState<string | null>(null)
  const choose = (id: string) => {
    const document = known.find((one) => one.id === id)?.document
    if (document) openRoutine(id, document)
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is open is chosen once, when the page comes
  useEffect(() => {
    choose(known.find(({ id }) => id === asked)?.id ?? (ROUTINE_IDS[0] as string))
  }, [])
  /** A new one of the house's own, kept as soon as it is there. */
  const add = (document: RoutineDocument) => {
    const id = `own-${crypto.randomUUID()}`
    openRoutine(id, document)
    // A first change, so that it is kept.
    useRoutine.setState({ routine: { ...document } })
  }
  const reset = async () => {
    await saving.flush()
    try {
      await ask(`/api/routines/${open}`, 'DELETE', {})
      setOwn((before) => before.filter(({ id }) => id !== open))
      saving.accept(0)
      const next = isShipped(open) ? open : (ROUTINE_IDS[0] as string)
      openRoutine(next, readShipped(next as (typeof ROUTINE_IDS)[number], words))
    } catch {
      setProblem('server')
    }
  }
  const mine = known.find(({ id }) => id === open)
  return { known, open, saving, choose, add, reset, problem, isOwn: mine?.own ?? false, isShipped: isShipped(open) }
}
