import { describe, expect, it } from 'vitest'
import { NO_LOAD } from '@/core'
import type { PieceDocument } from '@/documents/lesson-document'
import type { Worked } from '@/teaching/lessons/work-piece'
import { entriesOf } from './entries'

const PLACE = { group: 'g', day: '2026-03-03' }
const pieces: PieceDocument[] = [
  { id: 'a', kind: 'posture', posture: 'bow', minutes: 6 },
  { id: 'b', kind: 'rest', minutes: 1 },
  { id: 'c', kind: 'posture', posture: 'bow', minutes: 4 },
]
const worked = (nms: number, as: Worked['as'] = 'taught'): Worked => ({
  as,
  part: 1,
  rounds: 10,
  load: { ...NO_LOAD, kneeNms: { left: nms, right: nms / 2 }, loadedS: { left: 60, right: 30 } },
  spareM: 0.01,
  bend: 0.35,
  room: [1, 1],
  given: null,
})
const marit = { id: 'marit', worked: [worked(1000), worked(0, 'none'), worked(800)] }
const of = (at: number, taught: Record<number, number>, people = [marit]) =>
  entriesOf(PLACE, pieces, at, 'bow', taught, people)

describe('what is written down of a piece that was taught', () => {
  it('as much as it was taught: half of the minutes, half of the work and the rounds', () => {
    expect(of(0, { 0: 180 })).toMatchObject([
      {
        person: 'marit',
        piece: 'a',
        said: {
          as: 'taught',
          rounds: 5,
          minutes: 3,
          kneeNms: { left: 500, right: 250 },
          kneeFlexionDeg: 20,
          stepPct: 100,
        },
      },
    ])
  })

  it('with what came at a stretch by then: a rest of a minute leaves half of what was', () => {
    const [last] = of(2, { 0: 360, 1: 60, 2: 240 })
    expect(last?.said?.stretchNms?.left).toBeCloseTo(500 + 800, 6)
    const [unrested] = of(2, { 0: 360, 2: 240 })
    expect(unrested?.said?.stretchNms?.left).toBeCloseTo(1800, 6)
  })

  it('nothing of what was only passed through, of a rest, or of whom nothing was worked out', () => {
    expect(of(0, { 0: 60 })).toEqual([])
    expect(of(1, { 1: 60 })).toEqual([])
    expect(of(0, { 0: 360 }, [{ id: 'x', worked: undefined as never }])).toEqual([])
    expect(of(0, { 0: 360 }, [{ id: 'x', worked: [worked(0, 'none')] }])).toEqual([])
  })
})
