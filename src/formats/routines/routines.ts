import type { ChangesDocument, PartDocument, RoutineDocument } from '../routine-document'

/** What the program ships; whoever says it gives names and words by these ids. */
export const ROUTINE_IDS = [
  'quay-four',
  'harbour-twelve',
  'along-the-rail',
  'walk-out',
  'walk-home',
  'first-weeks',
  'one-foot',
  'at-the-chair',
] as const
export type RoutineId = (typeof ROUTINE_IDS)[number]

type Part = PartDocument
type Side = 'left' | 'right'

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left')

const BEGIN: Part = { posture: 'parallel', headingDeg: 0, seconds: 0, holdS: 2 }
const END: Part = { posture: 'parallel', breath: 'in-out', seconds: 10, holdS: 2 }

/** A posture on its side, in a whole breath. */
const part = (posture: string, side: Side, more: Partial<Part> = {}): Part => ({
  posture,
  side,
  seconds: 10,
  breath: 'in-out',
  ...more,
})

/** The same thing on one side and the other, so many times. */
const toAndFro = (times: number, of: (side: Side, nth: number) => Part[]): Part[] =>
  Array.from({ length: times }, (_, nth) => [...of('left', nth), ...of('right', nth)]).flat()

/** Everything as it is; the weight on one leg, in percent. */
const weightOn = (side: Side, percent: number): ChangesDocument => ({
  loadLeftPct: side === 'left' ? percent : 100 - percent,
})

/** A step that is set down with nothing on it and looked at, before it is filled. */
const touchedFirst = (posture: string, side: Side): Part[] => [
  part(posture, side, { seconds: 8, breath: 'in', holdS: 2, with: weightOn(other(side), 98) }),
  part(posture, side, { seconds: 5, breath: 'out' }),
]

const quayFour = [
  BEGIN,
  part('wild-horse', 'left'),
  part('brush-knee', 'right'),
  part('brush-knee', 'left'),
  part('push', 'right'),
  END,
]

const harbourTwelve = [
  BEGIN,
  part('ward-off', 'left'),
  part('roll-back', 'left'),
  part('press', 'left'),
  part('push', 'left'),
  part('single-whip', 'left', { headingDeg: 90 }),
  part('wild-horse', 'right', { headingDeg: 90 }),
  part('white-crane', 'left'),
  part('brush-knee', 'left', { headingDeg: 90 }),
  part('brush-knee', 'right', { headingDeg: -90, seconds: 16 }),
  part('play-lute', 'left', { headingDeg: -90 }),
  part('golden-rooster', 'left', { seconds: 12 }),
  part('ward-off', 'left', { headingDeg: -90 }),
  { ...END, headingDeg: 0, seconds: 14 },
]

const railSteps = (side: Side): Part[] => [
  part('side-step', side, { anchor: other(side) }),
  { posture: 'parallel', seconds: 10, breath: 'in-out', anchor: side },
]

const alongTheRail = [
  BEGIN,
  ...[0, 1, 2].flatMap(() => railSteps('left')),
  ...[0, 1, 2].flatMap(() => railSteps('right')),
]

const walkOut = [BEGIN, ...toAndFro(2, (side) => touchedFirst('bow', side)), END]

const walkHome = [BEGIN, ...toAndFro(2, (side) => touchedFirst('back-step', side)), END]

const firstWeeks = [
  BEGIN,
  ...[65, 75, 85].flatMap((percent) =>
    toAndFro(2, (side) => [
      {
        posture: 'parallel',
        seconds: 5,
        breath: side === 'left' ? ('in' as const) : ('out' as const),
        with: weightOn(side, percent),
      },
    ]),
  ),
  { posture: 'parallel', seconds: 5, breath: 'free' as const, holdS: 4 },
]

const oneFoot = [
  BEGIN,
  ...toAndFro(2, (side, nth) => [
    part('empty-ball', side, { holdS: 2 + 2 * nth }),
    part('one-leg', side, { holdS: 2 + 2 * nth }),
    part('empty-ball', side),
    { ...END, holdS: 1 },
  ]),
]

const arms = (elevationDeg: number): ChangesDocument['arms'] => ({ left: { elevationDeg }, right: { elevationDeg } })

const atTheChair: Part[] = [
  { posture: 'seated', headingDeg: 0, seconds: 0, holdS: 2 },
  ...toAndFro(2, (side): Part[] => [
    { posture: 'seated', seconds: 5, breath: 'in', with: { trunk: { yawDeg: side === 'left' ? 20 : -20 } } },
    { posture: 'seated', seconds: 5, breath: 'out' },
  ]),
  ...[60, 80].flatMap((elevation): Part[] => [
    { posture: 'seated', seconds: 5, breath: 'in', with: { arms: arms(elevation) } },
    { posture: 'seated', seconds: 5, breath: 'out' },
  ]),
  ...toAndFro(1, (side): Part[] => [
    { posture: 'seated', seconds: 6, breath: 'in', with: { feet: { [side]: { contact: 'heel' } } } },
    { posture: 'seated', seconds: 6, breath: 'out' },
  ]),
]

const PARTS: Record<RoutineId, Part[]> = {
  'quay-four': quayFour,
  'harbour-twelve': harbourTwelve,
  'along-the-rail': alongTheRail,
  'walk-out': walkOut,
  'walk-home': walkHome,
  'first-weeks': firstWeeks,
  'one-foot': oneFoot,
  'at-the-chair': atTheChair,
}

/** A shipped routine as a document, without its words. */
export const routineOf = (id: RoutineId): RoutineDocument => ({
  school: 'therapeutic',
  tempo: { halfBreathS: 5 },
  room: { widthM: 6, depthM: 8 },
  parts: PARTS[id],
})
