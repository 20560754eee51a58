import { fromStance } from '@/documents/from-core'
import type { StanceBody } from '@/documents/stance-document'
import type { Done } from '@/teaching/practice/doing'
import { putDraft } from '@/ui/api/put-draft'

/** Puts a stance of somebody on their bench with what was measured of it. */
export async function putOnBench(
  person: string,
  { posture, school, stance }: Done,
  measured: (stance: StanceBody) => Partial<StanceBody>,
): Promise<void> {
  const body = fromStance(stance)
  await putDraft(person, { posture: posture.id, school, stance: { ...body, ...measured(body) } })
}
