import { type ClassDay, type Decision, decide, listConcerns, type Practice } from '@/core'
import type { LogRow } from '@/documents/log-document'
import { listClassDays } from './class-days'

/** Somebody of a group, by what is written down of them. */
export type Standing = {
  id: string
  name: string
  days: ClassDay[]
  decision: Decision
  concerned: boolean
  effort: number | null
}

/** The day on which somebody last decided for each of them, by id. */
export type Answered = Readonly<Record<string, string>>

/** Classes that a mean is of. */
const RECENT = 3

export function readStandings(
  people: readonly { id: string; name: string }[],
  rows: readonly LogRow[],
  on: string,
  rules: Practice,
  answered: Answered,
): Standing[] {
  return people.map(({ id, name }) => {
    const days = listClassDays(rows.filter(({ person, day }) => person === id && day <= on))
    const efforts = days.flatMap(({ effort }) => (effort === null ? [] : [effort])).slice(-RECENT)
    return {
      id,
      name,
      days,
      decision: decide(days, on, rules, answered[id] ?? null),
      concerned: listConcerns(days, rules).length > 0,
      effort: efforts.length > 0 ? efforts.reduce((sum, one) => sum + one, 0) / efforts.length : null,
    }
  })
}

/** Postures of a group's plans in which somebody is ready for another level than they do, and how many. */
export function listUnfit(
  standings: readonly Standing[],
  planned: ReadonlyMap<string, readonly string[]>,
): { posture: string; n: number }[] {
  const counts = new Map<string, number>()
  for (const { id, decision } of standings)
    if (decision.way !== 'same')
      for (const posture of planned.get(id) ?? []) counts.set(posture, (counts.get(posture) ?? 0) + 1)
  return [...counts].map(([posture, n]) => ({ posture, n }))
}

/** How much harder than for the others a class must be for somebody to drift away from them. */
const DRIFT = 2

/** Who drifts away from the rest: it is harder for them than for the middle of the others by so much. */
export function listDrifting(standings: readonly Standing[]): { name: string; more: number }[] {
  return standings.flatMap(({ id, name, effort }) => {
    const others = standings
      .flatMap((one) => (one.id === id || one.effort === null ? [] : [one.effort]))
      .sort((a, b) => a - b)
    const middle = others[others.length >> 1]
    if (effort === null || middle === undefined || effort - middle < DRIFT) return []
    return [{ name, more: effort - middle }]
  })
}
