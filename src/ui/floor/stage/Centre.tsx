'use client'

import type { KeyboardEvent, PointerEvent } from 'react'
import { type Analysis, ASSURED_SDS, directionVector, type Footing, SIDES, shareOf, type Vec2 } from '@/core'
import { midline } from '@/draw/footprint'
import { type Plan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'
import styles from './floor.module.css'
import type { FloorHands } from './hands'
import { useDrag } from './use-drag'

/** Pixels that the nearest margin takes where it is written: it stays on the floor whole, also on a narrow screen. */
const LABEL = 112

/** The pressure point under each foot, and its share beside it. */
export function Pressures({ plan, footing }: { plan: Plan; footing: Footing }) {
  const t = useSay('screens.ui')
  return (
    <g pointerEvents="none">
      {SIDES.map((side) => {
        const foot = footing.feet[side]
        const share = shareOf(footing.stance, side)
        const [x, y] = toScreen(plan, [foot.px, foot.py])
        const [lx, ly] = toScreen(plan, midline(foot, 0.14, 0.34))
        const air = foot.contact === 'air'
        return (
          <g key={side}>
            {!air && (
              <circle cx={x} cy={y} r={4 + 10 * Math.sqrt(share)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
            )}
            {!footing.stance.seat && (
              <text
                x={lx + (side === 'left' ? -12 : 12)}
                y={ly + 6}
                textAnchor={side === 'left' ? 'end' : 'start'}
                className={`${styles.figure} ${styles.halo}`}
              >
                {air ? t('held') : `${Math.round(share * 100)} %`}
              </text>
            )}
          </g>
        )
      })}
    </g>
  )
}

type CentreProps = {
  plan: Plan
  analysis: Analysis
  toMetres: (event: PointerEvent) => Vec2
  onDrag: (on: boolean) => void
  pointed: boolean
  hands: FloorHands | undefined
}

/** The centre of mass with its uncertainty, and the way to the nearest edge. Dragging it moves the weight. */
export function Centre({ plan, analysis, toMetres, onDrag, pointed, hands }: CentreProps) {
  const t = useSay('screens.ui')
  const { pose, margins, assured, centreSd } = analysis
  const { left, right } = pose.feet
  const drag = useDrag(
    toMetres,
    (to) => {
      const dx = left.px - right.px
      const dy = left.py - right.py
      const share = ((to[0] - right.px) * dx + (to[1] - right.py) * dy) / (dx * dx + dy * dy)
      hands?.setLoadLeft(share * 100)
    },
    onDrag,
    hands,
  )
  const onKeyDown = (event: KeyboardEvent) => {
    const toLeft: Record<string, number> = { ArrowLeft: 1, ArrowRight: -1 }
    const step = toLeft[event.key]
    if (step === undefined) return
    hands?.setLoadLeft(pose.stance.loadLeft * 100 + step)
    event.preventDefault()
  }
  const slider = {
    role: 'slider',
    tabIndex: 0,
    'aria-label': t('centreMassArrowKeys'),
    'aria-valuemin': 0,
    'aria-valuemax': 100,
    'aria-valuenow': Math.round(pose.loadLeft * 100),
    'aria-valuetext': t('nOnLeftFoot', { n: Math.round(pose.loadLeft * 100) }),
    onKeyDown,
  }
  const [x, y] = toScreen(plan, pose.centre)
  const { nearest, nearestDirection } = margins.usable
  const [ux, uy] = directionVector(nearestDirection)
  const reach = Math.abs(nearest)
  const [ex, ey] = toScreen(plan, [pose.centre[0] + ux * reach, pose.centre[1] + uy * reach])
  const [sx, sy] = centreSd
  const toLeft = ux < 0
  return (
    <g>
      <g pointerEvents="none">
        <ellipse
          cx={x}
          cy={y}
          rx={ASSURED_SDS * sx * plan.scale}
          ry={ASSURED_SDS * sy * plan.scale}
          fill="var(--clay)"
          fillOpacity="0.13"
          stroke="var(--clay)"
          strokeWidth="1.2"
        />
        <line x1={x} y1={y} x2={ex} y2={ey} stroke="var(--clay)" strokeWidth="3.4" strokeLinecap="round" />
        <text
          x={toLeft ? Math.max(ex - 10, LABEL) : Math.min(ex + 10, plan.width - LABEL)}
          y={ey + (uy < -0.5 ? 20 : uy > 0.5 ? -10 : 6)}
          textAnchor={toLeft ? 'end' : 'start'}
          className={`${styles.figure} ${styles.halo} ${styles.clay}`}
        >
          {`${(nearest * 100).toFixed(1)} cm ± ${(ASSURED_SDS * assured.sd * 100).toFixed(1)}`}
        </text>
      </g>
      <g {...(hands && slider)} className={hands && styles.centre} data-pointed={pointed} {...drag}>
        <circle cx={x} cy={y} r="22" className={styles.hit} />
        <circle cx={x} cy={y} r="14" className={styles.centreRing} />
        <circle cx={x} cy={y} r="7" fill="var(--clay)" stroke="var(--paper)" strokeWidth="1.5" />
      </g>
    </g>
  )
}
