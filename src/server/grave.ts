import { type ClassDay, decide, type Practice, type Reason } from '@/core'
import { readDecisionsOf } from './decisions'

/**
 * What happened in somebody's last class and has to be answered before anything else: a near fall, a stop, dizziness,
 * pain. None once a word was written on it.
 * @param days what was written down of them
 */
export async function readGrave(
  person: string,
  days: readonly ClassDay[],
  on: string,
  rules: Practice,
): Promise<Reason[]> {
  const { grave } = decide(days, on, rules)
  const happened = grave[0]?.day
  if (!happened) return []
  const isAnswered = (await readDecisionsOf(person)).some(({ day }) => day >= happened)
  return isAnswered ? [] : grave
}
