import { describe, expect, it } from 'vitest'
import { makePath, resolveBody, type ShownPath, showPath } from '@/core'
import { toRoutine } from '@/documents/routine-document'
import { findInstant, listInstants, listStops, spanOfPart } from '@/ui/figure/instant'
import { listStretches } from '../floor/centre-line'
import { gatherPrints, stepLength, stepOfPart, stepsOf } from '../floor/prints'
import { layRoom, roomToScreen, screenToRoom } from '../floor/room-plan'
import { listRows } from '../ribbon/lines'
import { listTroubles } from '../trouble/list-troubles'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const show = (parts: Parameters<typeof toRoutine>[0]['parts']): ShownPath => {
  const sized = toRoutine({ school: 'long-upright', parts }, body)
  return showPath(makePath(body, sized, 10), sized)
}
/** Two seconds held, then a bow in eight, held three, and a bow on. */
const PATH = show([
  { posture: 'parallel', holdS: 2 },
  { posture: 'bow', side: 'left', seconds: 8, holdS: 3, breath: 'in-out' },
  { posture: 'bow', side: 'right', seconds: 8, breath: 'out' },
])

describe('an instant of a path', () => {
  it('is the first part while that is held, and the last of a way while what follows is', () => {
    expect(findInstant(PATH, 1)).toMatchObject({ part: 0, transition: null, from: null })
    expect(findInstant(PATH, 1)?.a).toBe(PATH.parts[0]?.stance)
    const held = findInstant(PATH, 11.5)
    expect(held).toMatchObject({ part: 0, transition: 0, phase: null })
    expect(held?.a).toBe(PATH.transitions[0]?.phases.at(-1)?.instants.at(-1)?.stance)
  })

  it('lies between its neighbours as far as its second does', () => {
    const instants = listInstants(PATH)
    for (const [i, one] of instants.entries()) {
      const next = instants[i + 1]
      if (!next || next.transition !== one.transition || next.atS - one.atS < 0.02) continue
      const between = findInstant(PATH, one.atS + 0.25 * (next.atS - one.atS))
      expect(between?.part).toBeCloseTo(0.25, 6)
      expect([between?.from, between?.to]).toEqual([one.instant, next.instant])
    }
  })

  it('goes by phase from stop to stop, from the start to the end', () => {
    const stops = listStops(PATH)
    expect(stops[0]).toBe(0)
    expect(stops.at(-1)).toBe(PATH.seconds)
    expect(stops).toEqual([...stops].sort((a, b) => a - b))
    expect(stops).toContain(2)
    expect([spanOfPart(PATH, 1), spanOfPart(PATH, 2)]).toEqual([
      [2, 13],
      [13, 21],
    ])
  })

  it('a part that cannot be stood shows nothing, and the part before stays where there is no way', () => {
    const far = {
      feet: { left: { heel: [-0.1, 0] as [number, number] }, right: { heel: [0.1, 1.9] as [number, number] } },
    }
    const none = show([
      { posture: 'parallel', holdS: 1 },
      { stance: far, seconds: 5 },
      { posture: 'parallel', seconds: 5 },
    ])
    expect(none.parts[1]?.error).not.toBeNull()
    expect(findInstant(none, 3)?.a).toBe(none.parts[0]?.stance)
    expect(findInstant(none, 8)).toBeNull()
    expect(listTroubles(none)[0]).toMatchObject({ severity: 'none', part: 1 })
  })
})

describe('the floor of a path', () => {
  it('counts steps where a foot lands, and says how long each is', () => {
    const prints = gatherPrints(PATH.footprints)
    const lands = PATH.footprints.filter(({ did }) => did === 'lands')
    expect(prints.flatMap(stepsOf).sort()).toEqual(lands.map((_, i) => i + 1))
    const ofPart = (part: number) => stepOfPart(PATH.footprints, part)
    expect([ofPart(0), ofPart(1)]).toEqual([null, 1])
    expect(lands[(ofPart(2) ?? 0) - 1]?.part).toBe(2)
    const landed = PATH.footprints.find(({ did }) => did === 'lands')
    const test = PATH.transitions[0]?.readings?.emptyStep
    expect(landed && stepLength(landed, PATH.footprints)).toBeCloseTo(test?.wished as number, 3)
  })

  it('what lies on each other is one print, however often it is set', () => {
    const there = show([
      { posture: 'parallel' },
      { posture: 'side-step', side: 'left', seconds: 8, anchor: 'right' },
      { posture: 'parallel', seconds: 8, anchor: 'right' },
      { posture: 'side-step', side: 'left', seconds: 8, anchor: 'right' },
    ])
    const steps = gatherPrints(there.footprints).map(stepsOf)
    expect(steps).toContainEqual([1, 3])
  })

  it('draws the centre’s way without a gap, and clay only where the reserve is not kept', () => {
    const stretches = listStretches(PATH)
    stretches.slice(1).forEach(({ points }, i) => {
      const before = stretches[i]?.points.at(-1)
      expect(points[0]).toEqual(before?.map((at) => expect.closeTo(at, 9)))
    })
    const short = listInstants(PATH).some(({ instant }) => instant.assured < instant.reserve)
    expect(stretches.some(({ near }) => near)).toBe(short)
  })

  it('lays a long room along the screen, and a point of it comes back', () => {
    const plan = layRoom(PATH, { room: { width: 4, depth: 9 }, width: 800, height: 300, whole: true })
    expect(plan.turn).not.toBe(0)
    const [x, y] = screenToRoom(plan, roomToScreen(plan, [0.3, 1.2]))
    expect([x, y]).toEqual([expect.closeTo(0.3, 6), expect.closeTo(1.2, 6)])
    for (const corner of plan.walls) {
      const [px, py] = roomToScreen(plan, corner)
      expect(px).toBeGreaterThanOrEqual(0)
      expect(px).toBeLessThanOrEqual(800)
      expect(py).toBeGreaterThanOrEqual(0)
      expect(py).toBeLessThanOrEqual(300)
    }
  })
})

describe('the ribbon', () => {
  const rows = listRows(PATH, [
    { breath: 'in-out', startS: 2, endS: 10 },
    { breath: 'out', startS: 13, endS: 21 },
  ])
  it('has facing only where they turn', () => {
    expect(rows.map(({ key }) => key)).toEqual(['assured', 'weight', 'hips', 'knees', 'breath'])
    const turning = show([{ posture: 'parallel' }, { posture: 'bow', side: 'left', headingDeg: 45, seconds: 8 }])
    expect(listRows(turning, []).map(({ key }) => key)).toContain('heading')
  })

  it('breathes in up and out down, in halves of a movement', () => {
    const points = rows.find(({ key }) => key === 'breath')?.lines[0]?.points ?? []
    const at = (s: number) => points.find(({ atS }) => Math.abs(atS - s) < 1e-6)?.value
    expect([at(2), at(6), at(10), at(21)]).toEqual([0, 1, expect.closeTo(0), expect.closeTo(0)])
  })

  it('keeps everything within its row', () => {
    for (const { value } of rows.flatMap(({ lines }) => lines.flatMap(({ points }) => points))) {
      expect(value).toBeGreaterThanOrEqual(0)
      expect(value).toBeLessThanOrEqual(1)
    }
  })
})
