import { useMemo } from 'react'
import type { ShownPath } from '@/core'
import { findInstant } from '@/ui/figure/instant'
import { useWords } from '@/ui/words/use-words'
import { usePlay } from './play'
import { sayInstant } from './say-instant'

/** So often a second words follow what plays. */
const PER_SECOND = 4

/** What the instant that is looked at shows, in words; while it plays they change no faster than they can be read. */
export function useSaid(path: ShownPath): { atS: number; said: string } {
  const words = useWords()
  const atS = usePlay(({ at, playing }) => (playing ? Math.round(at * PER_SECOND) / PER_SECOND : at))
  const said = useMemo(() => sayInstant(findInstant(path, atS), words), [path, atS, words])
  return { atS, said }
}
