import { useEffect, useMemo, useRef, useState } from 'react'
import type { Body, ShownPath } from '@/core'
import { drawPlayed, listChairs } from '@/ui/figure/draw-played'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { findInstant } from '@/ui/figure/instant'
import { FROM_FRONT, viewFrom } from '@/ui/figure/view'
import { useSize } from '@/ui/floor/stage/use-size'
import { useWords } from '@/ui/words/use-words'
import type { Now } from './state/round'
import styles from './teach.module.css'

const HEAD_ROOM = 1.08
const VIEW = viewFrom(FROM_FRONT, true)

/** The body that goes through the round, mirrored: whoever stands facing it moves as it does. */
export function Mirror({ path, body, read }: { path: ShownPath | null; body: Body; read: () => Now | null }) {
  const words = useWords()
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box)
  const [atS, setAtS] = useState(0)
  useEffect(() => {
    const calm = window.matchMedia('(prefers-reduced-motion: reduce)').matches
    let frame = requestAnimationFrame(function tick() {
      const now = read()
      // Without motion it stands where each beat ends.
      if (now) setAtS(calm && now.beat ? now.beat.startS + now.beat.seconds : now.atS)
      frame = requestAnimationFrame(tick)
    })
    return () => cancelAnimationFrame(frame)
  }, [read])
  const chairs = useMemo(() => (path ? listChairs(path) : []), [path])
  const between = path && findInstant(path, atS)
  const drawn = between && drawPlayed(body, between, chairs)
  return (
    <div ref={box} className={styles.mirror}>
      {drawn && width > 0 && (
        <FlatFigure
          analysis={drawn}
          view={VIEW}
          label={words.say('lesson.teach.body')}
          width={width}
          height={height}
          scale={Math.min((height - 44) / (body.stature * HEAD_ROOM), width / 1.4)}
          middle={0}
          withoutKnees
        />
      )}
    </div>
  )
}
