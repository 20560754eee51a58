import type { StanceBody } from '@/formats/stance-document'
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
