import { useMemo } from 'react'
import type { ShownPath } from '@/core'
import type { Played } from '@/ui/figure/draw-played'
import { useWords } from '@/ui/words/use-words'
import { sayDegrees } from '@/words/figures'
import { saySeconds } from '@/words/path'
import { usePlay } from './play'
import { useSaid } from './use-said'

/** What the drawing of a body shows, for whoever doesn't see it; as often as words can be followed. */
export function useBodySaid(path: ShownPath, drawn: Played | null): string | null {
  const words = useWords()
  const look = usePlay((play) => play.look)
  const { atS } = useSaid(path)
  // biome-ignore lint/correctness/useExhaustiveDependencies: the knees are said as often as the second
  return useMemo(
    () =>
      drawn &&
      words.say('path.play.body', {
        at: saySeconds(atS, words),
        look: words.say('path.play.looks', { look }),
        left: sayDegrees(drawn.legs.left.flexion, words),
        right: sayDegrees(drawn.legs.right.flexion, words),
      }),
    [atS, look, drawn === null],
  )
}
