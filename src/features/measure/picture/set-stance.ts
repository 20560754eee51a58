import { DEG, type PhotoReading } from '@/core'
import { fromStance } from '@/formats/from-core'
import type { Done } from '@/records/practice/doing'
import type { BenchOfPerson, Draft } from '@/server/bench'
import { ask } from '@/ui/api/ask'

const degrees = (radians: number) => Math.round(radians / DEG)

/** Puts the stance on the bench with the knee and the trunk of the picture; a knee is never straighter than straight. */
export async function setStance(
  person: string,
  { posture, school, stance }: Done,
  reading: PhotoReading,
): Promise<void> {
  const address = `/api/bench/${encodeURIComponent(person)}`
  const { draft } = await ask<BenchOfPerson>(address, 'GET')
  const body = fromStance(stance)
  const { kneeFlexion, trunkPitch } = reading
  await ask<Draft>(`${address}/draft`, 'PUT', {
    revision: draft?.revision ?? 0,
    posture: posture.id,
    school,
    stance: {
      ...body,
      ...(kneeFlexion && { height: { kneeFlexionDeg: Math.max(0, degrees(kneeFlexion.value)) } }),
      ...(trunkPitch && { trunk: { ...body.trunk, pitchDeg: degrees(trunkPitch.value) } }),
    },
  })
}
