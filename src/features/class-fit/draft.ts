import type { Measures } from '@/core'
import { readJson, SESSION } from '@/ui/api/shelf'
import type { Choosing, Layout } from './layout'

/** What a layout is a draft of: the hall, the posture as it is taught, and the plan that was kept when it was made. */
export type DraftOf = { choosing: Choosing; measures: Measures; revision: number }

const placeOf = ({ group, posture, school, side, most, chairs }: Choosing): string =>
  `nivrel.class ${[group, posture.id, school, side, most, chairs].join(' ')}`

const stampOf = ({ measures, revision }: DraftOf): string => JSON.stringify([measures, revision])

/** A map or a set as JSON has it. */
const pack = (_: string, value: unknown): unknown =>
  value instanceof Map ? { map: [...value] } : value instanceof Set ? { set: [...value] } : value
const unpack = (_: string, value: unknown): unknown => {
  const { map, set } = (value ?? {}) as { map?: [unknown, unknown][]; set?: unknown[] }
  return Array.isArray(map) ? new Map(map) : Array.isArray(set) ? new Set(set) : value
}

/** Keeps how a class stands in this tab, until it is kept for the class: leaving the page loses nothing. */
export const keepDraft = (of: DraftOf, layout: Layout): boolean =>
  // Where a browser keeps nothing, the class is fitted anew.
  SESSION.write(placeOf(of.choosing), JSON.stringify({ stamp: stampOf(of), layout }, pack))

/** The class as it was left; null where it was not, or the posture or the kept plan is another since. */
export function readDraft(of: DraftOf): Layout | null {
  const kept = readJson<{ stamp: string; layout: Layout }>(SESSION, placeOf(of.choosing), unpack)
  return kept?.stamp === stampOf(of) ? kept.layout : null
}

export const dropDraft = ({ choosing }: DraftOf): void => SESSION.remove(placeOf(choosing))
