import { asStoodBy, buildPosture, type Choices, listConcerns, type SchoolId, type Stance } from '@/core'
import { toChoices } from '@/documents/choices-document'
import { mergeLibrary } from '@/documents/posture-document'
import { toPractice } from '@/documents/practice-rules'
import { bodyOf, toStance } from '@/documents/to-core'
import { type Card, cardSheets } from '@/paper/cards'
import { clinicianSheets } from '@/paper/clinician-sheet'
import { homeSheet } from '@/paper/home-sheet'
import { planSheet } from '@/paper/plan-sheet'
import type { Sheet } from '@/paper/sheet'
import { drawStood, isPassing, type Stood, stand } from '@/paper/stood'
import { cutTrueSize } from '@/paper/true-size'
import { holdLimitOf } from '@/records/hold-limit'
import { listClassDays } from '@/teaching/practice/class-days'
import { sayForClinician } from '@/words/clinician'
import { sayCentimetres } from '@/words/figures'
import type { Words } from '@/words/language'
import { sayOrders } from '@/words/limits'
import { sayCue, sayPostureName } from '@/words/postures'
import { readBench } from '../bench'
import { today } from '../clock'
import { readHouse } from '../house'
import { listOwn } from '../library'
import { readWeeks } from '../weeks'
import type { PrintRequest } from './asked'
import { withWayIn } from './way-in'

/** Of whom nothing was kept yet. */
const USUAL = ['parallel', 'seated']

/** Somebody's stances that can be printed: on the bench now, in their plans, kept; else standing and seated. */
export type Printable = {
  name: string
  orders: string
  isUnasked: boolean
  helper: boolean
  stoods: (Stood & { where: string; feel: string; holdMost: number | null; choices: Choices })[]
}

export async function listPrintable(personId: string, words: Words): Promise<Printable> {
  const [{ person, draft, kept }, own, { ways }] = await Promise.all([readBench(personId), listOwn(), readHouse()])
  const postures = mergeLibrary(own)
  const body = bodyOf(person.document)
  const holdMost = holdLimitOf(person.limits)
  const of = (posture: string, school: SchoolId, stance: Stance, where: string) => {
    const found = postures.find(({ id }) => id === posture)
    const title = found ? sayPostureName(found, words) : posture
    return {
      ...stand(title, body, stance),
      choices: toChoices(school, ways),
      where,
      holdMost,
      feel: found ? sayCue(found, words) : '',
    }
  }
  const stoods = [
    ...(draft
      ? [of(draft.posture, draft.school as SchoolId, toStance(draft.stance), words.say('paper.title.now'))]
      : []),
    ...person.planned.flatMap(({ posture, school, stance, group }) =>
      stance ? [of(posture, school, toStance(stance), group)] : [],
    ),
    ...kept.map(({ posture, school, stance, name }) => of(posture, school as SchoolId, toStance(stance), name)),
  ]
  if (stoods.length === 0) {
    const usual = USUAL.flatMap((id) => postures.find((one) => one.id === id) ?? []).map((posture) =>
      of(posture.id, 'therapeutic', asStoodBy(body, buildPosture(posture, body, 'therapeutic', 'left')), ''),
    )
    // What cannot be printed of them comes last: a page begins with something to take home.
    stoods.push(...usual.filter(isPassing), ...usual.filter((stood) => !isPassing(stood)))
  }
  return {
    name: person.name,
    orders: sayOrders(person.limits, words),
    isUnasked: person.unanswered.length > 0,
    helper: person.helperBeside,
    stoods,
  }
}

export async function printPerson(
  asked: PrintRequest & { person: string },
  words: Words,
): Promise<{ title: string; sheets: Sheet[] }> {
  const { name, helper, orders, isUnasked, stoods } = await listPrintable(asked.person, words)
  const { as, size, unit, counts } = asked
  if (as === 'clinician')
    return { title: name, sheets: clinicianSheets(await readClinician(asked.person, stoods, words), size, words) }
  const stood = stoods[asked.of] ?? stoods[0]
  if (!stood) return { title: name, sheets: [] }
  const title = `${name}: ${stood.title}`
  const card: Card = {
    name,
    stances: [withWayIn(stood, stood.choices)],
    counts,
    // Never longer than they may.
    holdS: Math.min(asked.hold, stood.holdMost ?? asked.hold),
    feel: stood.feel,
    helper,
    orders,
    isUnasked,
  }
  if ((as === 'card' || as === 'home') && !isPassing(stood)) return { title, sheets: [] }
  const sheets: Record<'tape' | 'plan' | 'card' | 'home', () => Sheet[]> = {
    tape: () => cutTrueSize(drawStood(stood, 1, true), title, size, words),
    plan: () => [planSheet({ ...stood, title }, unit, size, words)],
    card: () => cardSheets([card], unit, size, words),
    home: () => [
      homeSheet(
        { ...card, stances: twoOf(stoods, stood).map((one) => withWayIn(one, one.choices)) },
        unit,
        size,
        words,
      ),
    ],
  }
  return { title, sheets: sheets[as as keyof typeof sheets]() }
}

/** The chosen one, and the next that is another posture. */
const twoOf = <One extends Stood>(stoods: readonly One[], first: One): One[] => {
  const other = stoods.find((one) => one.title !== first.title && isPassing(one))
  return other ? [first, other] : [first]
}

async function readClinician(personId: string, stoods: readonly Stood[], words: Words) {
  const [{ person, rows: all, practice }, on] = await Promise.all([readWeeks(personId), today()])
  const rows = all.filter(({ day }) => day <= on)
  const days = listClassDays(rows)
  const concerns = listConcerns(days, toPractice(practice))
  return {
    name: person.name,
    ...sayForClinician(
      { name: person.name, falls: person.falls, limits: person.limits, rows, days, concerns },
      on,
      words,
    ),
    margins: stoods.slice(0, 5).flatMap(({ title, analysis }) =>
      analysis
        ? [
            words.say('paper.clinician.margin', {
              posture: title,
              spare: sayCentimetres(analysis.assured.margin - analysis.reserve, words),
              sd: sayCentimetres(analysis.assured.sd, words),
            }),
          ]
        : [],
    ),
  }
}
