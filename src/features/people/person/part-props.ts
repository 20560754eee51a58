import type { KeptRecord } from '@/server/people'

type PersonRecord = KeptRecord['record']

/** What every part of a person's page is given. */
export type PartProps = {
  record: PersonRecord
  change: (make: (record: PersonRecord) => PersonRecord) => void
  day: string
}
