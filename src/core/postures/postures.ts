import { FORMS } from './forms'
import type { Posture } from './posture'
import { STANCES } from './stances'

/** The library as it ships: the stances of the legs, then the traditional postures. */
export const LIBRARY: readonly Posture[] = [...STANCES, ...FORMS]

export const POSTURE_IDS: readonly string[] = LIBRARY.map(({ id }) => id)

const BY_ID = new Map(LIBRARY.map((posture) => [posture.id, posture]))

/**
 * A posture of the library as it ships. @throws Error for an id that is none: ours to avoid
 * @example postureOf('bow').sided // => true
 */
export function postureOf(id: string): Posture {
  const posture = BY_ID.get(id)
  if (!posture) throw new Error(`no posture "${id}"`)
  return posture
}
