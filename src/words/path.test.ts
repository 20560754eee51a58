import { describe, expect, it } from 'vitest'
import { DEG, fitRoom, makePath, resolveBody, showPath, type WalkFit } from '@/core'
import { mergeLibrary } from '@/documents/posture-document'
import { toRoutine } from '@/documents/routine-document'
import { ENGLISH } from './english'
import { sayDose, sayDrift, sayFacing, sayKneeWork, sayPart, sayPrint, sayRoom, sayStep, sayWalked } from './path'
import { sayBought, sayLeft, sayMeasure, sayWayChanges } from './safer'
import { sayWalker, sayWalkers } from './walkers'

const body = resolveBody({ stature: 1.62, mass: 68, sex: 'female', age: 60 })
const show = (parts: Parameters<typeof toRoutine>[0]['parts']) => {
  const sized = toRoutine({ school: 'therapeutic', parts }, body)
  return showPath(makePath(body, sized, 6), sized)
}
/** Figures and their units stay together. */
const plain = (text: string) => text.replaceAll('\u00a0', ' ')

describe('a routine that is walked is said', () => {
  it('the gravest first, counted: no way, falls, beyond, close; waiting while it is worked out', () => {
    expect(sayWalked(null, ENGLISH)).toBe('being worked out.')
    const path = show([{ posture: 'parallel' }, { posture: 'parallel', seconds: 4, with: { loadLeftPct: 60 } }])
    expect(sayWalked(path, ENGLISH)).toBe('every move is steady.')
    const [way] = path.transitions
    if (!way) throw new Error('no way')
    const of = (...more: object[]) =>
      sayWalked({ ...path, transitions: more.map((one) => ({ ...way, ...one })) }, ENGLISH)
    expect(of({ verdict: 'close' }, { verdict: 'close' })).toBe('2 moves are nearly steady.')
    expect(of({ verdict: 'close' }, { verdict: 'beyond' })).toBe('one move does not suit them.')
    expect(of({ verdict: 'beyond', findings: [{ code: 'step.falls' }] })).toBe('one step lands heavy.')
    const ordered = [
      { code: 'step.falls', severity: 'hard' },
      { code: 'load.limit', severity: 'hard' },
    ]
    expect(of({ verdict: 'beyond', findings: ordered })).toBe('one move goes past a limit of theirs.')
    const error = { field: 'parts.1', value: null, accepts: { code: 'noWay' } }
    expect(of({ verdict: null, error }, { verdict: 'beyond' })).toBe('one move cannot be made.')
  })

  it('parts by their posture, with a side only where there is one', () => {
    const postures = mergeLibrary([])
    expect(sayPart({ posture: 'bow', side: 'right' }, postures, ENGLISH)).toBe('bow, right')
    expect(sayPart({ posture: 'parallel', side: 'right' }, postures, ENGLISH)).toBe('parallel stance')
    const changed = { posture: 'parallel', with: { loadLeftPct: 35 } }
    expect(plain(sayPart(changed, postures, ENGLISH))).toBe('parallel stance, 65 % right')
    expect(sayPart({ stance: { feet: {} } } as never, postures, ENGLISH)).toBe('own stance')
    expect(sayPart({ posture: 'own-gone' }, postures, ENGLISH)).toBe('own-gone')
  })

  it('where one faces: by hours, by the room’s corners, by degrees, however often one has turned', () => {
    expect([0, 90, -90, 180, -540, 30].map((degrees) => sayFacing(degrees, 'hours', ENGLISH))).toEqual([
      '12 o’clock',
      '9 o’clock',
      '3 o’clock',
      '6 o’clock',
      '6 o’clock',
      '11 o’clock',
    ])
    expect([0, -45, 90, 180, 405].map((degrees) => sayFacing(degrees, 'corners', ENGLISH))).toEqual([
      'the front',
      'the front right corner',
      'the left wall',
      'the back',
      'the front left corner',
    ])
    expect(sayFacing(-270, 'degrees', ENGLISH)).toBe('−270°')
  })

  it('what a foot did, with how far and how full', () => {
    const print = {
      foot: 'left',
      heel: [0, 0],
      yaw: 0,
      contact: 'whole',
      part: 1,
      atS: 2,
      about: null,
      angle: 0,
    } as const
    expect(plain(sayPrint({ ...print, did: 'lands', first: 'heel', load: 0 }, 3, 0.262, ENGLISH))).toBe(
      '3. Left foot lands on its heel, 26.2 cm from the other heel.',
    )
    const turned = { ...print, did: 'turns', first: null, about: 'heel', angle: -35 * DEG } as const
    expect(sayPrint({ ...turned, load: 0 }, 0, 0, ENGLISH)).toBe(
      'Left foot turns 35° to the right about its heel, empty.',
    )
    expect(plain(sayPrint({ ...turned, about: 'ball', angle: 20 * DEG, load: 0.6 }, 0, 0, ENGLISH))).toBe(
      'Left foot turns 20° to the left about its ball, with 60 % on it.',
    )
  })

  it('what room it needs, how many fit, and that it does not', () => {
    const extent: [[number, number], [number, number]] = [
      [0, 0],
      [1, 1.5],
    ]
    const said = (width: number, depth: number) =>
      plain(sayRoom(fitRoom(extent, { width, depth }), { width, depth }, ENGLISH).join(' '))
    expect(said(6, 4)).toBe('Needs 1 m by 1.5 m. 6 fit in this room: 3 side by side, 2 behind each other.')
    expect(said(2, 2)).toContain('One person at a time in this room.')
    expect(said(2, 4)).toContain('It passes a wall within 0.5 m.')
    expect(said(4, 1)).toContain('It does not fit into this room: 0.5 m too long.')
    expect(sayDrift({ drift: { x: 0.01, y: -0.02, heading: 0 } }, ENGLISH)).toBe('Ends where it starts.')
    expect(plain(sayDrift({ drift: { x: 0.1, y: -1.2, heading: Math.PI } }, ENGLISH))).toBe(
      'Ends 1.2 m behind where it starts, turned 180°.',
    )
  })

  it('which leg works harder, from a quarter more on', () => {
    const dose = { shifts: 1, turns: 0, singleS: { left: 1, right: 2 }, kneeNms: { left: 100, right: 120 } }
    expect(sayDose(dose, ENGLISH).at(-1)).toBe('Both legs work about alike.')
    expect(sayDose({ ...dose, kneeNms: { left: 0, right: 0 } }, ENGLISH)).toHaveLength(1)
    expect(sayKneeWork(dose, ENGLISH)).toMatch(/100.* left, 120.* right/)
    expect(sayDose({ ...dose, kneeNms: { left: 200, right: 100 } }, ENGLISH).at(-1)).toMatch(
      /^The left leg works 2 times as hard/,
    )
  })

  it('a step against what could be taken back, the knee that it would take only where it fails', () => {
    const path = show([{ posture: 'parallel' }, { posture: 'bow', side: 'left', seconds: 10, anchor: 'right' }])
    const way = path.transitions[0] as (typeof path.transitions)[number]
    const test = way.readings?.emptyStep
    if (!way.readings || !test) throw new Error('no step')
    const refused = (accepts: { code: string; [name: string]: string | number }) =>
      plain(sayStep({ ...way, readings: null, error: { field: 'parts.1', value: null, accepts } }, ENGLISH))
    expect(refused({ code: 'nearerStep', foot: 'left', longestM: 0.43, wishedM: 0.5 })).toBe(
      'There is no way there; it would take a step of the left foot no longer than 43 cm on this line, from heel to heel (50 cm is asked), or a part in between.',
    )
    expect(refused({ code: 'transition', why: 'handReach', at: 'stance.supports.0.at' })).toBe(
      'There is no way there: on it a leg or a hand would not reach.',
    )
    expect(plain(sayStep(way, ENGLISH))).toMatch(/^A step of [\d.]+ cm; up to [\d.]+ cm they can step back out\./)
    const fails = { ...test, passes: false, longest: 0.1, neededKnee: 50 * DEG }
    expect(plain(sayStep({ ...way, readings: { ...way.readings, emptyStep: fails } }, ENGLISH))).toMatch(
      /only up to 10 cm they can step back out, beyond that the foot lands heavy\. To set the foot down empty, the standing knee would have to bend 50°/,
    )
  })
})

describe('safer ways are said', () => {
  const marks = {
    verdict: 'beyond',
    hard: 1,
    cautions: 0,
    leastMargin: -0.01,
    knee: 60,
    bend: 50 * DEG,
    seconds: 8,
    fallsBy: 0.05,
  } as const

  it('as a teacher says them, joined', () => {
    expect(
      sayWayChanges(
        [
          { what: 'step', scale: 0.5 },
          { what: 'knees', by: -5 * DEG },
        ],
        ENGLISH,
      ),
    ).toBe('Half the step, both stances 5° higher')
    expect(plain(sayWayChanges([{ what: 'step', scale: 0.62 }], ENGLISH))).toBe('62 % of the step')
    expect(
      sayWayChanges(
        [
          { what: 'hand', hand: 'left' },
          { what: 'seconds', times: 2 },
        ],
        ENGLISH,
      ),
    ).toBe('Left hand on a chair back, twice the time')
    expect(sayMeasure({ measure: { scale: 0.5, by: -5 * DEG } }, ENGLISH)).toBe('Half steps, 5° higher throughout')
  })

  it('with what they buy and nothing that stays as it was', () => {
    const after = { ...marks, verdict: 'holds', hard: 0, leastMargin: 0.004, bend: 40 * DEG, fallsBy: -0.02 } as const
    expect(plain(sayBought(marks, after, ENGLISH))).toBe(
      'not like this → steady · can step back out · room left, allowing for sway, −1 → 0.4 cm · knees to 40° instead of 50°',
    )
    expect(sayBought(marks, marks, ENGLISH)).toBe('')
    expect(sayLeft({ noWay: 0, beyond: 0, close: 0, falls: 0 }, ENGLISH)).toBe('With it every move is steady.')
    expect(sayLeft({ noWay: 1, beyond: 0, close: 2, falls: 0 }, ENGLISH)).toBe(
      'With it none is too much, 2 are nearly so, 1 cannot be taken.',
    )
  })
})

describe('a class on one path is said', () => {
  const walk = (how: WalkFit['how'], more: Partial<WalkFit> = {}): WalkFit => ({
    asked: [],
    how,
    scale: 1,
    nearer: 0,
    chairs: [],
    why: null,
    parts: null,
    fitted: [],
    floor: null,
    ...more,
  })

  it('each in a line: close ways are named, chairs with their hand and ways', () => {
    expect(sayWalker(walk('asIs', { fitted: ['holds', 'close', 'close'] }), ENGLISH)).toBe(
      'as it is; nearly at 2 and 3',
    )
    expect(sayWalker(walk('steps', { scale: 0.5 }), ENGLISH)).toBe('half steps')
    expect(plain(sayWalker(walk('steps', { scale: 0.5, nearer: 0.06 }), ENGLISH))).toBe(
      'half steps, feet 6 cm nearer each other',
    )
    const chair = (part: number, hand: 'left' | 'right') => ({ part, hand, at: [0, 0] as const, heading: 0 })
    const left = [chair(1, 'left'), chair(3, 'left')]
    expect(sayWalker(walk('chair', { chairs: left }), ENGLISH)).toBe('a chair on their left at 1 and 3')
    const both = [chair(1, 'right'), chair(2, 'right')]
    expect(sayWalker(walk('chair', { chairs: both, fitted: ['close', 'holds'] }), ENGLISH)).toBe(
      'a chair on their right all the way',
    )
    expect(sayWalker(walk('chair', { chairs: [...left, chair(4, 'right')] }), ENGLISH)).toContain('on either side')
    expect(sayWalker(null, ENGLISH)).toBe('cannot be sized to them')
  })

  it('together, counted: who sits or stays in place does not walk', () => {
    const fits = [walk('asIs'), walk('asIs'), walk('steps', { scale: 0.5 }), walk('inPlace'), walk('sits'), null]
    expect(sayWalkers(fits, ENGLISH)).toBe(
      'Three of six walk it together, each with their own step: two as it is, one with half steps, one keeps to weight shifts in place, one sits.',
    )
  })
})
