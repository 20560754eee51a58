import {
  type Body,
  type FormFound,
  findForm,
  type IsOver,
  type Posture,
  readForm,
  type SchoolId,
  type Side,
} from '@/core'
import { mirrorStance } from '@/documents/mirror-part'
import type { StanceBody } from '@/documents/stance-document'
import { toStance } from '@/documents/to-core'

/** A form of a posture that was decided for somebody: in the plan of a group, or kept for them on the bench. */
export type Decided = {
  from: 'plan' | 'kept'
  posture: string
  school: SchoolId
  stance: StanceBody
  /** The group by its name, or what the form was called. */
  of: string
  /** When that was: an instant. */
  on: string
  /** Of a plan: the group by its id. */
  groupId?: string
}

/** What somebody does of a posture today, and from where it comes. */
export type Answer = FormFound & {
  from: 'plan' | 'kept' | 'taught' | 'search'
  /** What was decided for them, where it comes from there. */
  decided: Decided | null
  /** What was decided and is past a limit of today: nobody does it. */
  refused: Decided | null
}

export type Taught = { posture: Posture; side: Side; school: SchoolId }

/** What was decided for somebody, as a group asks: its own plan before what was kept; another group's plan is not asked. */
export const decidedIn = (decided: readonly Decided[], group: string | null): Decided[] =>
  decided.filter(({ groupId }) => group === null || groupId === undefined || groupId === group)

/**
 * What somebody does of a posture, on a side, today: what was decided for them, the first that an analysis of today does
 * not call beyond; else as it is taught, or the first help in the order in which a teacher gives it. Orders and whatever
 * lowers the day are limits of the body, and go before everything.
 * @param decided the nearest first: the plan of the group that is there, then what was kept
 */
export function findAnswer(body: Body, taught: Taught, decided: readonly Decided[], isOver?: IsOver): Answer {
  const given = findDecided(body, taught, decided)
  if (given.answer) return given.answer
  const found = findForm(body, ...asTaught(taught), isOver)
  return { ...found, from: found.form === 'as-taught' ? 'taught' : 'search', decided: null, refused: given.refused }
}

/** The same without a search: what was decided, if it may be done today; and what may not. */
export function findDecided(
  body: Body,
  taught: Taught,
  decided: readonly Decided[],
): { answer: Answer | null; refused: Answer['refused'] } {
  const { posture, side } = taught
  let refused: Answer['refused'] = null
  for (const one of decided) {
    if (one.posture !== posture.id) continue
    const stance = toStance(posture.sided ? onSide(one.stance, side) : one.stance)
    const read = readForm(body, ...asTaught(taught), stance)
    if (read.verdict !== 'beyond') return { answer: { ...read, from: one.from, decided: one, refused }, refused }
    refused ??= one
  }
  return { answer: null, refused }
}

const onSide = (stance: StanceBody, side: Side): StanceBody =>
  (stance.side ?? 'left') === side ? stance : mirrorStance(stance)

const asTaught = ({ posture, side, school }: Taught) =>
  [posture.measures[school], { posture: posture.id, side, keeps: posture.keeps }] as const
