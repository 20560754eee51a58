/**
 * Length of a vector. A square root: `Math.hypot` guards against overflow that lengths of bodies and floors never
 * meet, at ten times the time.
 */
export const lengthOf = (x: number, y: number, z = 0): number => Math.sqrt(x * x + y * y + z * z)
