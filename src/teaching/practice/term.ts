import { addDays } from '@/formats/days'
import { AIMS, type Aim, type LessonDocument } from '@/formats/lesson-document'
import { proposeLesson } from './propose-lesson'
import type { Known } from './stages'

/** A lesson of a term: its day, and what it is. */
export type TermLesson = { day: string; document: LessonDocument }

/** Weeks on end what is worked at changes, so that what was stressed rests; the order is that of the months. */
const ORDER: readonly Aim[] = ['even', 'empty-step', 'arms', 'way-back', 'backward', 'flow', 'turning', 'one-foot']

/** The lessons of the weeks that follow one, each proposed from those before it. */
export function planTerm(first: TermLesson, weeks: number, had: readonly LessonDocument[], known: Known): TermLesson[] {
  const start = ORDER.indexOf(first.document.aim ?? AIMS[0])
  const all = [...had, first.document]
  return Array.from({ length: weeks }, (_, i) => {
    const aim = ORDER[(start + i + 1) % ORDER.length] as Aim
    const { minutes, school, halfBreathS, fading } = first.document
    const pieces = proposeLesson({ minutes, aim, had: all.map((one) => one.pieces), known })
    const document: LessonDocument = {
      minutes,
      aim,
      pieces,
      ...(school && { school }),
      ...(halfBreathS && { halfBreathS }),
      ...(fading !== undefined && { fading }),
    }
    all.push(document)
    return { day: addDays(first.day, 7 * (i + 1)), document }
  })
}

/** A week that is missed moves it and all that follow by a week; what was taught already stays. */
export const moveOn = (days: readonly string[], missed: string): { from: string; to: string }[] =>
  days.filter((day) => day >= missed).map((day) => ({ from: day, to: addDays(day, 7) }))
