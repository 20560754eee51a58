/** A number that opens to how it was made. */
export type Reading = {
  name: string
  value: string
  /** The formula in words. */
  formula: string
  source: string
  /** How sure it is. */
  sure?: string
  /** The limit or reserve that it is held against, and who set it. */
  held?: string
  /** It is past that. */
  past?: boolean
}

export type ReadingGroup = { name: string; readings: Reading[] }
