'use client'

import { useRef } from 'react'
import { type Analysis, DEG, type Vec3 } from '@/core'
import { useSize } from '@/ui/floor/stage/use-size'
import { useSay } from '@/ui/words/use-words'
import styles from './body-view.module.css'
import { FlatFigure } from './FlatFigure'
import type { Place } from './place'
import { FROM_FRONT, FROM_RIGHT, see, type View, viewFrom } from './view'

const LABEL_SPACE = 26
const FLOOR_SPACE = 34
/** Metres beside the body and above it, for what is written at the knees. */
const BESIDE = 0.12
const HEAD_ROOM = 0.05
/** Beside both bodies, for what is said of a knee that is held out, in pixels. */
const SIDE_ROOM = 50

/** The body drawn level from its right side and from the front, at one scale. */
export function FlatPair({ analysis, pointed }: { analysis: Analysis; pointed: Place | null }) {
  const t = useSay('screens.ui')
  const panel = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(panel)
  const { stature } = analysis.pose.body
  const tall = height - LABEL_SPACE
  const side = useSettledSpan(analysis, viewFrom(FROM_RIGHT))
  const front = useSettledSpan(analysis, viewFrom(FROM_FRONT))
  const spans = side.span + front.span
  const scale = Math.max(1, Math.min((tall - FLOOR_SPACE) / (stature + HEAD_ROOM), (width - SIDE_ROOM) / spans))
  const [left, right] = [analysis.legs.left, analysis.legs.right].map((leg) => Math.round(leg.flexion / DEG))
  const knees = t('knees', { left: left as number, right: right as number })
  return (
    <div ref={panel} className={styles.flatPair}>
      {width > 0 && (
        <>
          <figure>
            <FlatFigure
              analysis={analysis}
              view={viewFrom(FROM_RIGHT)}
              label={t('theBodyFromIts', { knees })}
              width={(width * side.span) / spans}
              middle={side.middle}
              pointed={pointed}
              height={tall}
              scale={scale}
            />
            <figcaption>{t('rightSide')}</figcaption>
          </figure>
          <figure>
            <FlatFigure
              analysis={analysis}
              view={viewFrom(FROM_FRONT)}
              label={t('theBodyFromFront', { knees })}
              width={(width * front.span) / spans}
              middle={front.middle}
              pointed={pointed}
              height={tall}
              scale={scale}
            />
            <figcaption>{t('front')}</figcaption>
          </figure>
        </>
      )}
    </div>
  )
}

type Span = { span: number; middle: number }

const STEP = 0.1

/** How wide the body is in a view, to whole decimetres, so that the drawing doesn't jump while a foot is dragged. */
function useSettledSpan({ pose }: Analysis, view: View): Span {
  const held = useRef<Span | null>(null)
  const xs = Object.values(pose.joints).map((joint: Vec3) => see(view, joint)[0])
  const [least, most] = [Math.min(...xs) - BESIDE, Math.max(...xs) + BESIDE]
  const now = held.current
  const fits = now && least >= now.middle - now.span / 2 && most <= now.middle + now.span / 2
  if (!fits || now.span > most - least + 4 * STEP) {
    const from = Math.floor(least / STEP) * STEP
    const to = Math.ceil(most / STEP) * STEP
    held.current = { span: to - from, middle: (from + to) / 2 }
  }
  return held.current as Span
}
