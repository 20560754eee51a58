import { z } from 'zod'
import { InputError } from '@/core'
import { number, oneOf, text } from '@/documents/fields'
import { parse } from '@/documents/parse'
import { day } from '@/documents/record-document'
import { PAPER_SIZES } from '@/paper/sheet'
import { LENGTH_UNITS } from '@/words/units'

export const PRINTS = ['tape', 'plan', 'card', 'home', 'clinician', 'class', 'log', 'lesson', 'path'] as const
export type PrintKind = (typeof PRINTS)[number]

/** Sheets that are of one person; the others are of a group, or of a routine. */
export const OF_PERSON: readonly PrintKind[] = ['tape', 'plan', 'card', 'home', 'clinician']
export const OF_CLASS: readonly PrintKind[] = ['class', 'card', 'tape', 'plan']
/** Of a routine: all of its prints, or one step at true size (`of`: its part). */
export const OF_ROUTINE: readonly PrintKind[] = ['path', 'tape']
export const OF_LESSON: readonly PrintKind[] = ['lesson', 'log']

const asking = z.object({
  as: oneOf(PRINTS),
  size: oneOf(PAPER_SIZES as unknown as readonly [string, ...string[]]).default('a4'),
  unit: oneOf(LENGTH_UNITS).default('cm'),
  person: text(80).optional(),
  /** Which of somebody's stances, or which level of a class, counted from 0. */
  of: number(0, 100).default(0),
  group: text(80).optional(),
  posture: text(80).optional(),
  day: day.optional(),
  routine: text(80).optional(),
  counts: number(1, 50).default(5),
  hold: number(0, 120).default(5),
})
export type PrintRequest = Omit<z.infer<typeof asking>, 'size'> & { size: (typeof PAPER_SIZES)[number] }

/** What is asked for in an address. @throws InputError naming what is wrong */
export function readAsked(given: Record<string, string | undefined>): PrintRequest {
  const figures = ['of', 'counts', 'hold']
  const value = Object.fromEntries(
    Object.entries(given).flatMap(([key, one]) =>
      one === undefined ? [] : [[key, figures.includes(key) ? Number(one) : one]],
    ),
  )
  const asked = parse(asking, value) as PrintRequest
  if (!asked.person && !asked.group && !asked.routine) throw new InputError('person', null, { code: 'known.person' })
  return asked
}
