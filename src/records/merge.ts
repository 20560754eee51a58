import type { Side } from '@/core'
import type { LimitEntry, MeasuredEntry, RecordDocument, TestEntry } from '@/documents/record-document'

export type Version = 'here' | 'there'

/** One thing that a record says, for laying two versions side by side. */
export type RecordItem =
  | { kind: 'text'; text: string }
  | { kind: 'archived' }
  | { kind: 'group'; id: string }
  /** A figure of the body, by the path of its key. */
  | { kind: 'figure'; path: readonly string[]; value: unknown }
  | { kind: 'measured'; key: string; on: string }
  | { kind: 'legs'; legs: NonNullable<RecordDocument['legDifference']> }
  | { kind: 'limit'; limit: LimitEntry }
  | { kind: 'condition'; condition: string; side?: Side | undefined }
  | { kind: 'answer'; answer: RecordDocument['answers'][number] }
  | { kind: 'test'; test: TestEntry }
  | { kind: 'device'; measured: MeasuredEntry }
  | { kind: 'today'; reason: string; on: string }
  | { kind: 'away'; on: string }
  | { kind: 'sign'; sign: string; gone: boolean }
  | { kind: 'falls'; told: RecordDocument['falls'][number] }
  | { kind: 'complaint'; complaint: string; when?: string | undefined; gone: boolean }

export type PartName = 'name' | 'body' | 'limits' | 'tests' | 'today' | 'watch' | 'words'

/** What belongs together in a record: such a part comes whole from one version or the other. */
export type RecordPart = {
  name: PartName
  keys: readonly string[]
  list: (record: RecordDocument) => RecordItem[]
}

/** A part that differs, as what only one version has; `usual` is the version that changed it. */
export type Difference = { part: RecordPart; items: Record<Version, RecordItem[]>; usual: Version }

const texts = (...all: (string | undefined)[]): RecordItem[] =>
  all.flatMap((text): RecordItem[] => (text ? [{ kind: 'text', text }] : []))

const listFigures = (value: object, under: readonly string[] = []): RecordItem[] =>
  Object.entries(value).flatMap(([key, figure]): RecordItem[] =>
    typeof figure === 'object' && figure !== null
      ? listFigures(figure, [...under, key])
      : [{ kind: 'figure', path: [...under, key], value: figure }],
  )

export const RECORD_PARTS: readonly RecordPart[] = [
  {
    name: 'name',
    keys: ['name', 'groups', 'archived'],
    list: ({ name, groups, archived }) => [
      ...texts(name),
      ...groups.map((id): RecordItem => ({ kind: 'group', id })),
      ...(archived ? [{ kind: 'archived' } as const] : []),
    ],
  },
  {
    name: 'body',
    keys: ['body', 'measured', 'legDifference', 'usualSupport'],
    list: ({ body, measured, legDifference: legs, usualSupport }) => [
      ...listFigures(body),
      ...Object.entries(measured).map(([key, { on }]): RecordItem => ({ kind: 'measured', key, on })),
      ...(legs ? [{ kind: 'legs', legs } as const] : []),
      ...texts(usualSupport),
    ],
  },
  {
    name: 'limits',
    keys: ['limits', 'conditions', 'answers'],
    list: ({ limits, conditions, answers }) => [
      ...limits.map((limit): RecordItem => ({ kind: 'limit', limit })),
      ...conditions.map(({ condition, side }): RecordItem => ({ kind: 'condition', condition, side })),
      ...answers.map((answer): RecordItem => ({ kind: 'answer', answer })),
    ],
  },
  {
    name: 'tests',
    keys: ['tests', 'measures'],
    list: ({ tests, measures }) => [
      ...tests.map((test): RecordItem => ({ kind: 'test', test })),
      ...measures.map((measured): RecordItem => ({ kind: 'device', measured })),
    ],
  },
  {
    name: 'today',
    keys: ['today', 'away'],
    list: ({ today, away }) => [
      ...today.map(({ on, reason }): RecordItem => ({ kind: 'today', on, reason })),
      ...away.map((on): RecordItem => ({ kind: 'away', on })),
    ],
  },
  {
    name: 'watch',
    keys: ['watch', 'complaints', 'falls'],
    list: ({ watch, complaints, falls }) => [
      ...falls.map((told): RecordItem => ({ kind: 'falls', told })),
      ...watch.map(({ sign, gone }): RecordItem => ({ kind: 'sign', sign, gone: gone !== undefined })),
      ...complaints.map(
        ({ complaint, when, gone }): RecordItem => ({ kind: 'complaint', complaint, when, gone: gone !== undefined }),
      ),
    ],
  },
  { name: 'words', keys: ['story', 'notes', 'noteOpen'], list: ({ story, notes }) => texts(story, notes) },
]

const isSame = (a: RecordDocument, b: RecordDocument, keys: readonly string[]) =>
  keys.every((key) => JSON.stringify(a[key]) === JSON.stringify(b[key]))

/**
 * What differs between a record as it is here and as it was saved meanwhile. `base` is what both began from: a part that
 * only the other changed is usually theirs.
 */
export function compareRecords(base: RecordDocument, here: RecordDocument, there: RecordDocument): Difference[] {
  return RECORD_PARTS.filter(({ keys }) => !isSame(here, there, keys)).map((part) => {
    const [mine, theirs] = [part.list(here), part.list(there)]
    return {
      part,
      items: { here: without(mine, theirs), there: without(theirs, mine) },
      usual: isSame(here, base, part.keys) ? 'there' : 'here',
    }
  })
}

function without(items: readonly RecordItem[], others: readonly RecordItem[]): RecordItem[] {
  const known = new Set(others.map((item) => JSON.stringify(item)))
  return items.filter((item) => !known.has(JSON.stringify(item)))
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

/** A record as it is here and as it was saved meanwhile, field by field: null where both changed the same one otherwise. */
export function mergeRecords(base: RecordDocument, here: RecordDocument, there: RecordDocument): RecordDocument | null {
  const merged = mergeField(base, here, there)
  return merged === CLASH ? null : (merged as RecordDocument)
}

const CLASH = Symbol('both changed it')
const isObject = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

function mergeField(base: unknown, here: unknown, there: unknown): unknown {
  const [was, mine, theirs] = [base, here, there].map((value) => JSON.stringify(value))
  if (mine === theirs || theirs === was) return here
  if (mine === was) return there
  if (!isObject(here) || !isObject(there)) return CLASH
  const before = isObject(base) ? base : {}
  const fields = [...new Set([...Object.keys(there), ...Object.keys(here)])].map(
    (key) => [key, mergeField(before[key], here[key], there[key])] as const,
  )
  return fields.some(([, value]) => value === CLASH)
    ? CLASH
    : Object.fromEntries(fields.filter(([, value]) => value !== undefined))
}
