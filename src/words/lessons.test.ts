import { describe, expect, it } from 'vitest'
import { type Concern, LIBRARY, type Reason } from '@/core'
import { AIMS, FAULTS, type PieceDocument, PRACTISED } from '@/documents/lesson-document'
import { DONE_AS, HAPPENINGS } from '@/documents/log-document'
import { PAIN_PLACES } from '@/documents/pain-places'
import { EXERCISE_IDS } from '@/documents/routines/exercises'
import type { Needs } from '@/teaching/practice/needs'
import { STAGES, STRESSES } from '@/teaching/practice/stages'
import { makeCalendar } from './calendar'
import { ENGLISH } from './english'
import {
  sayAgain,
  sayAim,
  sayDay,
  sayDoneAs,
  sayEarly,
  sayExercise,
  sayFading,
  sayNeeds,
  sayPiece,
  sayTimes,
  sayWords,
} from './lessons'
import { sayCorrected } from './log'
import { sayConcern, sayDecided, sayNext, sayReason } from './practice'

const named = { postures: LIBRARY.map((one) => ({ ...one, own: null })), routineName: (id: string) => `routine ${id}` }
const piece = (more: Partial<PieceDocument>): PieceDocument => ({ id: 'a', kind: 'posture', minutes: 5, ...more })
const spaced = (said: string) => said.replaceAll('\u00a0', ' ')

describe('a piece is called', () => {
  it('by its own title, else by what it is: posture, limbs, side; routine; exercise; fault', () => {
    expect(sayPiece(piece({ posture: 'bow', limbs: 'legs', side: 'left' }), named, ENGLISH)).toBe(
      'bow, legs alone, left',
    )
    expect(sayPiece(piece({ posture: 'bow', side: 'both' }), named, ENGLISH)).toBe('bow')
    const seated = piece({ kind: 'exercise', exercise: 'arms', limbs: 'seated' })
    expect(sayPiece(seated, named, ENGLISH)).toBe('arms rise and sink, on a chair')
    expect(sayFading(piece({ posture: 'bow', limbs: 'seated' }), 1, true, ENGLISH)).toMatch(/both feet on the floor/)
    expect(sayPiece(piece({ kind: 'transition', posture: 'bow', to: 'back-step' }), named, ENGLISH)).toMatch(
      /^bow to back step/,
    )
    expect(sayPiece(piece({ kind: 'routine', routine: 'x', limbs: 'legs' }), named, ENGLISH)).toBe(
      'routine x, legs alone',
    )
    expect(sayPiece(piece({ kind: 'fault', posture: 'bow', fault: 'locked' }), named, ENGLISH)).toBe(
      'knee locked, and how it mends',
    )
    expect(sayPiece(piece({ kind: 'rest', title: 'tea' }), named, ENGLISH)).toBe('tea')
    expect(sayPiece(piece({ posture: 'own-gone' }), named, ENGLISH)).toBe('own-gone')
  })

  it('and said: its own words, all the first round, few the second, none the third', () => {
    for (const exercise of EXERCISE_IDS) {
      expect(sayExercise(exercise, ENGLISH)).toBeTruthy()
      expect(sayWords(piece({ kind: 'exercise', exercise }), ENGLISH)).toMatch(/\.$/)
    }
    for (const fault of FAULTS) expect(sayWords(piece({ kind: 'fault', fault }), ENGLISH)).toMatch(/\.$/)
    const own = piece({ posture: 'bow', say: 'Like pouring tea.', few: 'Tea.' })
    expect([1, 2, 3].map((round) => sayFading(own, round, true, ENGLISH))).toEqual(['Like pouring tea.', 'Tea.', ''])
    expect(sayFading(own, 3, false, ENGLISH)).toBe('Like pouring tea.')
    expect(sayFading(piece({ posture: 'bow' }), 2, true, ENGLISH)).toBe('Back. Empty. Fill.')
  })

  it('everything that can be chosen has its words', () => {
    for (const aim of AIMS) expect(sayAim(aim, ENGLISH)).toBeTruthy()
    for (const as of DONE_AS) expect([sayDoneAs(as, ENGLISH), ENGLISH.say(`log.as.${as}`)].every(Boolean)).toBe(true)
    for (const place of PAIN_PLACES) expect(ENGLISH.say(`log.places.${place}`)).toBeTruthy()
    for (const what of HAPPENINGS) expect(ENGLISH.say(`lesson.teach.happened.${what}`)).toBeTruthy()
    for (const way of PRACTISED) expect(ENGLISH.say(`lesson.practised.${way}`)).toBeTruthy()
    for (const stage of STAGES.slice(1))
      expect(sayEarly({ piece: 'a', stage }, 'bow', ENGLISH)).toMatch(/^Bow comes early: .* wants two lessons of /)
    expect(sayAgain(STRESSES, ENGLISH)).toMatch(
      /^Last time stressed the thighs, the arms, turning, stepping, one foot and the waist/,
    )
  })
})

const NONE: Needs = { chairs: 0, seats: 0, armrests: 0, wheelchairs: 0, walls: 0, helpers: 0, room: [0, 0] }

describe('a lesson needs', () => {
  it('chairs, seats, wall places, helpers and room, in one sentence', () => {
    expect(sayNeeds({ ...NONE, chairs: 2, seats: 1, helpers: 1, room: [3.24, 2] }, {}, ENGLISH)).toBe(
      '2 chairs beside, one to sit on, one helper and 3.2 by 2 m for each to walk in.',
    )
    expect(sayNeeds(NONE, {}, ENGLISH)).toBe('A chair each to sit on, and one metre clear.')
    expect(sayNeeds({ ...NONE, seats: 3, armrests: 1, wheelchairs: 1 }, {}, ENGLISH)).toBe(
      '3 to sit on (1 with armrests) and a place for a wheelchair.',
    )
    const needs: Needs = { ...NONE, chairs: 2, seats: 1, room: [3, 2] }
    // Whichever way round the hall lies; what nobody counted is not short.
    for (const hall of [{}, { chairs: 3, roomM: [2, 3] as [number, number] }, { roomM: [3, 2] as [number, number] }])
      expect(sayNeeds(needs, hall, ENGLISH)).toMatch(/to walk in\.$/)
    expect(sayNeeds(needs, { chairs: 1 }, ENGLISH)).toMatch(/\. 2 chairs more than the house has\.$/)
    expect(sayNeeds(needs, { roomM: [2.5, 2.5] }, ENGLISH)).toMatch(/\. That is more floor than the hall has/)
  })

  it('a day with its weekday', () => {
    expect(sayDay('2026-12-01', ENGLISH, '2026')).toBe('Tuesday 1 December')
    expect(sayDay('2027-01-05', ENGLISH, '2026')).toBe('Tuesday 5 January 2027')
  })
})

describe('what next is said with', () => {
  const reason = (code: Reason['code'], more: Partial<Reason> = {}): string =>
    sayReason({ code, day: '2026-03-03', value: 7, limit: 7, ...more }, ENGLISH)

  it('its reason, each in words', () => {
    const codes: Reason['code'][] = [
      'calm',
      'effort',
      'pain',
      'touched',
      'nearFall',
      'stopped',
      'dizzy',
      'tooFew',
      'unknown',
      'between',
      'away',
      'badDay',
    ]
    for (const code of codes) expect(reason(code)).toMatch(/\.$/)
    expect(reason('effort')).toBe('Effort 7 of 10 on 3 March; from 7 on it is easier.')
    expect(reason('tooFew', { value: 0, limit: 2 })).toBe('No class counts yet; 2 are wanted.')
    expect(reason('calm', { value: 1 })).toMatch(/^One class/)
  })

  it('what a clinician should hear, without a diagnosis', () => {
    const codes: Concern['code'][] = ['pain.new', 'pain.growing', 'nearFall', 'dizzy', 'stopped', 'sides']
    for (const code of codes)
      expect(sayConcern({ code, day: '2026-03-03', value: 0.3, before: 0.1 }, ENGLISH)).not.toMatch(/should|must|has a/)
    expect(spaced(sayConcern({ code: 'sides', day: '2026-03-03', value: 0.3, before: 0.1 }, ENGLISH))).toBe(
      'Left and right drift apart: 30 % on 3 March, 10 % before.',
    )
  })

  it('the next version, and what it leaves or lacks', () => {
    const next = { posture: 'bow', what: 'step' as const, from: 50, to: 75, spareM: 0.012 }
    expect(spaced(sayNext(next, named.postures, ENGLISH))).toBe(
      'the step of bow at 75 % of as taught (now 50 %). It leaves 1.2 cm to spare beyond the reserve.',
    )
    expect(spaced(sayNext({ ...next, what: 'knees', from: 15, to: 20, spareM: -0.004 }, named.postures, ENGLISH))).toBe(
      'knees bent to 20° in bow (now 15°). It is 0.4 cm short of the reserve, by what is sure.',
    )
    expect(sayNext({ ...next, posture: 'own-gone', spareM: null }, named.postures, ENGLISH)).toContain('own-gone')
  })

  it('what was decided, and why', () => {
    expect(sayDecided('2026-03-03', { proposed: 'harder', taken: 'harder' }, ENGLISH)).toBe('Taken on 3 March: harder.')
    expect(sayDecided('2026-03-03', { proposed: 'harder', taken: 'same', reason: 'a cold' }, ENGLISH)).toBe(
      'Taken on 3 March: the same, a cold.',
    )
    expect(sayDecided('2026-03-03', { proposed: 'easier', taken: null, reason: 'holiday' }, ENGLISH)).toBe(
      'Left on 3 March: holiday.',
    )
  })

  it('what was corrected', () => {
    expect(sayCorrected({ at: '2026-03-05T09:00:00Z', was: { effort: 3, nearFall: true, word: null } }, ENGLISH)).toBe(
      'Corrected 5 March: effort was 3. Corrected 5 March: near fall was yes. Corrected 5 March: a word was not said.',
    )
  })
})

describe('a calendar file', () => {
  const lesson = {
    minutes: 50,
    aim: 'even' as const,
    pieces: [piece({ posture: 'bow', say: 'a; b, c' }), piece({ kind: 'rest', minutes: 2 })],
  }
  const text = makeCalendar(
    [{ group: 'Slack, Tide', day: '2026-12-01', lesson }],
    named,
    '2026-11-26T09:30:00.000Z',
    ENGLISH,
  )

  it('has a whole day for each lesson, its lines within 75 octets, its commas escaped', () => {
    const lines = text.split('\r\n')
    expect(lines[0]).toBe('BEGIN:VCALENDAR')
    expect(lines.every((line) => new TextEncoder().encode(line).length <= 75)).toBe(true)
    const whole = text.replaceAll('\r\n ', '')
    expect(whole).toContain('DTSTART;VALUE=DATE:20261201')
    expect(whole).toContain('DTSTAMP:20261126T093000Z')
    expect(whole).toContain('SUMMARY:Slack\\, Tide: weight on both legs alike')
    expect(whole).toContain('DESCRIPTION:bow\\, 5 min\\nsit\\, 2 min')
  })

  it('how much more than they are used to, as one says it: never less than it is', () => {
    expect([1.05, 1.3, 1.4, 1.95, 2.4, 2.95, 3.2].map((share) => sayTimes(share, ENGLISH))).toEqual([
      'a little more than',
      'a third more than',
      'half as much again as',
      'twice',
      'two and a half times',
      'three times',
      'four times',
    ])
  })
})
