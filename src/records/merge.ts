import type { RecordDocument } from '@/formats/record-document'
import { findCondition } from './conditions'
import { COMPLAINTS } from './eye-signs'
import { sayLimit } from './limit-list'
import { sayDay, saySource } from './say'
import { SIMPLE_TESTS } from './simple-tests'

export type Version = 'here' | 'there'

/** What belongs together in a record: such a part comes whole from one version or the other. */
export type RecordPart = { name: string; keys: readonly string[]; say: (record: RecordDocument) => string[] }

/** A part that differs, as lines that only one version has; `usual` is the version that changed it. */
export type Difference = { part: RecordPart; lines: Record<Version, string[]>; usual: Version }

const some = (...lines: (string | undefined | false)[]): string[] =>
  lines.filter((line) => line !== false && !!line) as string[]

/** Figures of a body by their keys: without a name of their own they are still told apart. */
const sayFigures = (value: object, under = ''): string[] =>
  Object.entries(value).flatMap(([key, figure]) =>
    typeof figure === 'object' && figure !== null ? sayFigures(figure, `${under}${key} `) : `${under}${key} ${figure}`,
  )

export const RECORD_PARTS: readonly RecordPart[] = [
  {
    name: 'name and groups',
    keys: ['name', 'groups', 'archived'],
    say: ({ name, groups, archived }) => some(name, groups.length > 0 && groups.join(', '), archived && 'put away'),
  },
  {
    name: 'body',
    keys: ['body', 'measured', 'legDifference', 'usualSupport'],
    say: ({ body, measured, legDifference: legs, usualSupport }) => [
      ...sayFigures(body),
      ...Object.entries(measured).map(([key, { on }]) => `${key} measured ${sayDay(on)}`),
      ...some(legs && `${legs.shorter} leg ${Math.round(legs.byM * 1000)} mm shorter, ${legs.how}`, usualSupport),
    ],
  },
  {
    name: 'limits and conditions',
    keys: ['limits', 'conditions', 'answers'],
    say: ({ limits, conditions, answers }) => [
      ...limits.map((entry) => `${sayLimit(entry)} (${saySource(entry.source)}, ${sayDay(entry.on)})`),
      ...conditions.map(({ condition, side }) => some(side, findCondition(condition)?.name ?? condition).join(' ')),
      ...answers.map(({ caution, answer, reason }) => some(`${caution} ${answer}`, reason).join(': ')),
    ],
  },
  {
    name: 'tests',
    keys: ['tests'],
    say: ({ tests }) =>
      tests.map(({ test, on, trials }) => `${SIMPLE_TESTS[test].name} ${trials.join('; ')}, ${sayDay(on)}`),
  },
  {
    name: 'bad days',
    keys: ['today'],
    say: ({ today }) => today.map(({ on, reason }) => `${reason}, ${sayDay(on)}`),
  },
  {
    name: 'what to watch',
    keys: ['watch', 'complaints'],
    say: ({ watch, complaints }) => [
      ...watch.map(({ sign, gone }) => some(sign, gone && 'gone').join(', ')),
      ...complaints.map(({ complaint, when, gone }) =>
        some(COMPLAINTS.find(({ id }) => id === complaint)?.name ?? complaint, when, gone && 'gone').join(', '),
      ),
    ],
  },
  { name: 'words', keys: ['story', 'notes'], say: ({ story, notes }) => some(story, notes) },
]

const isSame = (a: RecordDocument, b: RecordDocument, keys: readonly string[]) =>
  keys.every((key) => JSON.stringify(a[key]) === JSON.stringify(b[key]))

/**
 * What differs between a record as it is here and as it was saved meanwhile. `base` is what both began from: a part that
 * only the other changed is usually theirs.
 */
export function compareRecords(base: RecordDocument, here: RecordDocument, there: RecordDocument): Difference[] {
  return RECORD_PARTS.filter(({ keys }) => !isSame(here, there, keys)).map((part) => {
    const [mine, theirs] = [part.say(here), part.say(there)]
    return {
      part,
      lines: {
        here: mine.filter((line) => !theirs.includes(line)),
        there: theirs.filter((line) => !mine.includes(line)),
      },
      usual: isSame(here, base, part.keys) ? 'there' : 'here',
    }
  })
}

/** The record here, with the parts that were chosen from there, and what only there has that no part knows. */
export function joinRecords(
  here: RecordDocument,
  there: RecordDocument,
  fromThere: readonly RecordPart[],
): RecordDocument {
  const joined: Record<string, unknown> = { ...there, ...here }
  for (const key of fromThere.flatMap(({ keys }) => keys)) {
    if (there[key] === undefined) delete joined[key]
    else joined[key] = there[key]
  }
  return joined as RecordDocument
}
