import { addDays } from '@/documents/days'
import { AIMS, type Aim, type LessonDocument, type PieceDocument } from '@/documents/lesson-document'
import { proposeLesson } from './propose-lesson'
import type { Known } from './stages'

/** A lesson of a term: its day, and what it is. */
export type TermLesson = { day: string; document: LessonDocument }

export type TermPlan = {
  had: readonly LessonDocument[]
  known: Known
  fitHour: Fit
  there: (day: string) => LessonDocument | undefined
}
export type Fit = (pieces: PieceDocument[]) => Promise<PieceDocument[]>

/** Weeks on end what is worked at changes, so that what was stressed rests; the order is that of the months. */
const ORDER: readonly Aim[] = ['even', 'empty-step', 'arms', 'way-back', 'backward', 'flow', 'turning', 'one-foot']

/**
 * The lessons of the weeks that follow one, one after another: each proposed from those before it, and fitted to who
 * comes. What is planned for a day already stays, and is gone on from.
 * @param fitHour an hour as it is wished, in the one that asks nobody for too much
 * @param there what is planned for a day
 */
export async function* planTerm(
  first: TermLesson,
  weeks: number,
  { had, known, fitHour, there }: TermPlan,
): AsyncGenerator<TermLesson> {
  const start = ORDER.indexOf(first.document.aim ?? AIMS[0])
  const { minutes, school, halfBreathS, fading } = first.document
  const all = [...had, first.document]
  for (let week = 1; week <= weeks; week++) {
    const day = addDays(first.day, 7 * week)
    const planned = there(day)
    if (planned) {
      all.push(planned)
      continue
    }
    const aim = ORDER[(start + week) % ORDER.length] as Aim
    const pieces = await fitHour(proposeLesson({ minutes, aim, had: all.map((one) => one.pieces), known }))
    const document: LessonDocument = {
      minutes,
      aim,
      pieces,
      ...(school && { school }),
      ...(halfBreathS && { halfBreathS }),
      ...(fading !== undefined && { fading }),
    }
    all.push(document)
    yield { day, document }
  }
}

/** A week that is missed moves it and all that follow by a week; what was taught already stays. */
export const moveOn = (days: readonly string[], missed: string): { from: string; to: string }[] =>
  days.filter((day) => day >= missed).map((day) => ({ from: day, to: addDays(day, 7) }))
