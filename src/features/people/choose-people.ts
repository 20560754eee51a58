import type { RosterRow } from '@/keeping/roster'
import type { Group } from '@/records/groups'
import type { Words } from '@/words/language'
import { sayLimit } from '@/words/limits'
import { sayDue } from '@/words/records'

export type SortBy = 'name' | 'steadiness' | 'due'

export const EVERYONE = '*'
export const PUT_AWAY = '-'

/** The groups that somebody is in. */
export function groupsInUse(groups: readonly Group[], rows: readonly RosterRow[]): Group[] {
  const used = new Set(rows.flatMap((row) => row.groups))
  return groups.filter(({ id }) => used.has(id))
}

type Choosing = { group: string; sortBy: SortBy; sought: string }

/** Those of a group whose name, story or limits hold every word that is sought, in an order. */
export function choosePeople(
  rows: readonly RosterRow[],
  { group, sortBy, sought }: Choosing,
  words: Words,
): RosterRow[] {
  const parts = plain(sought).split(/\s+/).filter(Boolean)
  const chosen = rows.filter((row) => {
    if (row.archived !== (group === PUT_AWAY)) return false
    if (group !== EVERYONE && group !== PUT_AWAY && !row.groups.includes(group)) return false
    if (parts.length === 0) return true
    const text = readText(row, words)
    return parts.every((word) => text.includes(word))
  })
  const orders: Record<SortBy, (a: RosterRow, b: RosterRow) => number> = {
    name: byName,
    steadiness: (a, b) => toSpare(a) - toSpare(b) || byName(a, b),
    due: (a, b) => b.due.length - a.due.length || byName(a, b),
  }
  return chosen.sort(orders[sortBy])
}

/** What somebody is found by; said once for a row. */
const texts = new WeakMap<RosterRow, string>()

function readText(row: RosterRow, words: Words): string {
  const known = texts.get(row)
  if (known !== undefined) return known
  const said = [
    row.name,
    row.story,
    ...row.limits.map((one) => sayLimit(one, words)),
    ...row.due.map((one) => sayDue(one, words)),
  ]
  const text = plain(said.join(' '))
  texts.set(row, text)
  return text
}

const byName = (a: RosterRow, b: RosterRow) => a.name.localeCompare(b.name)

/** Nobody's standing known comes first: it wants looking at. */
const toSpare = ({ standing }: RosterRow) => standing?.margins.nearest ?? Number.NEGATIVE_INFINITY

/** Without accents and case, so that "zoe" finds Zoë. */
const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()
