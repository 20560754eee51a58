import { describe, expect, it } from 'vitest'
import type { PieceDocument } from '@/documents/lesson-document'
import { easePieces } from './ease-lesson'

const HOUR: PieceDocument[] = [
  { id: 'talk', kind: 'talk', minutes: 5 },
  { id: 'warm', kind: 'exercise', exercise: 'arms', minutes: 10 },
  { id: 'legs', kind: 'posture', posture: 'bow', minutes: 20, holdS: 6 },
  { id: 'rest', kind: 'rest', minutes: 2 },
  { id: 'walk', kind: 'routine', routine: 'quay-four', minutes: 13 },
]
const sum = (pieces: readonly PieceDocument[]) => pieces.reduce((all, { minutes }) => all + minutes, 0)
const standing = (pieces: readonly PieceDocument[]) =>
  sum(pieces.filter(({ kind }) => kind !== 'rest' && kind !== 'talk'))

describe('a gentler hour', () => {
  it('lasts as long, and stands less of it', () => {
    for (const share of [0.75, 0.5, 0.25]) {
      const eased = easePieces(HOUR, { share })
      expect(sum(eased)).toBe(sum(HOUR))
      expect(standing(eased) / standing(HOUR)).toBeCloseTo(share, 1)
    }
    const without = HOUR.filter(({ kind }) => kind !== 'rest' && kind !== 'talk')
    expect(sum(easePieces(without, { share: 0.5 }))).toBe(sum(without))
  })

  it('holds less long and stands higher where that is asked, and leaves what rests', () => {
    const eased = easePieces(HOUR, { share: 0.5, higherDeg: 10, holdMostS: 2, inPlace: true })
    expect(eased.find(({ id }) => id === 'legs')).toMatchObject({ holdS: 2, higherDeg: 10, minutes: 10 })
    expect(eased.find(({ id }) => id === 'walk')).toMatchObject({ kind: 'exercise', exercise: 'side-to-side' })
    expect(eased.find(({ id }) => id === 'rest')).toMatchObject({ kind: 'rest' })
  })
})
