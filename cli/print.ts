import { now } from '@/clock'
import { InputError, LIBRARY, listFootprints, makePath, type Person, resolveBody, type Stance } from '@/core'
import { dayOf } from '@/documents/day'
import { parse } from '@/documents/parse'
import { routineDocument, toRoutine } from '@/documents/routine-document'
import { stanceDocument } from '@/documents/stance-document'
import { toPerson, toStance } from '@/documents/to-core'
import { cardSheets } from '@/paper/cards'
import { homeSheet } from '@/paper/home-sheet'
import { pathSheet } from '@/paper/path-sheet'
import { toPdf } from '@/paper/pdf'
import { planSheet } from '@/paper/plan-sheet'
import { PAPER_SIZES, type PaperSize, type Sheet } from '@/paper/sheet'
import { drawStood, isPassing, stand } from '@/paper/stood'
import { cutTrueSize } from '@/paper/true-size'
import type { Binding } from '@/records/binding'
import { readBindings, readPerson } from '@/records/person-of'
import type { Words } from '@/words/language'
import { sayAllBound, sayOrders } from '@/words/limits'
import { sayCue, sayPostureName } from '@/words/postures'
import { LENGTH_UNITS, type LengthUnit } from '@/words/units'
import { readDocument, takeFile, takeOption, UsageError } from './options'
import { printFrom } from './print-from'

const KINDS = ['tape', 'plan', 'card', 'home', 'path'] as const
const COUNTS = 5
const HOLD_S = 5
/** For where feet are set two intervals of a phase are enough. */
const SAMPLES = 2

/** A stance on paper, at true size, to scale or as a card; or a routine's numbered prints. The PDF goes to standard output. */
export async function printSheets(args: string[], words: Words): Promise<void> {
  const { value: from, rest: here } = takeOption(args, '--from')
  if (from !== undefined) return printFrom(from, here)
  const values: Record<string, string | undefined> = {}
  let rest = args
  for (const name of ['as', 'size', 'unit', 'person']) ({ value: values[name], rest } = takeOption(rest, `--${name}`))
  const as = oneOf('--as', values.as ?? 'tape', KINDS)
  const size = oneOf('--size', values.size ?? 'a4', PAPER_SIZES)
  const unit = oneOf('--unit', values.unit ?? 'cm', LENGTH_UNITS)
  const document = readDocument(takeFile(rest))
  const whose = values.person === undefined ? null : readDocument(values.person)
  const on = dayOf(now())
  const who: Who = whose === null ? null : { person: toPerson(readPerson(whose, on)), ...readBindings(whose, on) }
  const { title, sheets } =
    as === 'path' ? printRoutine(document, who, size, words) : printStance(document, who, as, size, unit, words)
  process.stdout.write(await toPdf(sheets, title))
}

function oneOf<const T extends readonly string[]>(name: string, value: string, accepted: T): T[number] {
  if (!accepted.includes(value)) throw new UsageError(`${name} takes ${accepted.join(', ')}`)
  return value
}

/** A posture of the library by its name; any other as it is called in the document. */
const nameOf = ({ posture = '' }: Stance, words: Words): string =>
  LIBRARY.some(({ id }) => id === posture) ? sayPostureName({ id: posture, own: null }, words) : posture

type Printed = { title: string; sheets: Sheet[] }
type Who = { person: Person; name: string; limits: readonly Binding[] } | null

function printStance(
  document: unknown,
  who: Who,
  as: 'tape' | 'plan' | 'card' | 'home',
  size: PaperSize,
  unit: LengthUnit,
  words: Words,
): Printed {
  const { person: own, stance: asked } = parse(stanceDocument, document)
  const stance: Stance = toStance(asked)
  const known = LIBRARY.some(({ id }) => id === stance.posture)
  const title = nameOf(stance, words)
  const stood = stand(title, resolveBody(who?.person ?? toPerson(own)), stance)
  const card = {
    name: who?.name ?? '',
    stances: [stood],
    counts: COUNTS,
    holdS: HOLD_S,
    helper: who?.limits.some(({ what }) => what === 'helperBeside') ?? false,
    orders: sayOrders(who?.limits ?? [], words),
    isUnasked: false,
    feel: known ? sayCue({ id: stance.posture as string, own: null }, words) : '',
  }
  if ((as === 'card' || as === 'home') && !isPassing(stood)) throw new InputError('stance', title, { code: 'passing' })
  const sheets = {
    tape: () => cutTrueSize(drawStood(stood, 1, true), title, size, words),
    plan: () => [planSheet(stood, unit, size, words)],
    card: () => cardSheets([card], unit, size, words),
    home: () => [homeSheet(card, unit, size, words)],
  }
  return { title, sheets: sheets[as]() }
}

function printRoutine(document: unknown, given: Who, size: PaperSize, words: Words): Printed {
  const routine = parse(routineDocument, document)
  const own = routine.person === undefined ? null : toPerson(routine.person)
  const who = given?.person ?? own
  if (!who) throw new UsageError('a routine without a person takes --person FILE')
  const body = resolveBody(who)
  const parts = toRoutine(routine, body)
  const names = parts.map(({ stance }) => nameOf(stance, words))
  const title = routine.name ?? ''
  const orders = sayAllBound(given?.limits ?? [], words)
  const about = orders ? [words.say('paper.path.orders', { name: given?.name ?? '', orders })] : []
  const prints = listFootprints(makePath(body, parts, SAMPLES))
  return { title, sheets: [pathSheet(title, body, prints, names, about, size, words)] }
}
