import { z } from 'zod'
import {
  type Body,
  type Candidate,
  type Choice,
  chooseForClass,
  findOwnForm,
  type IsOver,
  listCandidates,
  type Measures,
  POSTURE_IDS,
  postureOf,
  SCHOOL_IDS,
  type Stance,
  standLevel,
  type Taught,
  weighBody,
} from '@/core'
import type { DocumentWords } from './document-words'
import { accepted, documentOf, flag, formatOf, keysOf, oneOf, text } from './fields'
import { fromStance } from './from-core'
import { parse } from './parse'
import { personDocument } from './person-document'
import { fromMeasures, measuresDocument, toMeasures } from './posture-document'
import { bodyOf } from './to-core'

export const FIT_REQUEST_FORMAT = 'nivrel.fit-request/1'
const NEITHER = accepted('postureOrMeasures', { values: POSTURE_IDS.join(', ') })
export const FIT_FORMAT = 'nivrel.fit/1'
const MOST_PEOPLE = 200

/** `nivrel.fit-request/1`: people and a posture. `posture` names one of the library; `measures` give one of one's own. */
export const fitRequestDocument = z
  .looseObject(
    {
      format: formatOf(FIT_REQUEST_FORMAT),
      people: z
        .array(z.looseObject({ name: text(120), person: personDocument }, keysOf('name, person')), {
          error: accepted('list', { of: 'people' }),
        })
        .min(1, accepted('atLeast', { least: 1 }))
        .max(MOST_PEOPLE, accepted('atMost', { most: MOST_PEOPLE })),
      posture: text(80).optional(),
      school: oneOf(SCHOOL_IDS).optional(),
      side: oneOf(['left', 'right']).optional(),
      measures: measuresDocument.optional(),
      levels: z
        .union([z.literal(1), z.literal(2), z.literal(3)], { error: accepted('oneOf', { values: '1, 2, 3' }) })
        .optional(),
      chairs: flag.optional(),
    },
    documentOf(FIT_REQUEST_FORMAT),
  )
  .superRefine(({ posture, measures }, context) => {
    if (measures || (posture !== undefined && POSTURE_IDS.includes(posture))) return
    context.addIssue({ code: 'custom', path: ['posture'], message: NEITHER })
  })

/**
 * Fits a class: which levels, and who does which. `isOver` ends the search early: what was not weighed by then is not
 * known to pass, and the answer says that it was cut. @throws InputError naming the field
 */
export function fitDocument(value: unknown, words: DocumentWords, isOver?: IsOver) {
  const request = parse(fitRequestDocument, value)
  const { people, levels = 3, chairs = true, side = 'left', school = 'long-upright' } = request
  const shipped =
    request.posture !== undefined && POSTURE_IDS.includes(request.posture) ? postureOf(request.posture) : null
  const measures = request.measures
    ? toMeasures(request.measures)
    : (shipped as NonNullable<typeof shipped>).measures[school]
  const taught: Taught = { posture: request.posture ?? 'own', side, keeps: shipped?.keeps ?? [] }
  const bodies = people.map(({ person }) => bodyOf(person))
  const candidates = listCandidates(measures, taught.keeps)
  const weighed = bodies.map((body) => weighBody(body, measures, taught, chairs, candidates, isOver))
  const fit = chooseForClass(bodies, measures, taught, weighed, { levels, chairs, ...(isOver && { isOver }) })
  const { choice } = fit
  const chosen = choice.levels.map((index) => candidates[index] as Candidate)
  const said = words.levels(
    chosen.map((level) => level.measures),
    measures,
  )
  return {
    format: FIT_FORMAT,
    levels: chosen.map((level, place) => ({
      ...said[place],
      change: level.distance,
      measures: fromMeasures(level.measures),
      people: people.flatMap(({ name }, i) => (choice.of[i] === place ? [name] : [])),
    })),
    people: people.map(({ name }, i) => {
      const place = choice.of[i] as number
      const level = place < 0 ? null : (chosen[place] as Candidate)
      const done = level
        ? standAtLevel(bodies[i] as Body, level, candidates[0] as Candidate, taught, chairs)
        : standAlone(bodies[i] as Body, measures, taught, isOver)
      return { name, level: level ? place : null, ...done }
    }),
    unfitted: choice.unfitted,
    totalChange: choice.total,
    oneMore: sayChoice(fit.more),
    oneFewer: sayChoice(fit.fewer),
    cut: fit.cut,
  }
}

const sayChoice = (choice: Choice | null) =>
  choice && { levels: choice.levels.length, unfitted: choice.unfitted, totalChange: choice.total }

function standAtLevel(body: Body, level: Candidate, asTaught: Candidate, taught: Taught, chairs: boolean) {
  const { stance, analysis, passes } = standLevel(body, level, asTaught, taught, chairs)
  if (!passes || !analysis) throw new Error('an assignment that does not pass')
  return {
    kind: 'level' as const,
    ...readStance(stance),
    verdict: analysis.verdict,
    assuredM: analysis.assured.margin,
    reserveM: analysis.reserve,
  }
}

function standAlone(body: Body, measures: Measures, taught: Taught, isOver?: IsOver) {
  const { kind, stance } = findOwnForm(body, measures, taught, isOver)
  return { kind, ...(stance ? readStance(stance) : { stance: null, support: null }) }
}

const readStance = (stance: Stance) => ({ stance: fromStance(stance), support: stance.supports[0]?.kind ?? null })
