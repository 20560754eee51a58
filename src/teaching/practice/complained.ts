import { addDays } from '@/documents/days'
import type { LogRow } from '@/documents/log-document'
import type { PainPlace } from '@/documents/pain-places'
import type { RecordDocument } from '@/documents/record-document'

/** Something that somebody complains of; and the day on which pain there was written down last, where it was. */
export type Complained = { complaint: string; painOn: string | null }

/** Places whose usual causes can be looked at. */
const OF_PLACE: Partial<Record<PainPlace, string>> = { knee: 'knee', back: 'low-back', shoulder: 'shoulder' }
/** Days for which pain at the door is a complaint. */
const LATELY = 28

/** What is complained of: by the record, as long as it is not gone, and by the pain that was written down lately. */
export function listComplained(
  complaints: RecordDocument['complaints'],
  rows: readonly LogRow[],
  today: string,
): Complained[] {
  const painOn = new Map<string, string>()
  for (const { day, pain, painAt } of rows) {
    const complaint = painAt && OF_PLACE[painAt]
    if (!complaint || !pain || day < addDays(today, -LATELY) || day > today) continue
    if (day > (painOn.get(complaint) ?? '')) painOn.set(complaint, day)
  }
  const open = complaints.filter(({ gone }) => !gone).map(({ complaint }) => complaint)
  return [...new Set([...open, ...painOn.keys()])].map((complaint) => ({
    complaint,
    painOn: painOn.get(complaint) ?? null,
  }))
}
