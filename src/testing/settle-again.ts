import { type Body, setFooting } from '@/core'
import type { Stood } from '@/core/motion/posing'
import { type Settled, settle } from '@/core/pose/pose'

/** Feet, legs and trunk of an instant that was stood. */
export const settleAgain = (body: Body, { stance, reached }: Stood): Settled =>
  settle(setFooting(body, stance), { reached }, true)
