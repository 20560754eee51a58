import { useMemo, useState } from 'react'
import { stamp } from '@/clock'
import type { LessonDocument } from '@/documents/lesson-document'
import type { LogBody, LogRow } from '@/documents/log-document'
import type { BenchPerson } from '@/keeping/bench'
import { countOf } from '@/teaching/practice/class-days'
import { mergeRow } from '@/teaching/practice/merge-row'
import { type LogEntry, useOutbox } from '@/ui/api/use-outbox'
import { asGiven, type Did } from './use-did'

/** What a day's lines show of somebody; null: nobody said. */
export type Shown = {
  came: boolean | null
  late: boolean | null
  as: NonNullable<LogBody['as']> | null
  level: number | null
  stepPct: number | null
  whole: boolean | null
  wobbles: number | null
  touches: number | null
  holdS: { left: number | null; right: number | null }
  effort: number | null
  pain: number | null
  painAt: NonNullable<LogBody['painAt']> | null
  painSide: NonNullable<LogBody['painSide']> | null
  nearFall: boolean | null
  dizzy: boolean | null
  stopped: boolean | null
  word: string
}

export type Attendee = {
  id: string
  name: string
  shown: Shown
  corrected: NonNullable<LogBody['corrected']>
  /** What the lesson and the touches say, which goes in with the first thing that is said of them. */
  prefilled: Partial<LogBody>
}

type Day = {
  group: string
  day: string
  isToday: boolean
  lesson: LessonDocument | null
  did: Did
  /** Who was in the group when its roll was called on that day; null where it was not. */
  roll: readonly string[] | null
}

const rowsOf = (rows: readonly LogRow[], id: string) => rows.filter(({ person }) => person === id)

/** What was seen of somebody in the lesson, before anything is said at the door. */
function prefill(pieces: readonly LogRow[], person: BenchPerson | undefined, day: Day): Partial<LogBody> {
  const sum = (key: 'wobbles' | 'touches', what: 'wobble' | 'touch') =>
    pieces.reduce((all, row) => all + (row[key] ?? countOf(row, what)), 0)
  const main = pieces.findLast(({ as }) => as !== undefined)
  const happened = (what: 'stop' | 'near-fall') => pieces.some((row) => countOf(row, what) > 0)
  return {
    came: true,
    ...(pieces.length > 0 && { wobbles: sum('wobbles', 'wobble'), touches: sum('touches', 'touch') }),
    ...(main?.as ? { as: main.as } : asGiven(person, day)),
    ...(typeof main?.level === 'number' && { level: main.level }),
    ...(typeof main?.stepPct === 'number' && { stepPct: main.stepPct }),
    ...(pieces.length > 0 && { whole: !happened('stop') }),
    ...(happened('near-fall') && { nearFall: true }),
    ...(happened('stop') && { stopped: true }),
    ...(day.isToday && person?.today && { bad: true }),
  }
}

/** Whether somebody came, as the roll says; null where nobody called them. */
function asCalled(id: string, person: BenchPerson | undefined, { roll }: Day): boolean | null {
  if (person?.mark === 'away') return false
  return roll?.includes(id) ? true : null
}

function readAttendee(
  { id, name }: { id: string; name: string },
  all: readonly LogRow[],
  person: BenchPerson | undefined,
  day: Day,
): Attendee {
  const rows = rowsOf(all, id)
  const whole = rows.find(({ piece }) => piece === undefined)
  const pieces = rows.filter(({ piece }) => piece !== undefined)
  const prefilled = prefill(pieces, person, day)
  const held = (side: 'left' | 'right') => {
    const said = rows.flatMap(({ holdS }) => holdS?.[side] ?? [])
    return whole?.holdS?.[side] ?? (said.length > 0 ? Math.max(...said) : null)
  }
  // Once something is written down, what they did is what stands there.
  const seen = pieces.length > 0 ? prefilled : whole ? {} : asGiven(person, day)
  const came = whole?.came ?? (day.isToday ? asCalled(id, person, day) : null)
  return {
    id,
    name,
    prefilled,
    corrected: whole?.corrected ?? [],
    shown: {
      came,
      late: whole?.late ?? null,
      as: whole?.as ?? seen.as ?? null,
      level: whole?.level ?? seen.level ?? null,
      stepPct: whole?.stepPct ?? seen.stepPct ?? null,
      whole: whole?.whole ?? seen.whole ?? null,
      wobbles: whole?.wobbles ?? seen.wobbles ?? null,
      touches: whole?.touches ?? seen.touches ?? null,
      holdS: { left: held('left'), right: held('right') },
      effort: whole?.effort ?? null,
      pain: whole?.pain ?? null,
      painAt: whole?.painAt ?? null,
      painSide: whole?.painSide ?? null,
      nearFall: whole?.nearFall ?? seen.nearFall ?? null,
      dizzy: whole?.dizzy ?? null,
      stopped: whole?.stopped ?? seen.stopped ?? null,
      word: whole?.word ?? '',
    },
  }
}

/** Everybody of a day with what is written down of them; every entry is sent as it is made. */
export function useDay(
  of: Day,
  members: readonly BenchPerson[],
  names: readonly { id: string; name: string }[],
  first: readonly LogRow[],
) {
  const { group, day } = of
  const [rows, setRows] = useState<readonly LogRow[]>(first)
  const [walkedIn, setWalkedIn] = useState<readonly string[]>([])
  const put = (changed: readonly LogRow[]) =>
    setRows((before) => [
      ...before.filter(
        (row) => !changed.some((one) => one.person === row.person && (one.piece ?? '') === (row.piece ?? '')),
      ),
      ...changed.filter((one) => one.group === group && one.day === day),
    ])
  const outbox = useOutbox((saved) => {
    // What is said meanwhile is newer than what comes back.
    const newer = new Set(outbox.waitingOf().map((one) => `${one.person} ${one.piece ?? ''}`))
    put(saved.filter((row) => !newer.has(`${row.person} ${row.piece ?? ''}`)))
  })
  const people = useMemo(() => {
    const there = new Set(members.map(({ id }) => id))
    const guests = [...new Set([...rows.map(({ person }) => person), ...walkedIn])].filter((id) => !there.has(id))
    return [
      ...members.map(({ id, name }) => ({ id, name })),
      ...guests.flatMap((id) => names.find((one) => one.id === id) ?? []),
    ]
  }, [members, names, rows, walkedIn])
  const attendees = useMemo(
    () =>
      people.map((one) =>
        readAttendee(
          one,
          rows,
          members.find(({ id }) => id === one.id),
          of,
        ),
      ),
    [people, rows, members, of],
  )
  const enter = (entries: readonly LogEntry[]) => {
    const at = stamp()
    put(
      entries.map(({ person, piece, said = {}, happened = [], mistaken = [] }) => {
        const {
          person: _,
          day: __,
          group: ___,
          piece: ____,
          title,
          ...before
        } = rows.find((row) => row.person === person && (row.piece ?? '') === (piece ?? '')) ?? { person, day, group }
        const body = mergeRow(before, { said, happened, mistaken }, { at, isLater: false })
        return { person, day, group, ...(piece && { piece }), ...(title && { title }), ...body } as LogRow
      }),
    )
    outbox.add(entries)
  }
  /** With the first thing that is said of somebody goes what the lesson saw of them. */
  const sayOf = ({ id, prefilled }: Attendee, said: Partial<LogBody>) => {
    const known = rows.some(({ person, piece }) => person === id && piece === undefined)
    const all = known || said.came === false ? said : { ...prefilled, ...said }
    enter([{ person: id, group, day, said: all }])
  }
  return {
    rows,
    attendees,
    outbox,
    sayOf,
    everybody: () =>
      enter(
        attendees
          .filter(({ id }) => !rows.some(({ person, piece }) => person === id && piece === undefined))
          .map(({ id, prefilled, shown }) => ({
            person: id,
            group,
            day,
            said: shown.came === false ? { came: false } : prefilled,
          })),
      ),
    walkIn: (id: string) => {
      setWalkedIn((before) => [...before, id])
      enter([{ person: id, group, day, said: { came: true } }])
    },
  }
}
