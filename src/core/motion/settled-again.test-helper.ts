import type { Body } from '../body/body'
import { type Settled, settle } from '../pose/pose'
import { setFooting } from '../stance/footing'
import type { Stood } from './posing'

/** Feet, legs and trunk of an instant that was stood: a path keeps what is read of them only. */
export const settleAgain = (body: Body, { stance, reached }: Stood): Settled =>
  settle(setFooting(body, stance), { reached }, true)
