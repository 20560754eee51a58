import type { Body } from '@/core'
import type { MeasuredEntry, RecordDocument } from '@/documents/record-document'
import type { Binding } from '@/records/binding'
import type { Done } from '@/teaching/practice/doing'

/** What every measure is given: who it is of, in which of their stances, and where it is kept. */
export type PanelProps = {
  /** By their id. */
  person: string
  record: RecordDocument
  change: (make: (record: RecordDocument) => RecordDocument) => void
  body: Body
  /** What limits them on this day. */
  bindings: readonly Binding[]
  /** The stance that is stood, of those that are theirs. */
  done: Done
  day: string
  by: string
  onKeep: (entry: Omit<MeasuredEntry, 'on' | 'by'>) => void
}
