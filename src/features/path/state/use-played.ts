import { useMemo } from 'react'
import type { Body, ShownPath } from '@/core'
import { drawPlayed, listChairs, type Played } from '@/ui/figure/draw-played'
import { findInstant } from '@/ui/figure/instant'
import { usePlay } from './play'

/** The body at the second that is looked at; null where it cannot be stood. */
export function usePlayed(path: ShownPath, body: Body): Played | null {
  const at = usePlay((play) => play.at)
  const chairs = useMemo(() => listChairs(path), [path])
  const between = findInstant(path, at)
  return between && drawPlayed(body, between, chairs)
}
