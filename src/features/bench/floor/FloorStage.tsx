'use client'

import { type PointerEvent, useRef, useState } from 'react'
import type { Analysis, Vec2 } from '@/core'
import { ringPath, toFloor } from '@/ui/floor/plan'
import { SeatMark, SupportMark } from '@/ui/floor/SmallFloor'
import type { OnBenchView } from '../state/use-analysis'
import { Centre, Pressures } from './Centre'
import { FloorVials, VIAL_SPACE } from './FloorVials'
import { FootHandle } from './FootHandle'
import styles from './floor.module.css'
import { TapeGrid } from './TapeGrid'
import { usePlan } from './use-plan'
import { useSize } from './use-size'
import { BEAM_HEIGHT, WeightBeam } from './WeightBeam'

/** The floor: feet, bases and centre at one true scale, with a vial along each of its axes and the weight beam under it. */
export function FloorStage({ view }: { view: OnBenchView }) {
  const stage = useRef<HTMLDivElement>(null)
  const svg = useRef<SVGSVGElement>(null)
  const { width, height } = useSize(stage)
  const [dragging, setDragging] = useState(false)
  const planWidth = Math.max(0, width - VIAL_SPACE.right)
  const planHeight = Math.max(0, height - VIAL_SPACE.top - BEAM_HEIGHT)
  const plan = usePlan(view.footing, planWidth, planHeight, dragging)
  const { footing, analysis, stance } = view
  const toMetres = (event: PointerEvent): Vec2 => {
    const box = svg.current?.getBoundingClientRect()
    return toFloor(plan, [event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0) - VIAL_SPACE.top])
  }
  return (
    <div ref={stage} className={styles.stage}>
      {width > 0 && (
        <svg ref={svg} width={width} height={height} viewBox={`0 0 ${width} ${height}`} data-testid="floor">
          <title>The floor seen from above</title>
          <g transform={`translate(0 ${VIAL_SPACE.top})`}>
            <TapeGrid plan={plan} />
            {stance.seat && <SeatMark plan={plan} at={stance.seat.at} size={0.4} />}
            {stance.supports.map((support) => (
              <SupportMark key={support.hand} plan={plan} support={support} />
            ))}
            {analysis && <Bases analysis={analysis} path={(ring) => ringPath(plan, ring)} />}
            <FootHandle plan={plan} foot={footing.feet.left} toMetres={toMetres} onDrag={setDragging} />
            <FootHandle plan={plan} foot={footing.feet.right} toMetres={toMetres} onDrag={setDragging} />
            {analysis && <UsableBase analysis={analysis} path={(ring) => ringPath(plan, ring)} />}
            <Pressures plan={plan} footing={footing} />
            {analysis && <Centre plan={plan} analysis={analysis} toMetres={toMetres} onDrag={setDragging} />}
          </g>
          {analysis && <FloorVials plan={plan} analysis={analysis} />}
          <g transform={`translate(0 ${height - BEAM_HEIGHT})`}>
            <WeightBeam width={planWidth} stance={stance} analysis={analysis} onDrag={setDragging} />
          </g>
        </svg>
      )}
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
