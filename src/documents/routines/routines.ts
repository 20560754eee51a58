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
  'up-and-down',
] as const
export type RoutineId = (typeof ROUTINE_IDS)[number]

/** What a teacher says at a part, by what it is. */
export const SAYINGS = [
  'try',
  'fill',
  'even',
  'onto',
  'turn',
  'corner',
  'gather',
  'tall',
  'waist',
  'arms',
  'heel',
  'rise',
  'sit',
] as const
export type Saying = (typeof SAYINGS)[number]

/** A part as it is shipped: its words are named, not said. */
export type ShippedPart = Omit<PartDocument, 'say'> & { says?: Saying }

type Part = ShippedPart
type Side = 'left' | 'right'

const other = (side: Side): Side => (side === 'left' ? 'right' : 'left')

const BEGIN: Part = { posture: 'parallel', headingDeg: 0, holdS: 2, says: 'even' }
const END: Part = { posture: 'parallel', breath: 'in-out', seconds: 10, holdS: 2, says: 'even' }

/** A posture on its side, in a whole breath. */
const part = (posture: string, side: Side, more: Partial<Part> = {}): Part => ({
  posture,
  side,
  seconds: 10,
  breath: 'in-out',
  ...more,
})

/** A step on, ahead: the other foot stays. */
const stepOn = (posture: string, side: Side): Part => part(posture, side, { anchor: other(side) })

/** The same thing on one side and the other, so many times. */
const toAndFro = (times: number, of: (side: Side, nth: number) => Part[]): Part[] =>
  Array.from({ length: times }, (_, nth) => [...of('left', nth), ...of('right', nth)]).flat()

/** Everything as it is; the weight on one leg, in percent. */
const weightOn = (side: Side, percent: number): ChangesDocument => ({
  loadLeftPct: side === 'left' ? percent : 100 - percent,
})

/** A step that is set down with next to nothing on it and tried, before it is filled. */
const touchedFirst = (posture: string, side: Side, anchor: Side): Part[] => [
  part(posture, side, { seconds: 8, breath: 'in', holdS: 2, anchor, with: weightOn(anchor, 98), says: 'try' }),
  part(posture, side, { seconds: 5, breath: 'out', says: 'fill' }),
]

const railStep = (side: Side): Part[] => [
  part('side-step', side, { anchor: other(side) }),
  { posture: 'parallel', seconds: 10, breath: 'in-out', anchor: side, says: 'gather' },
]

const arms = (elevationDeg: number): ChangesDocument => ({
  arms: { left: { elevationDeg }, right: { elevationDeg } },
})

/** On the chair: something, and back. */
const seatedAnd = (says: Saying, changes: ChangesDocument): Part[] => [
  { posture: 'seated', seconds: 5, breath: 'in', with: changes, says },
  { posture: 'seated', seconds: 5, breath: 'out' },
]

const PARTS: Record<RoutineId, Part[]> = {
  'quay-four': [
    BEGIN,
    stepOn('wild-horse', 'left'),
    stepOn('brush-knee', 'right'),
    stepOn('brush-knee', 'left'),
    stepOn('push', 'right'),
    END,
  ],
  'harbour-twelve': [
    BEGIN,
    stepOn('ward-off', 'left'),
    part('roll-back', 'left'),
    part('press', 'left'),
    part('push', 'left'),
    part('single-whip', 'left', { headingDeg: 90, says: 'corner' }),
    part('wild-horse', 'right', { headingDeg: 90 }),
    part('white-crane', 'left'),
    part('brush-knee', 'left', { headingDeg: 90 }),
    part('brush-knee', 'right', { headingDeg: -90, seconds: 16, says: 'turn' }),
    part('play-lute', 'left', { headingDeg: -90 }),
    part('golden-rooster', 'right', { seconds: 12 }),
    part('ward-off', 'left', { headingDeg: -90 }),
    { ...END, headingDeg: 0, seconds: 14 },
  ],
  'along-the-rail': [
    BEGIN,
    ...[0, 1, 2].flatMap(() => railStep('left')),
    ...[0, 1, 2].flatMap(() => railStep('right')),
  ],
  'walk-out': [BEGIN, ...toAndFro(2, (side) => touchedFirst('bow', side, other(side))), END],
  'walk-home': [BEGIN, ...toAndFro(2, (side) => touchedFirst('back-step', side, side)), END],
  'first-weeks': [
    BEGIN,
    ...[65, 75, 85].flatMap((percent) =>
      toAndFro(2, (side): Part[] => [
        {
          posture: 'parallel',
          seconds: 5,
          breath: side === 'left' ? 'in' : 'out',
          with: weightOn(side, percent),
          says: 'onto',
        },
      ]),
    ),
    { posture: 'parallel', seconds: 5, holdS: 4, says: 'even' },
  ],
  'one-foot': [
    BEGIN,
    ...toAndFro(2, (side, nth) => [
      part('empty-ball', side, { holdS: 2 + 2 * nth, says: 'gather' }),
      part('one-leg', side, { holdS: 2 + 2 * nth }),
      part('empty-ball', side),
      { ...END, holdS: 1 },
    ]),
  ],
  'at-the-chair': [
    { posture: 'seated', headingDeg: 0, holdS: 2, says: 'tall' },
    ...[20, -20, 20, -20].flatMap((yawDeg) => seatedAnd('waist', { trunk: { yawDeg } })),
    ...[60, 80].flatMap((elevation) => seatedAnd('arms', arms(elevation))),
    ...(['left', 'right'] as const).flatMap((side) => seatedAnd('heel', { feet: { [side]: { contact: 'heel' } } })),
  ],
  'up-and-down': [
    { posture: 'seated', headingDeg: 0, holdS: 2, says: 'tall' },
    ...[0, 1, 2].flatMap((): Part[] => [
      { posture: 'parallel', seconds: 10, breath: 'in-out', holdS: 3, says: 'rise' },
      { posture: 'seated', seconds: 10, breath: 'in-out', holdS: 3, says: 'sit' },
    ]),
  ],
}

/** A shipped routine, without its words. */
export const shippedRoutine = (id: RoutineId): Omit<RoutineDocument, 'parts'> & { parts: ShippedPart[] } => ({
  school: 'therapeutic',
  tempo: { halfBreathS: 5 },
  room: { widthM: 6, depthM: 8 },
  parts: PARTS[id],
})
