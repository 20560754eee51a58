import { FORMS, type Form } from '@/core'
import type { Posture } from '@/formats/posture-document'
import type { Asked } from '@/formats/repertoire-document'
import type { Answer } from '@/teaching/answer'

/** How a whole group does a posture: all as taught, all standing with one change each, all standing, or not all. */
export const FITS = ['all', 'one', 'standing', 'some'] as const
export type Fits = (typeof FITS)[number]

/** A posture as a group does it, on whichever side is worse for each; who does not do it as it is taught, by how they do. */
export type GroupRow = { posture: Posture; fits: Fits; asTaught: number; by: { form: Form; names: string[] }[] }

/** What everybody of a group can do; only of postures that are worked out for all. The easiest first. */
export function gatherGroup(
  asked: readonly Asked<Posture>[],
  people: readonly { name: string; found: readonly (Answer | null)[] }[],
): GroupRow[] {
  const postures = [...new Map(asked.map(({ posture }) => [posture.id, posture])).values()]
  const rows = postures.flatMap((posture): GroupRow[] => {
    const places = asked.flatMap((one, at) => (one.posture.id === posture.id ? [at] : []))
    const worst = people.map(({ name, found }) => ({ name, answers: places.flatMap((at) => found[at] ?? []) }))
    if (people.length === 0 || worst.some(({ answers }) => answers.length < places.length)) return []
    const done = worst.map(({ name, answers }) => ({
      name,
      form: FORMS[Math.max(...answers.map(({ form }) => FORMS.indexOf(form)))] as Form,
      changes: Math.max(...answers.map(countChanges)),
    }))
    const asTaught = done.filter(({ form }) => form === 'as-taught').length
    const by = FORMS.filter((form) => form !== 'as-taught').flatMap((form) => {
      const names = done.filter((one) => one.form === form).map(({ name }) => name)
      return names.length > 0 ? [{ form, names }] : []
    })
    return [{ posture, fits: fitsOf(done), asTaught, by }]
  })
  return rows.toSorted((a, b) => b.asTaught - a.asTaught)
}

function fitsOf(done: readonly { form: Form; changes: number }[]): Fits {
  if (done.every(({ form }) => form === 'as-taught')) return 'all'
  if (done.some(({ form }) => form === 'seated' || form === 'none')) return 'some'
  return done.every(({ changes }) => changes <= 1) ? 'one' : 'standing'
}

/** Things that are said to them: the other side is one, whatever else it is. */
const countChanges = ({ changes }: Answer): number => changes.length
