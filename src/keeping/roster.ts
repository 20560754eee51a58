import type { Margins, Verdict } from '@/core'
import type { HouseDocument } from '@/documents/house-document'
import type { LimitEntry } from '@/documents/record-document'
import { findToday } from '@/records/binding'
import { capVerdict } from '@/records/cap-verdict'
import { type Due, listDue } from '@/records/due'
import type { Group } from '@/records/groups'
import type { KeptRecord } from '@/records/kept-record'
import { isBaseEstimated, resolveRecord } from '@/records/resolve'
import { readStanding } from '@/records/standing'
import { readUnanswered, type Unanswered } from '@/records/unanswered'
import { today } from './clock'
import { readGroups } from './groups'
import { readHouse } from './house'
import { listRecords, listUnreadable } from './people'
import type { SetAside } from './set-aside'

/** A limit that binds, as a line names it. */
export type SaidLimit = Pick<LimitEntry, 'what' | 'side' | 'value' | 'grade'>

/** Somebody as the list shows them. */
export type RosterRow = {
  id: string
  name: string
  story: string
  /** By their ids. */
  groups: string[]
  archived: boolean
  /** Their own standing; no verdict where an estimate alone would call it short. */
  standing: {
    verdict: Verdict | null
    margins: Margins
    reserve: number
    seen: string | null
    /** Rests on an estimate alone: how much of the foot they can use was not measured. */
    estimated: boolean
    /** Of whoever sits it is read sitting. */
    sits: boolean
  } | null
  limits: SaidLimit[]
  due: Due[]
  unanswered: Unanswered[]
  today: string | null
}

export type Roster = { rows: RosterRow[]; groups: Group[]; day: string; aside: SetAside[] }

/** Everyone as the list shows them, on this day. */
export async function readRoster(): Promise<Roster> {
  const [records, groups, house, day, aside] = await Promise.all([
    listRecords(),
    readGroups(),
    readHouse(),
    today(),
    listUnreadable(),
  ])
  return { day, aside, groups, rows: records.map((kept) => rowOf(kept, day, house.rules)) }
}

/** What was computed of a record, and for which day and rules; it goes with the record. */
const known = new WeakMap<KeptRecord, { day: string; house: HouseDocument; row: RosterRow }>()

function rowOf(kept: KeptRecord, day: string, house: HouseDocument): RosterRow {
  const before = known.get(kept)
  if (before?.day === day && before.house === house) return before.row
  const row = toRow(kept, day, house)
  known.set(kept, { day, house, row })
  return row
}

function toRow({ id, record }: KeptRecord, day: string, house: HouseDocument): RosterRow {
  const { document, bindings } = resolveRecord(record, day, house)
  const { analysis, seen, cautious } = readStanding(record, document, day)
  const unanswered = readUnanswered(record)
  return {
    id,
    name: record.name,
    story: record.story,
    groups: record.groups,
    archived: record.archived ?? false,
    standing: analysis && {
      verdict: cautious ? null : capVerdict(analysis.verdict, unanswered.length),
      margins: analysis.margins.usable,
      reserve: analysis.reserve,
      seen: cautious && seen ? seen.on : null,
      estimated: isBaseEstimated(analysis.pose.body),
      sits: analysis.pose.stance.seat !== undefined,
    },
    limits: bindings.map(({ what, side, entry: { value, grade } }) => ({ what, side, value, grade })),
    due: listDue(record, day),
    unanswered,
    today: findToday(record, day)?.reason ?? null,
  }
}
