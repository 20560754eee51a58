import type { StanceBody } from '@/documents/stance-document'
import { ask } from './ask'

/** Puts a stance on somebody's bench, over what is there now. */
export async function putDraft(
  person: string,
  on: { posture: string; school: string; stance: StanceBody },
): Promise<void> {
  const address = `/api/bench/${encodeURIComponent(person)}`
  const { draft } = await ask<{ draft: { revision: number } | null }>(address, 'GET')
  await ask(`${address}/draft`, 'PUT', { revision: draft?.revision ?? 0, ...on })
}

/** The same, and to the bench with it. */
export async function openOnBench(person: string, on: Parameters<typeof putDraft>[1]): Promise<void> {
  await putDraft(person, on)
  window.location.assign(`/bench?person=${encodeURIComponent(person)}`)
}
