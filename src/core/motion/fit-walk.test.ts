import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/documents/routine-document'
import { type Body, resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { toRoom } from '../stance/placed'
import { fitRoom } from './fit-room'
import { fitWalk } from './fit-walk'
import { foldRoutine, turnBack } from './fold'
import { makePath } from './path'
import { calcExtent, listFootprints } from './room'
import { keepAnchors, measureRoutine, tallyPath } from './safer-routine'

const WALK = {
  school: 'long-upright' as const,
  parts: [
    { posture: 'parallel' },
    { posture: 'bow', side: 'left' as const, seconds: 10 },
    { posture: 'bow', side: 'right' as const, seconds: 10 },
  ],
}
const body = (limits = {}, age = 60) => resolveBody({ stature: 1.66, mass: 68, sex: 'female', age, limits })
const both = (one: object) => ({ left: one, right: one })

const fitOf = (who: Body) => {
  const parts = toRoutine(WALK, who)
  return fitWalk(parts, makePath(who, parts, 6, 'verdicts'))
}

describe('a class on one path', () => {
  it('who walks it as it is asked is asked no less', () => {
    const found = fitOf(body())
    expect(found).toMatchObject({ how: 'asIs', scale: 1, chairs: [] })
    expect(found.fitted).not.toContain('beyond')
  })

  it('who needs a shorter step has the longest that does', () => {
    const bends = [38, 42, 46, 50].map((degrees) => body(both({ kneeFlexionMax: degrees * DEG }), 72))
    const shorter = bends.map((stiff) => ({ stiff, found: fitOf(stiff) })).filter(({ found }) => found.how === 'steps')
    expect(shorter.length).toBeGreaterThan(0)
    for (const { stiff, found } of shorter) {
      expect(found.fitted).not.toContain('beyond')
      const longer = measureRoutine(stiff, toRoutine(WALK, stiff), { scale: found.scale + 0.25, by: 0 })
      const tally = longer && tallyPath(makePath(stiff, longer, 6))
      expect((tally?.beyond ?? 0) + (tally?.noWay ?? 0)).toBeGreaterThan(0)
    }
  })

  it('who may not stand alone has a chair on every way that fails, each within reach of its hand', () => {
    const held = body({ ...both({}), support: 'chair-back' }, 80)
    const found = fitOf(held)
    expect(found.asked).toEqual(['beyond', 'beyond'])
    expect(found).toMatchObject({ how: 'chair', scale: 1 })
    expect(found.chairs.map(({ part }) => part)).toEqual([1, 2])
    expect(found.fitted).not.toContain('beyond')
    const parts = toRoutine(WALK, held)
    const path = makePath(held, parts, 6, 'verdicts')
    const [[left, rear], [right, front]] = found.floor?.extent ?? [
      [0, 0],
      [0, 0],
    ]
    for (const { part, hand, at } of found.chairs) {
      const stood = path.parts[part - 1]
      const shoulder = stood?.analysis?.pose.joints[`${hand}Shoulder`]
      if (!stood?.stance.at || !shoulder) throw new Error(`part ${part} is not stood`)
      const [x, y] = toRoom(stood.stance.at, [shoulder[0], shoulder[1]])
      expect(Math.hypot(at[0] - x, at[1] - y)).toBeLessThan(held.upperArm[hand] + held.forearm[hand] + held.hand[hand])
      expect(Math.min(at[0] - left, right - at[0], at[1] - rear, front - at[1])).toBeGreaterThan(0.199)
    }
  })

  it('needs the floor that a path says: its footprints in order, and the box about it', () => {
    const well = body()
    const path = makePath(well, toRoutine(WALK, well), 6, 'verdicts')
    expect(fitOf(well).floor).toEqual({ prints: listFootprints(path), extent: calcExtent(path) })
  })

  it('who only sits does not walk, and needs no more floor than where they are', () => {
    const found = fitOf(body({ ...both({}), seatedOnly: true }))
    expect(found).toMatchObject({ how: 'sits', fitted: [] })
    expect(found.floor?.prints.map(({ did }) => did)).toEqual(['stands', 'stands'])
    const [[left, rear], [right, front]] = found.floor?.extent ?? [[], []]
    expect((right ?? 9) - (left ?? 0)).toBeLessThan(1)
    expect((front ?? 9) - (rear ?? 0)).toBeLessThan(1)
  })
})

describe('a routine in a room', () => {
  it('six by four metres take three abreast of one metre each, two deep of one and a half, a metre between', () => {
    const fit = fitRoom(
      [
        [-0.5, 0],
        [0.5, 1.5],
      ],
      { width: 6, depth: 4 },
    )
    expect(fit).toMatchObject({
      fits: true,
      width: 1,
      depth: 1.5,
      abreast: 3,
      deep: 2,
      beside: 2.5,
      ends: 1.25,
      close: false,
    })
  })

  it('passes a wall where less than 60 cm stay clear, and does not fit where none does', () => {
    const extent: [[number, number], [number, number]] = [
      [0, 0],
      [1, 3],
    ]
    expect(fitRoom(extent, { width: 2, depth: 6 })).toMatchObject({ fits: true, beside: 0.5, close: true, abreast: 1 })
    expect(fitRoom(extent, { width: 4, depth: 2.5 })).toMatchObject({ fits: false, deep: 0 })
  })
})

describe('a routine folded for a room', () => {
  const well = body()
  const on = (count: number) => ({
    school: 'therapeutic' as const,
    parts: [
      { posture: 'parallel' },
      ...Array.from({ length: count }, (_, i) => ({
        posture: 'bow',
        side: i % 2 === 0 ? ('left' as const) : ('right' as const),
        anchor: i % 2 === 0 ? ('right' as const) : ('left' as const),
        seconds: 10,
      })),
    ],
  })
  const parts = toRoutine(on(10), well)
  const extentOf = (routine: typeof parts) => calcExtent(makePath(well, routine, 2))

  it('turns nowhere where it fits, and there and back where it does not: then it fits, in its order', () => {
    expect(foldRoutine(well, parts, { width: 4, depth: 9 })).toEqual([])
    const [[, rear], [, front]] = extentOf(parts)
    const room = { width: 4, depth: (front - rear) * 0.75 }
    const turns = foldRoutine(well, parts, room)
    expect(turns?.length).toBeGreaterThan(0)
    const folded = turnBack(keepAnchors(makePath(well, parts, 2), parts), turns ?? [])
    expect(fitRoom(extentOf(folded), room).fits).toBe(true)
    expect(folded.map(({ stance }) => stance.posture)).toEqual(parts.map(({ stance }) => stance.posture))
    expect(makePath(well, folded, 2).transitions.filter(({ made }) => !made)).toEqual([])
  })

  it('says that nothing helps where not even one step fits', () => {
    expect(foldRoutine(well, parts, { width: 0.5, depth: 0.5 })).toBeNull()
  })
})
