import { type BySide, bySide, type ClassDay, type DoneDay, type Practice } from '@/core'
import type { Happening, LogBody, LogRow } from '@/documents/log-document'

export const countOf = ({ happened = [] }: LogBody, what: Happening): number =>
  happened.filter((one) => one.what === what).length

/** The most of what was said, null where nobody said anything. */
const most = (values: readonly (number | null | undefined)[]): number | null => {
  const said = values.filter((value): value is number => typeof value === 'number')
  return said.length > 0 ? Math.max(...said) : null
}

/** What a day's row says, else what its pieces come to with what was touched on the screen; null where neither says. */
function total(rows: readonly LogRow[], key: 'wobbles' | 'touches', what: Happening): number | null {
  const whole = rows.find(({ piece }) => piece === undefined)?.[key]
  if (typeof whole === 'number') return whole
  const parts = rows.flatMap((row) => {
    const said = row[key]
    if (typeof said === 'number') return [said]
    const seen = countOf(row, what)
    return seen > 0 ? [seen] : []
  })
  return parts.length > 0 ? parts.reduce((sum, one) => sum + one, 0) : null
}

const is = (rows: readonly LogRow[], key: 'nearFall' | 'stopped' | 'dizzy' | 'bad', what?: Happening): boolean =>
  rows.some((row) => row[key] === true || (what !== undefined && countOf(row, what) > 0 && row[key] !== false))

const sumOf = (values: readonly (number | null | undefined)[]): number | null => {
  const said = values.filter((value): value is number => typeof value === 'number')
  return said.length > 0 ? said.reduce((sum, one) => sum + one, 0) : null
}

/** One day of somebody, from its rows. */
function readDay(day: string, rows: readonly LogRow[]): ClassDay {
  const whole = rows.find(({ piece }) => piece === undefined)
  const pieces = rows.filter(({ piece }) => piece !== undefined)
  const wholes = pieces.flatMap((row) => (typeof row.whole === 'boolean' ? [row.whole] : []))
  const holds = bySide((side) => most(rows.map(({ holdS }) => holdS?.[side])))
  return {
    day,
    // A piece is written down for everybody who was expected: that alone says of nobody that they came.
    came: whole ? whole.came !== false : pieces.some(({ happened = [] }) => happened.length > 0),
    bad: is(rows, 'bad'),
    whole: typeof whole?.whole === 'boolean' ? whole.whole : wholes.length > 0 ? wholes.every(Boolean) : null,
    effort: most(rows.map(({ effort }) => effort)),
    // A touch that says pain says no figure: it stays unknown, and so never speaks for harder.
    pain: most(rows.map(({ pain }) => pain)),
    wobbles: total(rows, 'wobbles', 'wobble'),
    touches: total(rows, 'touches', 'touch'),
    rounds: sumOf(pieces.map(({ rounds }) => rounds)) ?? whole?.rounds ?? null,
    nearFall: is(rows, 'nearFall', 'near-fall'),
    dizzy: is(rows, 'dizzy'),
    stopped: is(rows, 'stopped', 'stop'),
    holdS: holds,
  }
}

function byDay<R extends LogRow>(rows: readonly R[]): [string, R[]][] {
  const days = new Map<string, R[]>()
  for (const row of rows) days.set(row.day, [...(days.get(row.day) ?? []), row])
  return [...days].sort(([a], [b]) => a.localeCompare(b))
}

/** The classes of one person, in order of days. */
export const listClassDays = (rows: readonly LogRow[]): ClassDay[] =>
  byDay(rows).map(([day, some]) => readDay(day, some))

/** What one person did, and whether they complained of it. */
export function listDoneDays(rows: readonly LogRow[], rules: Practice): DoneDay[] {
  return byDay(rows).flatMap(([day, some]): DoneDay[] => {
    const one = readDay(day, some)
    if (!one.came) return []
    const sum = (key: 'kneeNms'): BySide<number> =>
      bySide((side) => some.reduce((all, row) => all + (row[key]?.[side] ?? 0), 0))
    // Where nobody wrote down what came at a stretch, the largest piece did.
    const stretch = bySide(
      (side) =>
        most(some.map(({ stretchNms }) => stretchNms?.[side])) ?? most(some.map(({ kneeNms }) => kneeNms?.[side])) ?? 0,
    )
    const complained =
      (one.pain ?? 0) > rules.harderPain ||
      (one.effort ?? 0) >= rules.easierEffort ||
      one.nearFall ||
      one.stopped ||
      one.dizzy
    return [{ day, nms: sum('kneeNms'), stretch, complained }]
  })
}
