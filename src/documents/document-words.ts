import type { Accepts, Buys, ChangeValue, Finding, Measurement, Measures, Variant } from '@/core'

/**
 * What documents say in words beside their codes. Formats hold none: whoever answers with a document brings them, and
 * documents stay in English.
 */
export type DocumentWords = {
  accepts: (accepts: Accepts) => string
  finding: (finding: Finding) => string
  note: (variant: Variant) => string | null
  buys: (buys: Buys) => string
  /** One end of a change that is no figure. */
  state: (change: Pick<ChangeValue, 'what'>, code: string) => string
  measurement: (measurement: Measurement) => string
  levels: (levels: readonly Measures[], taught: Measures) => { title: string; sentence: string }[]
}
