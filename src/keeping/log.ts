import { z } from 'zod'
import { stamp } from '@/clock'
import { InputError } from '@/core'
import { accepted, list, text } from '@/documents/fields'
import { LOG_FORMAT, type LogDocument, type LogRow, logBody, logDocument } from '@/documents/log-document'
import { parse } from '@/documents/parse'
import { day as dayField } from '@/documents/record-document'
import { StorageError } from '@/keeping/db/errors'
import {
  findLogEntry,
  type LogEntry,
  type LogPlace,
  listLogOfDay,
  listLogOfGroup,
  listLogOfPerson,
  listWholeLog,
  saveLogEntry,
} from '@/keeping/db/log'
import { mergeRow, type RowPatch } from '@/teaching/practice/merge-row'
import { today } from './clock'
import { readGroups, requireGroup, takeGroups } from './groups'
import { here } from './here'
import { listRecords } from './people'
import { readKept, type SetAside } from './set-aside'

const { happened, corrected: _, ...said } = logBody.shape

/** One entry: which row, and what is said of it. */
const entry = z.object({
  person: text(80),
  day: dayField,
  group: text(80),
  piece: text(80).default(''),
  title: text(200).optional(),
  said: z.object(said).partial().default({}),
  happened: z.preprocess((value) => value ?? [], happened.unwrap()),
  mistaken: list(text(80), 'happenings').default([]),
})
const entering = z.object({ rows: list(entry, 'rows').max(500, accepted('atMost', { most: 500 })) })

/** Many may write in the same row at once: each is put into what is there then, a little later each time. */
const TRIES = 40
const LATER_MS = 4

const read = (row: LogEntry) =>
  readKept(logBody, row.body, { what: 'log', id: `${row.personId} ${row.day}`, name: row.day })

const toRow = ({ personId, day, groupId, piece, title }: LogEntry, body: z.infer<typeof logBody>): LogRow => ({
  person: personId,
  day,
  group: groupId,
  ...(piece && { piece }),
  ...(title && { title }),
  ...body,
})

const readRows = (rows: readonly LogEntry[]): LogRow[] =>
  rows.flatMap((row) => {
    const { value } = read(row)
    return value ? [toRow(row, value)] : []
  })

/**
 * Puts what was entered into the log: nothing that another page wrote is lost. What the rows are then.
 * @throws InputError naming the field, or a person or group that is not known
 */
export async function enterLog(value: unknown): Promise<LogRow[]> {
  const { rows } = parse(entering, value)
  const [records, on] = await Promise.all([listRecords(), today()])
  const known = new Set(records.map(({ id }) => id))
  for (const group of new Set(rows.map((row) => row.group))) await requireGroup(group)
  const unknown = rows.find(({ person }) => !known.has(person))
  if (unknown) throw new InputError('person', unknown.person, { code: 'known.person' })
  const saved: LogRow[] = []
  for (const { person, day, group, piece, title, ...patch } of rows)
    saved.push(await putRow({ personId: person, day, groupId: group, piece }, title, patch as RowPatch, on))
  return saved
}

async function putRow(place: LogPlace, title: string | undefined, patch: RowPatch, on: string): Promise<LogRow> {
  for (let attempt = 1; ; attempt++) {
    const there = await findLogEntry(await here(), place)
    const known = there && read(there)
    if (known?.aside) throw new InputError('log', place.day, { code: 'known.readable', at: known.aside.why.field })
    const body = mergeRow(known?.value ?? null, patch, { at: stamp(), isLater: on > place.day })
    const row = { ...place, title: title ?? there?.title ?? '', body, updatedAt: stamp() }
    const saved = await saveLogEntry(await here(), row, there?.revision ?? 0)
    if (saved) return toRow(saved, body)
    if (attempt === TRIES) throw new StorageError('too many write at once')
    await new Promise((done) => setTimeout(done, Math.random() * LATER_MS * attempt))
  }
}

export const readDay = async (group: string, day: string): Promise<LogRow[]> =>
  readRows(await listLogOfDay(await here(), group, day))

export const readLogOf = async (personId: string): Promise<LogRow[]> =>
  readRows(await listLogOfPerson(await here(), personId))

export const readLogOfGroup = async (group: string, from: string, to: string): Promise<LogRow[]> =>
  readRows(await listLogOfGroup(await here(), group, from, to))

/** The whole log as files hold it: people and groups by their names. */
export async function takeOutLog(): Promise<LogDocument> {
  const [rows, records, groups] = await Promise.all([listWholeLog(await here()), listRecords(), readGroups()])
  const named = (id: string) => records.find((one) => one.id === id)?.record.name
  return {
    format: LOG_FORMAT,
    rows: readRows(rows).flatMap((row) => {
      const person = named(row.person)
      if (!person) return []
      return [
        { ...row, person, personId: row.person, group: groups.find(({ id }) => id === row.group)?.name ?? row.group },
      ]
    }),
  }
}

export type BroughtIn = { rows: number; unknown: string[]; several: string[] }

/**
 * Takes rows of a log that comes in; what is written down already stays. Who is not on the list is named and left out;
 * so is a name that several have, where the file does not say which of them.
 */
export async function bringInLog(value: unknown): Promise<BroughtIn> {
  const { rows } = parse(logDocument, value)
  const records = await listRecords()
  const groups = await takeGroups({ names: [...new Set(rows.map(({ group }) => group ?? ''))].filter(Boolean) })
  const unknown = new Set<string>()
  const several = new Set<string>()
  let count = 0
  for (const { person, personId, day, group, piece = '', title = '', ...body } of rows) {
    const named = records.filter(({ id, record }) => record.name === person || id === person)
    const who = named.find(({ id }) => id === personId) ?? (named.length === 1 ? named[0] : undefined)
    if (!who && named.length > 1) {
      several.add(person)
      continue
    }
    const groupId = groups.find(({ name }) => name === group)?.id ?? who?.record.groups[0]
    if (!who || !groupId) {
      unknown.add(person)
      continue
    }
    const row = { personId: who.id, day, groupId, piece, title, body, updatedAt: stamp() }
    if (await saveLogEntry(await here(), row, 0)) count++
  }
  return { rows: count, unknown: [...unknown], several: [...several] }
}

/** Rows that cannot be read. */
export const listUnreadableLog = async (group: string, day: string): Promise<SetAside[]> =>
  (await listLogOfDay(await here(), group, day)).flatMap((row) => read(row).aside ?? [])
