import { useEffect } from 'react'
import type { ShownPath } from '@/core'
import { spanOfPart } from '@/ui/figure/instant'
import { usePlay } from '../state/play'

/** Moves the cursor on with time while it plays; at the end it stops, or begins again. */
export function usePlaying(path: ShownPath | null): void {
  const playing = usePlay((play) => play.playing)
  useEffect(() => {
    if (!playing || !path) return
    let last = performance.now()
    let frame = requestAnimationFrame(function tick(now) {
      const { at, speed, loop, open } = usePlay.getState()
      const [from, until] = loop && open !== null ? spanOfPart(path, open) : [0, path.seconds]
      const next = at + ((now - last) / 1000) * speed
      last = now
      if (next < until) usePlay.setState({ at: Math.max(from, next) })
      else if (loop) usePlay.setState({ at: from })
      else {
        usePlay.setState({ at: until, playing: false })
        return
      }
      frame = requestAnimationFrame(tick)
    })
    return () => cancelAnimationFrame(frame)
  }, [playing, path])
}
