'use client'

import type { Analysis, Side } from '@/core'
import { type Plan, toScreen } from '@/draw/plan'
import { Vial } from '@/ui/vial/Vial'
import { useSay } from '@/ui/words/use-words'
import { type LengthUnit, sayLength } from '@/words/units'
import styles from './floor.module.css'

/** Room for the vials and their words: above the floor and to its right, in pixels. */
export const vialSpace = (text: number) => ({ top: 44 + 18 * text, right: 42 + 80 * text })

const THICKNESS = 27
const GAP = 10

type FloorVialsProps = { plan: Plan; analysis: Analysis; text: number; unit: LengthUnit }

/** The two vials along the floor's own axes: each bubble stands level with the centre. */
export function FloorVials({ plan, analysis, text, unit }: FloorVialsProps) {
  const t = useSay('screens.ui')
  const { top } = vialSpace(text)
  const { pose, margins, reserve } = analysis
  const [cx, cy] = toScreen(plan, pose.centre)
  const { usable } = margins
  const beyond = usable.nearest < 0
  const shared = { scale: plan.scale, reserve, beyond, thickness: THICKNESS }
  const along = plan.width + GAP + THICKNESS / 2 + 6
  const { nearest } = analysis.causes
  const say = (metres: number) => (beyond ? 'beyond' : sayLength(metres, unit, pose.body))
  const saySide = (side: Side, metres: number) =>
    beyond && nearest.kind === 'order' && nearest.side === side ? t('pastOrder') : say(metres)
  return (
    <g>
      <g transform={`translate(0 ${top - GAP - THICKNESS / 2})`}>
        <Vial length={plan.width} bubbleAt={cx} toLow={usable.left} toHigh={usable.right} {...shared} />
      </g>
      <text x={0} y={15 * text} className={styles.label}>
        {t('left')} <tspan className={styles.figure}>{saySide('left', usable.left)}</tspan>
      </text>
      <text x={plan.width} y={15 * text} textAnchor="end" className={styles.label}>
        {t('right')} <tspan className={styles.figure}>{saySide('right', usable.right)}</tspan>
      </text>
      <g transform={`translate(${along} ${top + plan.height}) rotate(-90)`}>
        <Vial
          length={plan.height}
          bubbleAt={plan.height - cy}
          toLow={usable.back}
          toHigh={usable.forward}
          {...shared}
        />
      </g>
      <text x={along + 24} y={top + 14 * text} className={styles.label}>
        {t('ahead')}
        <tspan x={along + 24} dy="1.3em" className={styles.figure}>
          {say(usable.forward)}
        </tspan>
      </text>
      <text x={along + 24} y={top + plan.height - 28 * text} className={styles.label}>
        {t('behind')}
        <tspan x={along + 24} dy="1.3em" className={styles.figure}>
          {say(usable.back)}
        </tspan>
      </text>
    </g>
  )
}
