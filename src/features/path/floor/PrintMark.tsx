import type { Body, Footprint } from '@/core'
import { footAt, midline } from '@/draw/footprint'
import { toScreen } from '@/draw/plan'
import { Footprint as Sole } from '@/ui/floor/Footprint'
import { useWords } from '@/ui/words/use-words'
import { sayPrint } from '@/words/path'
import { goTo, setPlay } from '../state/play'
import styles from './floor.module.css'
import { pressed } from './pressed'
import { type Print, stepLength, stepsOf } from './prints'
import { type RoomPlan, turnInPlan } from './room-plan'

type PrintMarkProps = {
  plan: RoomPlan
  print: Print
  body: Body
  footprints: readonly Footprint[]
  /** What it did is said where it is pointed at; null: no more. */
  onPoint: (said: string | null) => void
}

const SHOWN = 3
/** Pixels from the sole to its number. */
const BESIDE = 13

/** A footprint with its numbers: left and right have each their shape and ground; what only turned there is dotted. */
export function PrintMark({ plan, print, body, footprints, onPoint }: PrintMarkProps) {
  const words = useWords()
  const { at, all } = print
  const steps = stepsOf(print)
  const foot = footAt(at.foot, turnInPlan(plan, at.heel), at.yaw + plan.turn, 'whole', body)
  const [x, y] = toScreen(plan, midline(foot, 0.45, 0.5 + BESIDE / (plan.scale * body.footBreadth)))
  const last = all.at(-1)?.print ?? at
  const said = all
    .slice(0, SHOWN)
    .map((one) => sayPrint(one.print, one.step ?? 0, stepLength(one.print, footprints), words))
    .join(' ')
  const open = () => {
    goTo(last.atS)
    setPlay({ open: last.part > 0 ? last.part : null })
  }
  return (
    <g
      role="button"
      {...pressed(open)}
      className={styles.print}
      data-foot={at.foot}
      aria-label={said}
      onPointerEnter={() => onPoint(said)}
      onPointerLeave={() => onPoint(null)}
      onFocus={() => onPoint(said)}
      onBlur={() => onPoint(null)}
    >
      <Sole plan={plan} foot={foot} look={all.every((one) => one.print.did === 'turns') ? 'former' : 'small'} />
      {steps.length > 0 && (
        <text x={x} y={y + 5} textAnchor="middle" className={styles.number}>
          {[...steps.slice(0, SHOWN), ...(steps.length > SHOWN ? ['…'] : [])].join('·')}
        </text>
      )}
    </g>
  )
}
