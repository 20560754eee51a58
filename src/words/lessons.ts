import type { Hall } from '@/documents/house-settings'
import type { Aim, LessonDocument, PieceDocument } from '@/documents/lesson-document'
import { type MeasuresDocument, type Posture, toMeasures } from '@/documents/posture-document'
import type { Worked } from '@/teaching/lessons/work-piece'
import { findShort, type Needs } from '@/teaching/practice/needs'
import type { EarlyPiece } from '@/teaching/practice/propose-lesson'
import type { Stage, Stress } from '@/teaching/practice/stages'
import { sayChanges } from './changes'
import type { Words } from './language'
import { sayCount, sayLevels } from './levels'
import { capital, sayList } from './lists'
import { sayPostureName } from './postures'

/** What pieces of a lesson are called by: the house's postures and routines. */
export type Named = { postures: readonly Posture[]; routineName: (id: string) => string }

const say = (key: string, words: Words, values?: Record<string, string | number>) => words.say(`lesson.${key}`, values)

export const namePosture = (id: string | undefined, { postures }: Named, words: Words): string => {
  const found = postures.find((posture) => posture.id === id)
  return found ? sayPostureName(found, words) : (id ?? '')
}

/** An exercise by its name; on a chair without what is said of knees. */
export const sayExercise = (id: string, words: Words, seated = false): string => {
  const onChair = `path.exercise.seated.${id}`
  return words.say(seated && words.has(onChair) ? onChair : `path.exercise.ids.${id}`)
}

/** A piece by its own title, or by what it is. */
export function sayPiece(piece: PieceDocument, named: Named, words: Words): string {
  const { kind, title, posture, to, routine, exercise, fault, limbs, side } = piece
  if (title) return title
  const sided = (name: string) =>
    side === 'left' || side === 'right' ? say('titles.sided', words, { name, side: say(`sides.${side}`, words) }) : name
  const withLimbs = (name: string) =>
    limbs && limbs !== 'both' ? say('titles.limbs', words, { name, limbs: say(`limbs.${limbs}`, words) }) : name
  switch (kind) {
    case 'exercise':
      return withLimbs(sayExercise(exercise as string, words, limbs === 'seated'))
    case 'posture':
      return sided(withLimbs(namePosture(posture, named, words)))
    case 'transition':
      return sided(
        say('titles.transition', words, {
          from: namePosture(posture, named, words),
          to: namePosture(to, named, words),
        }),
      )
    case 'routine':
      return withLimbs(named.routineName(routine as string))
    case 'fault':
      return say('titles.fault', words, { fault: say(`faults.${fault ?? 'locked'}`, words) })
    default:
      return say(`kinds.${kind}`, words)
  }
}

export const sayAim = (aim: Aim, words: Words): string => say(`aims.${aim}`, words)

export const sayMinutes = (n: number, words: Words): string => say('minutesOf', words, { n: words.number(n, 1) })

/** A message chooses by plain letters. */
const plain = (code: Stage): string => code.replace('-', '')
const ORDER: readonly Stage[] = ['standing', 'stepping', 'backward', 'turning', 'one-foot']

export function sayEarly({ stage }: EarlyPiece, piece: string, words: Words): string {
  const before = ORDER[ORDER.indexOf(stage) - 1] ?? 'standing'
  return say('warn.early', words, { piece: capital(piece), stage: plain(stage), before: plain(before) })
}

/** What was stressed the last time and is again. */
export const sayAgain = (stresses: readonly Stress[], words: Words): string =>
  say('warn.again', words, {
    stresses: sayList(
      stresses.map((stress) => say(`warn.stresses.${stress}`, words)),
      words,
    ),
  })

/** What is said to a class at a piece: all of it, or in few words. */
export function sayWords(piece: PieceDocument, words: Words): string {
  const { kind, say: own, exercise, fault, limbs } = piece
  if (own) return own
  if (kind === 'exercise') return say(`says.exercise.${exercise}`, words)
  if (kind === 'fault') return say(`says.fault.${fault ?? 'locked'}`, words)
  if (limbs === 'seated') return say('says.seated', words)
  if (kind === 'posture' && limbs === 'arms') return say('says.arms', words)
  return say(`says.${kind}`, words)
}

/** Words fade from round to round: all, few, none. */
export function sayFading(piece: PieceDocument, round: number, fading: boolean, words: Words): string {
  if (!fading || round <= 1) return sayWords(piece, words)
  if (round > 2) return ''
  return (
    piece.few ??
    say(
      piece.limbs !== 'seated' && (piece.kind === 'posture' || piece.kind === 'transition')
        ? 'few.posture'
        : 'few.other',
      words,
    )
  )
}

export const sayDoneAs = (as: Worked['as'], words: Words): string => say(`who.${as}`, words)

type PlanSaid = {
  groupId: string
  posture: string
  level: number | null
  levels: readonly MeasuresDocument[]
  taught?: MeasuresDocument
}

/**
 * How somebody does a piece: a level of their group's plan by what it is called, a form of their own by what is changed.
 * @param planned what they do in plans, of any group
 */
export function sayDoing(
  { as, given }: Pick<Worked, 'as' | 'given'>,
  planned: readonly PlanSaid[],
  { group, posture }: { group: string; posture: string | undefined },
  words: Words,
): string {
  const said = sayDoneAs(as, words)
  if (!given || as === 'seated') return said
  const plan = planned.find((one) => one.groupId === group && one.posture === posture)
  if (given.from === 'plan')
    return plan && plan.level !== null && plan.taught
      ? (sayLevels(plan.levels.map(toMeasures), toMeasures(plan.taught), words)[plan.level]?.title ?? said)
      : said
  // That a hand is on a chair is said already.
  const changes = given.changes.filter(({ what }) => as !== 'chair' || what !== 'support')
  const what = given.from === 'kept' ? given.of : sayChanges(changes, words)
  return what ? say('who.given', words, { as: said, what }) : said
}

/** Up to which share how often as much is said: "a third more than". */
const SHARES = [
  [1.15, 'little'],
  [1.34, 'third'],
  [1.5, 'half'],
  [2, 'twice'],
  [2.5, 'twiceAndHalf'],
] as const

/** How much more than something it is, as one says it, never less than it is: "three times". */
export function sayTimes(share: number, words: Words): string {
  const known = SHARES.find(([most]) => share <= most)
  return say(`load.times.${known?.[1] ?? 'times'}`, words, { n: sayCount(Math.ceil(share), words) })
}

/** What a lesson is, in a line: its minutes and pieces. */
export const sayLesson = ({ minutes, pieces }: LessonDocument, words: Words): string =>
  words.say('log.taught', { minutes, pieces: pieces.length })

/** A day with its weekday. */
export function sayDay(day: string, words: Words, year?: string): string {
  const weekday = new Intl.DateTimeFormat(words.locale, {
    weekday: 'long',
    timeZone: 'UTC',
  }).format(new Date(`${day}T00:00:00Z`))
  return say('weekday', words, { weekday, day: words.day(day, year) })
}

/** Chairs, wall places, helpers and room; and what of it the hall does not have. */
export function sayNeeds(needs: Needs, hall: Hall, words: Words): string {
  const { chairs, seats, armrests, wheelchairs, walls, helpers, room } = needs
  const short = findShort(needs, hall)
  const counted = (key: string, n: number) => (n > 0 ? [say(`needs.${key}`, words, { n })] : [])
  const parts = [
    ...counted('chairs', chairs),
    ...(seats > 0
      ? [
          say('needs.seats', words, { n: seats }) +
            (armrests > 0 ? say('needs.armrests', words, { n: armrests, of: seats }) : ''),
        ]
      : []),
    ...counted('wheelchairs', wheelchairs),
    ...counted('walls', walls),
    ...counted('helpers', helpers),
    ...(room[0] > 0
      ? [say('needs.room', words, { width: words.number(room[0], 1), depth: words.number(room[1], 1) })]
      : []),
  ]
  const said = parts.length > 0 ? sayList(parts, words) : say('needs.nothing', words)
  return [
    say('needs.all', words, { parts: capital(said) }),
    ...(short.chairs > 0 ? [say('needs.shortChairs', words, { n: short.chairs })] : []),
    ...(short.room ? [say('needs.shortRoom', words)] : []),
  ].join(' ')
}

export const sayEverybody = (words: Words): string => say('who.everybody', words)

/** How somebody does it is not known yet. */
export const sayNotWorkedOut = (words: Words): string => say('who.unknown', words)
