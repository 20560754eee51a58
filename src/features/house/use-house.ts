import { useEffect, useState } from 'react'
import type { HouseChoices } from '@/documents/house-settings'
import type { HouseSettings } from '@/keeping/house'
import type { HousePreview } from '@/keeping/house-preview'
import { ask, sayUnsaved } from '@/ui/api/ask'
import { sayNotKept, useKeeping } from '@/ui/api/use-keeping'
import { useWords } from '@/ui/words/use-words'
import { sayPlace } from '@/words/places'

const REST_MS = 300

const pickChoices = ({
  name,
  chairs,
  roomM,
  rules,
  days,
  signs,
  units,
  bends,
  school,
  ways,
  practice,
  emergency,
}: HouseChoices): HouseChoices => ({
  name,
  ...(chairs !== undefined && { chairs }),
  ...(roomM && { roomM }),
  rules,
  days,
  signs,
  units,
  bends,
  school,
  ways,
  practice,
  emergency,
})

const isSame = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)

/** The house's settings as they are kept, and as they are being changed: what a change would do is asked before it is kept. */
export function useHouse(first: HouseSettings) {
  const words = useWords()
  const [kept, setKept] = useState(first)
  const [draft, setDraft] = useState<HouseChoices>(pickChoices(first))
  /** What was kept before the last press: the way back. */
  const [before, setBefore] = useState<HouseChoices | null>(null)
  const [preview, setPreview] = useState<{
    of: HouseChoices['rules']
    found: HousePreview | null
    problem: string | null
  }>()
  const keeping = useKeeping<HouseChoices, HouseSettings>({
    what: 'house',
    title: sayPlace('house', words),
    revision: first.revision,
    request: (choices) => ({ path: '/api/house', body: choices }),
    onSaved: (settings) => {
      setBefore(pickChoices(kept))
      setKept(settings)
    },
    readTheirs: pickChoices,
  })
  const isChanged = !isSame(draft, pickChoices(kept))
  const { rules } = draft
  const isRuled = !isSame(rules, kept.rules)

  useEffect(() => {
    if (!isRuled) return
    let left = false
    const timer = setTimeout(() => {
      ask<HousePreview>('/api/house/preview', 'POST', { rules })
        .then((found) => !left && setPreview({ of: rules, found, problem: null }))
        .catch((error) => !left && setPreview({ of: rules, found: null, problem: sayUnsaved(error, words) }))
    }, REST_MS)
    return () => {
      left = true
      clearTimeout(timer)
    }
  }, [rules, isRuled, words])

  // What was changed and not kept is not lost without a word.
  useEffect(() => {
    if (!isChanged) return
    const warn = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', warn)
    return () => window.removeEventListener('beforeunload', warn)
  }, [isChanged])

  const { theirs, problem } = keeping
  return {
    kept,
    draft,
    isChanged,
    preview: isRuled && preview?.of === rules ? preview : null,
    isLooking: isRuled && preview?.of !== rules,
    problem: problem && sayNotKept(problem, words),
    theirs,
    canUndo: before !== null && !isChanged,
    change: (part: Partial<HouseChoices>) => {
      setBefore(null)
      setDraft((now) => ({ ...now, ...part }))
    },
    keep: () => keeping.keep(draft),
    undo: () => {
      if (!before) return
      setDraft(before)
      keeping.keep(before)
    },
    /** What was changed is dropped, also what was pressed and has not arrived. */
    leave: () => {
      keeping.accept(kept.revision)
      setDraft(pickChoices(kept))
    },
    takeTheirs: () => {
      if (!theirs) return
      keeping.accept(theirs.revision)
      setKept(theirs)
      setDraft(pickChoices(theirs))
    },
    keepMine: () => theirs && keeping.keepOver(theirs.revision),
  }
}
