import type { LimitEntry, LimitSource } from '@/formats/record-document'
import type { Binding } from './binding'
import { sayLimit } from './limit-list'

/** A day as people say it: 3 March, with the year where it is another one. */
export function sayDay(day: string, year?: string): string {
  const date = new Date(`${day}T00:00:00Z`)
  const withYear = year !== undefined && !day.startsWith(year)
  const options = { day: 'numeric', month: 'long', timeZone: 'UTC' } as const
  return date.toLocaleDateString('en-GB', withYear ? { ...options, year: 'numeric' } : options)
}

const KINDS: Record<LimitSource['kind'], string> = {
  estimate: 'estimate',
  instructor: 'the instructor',
  'self-reported': 'their own word',
  clinician: 'a clinician',
}

/** Who said it. */
export const saySource = ({ kind, name }: LimitSource): string => name || KINDS[kind]

/** Who said it, when, and until when it stands. */
export function sayOrigin({ source, on, reviewOn }: LimitEntry): string {
  const order = source.kind === 'clinician' && source.name ? ' (clinician)' : ''
  const review = reviewOn ? `, review ${sayDay(reviewOn)}` : ''
  return `${saySource(source)}${order}, ${sayDay(on)}${review}`
}

/** A limit that binds, for the side that it binds. */
export const sayBinding = ({ what, side, entry }: Binding): string =>
  sayLimit({ what, side, value: entry.value, grade: entry.grade })
