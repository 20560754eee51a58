'use client'

import { type PointerEvent, type ReactNode, useRef, useState } from 'react'
import { type Analysis, DEG, type Footing, findLightSide, SIDES, type Vec2 } from '@/core'
import { ringPath, toFloor } from '@/draw/plan'
import type { Place } from '@/ui/figure/place'
import { useSay, useWords } from '@/ui/words/use-words'
import { SeatMark } from '../SmallFloor'
import { Centre, Pressures } from './Centre'
import { FloorVials, vialSpace } from './FloorVials'
import { FootHandle } from './FootHandle'
import styles from './floor.module.css'
import { type FloorHands, type FloorLook, PLAIN_LOOK } from './hands'
import { Rose } from './Rose'
import { SupportHandle } from './SupportHandle'
import { TapeGrid } from './TapeGrid'
import { TapeLayer } from './TapeLayer'
import { TipTest } from './TipTest'
import { findTapeLines, snapHeel } from './tape-lines'
import { usePlan } from './use-plan'
import { useSize } from './use-size'
import { useTextScale } from './use-text-scale'
import { WaistFan } from './WaistFan'
import { beamHeight, WeightBeam } from './WeightBeam'

/** A heel this near a line, in pixels, is drawn to it. */
const SNAP = 9

type FloorStageProps = {
  footing: Footing
  /** Null where the stance cannot be stood: then only what was set is shown. */
  analysis: Analysis | null
  look?: FloorLook
  /** Who is told what hands do; without them the floor is only shown. */
  hands?: FloorHands
  /** The place that a finding is about, while it is pointed at. */
  pointed?: Place | null
  /** What lies in a corner of the floor. */
  children?: ReactNode
}

/** The floor: feet, bases and centre at one true scale, with a vial along each of its axes and the weight beam under it. */
export function FloorStage({ footing, analysis, look = PLAIN_LOOK, hands, pointed = null, children }: FloorStageProps) {
  const words = useWords()
  const t = useSay('screens.ui')

  const stage = useRef<HTMLDivElement>(null)
  const svg = useRef<SVGSVGElement>(null)
  const { width, height } = useSize(stage)
  const [dragging, setDragging] = useState(false)
  const text = useTextScale(`${width} ${height}`)
  const space = vialSpace(text)
  const planWidth = Math.max(0, width - space.right)
  const planHeight = Math.max(0, height - space.top - beamHeight(text))
  const { rose, tips, lines, unit, fits } = look
  const { stance } = footing
  const plan = usePlan(footing, planWidth, planHeight, dragging, fits, text)
  const toMetres = (event: PointerEvent): Vec2 => {
    const box = svg.current?.getBoundingClientRect()
    return toFloor(plan, [event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0) - space.top])
  }
  return (
    <div ref={stage} className={styles.stage}>
      {width > 0 && (
        <svg ref={svg} width={width} height={height} viewBox={`0 0 ${width} ${height}`} data-testid="floor">
          <title>{t('theFloorSeenFrom')}</title>
          <clipPath id="floor-edge">
            <rect width={planWidth} height={planHeight} />
          </clipPath>
          <g transform={`translate(0 ${space.top})`} clipPath="url(#floor-edge)">
            <TapeGrid plan={plan} />
            {stance.seat && <SeatMark plan={plan} seat={stance.seat} size={0.4} />}
            {lines && <TapeLayer plan={plan} footing={footing} side={findLightSide(stance)} />}
            {analysis && <Bases analysis={analysis} path={(ring) => ringPath(plan, ring)} />}
            {SIDES.map((side) => (
              <FootHandle
                key={side}
                plan={plan}
                foot={footing.feet[side]}
                toeOutDeg={stance.feet[side].toeOut / DEG}
                pointed={pointed?.part === 'feet' || pointed?.side === side}
                hands={hands}
                toMetres={toMetres}
                onDrag={setDragging}
                snap={(heel) => (lines ? snapHeel(heel, findTapeLines(footing, side, words), SNAP / plan.scale) : heel)}
              />
            ))}
            {analysis && <UsableBase analysis={analysis} path={(ring) => ringPath(plan, ring)} />}
            {analysis && <WaistFan plan={plan} analysis={analysis} />}
            {analysis && rose && <Rose plan={plan} analysis={analysis} />}
            {analysis && tips && <TipTest plan={plan} analysis={analysis} />}
            <Pressures plan={plan} footing={footing} />
            {stance.supports.map((support) => (
              <SupportHandle
                key={support.hand}
                plan={plan}
                support={support}
                hands={hands}
                toMetres={toMetres}
                onDrag={setDragging}
              />
            ))}
            {analysis && (
              <Centre
                plan={plan}
                analysis={analysis}
                toMetres={toMetres}
                onDrag={setDragging}
                pointed={pointed?.part === 'balance'}
                hands={hands}
              />
            )}
          </g>
          {analysis && <FloorVials plan={plan} analysis={analysis} text={text} unit={unit} />}
          {stance.floor.slope > 0 && <SlopeMark x={planWidth} y={space.top} downhill={stance.floor.downhill} />}
          <g transform={`translate(0 ${height - beamHeight(text)})`}>
            <WeightBeam
              width={planWidth}
              stance={stance}
              analysis={analysis}
              text={text}
              onDrag={setDragging}
              hands={hands}
            />
          </g>
        </svg>
      )}
      {children}
    </div>
  )
}

type BaseProps = { analysis: Analysis; path: (ring: readonly Vec2[]) => string }

/** The full base, under the feet. */
function Bases({ analysis, path }: BaseProps) {
  const ring = analysis.full.map((c): Vec2 => [c.x, c.y])
  return <path d={path(ring)} fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeLinejoin="round" />
}

/** The usable base, over the feet: its edge is hatched inward, for that is the edge that counts. */
function UsableBase({ analysis, path }: BaseProps) {
  const ring = analysis.usable.map((c): Vec2 => [c.x, c.y])
  const d = path(ring)
  return (
    <g pointerEvents="none">
      <clipPath id="usable-base">
        <path d={d} />
      </clipPath>
      <path d={d} fill="var(--tide)" fillOpacity="0.16" />
      <path
        d={d}
        fill="none"
        stroke="var(--tide)"
        strokeWidth="13"
        strokeDasharray="1.3 6"
        clipPath="url(#usable-base)"
      />
      <path d={d} fill="none" stroke="var(--tide)" strokeWidth="1.8" strokeLinejoin="round" />
    </g>
  )
}

/** Which way the ground falls. */
function SlopeMark({ x, y, downhill }: { x: number; y: number; downhill: number }) {
  const t = useSay('screens.ui')
  return (
    <g
      transform={`translate(${x - 26} ${y + 28}) rotate(${-downhill / DEG})`}
      stroke="var(--ink-soft)"
      fill="none"
      strokeWidth="2"
    >
      <title>{t('downhill')}</title>
      <path d="M0 15V-15M-7 -8L0 -15L7 -8M-9 6H9M-6 11H6" />
    </g>
  )
}
