import { type Finding, type Form, type SchoolId, type Side, traitsOf } from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { Asked } from '@/documents/repertoire-document'
import type { Answer } from '@/teaching/answer'
import { sayChanges as sayAll } from '@/words/changes'
import type { Words } from '@/words/language'

/** What is trained, to choose by. */
export const TRAINED = ['all', 'steps', 'one-leg', 'turns', 'arms'] as const
export type Trained = (typeof TRAINED)[number]

const STEP = 0.03
const TURN = 0.09

/** Whether a posture of a school trains something. */
export function trains({ measures }: Posture, school: SchoolId, what: Trained): boolean {
  const of = measures[school]
  const { oneLeg, armsHigh } = traitsOf(of)
  if (what === 'steps') return !of.seated && Math.abs(of.step) > STEP
  if (what === 'one-leg') return oneLeg
  if (what === 'turns') return Math.abs(of.pelvisYaw) > TURN || Math.abs(of.trunk.yaw) > TURN
  return what === 'all' || armsHigh
}

/**
 * A posture as somebody does it; left and right are one where they do the same on both. `not`: why the other side is not
 * done at all.
 */
export type Row = { posture: Posture; sides: 'both' | Side | 'none'; found: Answer; not: Finding | null }

/** What was found so far, in the order in which it is asked: nothing of what is still worked out. */
export function listRows(asked: readonly Asked<Posture>[], found: readonly (Answer | null)[], words: Words): Row[] {
  const known = new Map<string, Row[]>()
  asked.forEach(({ posture, side }, i) => {
    const one = found[i]
    const rows = known.get(posture.id) ?? []
    if (one) known.set(posture.id, [...rows, { posture, sides: side ?? 'none', found: one, not: null }])
  })
  return [...known.values()].flatMap((one) => joinSides(one, words))
}

/** Rows by their form, the surest first in each. */
export function gatherRows(rows: readonly Row[]): Map<Form, Row[]> {
  const byForm = new Map<Form, Row[]>()
  for (const row of rows.toSorted((a, b) => b.found.spare - a.found.spare)) {
    const { form } = row.found
    byForm.set(form, [...(byForm.get(form) ?? []), row])
  }
  return byForm
}

/** Two sides as one line where they are alike, or where one is left for the other. */
function joinSides(rows: Row[], words: Words): Row[] {
  const [a, b] = rows
  if (!a || !b) return rows
  // What is shown of both is the less sure of them.
  if (isAlike(a.found, b.found, words)) return [{ ...(a.found.spare <= b.found.spare ? a : b), sides: 'both' }]
  const left = rows.find(({ found }) => found.form === 'other-side')
  const done = rows.find(({ found }) => found.form !== 'other-side')
  return left && done ? [{ ...done, not: left.found.reason }] : rows
}

/** The same said of both sides. */
const isAlike = (a: Answer, b: Answer, words: Words): boolean =>
  a.form === b.form && a.from === b.from && a.verdict === b.verdict && sayChanges(a, words) === sayChanges(b, words)

/** What is changed, in words, but for which side it is. */
export const sayChanges = ({ changes }: Pick<Answer, 'changes'>, words: Words): string =>
  sayAll(
    changes.filter(({ what }) => what !== 'side'),
    words,
  )
