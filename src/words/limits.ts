import { type LimitWhat, rowOf } from '@/documents/limit-fields'
import type { LimitEntry, LimitSource, TodayEntry } from '@/documents/record-document'
import type { Binding } from '@/records/binding'
import { saySupport } from './findings'
import type { Words } from './language'
import { capital } from './lists'

type Said = Pick<LimitEntry, 'what' | 'side' | 'value' | 'grade'>

/** What is limited, before its figure. */
export const sayLimitName = (what: LimitWhat, words: Words): string => words.say(`limits.kinds.${what}.name`)

/** A limit as a line says it: "left knee bend 30° at most". */
export const sayLimit = (limit: Said, words: Words): string => sayAs('line', limit, words)

/** A limit where its joint and its side are seen: "knee bend 30°". */
export const sayLimitShort = (limit: Said, words: Words): string => sayAs('short', limit, words)

function sayAs(form: 'line' | 'short', { what, side, value, grade }: Said, words: Words): string {
  return words.say(`limits.kinds.${what}.${form}`, {
    side: side && rowOf(what).per === 'side' ? side : 'both',
    figure: sayFigureOf(what, value, words),
    support: what === 'support' ? saySupport(String(value), words) : '',
    grade: what === 'loadMaxPct' ? gradeOf(Number(value), grade) : 'none',
  })
}

function sayFigureOf(what: LimitWhat, value: LimitEntry['value'], words: Words): string {
  const figure = Number(value)
  switch (rowOf(what).unit) {
    case 'rad':
      return words.say('figures.degrees', { n: words.number(figure, 1) })
    case 'share':
      return words.say('figures.percent', { n: words.number(figure, 1) })
    case 'm':
      return words.say('figures.centimetres', { n: words.number(figure * 100) })
    case 's':
      return words.say('figures.seconds', { n: words.number(figure, 1) })
    default:
      return ''
  }
}

/** The word of an order on weight goes before its figure. */
function gradeOf(value: number, grade: LimitEntry['grade']): string {
  if (grade === 'none' || value === 0) return 'none'
  if (grade === 'touch') return 'touch'
  if (grade === 'as-tolerated') return 'tolerated'
  return grade === 'full' || value === 100 ? 'full' : 'partial'
}

/** A limit that binds, for the side that it binds. */
export const sayBinding = ({ what, side, entry }: Binding, words: Words): string =>
  sayLimit({ what, side, value: entry.value, grade: entry.grade }, words)

export const sayBindingShort = ({ what, side, entry }: Binding, words: Words): string =>
  sayLimitShort({ what, side, value: entry.value, grade: entry.grade }, words)

/** Who said it. */
export const saySource = ({ kind, name }: LimitSource, words: Words): string =>
  name || words.say(`limits.sources.${kind}`)

/** Who said it, when, and until when it stands; `today`: the reason for which the day lowered it. */
export function sayOrigin({ source, on, reviewOn }: LimitEntry, today: string | undefined, words: Words): string {
  const lowered = today === undefined ? null : words.say('limits.today', { reason: sayToday(today, words) })
  return words.say('limits.origin', {
    who: lowered ?? saySource(source, words),
    order: source.kind === 'clinician' && source.name ? 'yes' : 'no',
    day: words.day(on),
    review: reviewOn ? words.day(reviewOn) : 'none',
  })
}

/** Who said what binds, when and until when; and that its review is past. */
export const sayBoundBy = ({ entry, today, overdue }: Binding, words: Words): string =>
  `${sayOrigin(entry, today, words)}${overdue ? `; ${words.say('limits.overdue')}` : ''}`

/** What binds, with who said it. */
export const sayBound = (binding: Binding, words: Words): string => sayAllBound([binding], words)

/** All that binds somebody, with who said so; what one said on one day is said together; '' where nothing binds. */
export function sayAllBound(limits: readonly Binding[], words: Words): string {
  const said = new Map<string, string[]>()
  for (const one of limits) {
    const by = sayBoundBy(one, words)
    said.set(by, [...(said.get(by) ?? []), sayBinding(one, words)])
  }
  return [...said].map(([by, some]) => `${some.join(', ')} (${by})`).join('; ')
}

/** What clinicians ordered, each with who, when and until when; '' where nothing is. */
export const sayOrders = (limits: readonly Binding[], words: Words): string =>
  sayAllBound(
    limits.filter(({ entry }) => entry.source.kind === 'clinician'),
    words,
  )

/** Why a day was lowered: one of the usual reasons, or the instructor's own words. */
export const sayToday = (reason: string, words: Words): string =>
  words.has(`records.today.${reason}`) ? words.say(`records.today.${reason}`) : reason

/** What somebody may do on a day that was lowered. */
export function sayLowered(entry: TodayEntry, words: Words): string {
  const { kneeFlexionMaxDeg, armElevationMaxDeg, holdMaxS, support, seatedOnly } = entry
  if (seatedOnly) return words.say('people.lowered.sits')
  const parts = [
    kneeFlexionMaxDeg !== undefined && words.say('people.lowered.knees', { angle: words.number(kneeFlexionMaxDeg) }),
    armElevationMaxDeg !== undefined && words.say('people.lowered.arms', { angle: words.number(armElevationMaxDeg) }),
    holdMaxS !== undefined && words.say('people.lowered.hold', { seconds: words.number(holdMaxS) }),
    support && words.say('people.lowered.support'),
  ].filter((part): part is string => typeof part === 'string')
  return `${capital(parts.join(', '))}.`
}
