import { describe, expect, it } from 'vitest'
import {
  analyse,
  type Body,
  buildPosture,
  DEG,
  LIBRARY,
  layOut,
  type Measures,
  makePath,
  postureOf,
  resolveBody,
  USUAL_PRACTICE,
} from '@/core'
import { AIMS, type Aim, type PieceDocument } from '@/documents/lesson-document'
import type { LogRow } from '@/documents/log-document'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { ENGLISH } from '@/words/english'
import { readShipped } from '@/words/routines'
import { findCauses } from './causes'
import { listClassDays, listDoneDays } from './class-days'
import { listDrifting, listUnfit, readStandings } from './group-view'
import { mergeRow } from './merge-row'
import { countNeeds } from './needs'
import { findNextVersion } from './next-version'
import { findUneven, listWarnings, proposeLesson } from './propose-lesson'
import { findReady, knowTraits, STAGES, stageOfPiece, stressesOf } from './stages'
import { moveOn, planTerm, type TermLesson } from './term'
import { findWayCauses } from './way-causes'

const known = {
  routineOf: (id: string) => readShipped(id as Parameters<typeof readShipped>[0], ENGLISH),
  traitsOf: knowTraits(LIBRARY),
}
const AT = { at: '2026-03-03T10:00:00.000Z', isLater: false }
const row = (more: Partial<LogRow>): LogRow => ({ person: 'a', day: '2026-03-03', ...more })

describe('what is entered', () => {
  const wobble = (id: string) => ({ id, at: AT.at, what: 'wobble' as const })

  it('adds up the touches of two devices, each once, and takes a mistaken one back', () => {
    const first = mergeRow(null, { said: {}, happened: [wobble('x')], mistaken: [] }, AT)
    const second = mergeRow(first, { said: { effort: 3 }, happened: [wobble('x'), wobble('y')], mistaken: [] }, AT)
    expect(second.happened?.map(({ id }) => id)).toEqual(['x', 'y'])
    expect(second.effort).toBe(3)
    const third = mergeRow(second, { said: {}, happened: [], mistaken: ['x'] }, AT)
    expect(third.happened).toEqual([wobble('y')])
    // Also where the touch itself comes once more, or only then.
    expect(mergeRow(third, { said: {}, happened: [wobble('x')], mistaken: [] }, AT).happened).toEqual([wobble('y')])
    const early = mergeRow(null, { said: {}, happened: [], mistaken: ['z'] }, AT)
    expect(mergeRow(early, { said: {}, happened: [wobble('z')], mistaken: [] }, AT).happened ?? []).toEqual([])
  })

  it('keeps what was said before where that is corrected on a later day; on the day itself it is no correction', () => {
    const later = { at: '2026-03-05T09:00:00.000Z', isLater: true }
    const said = (effort: number) => ({ said: { effort }, happened: [], mistaken: [] })
    const before = mergeRow(mergeRow(null, said(3), AT), said(4), AT)
    expect(before.corrected).toBeUndefined()
    const after = mergeRow(before, said(6), later)
    expect(after.corrected).toEqual([{ at: later.at, was: { effort: 4 } }])
    expect(mergeRow(after, said(6), later).corrected).toHaveLength(1)
    // What is entered late for the first time corrects nothing.
    expect(mergeRow(null, said(6), later).corrected).toBeUndefined()
  })
})

describe('a day of somebody', () => {
  it('is told by its row, else by its pieces and touches; nothing said is unknown, not none', () => {
    const touches = [1, 2].map((n) => ({ id: `${n}`, at: AT.at, what: 'touch' as const }))
    const [day] = listClassDays([
      row({ effort: 4 }),
      row({ piece: 'a', rounds: 4, happened: touches, holdS: { left: 8, right: null } }),
      row({ piece: 'b', rounds: 2, touches: 1, holdS: { left: 6, right: 9 }, whole: true }),
    ])
    expect(day).toMatchObject({
      came: true,
      effort: 4,
      pain: null,
      wobbles: null,
      touches: 3,
      rounds: 6,
      whole: true,
      holdS: { left: 8, right: 9 },
    })
    // Done whole is what was done whole in every piece that says so.
    const parts = [true, false].map((whole, i) => row({ piece: `${i}`, whole, rounds: 1 }))
    expect(listClassDays([row({ effort: 4 }), ...parts])[0]?.whole).toBe(false)
    expect(listClassDays([row({ touches: 0 }), row({ piece: 'a', happened: touches })])[0]?.touches).toBe(0)
    expect(listClassDays([row({ came: false })])[0]?.came).toBe(false)
    // A piece that was taught says of nobody that they were there.
    expect(listClassDays([row({ piece: 'a', as: 'taught', rounds: 4 })])[0]?.came).toBe(false)
    expect(
      listClassDays([row({ piece: 'a', happened: [{ id: '1', at: AT.at, what: 'near-fall' }] })])[0]?.nearFall,
    ).toBe(true)
  })

  it('what was done adds up over its pieces, and is complained of after pain, effort or a fall', () => {
    const done = (more: Partial<LogRow>) =>
      listDoneDays(
        [row(more), ...['a', 'b'].map((piece) => row({ piece, kneeNms: { left: 100, right: 50 } }))],
        USUAL_PRACTICE,
      )[0]
    expect(done({ effort: 3 })).toMatchObject({
      nms: { left: 200, right: 100 },
      stretch: { left: 100, right: 50 },
      complained: false,
    })
    for (const bad of [{ pain: 3 }, { effort: 7 }, { nearFall: true }, { dizzy: true }, { stopped: true }])
      expect(done(bad)?.complained, JSON.stringify(bad)).toBe(true)
    expect(done({ came: false })).toBeUndefined()
  })
})

describe('a plan for an hour', () => {
  const propose = (aim: Aim, minutes = 50, had: PieceDocument[][] = []) => proposeLesson({ minutes, aim, had, known })
  const walked = (posture: string): PieceDocument => ({ id: 'a', kind: 'posture', posture, minutes: 5 })

  it('fills its minutes, warms up and cools down, legs before arms before both, rests between, both sides', () => {
    for (const aim of AIMS)
      for (const minutes of [20, 45, 50, 90]) {
        const pieces = propose(aim, minutes)
        expect(
          pieces.reduce((sum, one) => sum + one.minutes, 0),
          `${aim} ${minutes}`,
        ).toBe(minutes)
        expect(pieces.map(({ kind }) => kind).filter((kind) => kind === 'rest')).toHaveLength(2)
        const limbs = pieces.filter(({ kind }) => kind === 'posture').map(({ limbs }) => limbs)
        expect(limbs).toEqual(['legs', 'arms', 'both'])
        expect([pieces[1]?.kind, pieces.at(-1)?.kind]).toEqual(['exercise', 'exercise'])
        expect(findUneven(pieces)).toBeNull()
        expect(new Set(pieces.map(({ id }) => id)).size).toBe(pieces.length)
      }
  })

  it('keeps to what the group is ready for: nothing that comes too early is ever proposed', () => {
    for (const aim of AIMS) {
      const pieces = propose(aim)
      expect(listWarnings(pieces, aim, { had: [], known }).early, aim).toEqual([])
      for (const piece of pieces) expect(stageOfPiece(piece, known)).toBe('standing')
    }
    const stepped = [[walked('parallel')], [walked('horse')], [walked('push')], [walked('bow')]]
    expect(findReady(stepped, known)).toBe('backward')
    expect(findReady([[walked('golden-rooster')], [walked('golden-rooster')]], known)).toBe('standing')
    expect(propose('backward', 50, stepped).some(({ posture }) => posture === 'back-step')).toBe(true)
    const early = listWarnings([walked('golden-rooster')], 'even', { had: stepped, known }).early
    expect(early).toEqual([{ piece: 'a', stage: 'one-foot' }])
  })

  it('does not stress again what was stressed last week, but for what is worked at', () => {
    const months = Array.from({ length: 10 }, (_, i) => [
      walked('bow'),
      walked('push'),
      { ...walked('back-step'), id: `b${i}` },
    ])
    const had = [...months, [{ id: 'x', kind: 'exercise' as const, exercise: 'waist' as const, minutes: 5 }]]
    const close = propose('even', 50, had).at(-1)
    expect(close?.exercise).toBe('arm-circles')
    expect(listWarnings([{ ...(had.at(-1)?.[0] as PieceDocument) }], 'even', { had, known }).again).toEqual(['waist'])
    expect(listWarnings([{ ...(had.at(-1)?.[0] as PieceDocument) }], 'turning', { had, known }).again).toEqual([])
  })

  it('knows the stage of every posture and routine', () => {
    for (const { id } of LIBRARY) expect(STAGES).toContain(stageOfPiece(walked(id), known))
    const routine = (id: string): PieceDocument => ({ id: 'r', kind: 'routine', routine: id, minutes: 7 })
    expect(stageOfPiece(routine('first-weeks'), known)).toBe('standing')
    expect(stageOfPiece(routine('quay-four'), known)).toBe('stepping')
    expect(stageOfPiece(routine('walk-home'), known)).toBe('backward')
    expect(stageOfPiece(routine('harbour-twelve'), known)).toBe('one-foot')
    expect(stressesOf({ id: 'r', kind: 'rest', minutes: 2 }, known)).toEqual([])
  })

  it('a term goes on week by week with other aims, each hour fitted; a missed week moves the rest, not what was', async () => {
    const document = { minutes: 50, aim: 'even' as const, pieces: propose('even') }
    const fitHour = async (pieces: PieceDocument[]) => pieces.map((piece) => ({ ...piece, higherDeg: 5 }))
    const planned = { ...document, aim: 'flow' as const }
    const plan = async (there?: string) => {
      const term: TermLesson[] = []
      const first = { day: '2026-12-22', document }
      const from = { had: [], known, fitHour, there: (day: string) => (day === there ? planned : undefined) }
      for await (const one of planTerm(first, 3, from)) term.push(one)
      return term
    }
    const term = await plan()
    expect((await plan('2027-01-05')).map(({ day }) => day)).toEqual(['2026-12-29', '2027-01-12'])
    expect(term.every((one) => one.document.pieces.every(({ higherDeg }) => higherDeg === 5))).toBe(true)
    expect(term.map(({ day }) => day)).toEqual(['2026-12-29', '2027-01-05', '2027-01-12'])
    expect(new Set(term.map((one) => one.document.aim)).size).toBe(3)
    expect(moveOn(['2026-12-22', '2026-12-29', '2027-01-05'], '2026-12-29')).toEqual([
      { from: '2026-12-29', to: '2027-01-05' },
      { from: '2027-01-05', to: '2027-01-12' },
    ])
  })

  it('a piece on one side asks for its mirror', () => {
    const left = { ...walked('bow'), side: 'left' as const }
    expect(findUneven([left])).toMatchObject({ side: 'left' })
    expect(findUneven([left, { ...left, id: 'b', side: 'right' }])).toBeNull()
  })
})

describe('the next version', () => {
  const body = resolveBody({ stature: 1.66, mass: 64, sex: 'female', age: 69 })
  const bow = postureOf('bow')
  const taught = bow.measures.therapeutic
  const softer = { ...taught, step: taught.step * 0.5, kneeFlexion: taught.kneeFlexion - 10 * DEG }
  const doing = { posture: bow, school: 'therapeutic', side: 'left' } as const
  const lay = (of: Body, measures: Measures) => layOut(measures, of, 'left', 'bow', bow.keeps)

  it('is a quarter of the step or five degrees, and leaves what an analysis says', () => {
    const harder = findNextVersion(body, doing, lay(body, softer), 'harder')
    expect(harder).not.toBeNull()
    if (harder?.version.what === 'step')
      expect([harder.version.from, harder.version.to]).toEqual([expect.closeTo(50, 0), expect.closeTo(75, 0)])
    else expect((harder?.version.to ?? 0) - (harder?.version.from ?? 0)).toBeCloseTo(5)
    expect(harder?.version.spareM).toBeGreaterThan(0)
  })

  it('never goes past what is taught, past a limit, or to nothing', () => {
    expect(findNextVersion(body, doing, lay(body, taught), 'harder')).toBeNull()
    const sits = resolveBody({ sex: 'female', stature: 1.66, mass: 64, limits: { seatedOnly: true } })
    expect(findNextVersion(sits, doing, lay(sits, softer), 'harder')).toBeNull()
    const knee = taught.kneeFlexion - 10 * DEG
    const limited = resolveBody({
      sex: 'female',
      stature: 1.66,
      mass: 64,
      age: 69,
      limits: { left: { kneeFlexionMax: knee + 1 * DEG }, right: { kneeFlexionMax: knee + 1 * DEG } },
    })
    const next = findNextVersion(limited, doing, lay(limited, softer), 'harder')
    expect(next?.version.what ?? 'step').toBe('step')
  })

  it('takes the hand away where the hand alone holds them back, and never where a limit asks for it', () => {
    const hand = { kind: 'chair-back', hand: 'right', at: [0.35, 0.3, 0.9], maxLoad: 40 } as const
    const held = { ...lay(body, taught), supports: [hand] }
    expect(findNextVersion(body, doing, held, 'harder')?.version).toMatchObject({ what: 'hand', to: 0 })
    const needs = resolveBody({ ...body.person, limits: { support: 'chair-back' } })
    expect(findNextVersion(needs, doing, held, 'harder')?.version.what).not.toBe('hand')
  })
})

describe('a group', () => {
  const day = (person: string, on: string, effort: number) =>
    row({ person, day: on, effort, pain: 0, wobbles: 0, whole: true })
  const people = ['a', 'b', 'c', 'd'].map((id) => ({ id, name: id.toUpperCase() }))
  const rows = ['2026-03-03', '2026-03-10'].flatMap((on) => [
    day('a', on, 2),
    day('b', on, 4),
    day('c', on, 4),
    day('d', on, 7),
  ])

  it('shows who is ready for more and who drifts away from the rest', () => {
    const standings = readStandings(people, rows, '2026-03-12', USUAL_PRACTICE, {})
    expect(standings.map(({ decision }) => decision.way)).toEqual(['harder', 'same', 'same', 'easier'])
    expect(listDrifting(standings)).toEqual([{ name: 'D', more: 3 }])
    // Two more than the middle of the others is drifting, less is not.
    const at = (effort: number) => standings.map((one) => (one.name === 'D' ? { ...one, effort } : one))
    expect([listDrifting(at(6)), listDrifting(at(5.9))]).toEqual([[{ name: 'D', more: 2 }], []])
    const planned = new Map([
      ['a', ['bow']],
      ['b', ['bow', 'push']],
      ['d', ['bow']],
    ])
    expect(listUnfit(standings, planned)).toEqual([{ posture: 'bow', n: 2 }])
  })

  it('needs chairs, seats, wall places and helpers, each counted once', () => {
    const worked = (as: 'seated' | 'taught') => [{ as, part: 1, rounds: 1, spareM: 0, bend: 0, room: [3, 2] }] as never
    const needs = countNeeds([
      { support: 'chair-back', helperBeside: false, worked: worked('taught') },
      { support: null, helperBeside: true, worked: worked('seated') },
      { support: 'helper', helperBeside: true, worked: worked('taught') },
      { support: 'wall', helperBeside: false, worked: worked('taught') },
    ])
    expect(needs).toEqual({ chairs: 1, seats: 1, armrests: 0, wheelchairs: 0, walls: 1, helpers: 2, room: [3, 2] })
    const sits = { support: null, helperBeside: false, worked: worked('seated') }
    // Who comes on wheels wants a place, and no chair of the house.
    expect(countNeeds([sits, { ...sits, sitsOn: 'armrests' }, { ...sits, sitsOn: 'wheelchair' }])).toMatchObject({
      seats: 2,
      armrests: 1,
      wheelchairs: 1,
    })
  })
})

describe('from complaint to cause', () => {
  it('finds where in their own stances the usual cause is largest', () => {
    const body = resolveBody({ sex: 'female', stature: 1.66, mass: 64 })
    const own = ['parallel', 'bow', 'horse'].map((posture) => {
      const stance = postureOf(posture)
      return { posture, stance: analyseStance(stance.id) }
    })
    const [cause] = findCauses('thighs', body, own)
    const bends = own.map(({ posture, stance }) => {
      const { legs } = analyse(body, stance, { standing: null })
      return { posture, bend: Math.max(legs.left.flexion, legs.right.flexion) }
    })
    const deepest = bends.sort((a, b) => b.bend - a.bend)[0]
    expect(cause).toMatchObject({ cause: 'low', posture: deepest?.posture, value: deepest?.bend })
    expect(findCauses('thighs', body, [])).toEqual([])
    expect(findCauses('hiccups', body, own)).toEqual([])
  })

  it('finds on which of their ways the usual cause is largest, and nothing where no way shows it', () => {
    const body = resolveBody({ sex: 'female', stature: 1.66, mass: 64 })
    const walk = (parts: RoutineDocument['parts']) =>
      makePath(body, toRoutine({ school: 'long-upright', parts, choices: { heavyFoot: 'heel' } }, body), 6)
    const first = { posture: 'bow', side: 'left' } as const
    const straight = walk([
      { posture: 'parallel', side: 'left' },
      { ...first, seconds: 8 },
    ])
    const turning = walk([first, { ...first, headingDeg: 45, anchor: 'right', seconds: 12 }])
    const walked = [
      { piece: 'a', path: straight },
      { piece: 'b', path: turning },
    ]
    const turned = turning.transitions[0]?.made?.readings.turns.filter(({ load }) => load >= 0.2) ?? []
    const most = Math.max(...turned.map(({ angle }) => Math.abs(angle)))
    expect(most).toBeGreaterThan(0.3)
    const [twist] = findWayCauses('knee', walked)
    expect(twist).toMatchObject({ cause: 'twist', piece: 'b', posture: 'bow', unit: 'rad' })
    expect(twist?.value).toBeCloseTo(most, 9)
    // Straight on nothing turns under load; the bend of the knees is there on both.
    expect(findWayCauses('knee', walked.slice(0, 1)).map(({ cause }) => cause)).not.toContain('twist')
    const bends = walked.map(({ path }) =>
      Math.max(
        ...path.transitions.flatMap(({ made }) =>
          (made?.transition.phases ?? []).flatMap(({ samples }) =>
            samples.flatMap(({ legs }) =>
              [legs.left, legs.right].map(({ share, flexion }) => (share >= 0.2 ? flexion : 0)),
            ),
          ),
        ),
      ),
    )
    const [low] = findWayCauses('thighs', walked)
    expect(low?.value).toBeCloseTo(Math.max(...bends), 9)
    expect(findWayCauses('hiccups', walked)).toEqual([])
  })
})

function analyseStance(id: string) {
  const body = resolveBody({ sex: 'female', stature: 1.66, mass: 64 })
  return buildPosture(postureOf(id), body, 'therapeutic', 'left')
}
