import { useMemo } from 'react'
import type { ShownPath } from '@/core'
import type { Played } from '@/ui/figure/draw-played'
import { sayDegrees } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { saySeconds } from '@/words/path'
import { usePlay } from './play'
import { useSaid } from './use-said'

/** What the drawing of a body shows, for whoever doesn't see it; as often as words can be followed. */
export function useBodySaid(path: ShownPath, drawn: Played | null): string | null {
  const look = usePlay((play) => play.look)
  const { atS } = useSaid(path)
  // biome-ignore lint/correctness/useExhaustiveDependencies: the knees are said as often as the second
  return useMemo(
    () =>
      drawn &&
      ENGLISH.say('path.play.body', {
        at: saySeconds(atS),
        look: ENGLISH.say('path.play.looks', { look }),
        left: sayDegrees(drawn.legs.left.flexion),
        right: sayDegrees(drawn.legs.right.flexion),
      }),
    [atS, look, drawn === null],
  )
}
