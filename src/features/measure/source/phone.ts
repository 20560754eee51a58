const RADIANS = Math.PI / 180
/** Less than this between screen and floor it lies; else it is held upright. */
const LYING = 45

/**
 * How a phone tilts, from a browser's angles (degrees; `beta` about its short edge, `gamma` about its long one), radians.
 * Held upright, its back to the body and its screen ahead: to the front, and to the body's own right. Lying on the floor,
 * its upper edge ahead: downhill to the front and to the right.
 */
export function tiltOfPhone(beta: number, gamma: number): { pitch: number; roll: number } {
  if (Math.abs(beta) < LYING) return { pitch: -beta * RADIANS, roll: gamma * RADIANS }
  const [b, g] = [beta * RADIANS, gamma * RADIANS]
  // Where down is in the phone's own frame: x to the right of the screen, y to its upper edge, z out of it.
  const [x, y, z] = [Math.cos(b) * Math.sin(g), -Math.sin(b), -Math.cos(b) * Math.cos(g)]
  return { pitch: Math.atan2(z, -y), roll: Math.atan2(-x, -y) }
}
