import type { ChangesDocument, PartDocument } from '../routine-document'

/** Exercises in place, as parts of a routine: each goes out and comes back, on both sides, from set to set further. */
export const EXERCISE_IDS = [
  'side-to-side',
  'alternate',
  'back-to-front',
  'rock',
  'waist',
  'arms',
  'arm-circles',
  'heel-taps',
  'toe-taps',
  'ankles',
  'neck',
  'one-foot',
  'rise',
] as const
export type ExerciseId = (typeof EXERCISE_IDS)[number]

export type Exercise = {
  id: ExerciseId
  /** How often in a set, to both sides; and how many sets. */
  counts: number
  sets: number
  /** How far, in percent of the whole way, in the first set and in the last. */
  fromPct: number
  toPct: number
  /** Seconds of each half, and of the hold at its end. */
  seconds: number
  holdS: number
}

/** From the first set to the last, percent of one's own whole way; what is turned in a joint stays well inside of it. */
export const usualRange = (id: ExerciseId, others: Range): Range =>
  JOINTS.has(id) ? { fromPct: 70, toPct: 80 } : others
const JOINTS: ReadonlySet<ExerciseId> = new Set(['neck', 'ankles', 'arm-circles'])
type Range = Pick<Exercise, 'fromPct' | 'toPct'>

type Side = 'left' | 'right'
type Way = { posture: string; out: (part: number, side: Side) => ChangesDocument; sided: boolean }

const towards = (side: Side, value: number): number => (side === 'left' ? value : -value)
const bothArms = (elevationDeg: number, openingDeg: number): ChangesDocument['arms'] => ({
  left: { elevationDeg, openingDeg },
  right: { elevationDeg, openingDeg },
})

const tap = (contact: 'heel' | 'toe-touch', liftDeg: number): Way => ({
  posture: 'parallel',
  out: (part, side) => ({
    loadLeftPct: side === 'left' ? 0 : 100,
    feet: { [side]: { contact, liftDeg: liftDeg * part } },
  }),
  sided: true,
})

/** What the whole way of each is: no further than all weight but a little, and what waist and arms do at shoulder height. */
const WAYS: Record<Exclude<ExerciseId, 'rise' | 'alternate'>, Way> = {
  'side-to-side': {
    posture: 'parallel',
    out: (part, side) => ({ loadLeftPct: 50 + towards(side, 45 * part) }),
    sided: true,
  },
  // In a bow on the left foot: onto the front leg, and back.
  'back-to-front': { posture: 'bow', out: (part) => ({ loadLeftPct: 50 - 40 * part }), sided: false },
  // Back until the front toes come up, and forward again.
  rock: {
    posture: 'bow',
    out: (part) => ({ loadLeftPct: 50 - 35 * part, feet: { left: { contact: 'heel', liftDeg: -20 * part } } }),
    sided: false,
  },
  // Turned in the air or about the toes: how far is felt, not set.
  ankles: tap('toe-touch', 30),
  neck: { posture: 'parallel', out: () => ({}), sided: true },
  waist: {
    posture: 'parallel',
    out: (part, side) => ({ pelvisYawDeg: towards(side, 25 * part), trunk: { yawDeg: towards(side, 25 * part) } }),
    sided: true,
  },
  arms: {
    posture: 'parallel',
    out: (part) => ({ arms: bothArms(90 * part, 5), height: { kneeFlexionDeg: 8 + 22 * part } }),
    sided: false,
  },
  'arm-circles': { posture: 'parallel', out: (part) => ({ arms: bothArms(70 * part, 60 * part) }), sided: false },
  // Where the foot stands, its toes or its heel lifted.
  'heel-taps': tap('heel', -20),
  'toe-taps': tap('toe-touch', 40),
  'one-foot': {
    posture: 'parallel',
    out: (part, side) => ({
      loadLeftPct: side === 'left' ? 0 : 100,
      feet: { [side]: { contact: 'air', clearanceM: 0.15 * part, liftDeg: 0 } },
    }),
    sided: true,
  },
}

/** Whether one foot is ahead all the while, so that the other has its turn in rounds of its own. */
export const isOneFootAhead = (id: ExerciseId): boolean =>
  id !== 'rise' && id !== 'alternate' && WAYS[id].posture === 'bow'

/** Up from a chair and down to it: there is no part of the way. */
function riseAndSit(times: number, seconds: number, holdS: number): PartDocument[] {
  const hold = holdS > 0 ? { holdS } : {}
  return Array.from({ length: times }, (): PartDocument[] => [
    { posture: 'seated', seconds, breath: 'in-out', ...hold },
    { posture: 'parallel', seconds, breath: 'in-out', ...hold },
  ]).flat()
}

/** Right, left, right, left within one movement, then to the middle. */
function swapSides({ counts, sets, seconds, holdS }: Exercise, partOf: (set: number) => number): PartDocument[] {
  const { posture, out } = WAYS['side-to-side']
  return Array.from({ length: sets }, (_, set): PartDocument[] => [
    ...Array.from({ length: counts }, () =>
      (['right', 'left'] as const).map(
        (side): PartDocument => ({
          posture,
          side: 'left',
          seconds,
          breath: side === 'right' ? 'in' : 'out',
          ...(holdS > 0 && { holdS }),
          with: out(partOf(set), side),
        }),
      ),
    ).flat(),
    { posture, side: 'left', seconds, breath: 'free' },
  ]).flat()
}

/** The parts of an exercise, without the stance that it begins from. */
export function exerciseParts(exercise: Exercise): PartDocument[] {
  const { id, counts, sets, fromPct, toPct, seconds, holdS } = exercise
  const partOf = (set: number) => (sets > 1 ? fromPct + ((toPct - fromPct) * set) / (sets - 1) : toPct) / 100
  if (id === 'rise') return riseAndSit(counts * sets, seconds, holdS)
  if (id === 'alternate') return swapSides(exercise, partOf)
  const { posture, out, sided } = WAYS[id]
  const rest: PartDocument = { posture, side: 'left', seconds, breath: 'out' }
  const sides: readonly Side[] = sided ? ['left', 'right'] : ['left']
  return Array.from({ length: sets }, (_, set) =>
    Array.from({ length: counts }, () =>
      sides.flatMap((side): PartDocument[] => [
        { posture, side: 'left', seconds, breath: 'in', ...(holdS > 0 && { holdS }), with: out(partOf(set), side) },
        rest,
      ]),
    ).flat(),
  ).flat()
}
