import { FORMS, type Form } from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { Asked } from '@/documents/repertoire-document'
import type { Answer } from '@/teaching/answer'

/**
 * How a whole group does a posture: all as taught, all standing with one change each, so but for one or two who sit, all
 * standing, or not all.
 */
export const FITS = ['all', 'one', 'but', 'standing', 'some'] as const
export type Fits = (typeof FITS)[number]

/** A posture as a group does it, on whichever side is worse for each; who does not do it as it is taught, by how they do. */
export type GroupRow = { posture: Posture; fits: Fits; asTaught: number; by: { form: Form; names: string[] }[] }

/** What a group does; who sits through all of it, and who has a hand on a chair through all: said once, not of each posture. */
export type GroupDoes = { rows: GroupRow[]; sit: string[]; hold: string[] }

type Found = { name: string; found: readonly (Answer | null)[] }
type Does = { form: Form; changes: number }

/** What everybody of a group can do; only of postures that are worked out for all. The easiest first. */
export function gatherGroup(asked: readonly Asked<Posture>[], people: readonly Found[]): GroupDoes {
  const postures = [...new Map(asked.map(({ posture }) => [posture.id, posture])).values()]
  const read = (posture: Posture, { found }: Found): Does | null => {
    const answers = asked.map((one, at) => (one.posture.id === posture.id ? (found[at] ?? null) : undefined))
    return worstOf(answers.filter((one) => one !== undefined))
  }
  const known = postures.filter((posture) => people.length > 0 && people.every((one) => read(posture, one)))
  const standing = known.filter(({ measures }) => !measures.therapeutic.seated)
  const always = (forms: readonly Form[]) =>
    people.filter((one) => standing.length > 0 && standing.every((posture) => is(read(posture, one), forms)))
  const sit = always(['seated', 'none'])
  const hold = always(['hand'])
  const others = people.filter((one) => !sit.includes(one))
  const rows = known.map((posture): GroupRow => {
    const done = others.flatMap((one) => {
      const does = read(posture, one)
      return does ? [{ name: one.name, ...does, form: hold.includes(one) ? ('as-taught' as const) : does.form }] : []
    })
    const by = FORMS.filter((form) => form !== 'as-taught').flatMap((form) => {
      const names = done.filter((one) => one.form === form).map(({ name }) => name)
      return names.length > 0 ? [{ form, names }] : []
    })
    return { posture, fits: fitsOf(done), asTaught: done.filter(({ form }) => form === 'as-taught').length, by }
  })
  const names = (some: readonly Found[]) => some.map(({ name }) => name)
  return { rows: rows.toSorted((a, b) => b.asTaught - a.asTaught), sit: names(sit), hold: names(hold) }
}

const is = (does: Does | null, forms: readonly Form[]): boolean => does !== null && forms.includes(does.form)

/** Of the sides of a posture the one on which most is given up; null where one of them is not worked out. */
function worstOf(answers: readonly (Answer | null)[]): Does | null {
  const known = answers.flatMap((one) => one ?? [])
  if (known.length === 0 || known.length < answers.length) return null
  const form = FORMS[Math.max(...known.map((one) => FORMS.indexOf(one.form)))] as Form
  return { form, changes: Math.max(...known.map(({ changes }) => changes.length)) }
}

/** So few that a chair in the circle is no other class. */
const SITTING_MOST = 2

function fitsOf(done: readonly { form: Form; changes: number }[]): Fits {
  if (done.every(({ form }) => form === 'as-taught')) return 'all'
  const standing = done.filter(({ form }) => form !== 'seated' && form !== 'none')
  const isEasy = standing.every(({ changes }) => changes <= 1)
  if (standing.length === done.length) return isEasy ? 'one' : 'standing'
  return isEasy && done.length - standing.length <= Math.min(SITTING_MOST, standing.length) ? 'but' : 'some'
}
