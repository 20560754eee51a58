import type { Margins, Verdict } from '@/core'
import type { HouseDocument } from '@/formats/house-document'
import { findToday } from '@/records/binding'
import { listDue } from '@/records/due'
import { resolveRecord } from '@/records/resolve'
import { sayBinding } from '@/records/say'
import { readStanding } from '@/records/standing'
import { today } from './clock'
import { readHouse } from './house'
import { type KeptRecord, listRecords } from './people'

/** Somebody as the list shows them. */
export type RosterRow = {
  id: string
  name: string
  story: string
  groups: string[]
  archived: boolean
  /** Their own standing; no verdict where an estimate alone would call it short. */
  standing: { verdict: Verdict | null; margins: Margins; reserve: number; seen: string | null } | null
  limits: string[]
  due: string[]
  today: string | null
}

export type Roster = { rows: RosterRow[]; day: string }

/** Everyone as the list shows them, on this day. */
export async function readRoster(): Promise<Roster> {
  const day = today()
  const [records, house] = await Promise.all([listRecords(), readHouse()])
  return { day, rows: records.map((kept) => rowOf(kept, day, house.rules)) }
}

/** What was computed of somebody, and from what: the list is opened far more often than anybody changes. */
const known = new Map<string, { from: string; row: RosterRow }>()

function rowOf(kept: KeptRecord, day: string, house: HouseDocument): RosterRow {
  const from = JSON.stringify([kept.record, day, house])
  const before = known.get(kept.id)
  if (before?.from === from) return before.row
  const row = toRow(kept, day, house)
  known.set(kept.id, { from, row })
  return row
}

function toRow({ id, record }: KeptRecord, day: string, house: HouseDocument): RosterRow {
  const { document, bindings } = resolveRecord(record, day, house)
  const { analysis, seen, cautious } = readStanding(record, document, day)
  return {
    id,
    name: record.name,
    story: record.story,
    groups: record.groups,
    archived: record.archived ?? false,
    standing: analysis && {
      verdict: cautious ? null : analysis.verdict,
      margins: analysis.margins.usable,
      reserve: analysis.reserve,
      seen: cautious && seen ? seen.on : null,
    },
    limits: bindings.map(sayBinding),
    due: listDue(record, day).map(({ text }) => text),
    today: findToday(record, day)?.reason ?? null,
  }
}
