import { DEG } from '../conventions'
import type { Measures } from './measures'

/** What a posture asks of whoever does it, whatever it is called: read off its measures. */
export type Traits = {
  /** A foot is in the air. */
  oneLeg: boolean
  /** The weight stays behind a foot that was left ahead, facing it: one stepped back. */
  stepsBack: boolean
  /** The weight stays about the middle: nobody steps away from standing. */
  central: boolean
  /** Neither foot ahead: either can be the one that moves. */
  level: boolean
  /** Deep, or wide with the weight between the feet: the thighs work. */
  low: boolean
  /** Both arms are about level with the shoulders, or one is above them. */
  armsHigh: boolean
}

const AHEAD = 0.02
const CENTRAL = 0.1
const FACING = 5 * DEG
const DEEP = 40 * DEG
const WIDE = 1.1
const LEVEL_ARMS = 70 * DEG
const HIGH_ARM = 90 * DEG
const DUST = 1e-9

/**
 * The traits of a posture, by its measures in one school: a house's own posture has them as a shipped one does.
 * @param measures lengths in statures and shoulder widths, angles in radians, shares 0 to 1
 * @example traitsOf(postureOf('golden-rooster').measures.therapeutic).oneLeg // => true
 */
export function traitsOf(measures: Measures): Traits {
  const { own, other, step, track, ownLoad, kneeFlexion, pelvisYaw, seated, ownArm, otherArm } = measures
  const oneLeg = !seated && (own.contact === 'air' || other.contact === 'air')
  const central = seated || Math.abs(ownLoad - 0.5) <= CENTRAL - DUST
  const low = !seated && (kneeFlexion >= DEEP - DUST || (central && track >= WIDE))
  const stands = [own, other].every(({ contact, toeOut }) => contact === 'whole' && toeOut > -FACING)
  const arms = [ownArm.elevation, otherArm.elevation]
  return {
    oneLeg,
    stepsBack: stands && !low && !central && step > AHEAD && ownLoad < 0.5 && Math.abs(pelvisYaw) <= FACING,
    central,
    level: Math.abs(step) <= AHEAD,
    low,
    armsHigh: Math.min(...arms) >= LEVEL_ARMS - DUST || Math.max(...arms) >= HIGH_ARM - DUST,
  }
}
