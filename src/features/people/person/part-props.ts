import type { KeptRecord } from '@/records/kept-record'

type PersonRecord = KeptRecord['record']

/** What every part of a person's page is given. */
export type PartProps = {
  record: PersonRecord
  /** `typing` names the field that is being typed in: its letters are one step for undo. */
  change: (make: (record: PersonRecord) => PersonRecord, typing?: string) => void
  day: string
}
