'use client'

import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import type { PlacedFoot, Vec2 } from '@/core'
import { midline, solePath } from '@/draw/footprint'
import { type Plan, toScreen } from '@/draw/plan'
import { useSay } from '@/ui/words/use-words'
import { Footprint } from '../Footprint'
import styles from './floor.module.css'
import type { FloorHands } from './hands'
import { useDrag } from './use-drag'

type FootHandleProps = {
  plan: Plan
  foot: PlacedFoot
  toeOutDeg: number
  pointed: boolean
  toMetres: (event: PointerEvent) => Vec2
  onDrag: (on: boolean) => void
  /** Where a heel that is dragged there is put. */
  snap: (heel: Vec2) => Vec2
  hands: FloorHands | undefined
}

const NUDGE = 0.01
const FINE_NUDGE = 0.001
const TURN_AT = 1.16

/** A foot that is moved by its sole and turned by the ring before its toes, or with the keyboard; only shown without hands. */
export function FootHandle({ plan, foot, toeOutDeg, pointed, toMetres, onDrag, snap, hands }: FootHandleProps) {
  const t = useSay('screens.ui')
  const { side, sign } = foot
  const taken = useRef<Vec2 | null>(null)
  const take = (on: boolean) => {
    taken.current = on ? [foot.hx, foot.hy] : null
    onDrag(on)
  }
  const move = useDrag(
    toMetres,
    ([x, y], [fromX, fromY]) => {
      if (taken.current) hands?.moveFoot(side, snap([taken.current[0] + x - fromX, taken.current[1] + y - fromY]))
    },
    take,
    hands,
  )
  const turn = useDrag(
    toMetres,
    ([x, y]) => {
      const yaw = Math.atan2(-(x - foot.hx), y - foot.hy)
      hands?.turnFoot(side, (-sign * yaw * 180) / Math.PI)
    },
    take,
    hands,
  )
  const onKeyDown = (event: KeyboardEvent) => {
    const by = event.shiftKey ? FINE_NUDGE : NUDGE
    const moves: Record<string, Vec2> = {
      ArrowUp: [0, by],
      ArrowDown: [0, -by],
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
    }
    const turns: Record<string, number> = { ',': sign, '.': -sign }
    const nudge = moves[event.key]
    const degrees = turns[event.key]
    if (nudge) hands?.moveFoot(side, [foot.hx + nudge[0], foot.hy + nudge[1]])
    else if (degrees) hands?.turnFoot(side, toeOutDeg - degrees)
    else return
    event.preventDefault()
  }
  const sole = solePath(plan, foot)
  const [tx, ty] = toScreen(plan, midline(foot, TURN_AT))
  const [fromX, fromY] = toScreen(plan, midline(foot, 1.02))
  if (!hands) return <Footprint plan={plan} foot={foot} sole={sole} />
  return (
    <g
      role="button"
      tabIndex={0}
      className={styles.foot}
      data-pointed={pointed}
      aria-label={t('sideFootArrowKeys', { side })}
      onKeyDown={onKeyDown}
    >
      <path d={sole} className={styles.footRing} />
      <g className={styles.grab} {...move}>
        <path d={sole} className={styles.hit} />
        <Footprint plan={plan} foot={foot} sole={sole} />
      </g>
      <g className={styles.turn} {...turn}>
        <line x1={fromX} y1={fromY} x2={tx} y2={ty} />
        <circle cx={tx} cy={ty} r="22" className={styles.hit} />
        <circle cx={tx} cy={ty} r="7.5" className={styles.knob} />
      </g>
    </g>
  )
}
