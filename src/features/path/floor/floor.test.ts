import { describe, expect, it } from 'vitest'
import { type Footprint, makePath, resolveBody, type SchoolId, type ShownPath, showPath, type Vec2 } from '@/core'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { listStretches, SLOWEST } from './centre-line'
import { gatherPrints, stepLength, stepOfPart, stepsOf } from './prints'
import { listChairs } from './RoomChairs'
import { layHall, layRoom, roomToScreen, screenToRoom } from './room-plan'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const walk = (parts: RoutineDocument['parts'], school: SchoolId = 'therapeutic'): ShownPath => {
  const sized = toRoutine({ school, parts }, body)
  return showPath(makePath(body, sized, 8), sized)
}
const AHEAD = walk([
  { posture: 'parallel' },
  { posture: 'bow', side: 'left', anchor: 'right', seconds: 10 },
  { posture: 'bow', side: 'right', anchor: 'left', seconds: 10 },
])
const THERE_AND_BACK = walk(
  [
    { posture: 'parallel' },
    { posture: 'side-step', side: 'left', anchor: 'right', seconds: 8 },
    { posture: 'parallel', anchor: 'right', seconds: 8 },
    { posture: 'side-step', side: 'left', anchor: 'right', seconds: 8 },
  ],
  'long-upright',
)

describe('footprints', () => {
  it('are counted where a foot lands; who stands and who turns counts no step', () => {
    const steps = gatherPrints(AHEAD.footprints).flatMap(stepsOf)
    const lands = AHEAD.footprints.filter(({ did }) => did === 'lands')
    expect(steps.toSorted((a, b) => a - b)).toEqual(lands.map((_, i) => i + 1))
    expect(AHEAD.footprints.slice(0, 2).map(({ did }) => did)).toEqual(['stands', 'stands'])
  })

  it('that lie on each other are one, with all its numbers; left and right never are', () => {
    const gathered = gatherPrints(THERE_AND_BACK.footprints)
    expect(gathered.map(stepsOf)).toEqual([[2], [], [1, 3]])
    expect(gathered.flatMap(({ all }) => all)).toHaveLength(THERE_AND_BACK.footprints.length)
    for (const { at, all } of gathered) expect(all.every(({ print }) => print.foot === at.foot)).toBe(true)
    const [left] = AHEAD.footprints as [Footprint]
    const pair = gatherPrints([left, { ...left, foot: 'right' }, { ...left, yaw: left.yaw + 0.2 }])
    expect(pair).toHaveLength(3)
  })

  it('a step is as long as from the other heel, where that stood when this one was set', () => {
    const [first, second] = AHEAD.footprints.filter(({ did }) => did === 'lands')
    if (!first || !second) throw new Error('no steps')
    const others = AHEAD.footprints
      .slice(0, AHEAD.footprints.indexOf(second))
      .filter(({ foot }) => foot !== second.foot)
    const stood = others.at(-1)?.heel as Vec2
    const long = Math.hypot(second.heel[0] - stood[0], second.heel[1] - stood[1])
    expect(stepLength(second, AHEAD.footprints)).toBeCloseTo(long, 9)
    expect(stepOfPart(AHEAD.footprints, first.part)).toBe(1)
    expect(stepOfPart(AHEAD.footprints, 0)).toBeNull()
  })
})

describe('the line of the centre', () => {
  it('goes on from where it was, all the way, and is parted where its speed or its margin changes', () => {
    const stretches = listStretches(AHEAD)
    const ends = stretches.map(({ points }) => [points[0], points.at(-1)] as [Vec2, Vec2])
    for (const [i, [from]] of ends.entries()) if (i > 0) expect(from).toEqual(ends[i - 1]?.[1])
    expect(ends.at(-1)?.[1]).toEqual(AHEAD.transitions.at(-1)?.phases.at(-1)?.instants.at(-1)?.centre)
    for (const { slow } of stretches) {
      expect(slow).toBeGreaterThanOrEqual(0)
      expect(slow).toBeLessThanOrEqual(SLOWEST)
    }
    expect(new Set(stretches.map(({ slow }) => slow)).size).toBeGreaterThan(2)
  })

  it('in twice the time it is nowhere thinner', () => {
    const slower: ShownPath = {
      ...AHEAD,
      transitions: AHEAD.transitions.map((way) => ({
        ...way,
        phases: way.phases.map((phase) => ({ ...phase, startS: 2 * phase.startS, seconds: 2 * phase.seconds })),
      })),
    }
    const thick = (path: ShownPath) =>
      listStretches(path).flatMap(({ points, slow }) => points.slice(1).map(() => slow))
    const [quick, calm] = [thick(AHEAD), thick(slower)]
    expect(calm).toHaveLength(quick.length)
    expect(calm.every((slow, i) => slow >= (quick[i] ?? 0))).toBe(true)
  })
})

describe('a room on the screen', () => {
  const ROOM = { width: 6, depth: 8 }

  it('a point of the screen is the point of the room that is drawn there, lying or upright', () => {
    for (const [width, height] of [
      [900, 400],
      [300, 900],
    ] as const) {
      const plan = layRoom(AHEAD, { room: ROOM, width, height, whole: true })
      expect(plan.turn).toBe(width > height ? -Math.PI / 2 : 0)
      for (const point of [...plan.walls, [0.3, -1.2] as Vec2]) {
        const back = screenToRoom(plan, roomToScreen(plan, point))
        expect(back[0]).toBeCloseTo(point[0], 9)
        expect(back[1]).toBeCloseTo(point[1], 9)
      }
    }
  })

  it('the whole room is within the screen; the steps alone are shown larger', () => {
    for (const plan of [layRoom(AHEAD, { room: ROOM, width: 700, height: 500, whole: true }), layHall(ROOM, 700, 500)])
      for (const wall of plan.walls) {
        const [x, y] = roomToScreen(plan, wall)
        expect(Math.min(x, y, 700 - x, 500 - y)).toBeGreaterThanOrEqual(0)
      }
    expect(layRoom(AHEAD, { room: ROOM, width: 700, height: 500, whole: false }).scale).toBeGreaterThan(
      layRoom(AHEAD, { room: ROOM, width: 700, height: 500, whole: true }).scale,
    )
  })

  it('lying, what is ahead is to the right', () => {
    const plan = layHall(ROOM, 900, 400)
    const [[rear], [front]] = [roomToScreen(plan, [3, 0]), roomToScreen(plan, [3, 8])]
    expect(front).toBeGreaterThan(rear)
  })
})

describe('chairs in the room', () => {
  it('stand where they are sat on, and where a hand is on their back, turned as the stance is', () => {
    const seated = walk([
      { posture: 'seated', headingDeg: 90 },
      { posture: 'seated', headingDeg: 90, seconds: 4 },
    ])
    const [chair] = listChairs(seated)
    const { seat, at } = seated.parts[0]?.stance ?? {}
    expect(chair).toMatchObject({ sat: true, heading: at?.heading })
    expect(Math.hypot((chair?.at[0] ?? 9) - (at?.x ?? 0), (chair?.at[1] ?? 9) - (at?.y ?? 0))).toBeCloseTo(
      Math.hypot(seat?.at[0] ?? 0, seat?.at[1] ?? 0),
      9,
    )
    const held = walk([
      {
        posture: 'parallel',
        with: { supports: [{ kind: 'chair-back', hand: 'left', at: [-0.4, 0.2, 0.9], maxLoadPct: 10 }] },
      },
      { posture: 'parallel', seconds: 4 },
    ])
    const places = listChairs(held)
    expect(places).toHaveLength(1)
    expect(places[0]).toMatchObject({ sat: false })
    expect(places[0]?.at[0]).toBeCloseTo(-0.4, 9)
  })
})
