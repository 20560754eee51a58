import { fromStance } from '@/formats/from-core'
import type { StanceBody } from '@/formats/stance-document'
import type { Done } from '@/records/practice/doing'
import type { BenchOfPerson, Draft } from '@/server/bench'
import { ask } from '@/ui/api/ask'

/** Puts a stance of somebody on their bench with what was measured of it. */
export async function putOnBench(
  person: string,
  { posture, school, stance }: Done,
  measured: (stance: StanceBody) => Partial<StanceBody>,
): Promise<void> {
  const address = `/api/bench/${encodeURIComponent(person)}`
  const { draft } = await ask<BenchOfPerson>(address, 'GET')
  const body = fromStance(stance)
  await ask<Draft>(`${address}/draft`, 'PUT', {
    revision: draft?.revision ?? 0,
    posture: posture.id,
    school,
    stance: { ...body, ...measured(body) },
  })
}
