import { InputError, layOut } from '@/core'
import { toChoices } from '@/documents/choices-document'
import { mergeLibrary, toMeasures } from '@/documents/posture-document'
import { bodyOf, toStance } from '@/documents/to-core'
import { cardSheets } from '@/paper/cards'
import { classSheets } from '@/paper/class-sheet'
import type { Lane } from '@/paper/lane'
import { lessonSheets } from '@/paper/lesson-sheet'
import { logSheets } from '@/paper/log-sheet'
import { planSheet } from '@/paper/plan-sheet'
import type { Sheet } from '@/paper/sheet'
import { drawStood, isPassing, type Stood, stand } from '@/paper/stood'
import { cutTrueSize } from '@/paper/true-size'
import { holdLimitOf } from '@/records/hold-limit'
import { sayUnder, type Words } from '@/words/language'
import { sayDay, sayPiece, sayWords } from '@/words/lessons'
import { sayLevels, sayOwnKind } from '@/words/levels'
import { sayAllBound, sayOrders } from '@/words/limits'
import { sayList } from '@/words/lists'
import { sayCue, sayPostureName } from '@/words/postures'
import { saySign, sayUnanswered } from '@/words/records'
import { sayRoutineName } from '@/words/routines'
import { type BenchPerson, listMembers } from '../bench'
import { readGroups } from '../groups'
import { readHouse } from '../house'
import { listLessons } from '../lessons'
import { listOwn } from '../library'
import { listPlans } from '../plans'
import { listRoutines } from '../routines'
import { readWords } from '../words'
import type { PrintRequest } from './asked'
import { withWayIn } from './way-in'

type Printed = { title: string; sheets: Sheet[] }

async function readGroup(id: string) {
  const group = (await readGroups()).find((one) => one.id === id)
  if (!group) throw new InputError('group', id, { code: 'known.group' })
  return { group, members: await listMembers(id) }
}

/** Who does which of a class's plan, their cards, or the floor of a level. */
export async function printClass(
  asked: PrintRequest & { group: string; posture: string },
  words: Words,
): Promise<Printed> {
  const say = sayUnder(words, 'paper')
  const { as, size, unit, counts, hold } = asked
  const [{ group, members }, plans, own, { ways }] = await Promise.all([
    readGroup(asked.group),
    listPlans(),
    listOwn(),
    readHouse(),
  ])
  const plan = plans.find((one) => one.group === group.id && one.posture === asked.posture)?.plan
  const posture = mergeLibrary(own).find(({ id }) => id === asked.posture)
  if (!plan || !posture) throw new InputError('posture', asked.posture, { code: 'known.plan' })
  const name = sayPostureName(posture, words)
  const title = say('class.title', { group: group.name, posture: name })
  const taught = plan.taught ? toMeasures(plan.taught) : posture.measures[plan.school]
  const titles = sayLevels(
    plan.levels.map(({ measures }) => toMeasures(measures)),
    taught,
    words,
  ).map((level) => level.title)
  const choices = toChoices(plan.school, ways)
  const doing = members.flatMap((person) => {
    const mine = plan.people.find(({ id }) => id === person.id)
    if (!mine) return []
    const body = bodyOf(person.document)
    const stood = mine.stance ? withWayIn(stand(name, body, toStance(mine.stance)), choices) : null
    return [{ person, mine, stood }]
  })
  if (as === 'card') {
    const cards = doing.flatMap(({ person, stood }) =>
      stood && isPassing(stood)
        ? [
            {
              name: person.name,
              stances: [stood],
              counts,
              holdS: Math.min(hold, holdLimitOf(person.limits) ?? hold),
              feel: sayCue(posture, words),
              helper: person.helperBeside,
              orders: sayOrders(person.limits, words),
              isUnasked: person.unanswered.length > 0,
            },
          ]
        : [],
    )
    return { title, sheets: cardSheets(cards, unit, size, await readWords()) }
  }
  if (as === 'tape' || as === 'plan') {
    const level = plan.levels[asked.of]
    const first = doing.find(({ mine }) => mine.level === asked.of)
    if (!level || !first) throw new InputError('of', asked.of, { code: 'atMost', most: plan.levels.length })
    const body = bodyOf(first.person.document)
    const stood: Stood = stand(
      say('class.level', { n: asked.of + 1, title: titles[asked.of] ?? '' }),
      body,
      layOut(toMeasures(level.measures), body, plan.side, asked.posture, posture.keeps),
    )
    const sheets =
      as === 'tape'
        ? cutTrueSize(drawStood(stood, 1, true), `${title}, ${stood.title}`, size, words)
        : [planSheet(stood, unit, size, words)]
    return { title, sheets }
  }
  const laneOf = (laneTitle: string, some: typeof doing): Lane[] =>
    some.length === 0
      ? []
      : [
          {
            title: laneTitle,
            stood: some[0]?.stood ?? null,
            people: some.map(({ person, mine, stood }) =>
              toRow(person, mine.stance?.supports?.some(({ kind }) => kind === 'chair-back') ?? false, stood, words),
            ),
          },
        ]
  const withoutLevel = (kind: string) => doing.filter(({ mine }) => mine.level === null && mine.kind === kind)
  const late = members.filter(({ id }) => !plan.people.some((one) => one.id === id))
  const lanes: Lane[] = [
    ...plan.levels.flatMap((_, i) =>
      laneOf(
        say('class.level', { n: i + 1, title: titles[i] ?? '' }),
        doing.filter(({ mine }) => mine.level === i),
      ),
    ),
    // A form of one's own is drawn for whoever has it: no two are alike.
    ...withoutLevel('own').flatMap((one) => laneOf(say('class.own'), [one])),
    ...(['seated', 'none'] as const).flatMap((kind) => laneOf(say(`class.${kind}`), withoutLevel(kind))),
    // Whoever joined since is not forgotten, and has no form that was looked at.
    ...(late.length > 0
      ? [{ title: say('class.late'), stood: null, people: late.map((person) => toRow(person, false, null, words)) }]
      : []),
  ]
  return { title, sheets: classSheets({ title, lanes }, size, words) }
}

const toRow = (person: BenchPerson, chair: boolean, stood: Stood | null, words: Words): Lane['people'][number] => ({
  name: person.name,
  chair,
  helper: person.helperBeside,
  wayIn: stood?.wayIn ?? null,
  orders: sayOrders(person.limits, words),
  watch: sayList(
    person.watch.map(({ sign }) => saySign(sign, words)),
    words,
  ),
})

/** Who does which level of a posture's plan, in a line; '' where none is kept. */
function sayWhoDoes(posture: string | undefined, group: string, members: readonly BenchPerson[], words: Words): string {
  const lanes = new Map<string, string[]>()
  for (const { name, planned, mark } of members) {
    const does = planned.find((one) => one.groupId === group && one.posture === posture)
    if (!does || mark === 'away') continue
    const { level, levels, taught, kind } = does
    const titles = taught ? sayLevels(levels.map(toMeasures), toMeasures(taught), words) : []
    const title = (level !== null && titles[level]?.title) || sayOwnKind(kind, words)
    lanes.set(title, [...(lanes.get(title) ?? []), name])
  }
  return [...lanes].map(([title, names]) => `${title}: ${sayList(names, words)}`).join(' · ')
}

/** What has to be known of somebody before a lesson: what binds them (a chair or a helper among it), signs, what nobody answered; none where nothing is. */
function sayToKnow({ name, limits, watch, mark, unanswered }: BenchPerson, words: Words): string[] {
  const sayWho = (what: string) => words.say('paper.lesson.who', { name, what })
  if (mark === 'away') return [sayWho(words.say('paper.lesson.away'))]
  const signs = sayList(
    watch.map(({ sign }) => saySign(sign, words)),
    words,
  )
  const known = [sayAllBound(limits, words), signs, sayUnanswered(unanswered, words)].filter(Boolean)
  return known.length > 0 ? [sayWho(known.join('; '))] : []
}

/** The hour with its minutes, or a sheet to write it down on by hand. */
export async function printLesson(
  asked: PrintRequest & { group: string; day: string },
  words: Words,
): Promise<Printed> {
  const say = sayUnder(words, 'paper')
  const { group, members } = await readGroup(asked.group)
  const day = sayDay(asked.day, words)
  if (asked.as === 'log') {
    const title = say('log.title', { group: group.name, day })
    return {
      title,
      sheets: logSheets(
        title,
        members.map(({ name }) => name),
        asked.size,
        words,
      ),
    }
  }
  const [lessons, own, routines] = await Promise.all([listLessons(), listOwn(), listRoutines()])
  const kept = lessons.find((one) => one.group === group.id && one.day === asked.day)
  if (!kept) throw new InputError('day', asked.day, { code: 'known.lesson' })
  const lesson = kept.document
  const title = say('lesson.title', { group: group.name, day, minutes: lesson.minutes })
  const named = {
    postures: mergeLibrary(own),
    routineName: (id: string) => sayRoutineName(id, routines.find((one) => one.id === id)?.document ?? null, words),
  }
  let from = 0
  const lines = lesson.pieces.map((piece) => {
    const line = {
      fromMin: from,
      minutes: piece.minutes,
      title: sayPiece(piece, named, words),
      say: sayWords(piece, words),
      more: [
        sayWhoDoes(piece.posture, group.id, members, words),
        piece.practised && words.say(`lesson.practised.${piece.practised}`),
        piece.holdS ? `${words.say('lesson.piece.held')} ${words.number(piece.holdS)} s` : '',
        piece.lookAt && words.say('lesson.teach.lookAt', { what: piece.lookAt }),
      ]
        .filter(Boolean)
        .join(' · '),
      rests: piece.kind === 'rest',
      sits: piece.limbs === 'seated',
    }
    from += piece.minutes
    return line
  })
  return {
    title,
    sheets: lessonSheets(
      title,
      lesson.note ?? '',
      lines,
      members.flatMap((one) => sayToKnow(one, words)),
      asked.size,
      words,
    ),
  }
}
