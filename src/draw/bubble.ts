import type { Margins } from '@/core'

export type Axis = 'across' | 'along'

/** Where the bubble stands that left the glass, in pixels from its end. */
const OFF = 12

/** What a vial along one axis shows of some margins: the edges to both ends, and where on the glass the bubble stands. */
export function readAxis(margins: Margins, axis: Axis, length: number, scale: number) {
  const { nearest, nearestDirection, left, right, back, forward } = margins
  const [toLow, toHigh] = axis === 'across' ? [left, right] : [back, forward]
  // From outside, the nearest edge lies the other way: to the low end where the bubble is off the high one.
  const offHigh = axis === 'across' ? nearestDirection > 0 : Math.cos(nearestDirection) < 0
  const beyond = nearest < 0 && axis === nearestAxis(margins)
  const bubbleAt = beyond ? (offHigh ? length - OFF : OFF) : length / 2 + ((toLow - toHigh) / 2) * scale
  return { toLow, toHigh, bubbleAt, beyond: nearest < 0 }
}

/** The axis along which the nearest edge lies. */
export const nearestAxis = ({ nearestDirection }: Margins): Axis =>
  Math.abs(Math.sin(nearestDirection)) > Math.abs(Math.cos(nearestDirection)) ? 'across' : 'along'
