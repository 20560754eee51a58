import Button from '@mui/material/Button'
import { memo, useMemo, useRef, useState } from 'react'
import { type Body, type Footprint, fitRoom, type ShownPath, type Vec2 } from '@/core'
import { useSize } from '@/ui/floor/stage/use-size'
import { useWords } from '@/ui/words/use-words'
import { sayDrift, sayRoom } from '@/words/path'
import { PlayedVials } from '../body/PlayedVials'
import { usePlay } from '../state/play'
import type { Trouble } from '../trouble/list-troubles'
import { BodyInRoom } from './BodyInRoom'
import { listStretches, SLOWEST } from './centre-line'
import styles from './floor.module.css'
import { PrintMark } from './PrintMark'
import { gatherPrints } from './prints'
import { listChairs, RoomChairs } from './RoomChairs'
import { RoomSentence } from './RoomSentence'
import { Metres, pointsOf, Walls } from './RoomWalls'
import { layRoom, type RoomPlan, roomToScreen } from './room-plan'
import { TroublePins } from './TroublePins'

type PathFloorProps = {
  path: ShownPath
  body: Body
  room: { width: number; depth: number }
  facing: string
  /** What is pinned to the floor where it happens. */
  troubles: readonly Trouble[]
}

/** The whole routine in its room: footprints in order, the way of the centre, walls, where it starts, and the body on it. */
export const PathFloor = memo(function PathFloor({ path, body, room, facing, troubles }: PathFloorProps) {
  const words = useWords()
  const stage = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(stage)
  const [whole, setWhole] = useState(false)
  const [pointed, setPointed] = useState<string | null>(null)
  const fit = useMemo(() => fitRoom(path.extent, room), [path, room])
  const prints = useMemo(() => gatherPrints(path.footprints), [path])
  const stretches = useMemo(() => listStretches(path), [path])
  const chairs = useMemo(() => listChairs(path), [path])
  const look = usePlay((play) => play.look)
  const mirrored = usePlay((play) => play.mirrored)
  const plan = useMemo(
    () => layRoom(path, { room, width, height, whole, onlooker: { look, mirrored }, tall: body.stature }),
    [path, body, room, width, height, whole, look, mirrored],
  )
  return (
    <section className={styles.floor} aria-label={words.say('path.floor.label')}>
      <PlayedVials path={path} body={body} />
      <div ref={stage} className={styles.stage}>
        {width > 0 && (
          <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} data-testid="path-floor">
            <title>{words.say('path.floor.title')}</title>
            <Metres plan={plan} />
            <Walls plan={plan} fits={fit.fits} />
            <RoomChairs plan={plan} chairs={chairs} />
            <g fill="none" strokeLinecap="round" strokeLinejoin="round">
              {stretches.map(({ points, slow, near }, i) => (
                <polyline
                  // biome-ignore lint/suspicious/noArrayIndexKey: stretches keep their order
                  key={i}
                  points={pointsOf(plan, points)}
                  stroke={near ? 'var(--clay)' : 'var(--tide-line)'}
                  strokeWidth={FAST + (SLOW - FAST) * (slow / SLOWEST)}
                  strokeOpacity={near ? 0.95 : 0.7}
                />
              ))}
            </g>
            {prints.map((print) => (
              <PrintMark
                key={print.key}
                plan={plan}
                print={print}
                body={body}
                footprints={path.footprints}
                onPoint={setPointed}
              />
            ))}
            <Start plan={plan} footprints={path.footprints} facing={facing} />
            <TroublePins path={path} body={body} plan={plan} troubles={troubles} />
            <BodyInRoom path={path} body={body} plan={plan} />
          </svg>
        )}
      </div>
      <div className={styles.under}>
        <p>
          {pointed ?? (
            <>
              <RoomSentence room={room} /> {[...sayRoom(fit, room, words), sayDrift(path, words)].join(' ')}
            </>
          )}
        </p>
        <Button aria-pressed={whole} onClick={() => setWhole(!whole)}>
          {words.say(whole ? 'path.floor.steps' : 'path.floor.room')}
        </Button>
      </div>
    </section>
  )
})

/** How thick the way is, pixels. */
const FAST = 1.6
const SLOW = 8

type StartProps = { plan: RoomPlan; footprints: readonly Footprint[]; facing: string }

function Start({ plan, footprints: [left, right], facing }: StartProps) {
  const words = useWords()
  if (!left || !right) return null
  const middle: Vec2 = [(left.heel[0] + right.heel[0]) / 2, (left.heel[1] + right.heel[1]) / 2]
  const [x, y] = roomToScreen(plan, middle)
  const lying = plan.turn !== 0
  const below = lying ? Math.abs(left.heel[0] - right.heel[0]) / 2 + 0.08 : 0
  return (
    <text
      x={lying ? Math.max(6, x - 6) : x}
      y={Math.min(plan.height - 8, y + below * plan.scale + 26)}
      textAnchor={lying ? 'start' : 'middle'}
      className={styles.label}
    >
      {words.say('path.room.starts', { facing })}
    </text>
  )
}
