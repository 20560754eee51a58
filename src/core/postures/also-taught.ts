import { DEG } from '../conventions'
import type { FootMeasure, Measures } from './measures'
import { traitsOf } from './traits'

/** Ways in which one posture is taught besides, within a school or across them; none is wrong. */
export const WAYS_TAUGHT = [
  'toes-in',
  'feet-straight',
  'level-heels',
  'narrow',
  'usual',
  'wide',
  'sit-back',
  'sink-straight',
] as const
export type WayTaught = (typeof WAYS_TAUGHT)[number]

/** Named widths between the heels, in shoulder widths. */
const WIDTHS: Partial<Record<WayTaught, number>> = { narrow: 0.75, usual: 0.9, wide: 1 }
const SAME = 1e-6
/** Of a foot's length: the rear third, over the heel. */
const REAR = 0.3
/** Of stature: nearly level, the toes of one foot beside the other's. */
const NEARLY_LEVEL = 0.005

/**
 * A posture as it is taught another way; null where that is no other way of it: what stands on one leg, sits or has no
 * such foot.
 * @param measures lengths in statures and shoulder widths, angles in radians
 * @example Math.round((teachAlso(postureOf('bow').measures.therapeutic, 'toes-in')?.own.toeOut ?? 0) / DEG) // => -10
 */
export function teachAlso(measures: Measures, way: WayTaught): Measures | null {
  const { own, other, step, ownLoad, seated, track, breadths } = measures
  const { oneLeg, stepsBack } = traitsOf(measures)
  const isWhole = own.contact === 'whole' && other.contact === 'whole'
  if (seated || oneLeg || breadths > 0) return null
  const isBow = isWhole && step > 0.02 && ownLoad > 0.5
  switch (way) {
    case 'toes-in':
      return isBow ? { ...measures, own: turn(own, -10) } : null
    case 'feet-straight':
      return isWhole && (own.toeOut !== 0 || other.toeOut !== 0)
        ? { ...measures, own: turn(own, 0), other: turn(other, 0) }
        : null
    case 'level-heels':
      return stepsBack ? { ...measures, step: NEARLY_LEVEL } : null
    case 'narrow':
    case 'usual':
    case 'wide': {
      const width = WIDTHS[way] as number
      return (isBow || stepsBack) && Math.abs(track - width) > SAME ? { ...measures, track: width } : null
    }
    case 'sit-back':
      return ownLoad < 0.5 && other.contact === 'whole'
        ? { ...measures, other: { ...other, pressureAt: REAR }, trunk: { ...measures.trunk, pitch: 10 * DEG } }
        : null
    case 'sink-straight':
      return ownLoad < 0.5 && measures.trunk.pitch !== 0
        ? { ...measures, trunk: { ...measures.trunk, pitch: 0 } }
        : null
  }
}

const turn = (foot: FootMeasure, degrees: number): FootMeasure => ({ ...foot, toeOut: degrees * DEG })
