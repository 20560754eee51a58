import { describe, expect, it } from 'vitest'
import type { LessonDocument } from '@/documents/lesson-document'
import { findComing, findNext, findUnwritten, placeOf } from './today'

const hour = (n = 1): LessonDocument => ({
  minutes: 50,
  pieces: Array.from({ length: n }, (_, i) => ({ id: `${i}`, kind: 'rest' as const, minutes: 5 })),
})
const lesson = (group: string, day: string, document = hour()) => ({ group, day, document })
// A Tuesday and a Thursday group; 2026-03-03 is a Tuesday.
const LESSONS = [lesson('tue', '2026-03-03'), lesson('thu', '2026-03-05'), lesson('tue', '2026-03-10')]

describe('which group comes', () => {
  it('is the first with a lesson ahead, or a week after its last one, whichever is sooner', () => {
    expect(findComing(LESSONS, ['tue', 'thu'], '2026-03-10')).toMatchObject({ group: 'tue', day: '2026-03-10' })
    // On Wednesday Thursday's group is next, though nothing is planned for it.
    expect(findComing(LESSONS, ['tue', 'thu'], '2026-03-11')).toEqual({ group: 'thu', day: '2026-03-12', lesson: null })
    expect(findComing(LESSONS, ['tue'], '2026-03-11')).toEqual({ group: 'tue', day: '2026-03-17', lesson: null })
    const far = [...LESSONS, lesson('tue', '2026-04-07')]
    expect(findComing(far, ['tue'], '2026-03-11')?.day).toBe('2026-03-17')
    expect(findComing([], ['tue'], '2026-03-11')).toBeNull()
    // Over the end of a leap February.
    expect(findComing([lesson('tue', '2028-02-22')], ['tue'], '2028-02-29')?.day).toBe('2028-02-29')
  })
})

describe('what is next', () => {
  const asked = { unwritten: false, called: false, taught: false }
  const on = (lesson: LessonDocument | null, day = '2026-03-10') => ({ group: 'tue', day, lesson })

  it('is one thing after another: what was not written down, the hour, the roll, teaching, the door', () => {
    const next = (coming: ReturnType<typeof on> | null, more = {}) =>
      findNext(coming, '2026-03-10', { ...asked, ...more })
    expect(next(on(hour()), { unwritten: true })).toBe('write')
    expect(next(on(null))).toBe('propose')
    expect(next(on(hour(0)))).toBe('propose')
    expect(next(on(hour()))).toBe('roll')
    expect(next(on(hour()), { called: true })).toBe('teach')
    expect(next(on(hour()), { called: true, taught: true })).toBe('door')
    expect(next(on(hour(), '2026-03-12'))).toBe('look')
    expect(next(null)).toBeNull()
  })

  it('asks for a lesson of the last two weeks that is not written down, and for no older or empty one', () => {
    const written = new Set([placeOf('tue', '2026-03-03')])
    expect(findUnwritten(LESSONS, written, '2026-03-10')).toEqual({ group: 'thu', day: '2026-03-05' })
    expect(findUnwritten(LESSONS, written, '2026-04-10')).toBeNull()
    expect(findUnwritten([lesson('tue', '2026-03-09', hour(0))], new Set(), '2026-03-10')).toBeNull()
    expect(findUnwritten([lesson('tue', '2026-03-10')], new Set(), '2026-03-10')).toBeNull()
  })
})
