import { memo, type ReactNode, useRef } from 'react'
import type { Body, ShownPath } from '@/core'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { FROM_BEHIND, FROM_FRONT, FROM_RIGHT, viewFrom } from '@/ui/figure/view'
import { useSize } from '@/ui/floor/stage/use-size'
import { type Look, usePlay } from '../state/play'
import { useBodySaid } from '../state/use-body-said'
import { usePlayed } from '../state/use-played'
import styles from './body.module.css'
import { FromAbove } from './FromAbove'

/** Above the head, for arms that rise. */
const HEAD_ROOM = 1.06
const AZIMUTH: Record<Exclude<Look, 'above'>, number> = { front: FROM_FRONT, side: FROM_RIGHT, behind: FROM_BEHIND }

type PlayedBodyProps = { path: ShownPath; body: Body; children: ReactNode }

/** The body at the second that is looked at, beside the floor of one way; it stands in the room, so that a turn is seen to turn. */
export const PlayedBody = memo(function PlayedBody({ path, body, children }: PlayedBodyProps) {
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box)
  const look = usePlay((play) => play.look)
  const mirrored = usePlay((play) => play.mirrored)
  const drawn = usePlayed(path, body)
  const label = useBodySaid(path, drawn)
  const scale = Math.min((height - 44) / (body.stature * HEAD_ROOM), width / 1.5)
  return (
    <div className={styles.beside}>
      <div ref={box} className={styles.view}>
        {drawn && label && width > 0 && look === 'above' && (
          <FromAbove drawn={drawn} width={width} height={height} label={label} />
        )}
        {drawn && label && width > 0 && look !== 'above' && (
          <FlatFigure
            analysis={drawn}
            view={viewFrom(AZIMUTH[look], mirrored)}
            label={label}
            width={width}
            height={height}
            scale={scale}
            middle={0}
          />
        )}
      </div>
      {children}
    </div>
  )
})
