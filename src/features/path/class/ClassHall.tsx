import { useMemo, useRef } from 'react'
import { CHAIR_HALF, type Footprint, placeInHall, type Vec2, type WalkedFloor } from '@/core'
import { bodyOf } from '@/documents/to-core'
import { footAt, midline } from '@/draw/footprint'
import { toScreen } from '@/draw/plan'
import { Footprint as Sole } from '@/ui/floor/Footprint'
import { useSize } from '@/ui/floor/stage/use-size'
import { useSay, useWords } from '@/ui/words/use-words'
import { sayList } from '@/words/lists'
import { shortNames } from '@/words/people'
import { sayWalker } from '@/words/walkers'
import drawn from '../floor/floor.module.css'
import { pressed } from '../floor/pressed'
import { gatherPrints } from '../floor/prints'
import { type RoomChair, RoomChairs } from '../floor/RoomChairs'
import { Metres, Walls } from '../floor/RoomWalls'
import { layHall, type RoomPlan, roomToScreen, turnInPlan } from '../floor/room-plan'
import styles from './class.module.css'
import type { Walker } from './use-walk-class'

type Room = { width: number; depth: number }
type Placed = { walker: Walker; name: string; floor: WalkedFloor }

type ClassHallProps = { walkers: readonly Walker[]; room: Room; onOpen: (person: string, part: number) => void }

/** The room from above with everybody in it: where each begins, where their feet go, where chairs stand. */
export function ClassHall({ walkers, room, onOpen }: ClassHallProps) {
  const say = useSay('walkers.hall')
  const words = useWords()
  const placed = useMemo(() => {
    const names = shortNames(walkers.map(({ person }) => person.name))
    return walkers.flatMap((walker, i): Placed[] =>
      walker.fit?.floor ? [{ walker, name: names[i] ?? walker.person.name, floor: walker.fit.floor }] : [],
    )
  }, [walkers])
  const hall = useMemo(
    () =>
      placeInHall(
        placed.map(({ floor }) => floor.extent),
        room,
      ),
    [placed, room],
  )
  const tooLarge = hall.tooLarge.map((who) => placed[who]?.name ?? '')
  return (
    <section className={styles.hall} aria-label={say('label')}>
      <p>
        {say('rounds', { n: hall.rounds.length, wide: room.width, deep: room.depth })}{' '}
        {tooLarge.length > 0 && say('tooLarge', { n: tooLarge.length, names: sayList(tooLarge, words) })}
      </p>
      <div className={styles.rounds}>
        {hall.rounds.map((round, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a round is its place in the order
          <figure key={i}>
            <HallFloor
              room={room}
              round={round.flatMap(({ who, by }) => {
                const one = placed[who]
                return one ? [{ ...one, by }] : []
              })}
              onOpen={onOpen}
            />
            {hall.rounds.length > 1 && <figcaption>{say('round', { n: i + 1 })}</figcaption>}
          </figure>
        ))}
      </div>
    </section>
  )
}

type HallFloorProps = { room: Room; round: (Placed & { by: Vec2 })[]; onOpen: ClassHallProps['onOpen'] }

function HallFloor({ room, round, onOpen }: HallFloorProps) {
  const say = useSay('walkers.hall')
  const stage = useRef<HTMLDivElement>(null)
  const { width, height } = useSize(stage)
  const plan = layHall(room, width, height)
  return (
    <div ref={stage} className={styles.hallStage} style={{ aspectRatio: stretch(room) }}>
      {width > 0 && (
        <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
          <title>{say('label')}</title>
          <Metres plan={plan} />
          <Walls plan={plan} fits />
          <Front plan={plan} room={room} />
          {round.map((one) => (
            <InHall key={one.walker.person.id} plan={plan} onOpen={onOpen} {...one} />
          ))}
        </svg>
      )}
    </div>
  )
}

/** The wall that one faces at first. */
function Front({ plan, room }: { plan: RoomPlan; room: Room }) {
  const say = useSay('walkers.hall')
  const [x, y] = roomToScreen(plan, [room.width / 2, room.depth])
  const lying = plan.turn !== 0
  return (
    <text
      className={drawn.label}
      x={lying ? x - 12 : x}
      y={lying ? y + 5 : y + 22}
      textAnchor={lying ? 'end' : 'middle'}
    >
      {say('front')}
    </text>
  )
}

/** Lying, as screens are. */
const stretch = ({ width, depth }: Room): number => Math.max(width, depth) / Math.min(width, depth)

/** Pixels from the lowest foot or chair to the name under it; metres from the heels to the middle of a seat. */
const NAME_BELOW = 18
const SEAT_BEHIND = 0.15

type InHallProps = Placed & { plan: RoomPlan; by: Vec2; onOpen: ClassHallProps['onOpen'] }

/** Somebody in the hall: their feet all the way, dotted where they stay; their chairs and their name. */
function InHall({ plan, walker: { person, fit }, name, floor, by, onOpen }: InHallProps) {
  const words = useWords()
  const body = useMemo(() => bodyOf(person.document), [person])
  const prints = useMemo(() => gatherPrints(floor.prints), [floor])
  const [left, right] = floor.prints
  if (!fit || !left || !right) return null
  const move = ([x, y]: Vec2): Vec2 => [x + by[0], y + by[1]]
  const draw = ({ foot, heel, yaw }: Footprint) =>
    footAt(foot, turnInPlan(plan, move(heel)), yaw + plan.turn, 'whole', body)
  const walks = fit.how !== 'inPlace' && fit.how !== 'sits'
  const chairs =
    fit.how === 'sits'
      ? [seatBehind(left, right, move)]
      : fit.chairs.map(({ at, heading }) => ({ at: move(at), heading, sat: false }))
  const ends = prints.flatMap(({ at }) => [0, 1].map((u) => toScreen(plan, midline(draw(at), u))))
  const lowest = [
    ...ends.map(([, y]) => y),
    ...chairs.map(({ at }) => roomToScreen(plan, at)[1] + CHAIR_HALF * plan.scale),
  ]
  const bottom = Math.max(...lowest)
  return (
    <g
      role="button"
      {...pressed(() => onOpen(person.id, 0))}
      className={styles.inHall}
      aria-label={`${person.name}: ${sayWalker(fit, words)}`}
    >
      <RoomChairs plan={plan} chairs={chairs} />
      {prints.map(({ key, at }) => (
        <Sole key={key} plan={plan} foot={draw(at)} look={walks ? 'small' : 'former'} />
      ))}
      <text
        className={drawn.number}
        x={ends.reduce((sum, [x]) => sum + x, 0) / ends.length}
        y={bottom + NAME_BELOW}
        textAnchor="middle"
      >
        {name}
      </text>
    </g>
  )
}

function seatBehind(left: Footprint, right: Footprint, move: (point: Vec2) => Vec2): RoomChair {
  const heading = (left.yaw + right.yaw) / 2
  const [x, y] = [(left.heel[0] + right.heel[0]) / 2, (left.heel[1] + right.heel[1]) / 2]
  return { at: move([x + SEAT_BEHIND * Math.sin(heading), y - SEAT_BEHIND * Math.cos(heading)]), heading, sat: true }
}
