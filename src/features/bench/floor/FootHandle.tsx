'use client'

import { type KeyboardEvent, type PointerEvent, useRef } from 'react'
import type { PlacedFoot, Vec2 } from '@/core'
import type { StanceBody } from '@/formats/stance-document'
import { Footprint } from '@/ui/floor/Footprint'
import { midline, solePath } from '@/ui/floor/footprint'
import { type Plan, toScreen } from '@/ui/floor/plan'
import { moveFoot, turnFoot } from '../state/edits'
import { usePointing } from '../state/pointing'
import { setStance, useBench } from '../state/store'
import styles from './floor.module.css'
import { useDrag } from './use-drag'

type FootHandleProps = {
  plan: Plan
  foot: PlacedFoot
  toMetres: (event: PointerEvent) => Vec2
  onDrag: (on: boolean) => void
  /** Where a heel that is dragged there is put. */
  snap: (heel: Vec2) => Vec2
}

const NUDGE = 0.01
const FINE_NUDGE = 0.001
const TURN_AT = 1.16

/** A foot that is moved by its sole and turned by the ring before its toes, or with the keyboard. */
export function FootHandle({ plan, foot, toMetres, onDrag, snap }: FootHandleProps) {
  const { side, sign } = foot
  const taken = useRef<StanceBody | null>(null)
  const take = (on: boolean) => {
    taken.current = on ? useBench.getState().stance : null
    onDrag(on)
  }
  const move = useDrag(
    toMetres,
    ([x, y], [fromX, fromY]) => {
      const heel = taken.current?.feet[side].heel
      if (!heel) return
      const to: Vec2 = [heel[0] + x - fromX, heel[1] + y - fromY]
      const [sx, sy] = snap(to)
      setStance((stance) => moveFoot(stance, side, sx, sy))
    },
    take,
  )
  const turn = useDrag(
    toMetres,
    ([x, y]) => {
      const yaw = Math.atan2(-(x - foot.hx), y - foot.hy)
      setStance((stance) => turnFoot(stance, side, (-sign * yaw * 180) / Math.PI))
    },
    take,
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
    if (nudge) setStance((s) => moveFoot(s, side, s.feet[side].heel[0] + nudge[0], s.feet[side].heel[1] + nudge[1]))
    else if (degrees) setStance((s) => turnFoot(s, side, (s.feet[side].toeOutDeg ?? 0) - degrees))
    else return
    event.preventDefault()
  }
  const sole = solePath(plan, foot)
  const pointed = usePointing(({ at }) => at?.part === 'feet' || at?.side === side)
  const [tx, ty] = toScreen(plan, midline(foot, TURN_AT))
  const [fromX, fromY] = toScreen(plan, midline(foot, 1.02))
  return (
    <g
      role="button"
      tabIndex={0}
      className={styles.foot}
      data-pointed={pointed}
      aria-label={`${side} foot: arrow keys move it, comma and full stop turn it`}
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
