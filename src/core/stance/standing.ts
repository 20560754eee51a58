import type { Body } from '../body/body'
import { DEG, type Vec2 } from '../conventions'
import { ARM_DOWN, STANCE_DEFAULTS, type Stance } from './stance'

/**
 * The person's own standing: parallel, heels a shoulder width apart, knees 15°, arms down, no support.
 * @example makeStandingStance(ana).loadLeft // => 0.5
 */
export function makeStandingStance(body: Body): Stance {
  const foot = (x: number) => ({
    heel: [x, 0] as Vec2,
    toeOut: 0,
    contact: 'whole' as const,
    pressureAt: STANCE_DEFAULTS.pressureAt,
    clearance: STANCE_DEFAULTS.clearanceM,
    lift: 0,
  })
  return {
    feet: { left: foot(-body.shoulderWidth / 2), right: foot(body.shoulderWidth / 2) },
    loadLeft: 0.5,
    loadMeasured: false,
    height: { kneeFlexion: 15 * DEG },
    pelvisYaw: 0,
    pelvisTilt: 0,
    trunk: { pitch: 0, roll: 0, yaw: 0 },
    arms: { left: ARM_DOWN, right: ARM_DOWN },
    supports: [],
    frame: 'upright',
    eyes: 'open',
    floor: { slope: 0, downhill: 0 },
  }
}
