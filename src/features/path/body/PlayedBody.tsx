import { memo, type ReactNode, useMemo, useRef } from 'react'
import type { Body, ShownPath } from '@/core'
import { drawPlayed, listChairs } from '@/ui/figure/draw-played'
import { FlatFigure } from '@/ui/figure/FlatFigure'
import { findInstant } from '@/ui/figure/instant'
import { FROM_ABOVE, FROM_FRONT, FROM_RIGHT, type View, viewFrom } from '@/ui/figure/view'
import { useSize } from '@/ui/floor/stage/use-size'
import { sayDegrees } from '@/words/figures'
import { ENGLISH } from '@/words/language'
import { saySeconds } from '@/words/path'
import { type Look, usePlay } from '../state/play'
import { useSaid } from '../state/use-said'
import styles from './body.module.css'
import { FromAbove } from './FromAbove'
import { PlayedVials } from './PlayedVials'

/** Above the head, for arms that rise. */
const HEAD_ROOM = 1.06
const AZIMUTH: Record<Exclude<Look, 'above'>, number> = { front: FROM_FRONT, side: FROM_RIGHT, behind: Math.PI }

const viewOf = (look: Look, mirrored: boolean): View =>
  look === 'above' ? FROM_ABOVE : viewFrom(AZIMUTH[look], mirrored)

type PlayedBodyProps = { path: ShownPath; body: Body; children: ReactNode }

/** The body at the second that is looked at, with its vials; it stands in the room, so that a turn is seen to turn. */
export const PlayedBody = memo(function PlayedBody({ path, body, children }: PlayedBodyProps) {
  const box = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(box)
  const at = usePlay((play) => play.at)
  const look = usePlay((play) => play.look)
  const mirrored = usePlay((play) => play.mirrored)
  const between = findInstant(path, at)
  const chairs = useMemo(() => listChairs(path), [path])
  const drawn = between && drawPlayed(body, between, chairs)
  const scale = Math.min((height - 44) / (body.stature * HEAD_ROOM), width / 1.5)
  const { atS, said } = useSaid(path)
  // biome-ignore lint/correctness/useExhaustiveDependencies: the knees are said as often as the second
  const label = useMemo(
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
  return (
    <section className={styles.played} aria-label={ENGLISH.say('path.play.label')}>
      <div ref={box} className={styles.view}>
        {drawn && label && width > 0 && look === 'above' && (
          <FromAbove drawn={drawn} width={width} height={height} label={label} />
        )}
        {drawn && label && width > 0 && look !== 'above' && (
          <FlatFigure
            analysis={drawn}
            view={viewOf(look, mirrored)}
            label={label}
            width={width}
            height={height}
            scale={scale}
            middle={0}
          />
        )}
        {!drawn && <p>{ENGLISH.say('path.play.none')}</p>}
      </div>
      {children}
      {drawn && <PlayedVials drawn={drawn} />}
      <p className={styles.instant}>{said}</p>
    </section>
  )
})
