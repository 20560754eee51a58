import { describe, expect, it } from 'vitest'
import type { LessonDocument } from '@/documents/lesson-document'
import { addAfter, doublePiece, movePiece, removePiece, setMinutes, sumMinutes, tearPiece } from './edits'

const lesson: LessonDocument = {
  minutes: 20,
  pieces: [
    { id: 'a', kind: 'talk', minutes: 3 },
    { id: 'b', kind: 'posture', posture: 'bow', side: 'left', minutes: 7, say: 'softly' },
    { id: 'c', kind: 'rest', minutes: 2 },
  ],
}
const ids = ({ pieces }: LessonDocument) => pieces.map(({ id }) => id).join('')
const minutes = ({ pieces }: LessonDocument) => pieces.map((piece) => piece.minutes)

describe('the tape', () => {
  it('a piece moves to any place of it, never off it', () => {
    expect(ids(movePiece(lesson, 'a', 2))).toBe('bca')
    expect(ids(movePiece(lesson, 'c', 0))).toBe('cab')
    expect([ids(movePiece(lesson, 'b', 9)), ids(movePiece(lesson, 'b', -3)), ids(movePiece(lesson, 'x', 0))]).toEqual([
      'acb',
      'bac',
      'abc',
    ])
  })

  it('has whole minutes, one at least; the others keep theirs', () => {
    expect(minutes(setMinutes(lesson, 'b', 8.4))).toEqual([3, 8, 2])
    expect(minutes(setMinutes(lesson, 'b', -5))).toEqual([3, 1, 2])
    expect(sumMinutes(setMinutes(lesson, 'c', 500))).toBe(130)
  })

  it('torn off, both halves are what it was, and no minute is lost', () => {
    const torn = tearPiece(lesson, 'b', 'd')
    expect([ids(torn), minutes(torn), sumMinutes(torn)]).toEqual(['abdc', [3, 4, 3, 2], sumMinutes(lesson)])
    expect(torn.pieces[2]).toMatchObject({ posture: 'bow', side: 'left', say: 'softly' })
    expect(ids(tearPiece({ ...lesson, pieces: [{ id: 'a', kind: 'rest', minutes: 1 }] }, 'a', 'd'))).toBe('a')
  })

  it('once more is the same; on the other side its mirror; what has no side stays as it is', () => {
    expect(doublePiece(lesson, 'b', 'd', false).pieces[2]).toEqual({ ...lesson.pieces[1], id: 'd' })
    expect(doublePiece(lesson, 'b', 'd', true).pieces[2]).toMatchObject({ id: 'd', side: 'right' })
    expect(doublePiece(lesson, 'c', 'd', true).pieces[3]).toEqual({ ...lesson.pieces[2], id: 'd' })
  })

  it('is added after what is chosen, else at the end; taken out, the rest stays', () => {
    const rest = { id: 'd', kind: 'rest' as const, minutes: 2 }
    expect([ids(addAfter(lesson, 'a', rest)), ids(addAfter(lesson, null, rest))]).toEqual(['adbc', 'abcd'])
    expect(ids(removePiece(lesson, 'b'))).toBe('ac')
    expect(lesson.pieces).toHaveLength(3)
  })
})
