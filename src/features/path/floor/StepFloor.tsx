import Button from '@mui/material/Button'
import { type PointerEvent, useMemo, useRef, useState } from 'react'
import {
  type Body,
  DEG,
  type Placement,
  type RoutinePart,
  type ShownPath,
  SIDES,
  type Side,
  setFooting,
  type Vec2,
  walkWay,
} from '@/core'
import { midline } from '@/draw/footprint'
import { fitPlan, type Plan, toFloor } from '@/draw/plan'
import { Footprint } from '@/ui/floor/Footprint'
import { FootHandle } from '@/ui/floor/stage/FootHandle'
import type { FloorHands } from '@/ui/floor/stage/hands'
import { TapeGrid } from '@/ui/floor/stage/TapeGrid'
import { useSize } from '@/ui/floor/stage/use-size'
import { useWords } from '@/ui/words/use-words'
import { VerdictMark, verdictWordsIn } from '@/ui/words/VerdictMark'
import { sayStep } from '@/words/path'
import { changePart } from '../state/edits'
import { setPlay, usePlay } from '../state/play'
import { beginDrag, editRoutine, endDrag } from '../state/store'
import { useStep } from '../state/use-step'
import type { Decidee, Library } from '../state/use-walk'
import styles from './floor.module.css'
import { LongestStep } from './LongestStep'
import { NowOnFloor } from './NowOnFloor'
import { placedIn } from './placed-in'

type StepFloorProps = {
  path: ShownPath
  body: Body
  person: Decidee
  library: Library
  parts: readonly RoutinePart[]
  at: number
  name: string
}

/** One way, opened: the feet before it and after it, the base of the instant, how far a step could be taken back. */
export function StepFloor(props: StepFloorProps) {
  const words = useWords()
  const { path, body, at, name } = props
  const stage = useRef<HTMLDivElement>(null)
  const svg = useRef<SVGSVGElement>(null)
  const { width, height } = useSize(stage)
  const [held, setHeld] = useState<Plan | null>(null)
  const step = useStep(body, props, held !== null)
  const alone = step?.transitions[0]
  // How far the foot could be set is looked for with the whole, not while it is dragged.
  const error = path.transitions.find(({ to }) => to === at)?.error ?? alone?.error ?? null
  const way = alone && { ...alone, error: alone.error && error }
  const after = step?.parts[1]?.stance
  const before = step?.parts[0]?.stance
  const frame = after?.at
  const footing = useMemo(() => (after ? setFooting(body, after) : null), [body, after])
  if (!way || !after || !before || !frame || !footing) return null
  const was = SIDES.map((side) => placedIn(frame, body, before, side))
  const points = [...was, footing.feet.left, footing.feet.right].flatMap((foot): Vec2[] => [
    midline(foot, 0),
    midline(foot, 1),
  ])
  const plan = held ?? fitPlan(points, width, height, { about: 0.14 })
  const toMetres = (event: PointerEvent): Vec2 => {
    const box = svg.current?.getBoundingClientRect()
    return toFloor(plan, [event.clientX - (box?.left ?? 0), event.clientY - (box?.top ?? 0)])
  }
  const moves = (side: Side) => way.anchor !== side
  const hands: FloorHands = {
    begin: () => {
      setHeld(plan)
      beginDrag()
    },
    end: () => {
      setHeld(null)
      endDrag()
    },
    moveFoot: (side, heel) => putFoot(at, side, { heel: [round(heel[0]), round(heel[1])] }),
    turnFoot: (side, toeOutDeg) => putFoot(at, side, { toeOutDeg: Math.round(Math.max(-90, Math.min(90, toeOutDeg))) }),
    setLoadLeft: () => {},
    moveSupport: () => {},
    turnSupport: () => {},
    takeSupportAway: () => {},
  }
  return (
    <section className={styles.floor} aria-label={words.say('path.floor.step', { name })}>
      <div ref={stage} className={styles.stage}>
        {width > 0 && (
          <svg ref={svg} width={width} height={height} viewBox={`0 0 ${width} ${height}`} data-testid="step-floor">
            <title>{words.say('path.floor.step', { name })}</title>
            <TapeGrid plan={plan} />
            {was.map((foot) => (
              <Footprint key={foot.side} plan={plan} foot={foot} look="former" />
            ))}
            <NowOnFloor whole={path} at={at} step={step} body={body} frame={frame} plan={plan} />
            {SIDES.map((side) => (
              <FootHandle
                key={side}
                plan={plan}
                foot={footing.feet[side]}
                toeOutDeg={after.feet[side].toeOut / DEG}
                pointed={false}
                toMetres={toMetres}
                onDrag={() => {}}
                snap={(heel) => heel}
                hands={moves(side) ? hands : undefined}
              />
            ))}
            <LongestStep plan={plan} way={way} stance={after} />
            <Preview plan={plan} body={body} frame={frame} />
          </svg>
        )}
      </div>
      <div className={styles.under}>
        <p aria-live="polite" data-testid="step-verdict">
          <VerdictMark verdict={way.verdict ?? 'beyond'} size={15} /> {verdictWordsIn(words)[way.verdict ?? 'beyond']}.{' '}
          {sayStep(way, words)}
        </p>
        <Button onClick={() => setPlay({ open: null })}>{words.say('path.floor.all')}</Button>
      </div>
    </section>
  )
}

const round = (metres: number) => Math.round(metres * 1000) / 1000

/** A foot of the part that is open, elsewhere or turned: over its posture. */
function putFoot(at: number, side: Side, change: { heel?: [number, number]; toeOutDeg?: number }): void {
  editRoutine((routine) => {
    const changes = routine.parts[at]?.with
    const feet = { ...changes?.feet, [side]: { ...changes?.feet?.[side], ...change } }
    return changePart(routine, at, { with: { ...changes, feet } })
  })
}

/** Where a safer way that is pointed at would set the feet: dotted, as all that is only proposed. */
function Preview({ plan, body, frame }: { plan: Plan; body: Body; frame: Placement }) {
  const preview = usePlay((play) => play.preview)
  const stance = useMemo(() => preview && walkWay(body, preview, 2).parts.at(-1)?.stance, [preview, body])
  if (!stance) return null
  return SIDES.map((side) => (
    <g key={side} className={styles.proposed}>
      <Footprint plan={plan} foot={placedIn(frame, body, stance, side)} look="former" />
    </g>
  ))
}
