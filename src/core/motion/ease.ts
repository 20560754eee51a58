import { clamp } from '../numeric/clamp'
import type { Choices } from '../postures/choices'

/** Minimum jerk from 0 to 1. @source Flash & Hogan, J Neurosci 5 (1985) */
export const ease = (t: number): number => t * t * t * (10 - 15 * t + 6 * t * t)

/** What moves in an order of its own within a phase. */
export type Mover = 'foot' | 'pelvis' | 'trunk' | 'shoulder' | 'elbow' | 'hand'

const BEGINS: Record<Mover, number> = { foot: 0, pelvis: 0.1, trunk: 0.2, shoulder: 0.3, elbow: 0.4, hand: 0.5 }
const WINDOW = 0.5

/** How far a mover has come at an instant of a phase, 0 to 1: all together, or one after another. */
export function easeOf(mover: Mover, order: Choices['order'], t: number): number {
  if (order === 'together') return ease(t)
  const begins = order === 'foot-first' ? BEGINS[mover] : WINDOW - BEGINS[mover]
  return ease(clamp((t - begins) / WINDOW, 0, 1))
}
