/** Figures as the screen says them. */
export const centimetres = (metres: number, digits = 1): string => {
  const cm = metres * 100
  const text = cm.toFixed(digits)
  // A no-break space: a figure and its unit stay together.
  return `${text.endsWith('.0') ? text.slice(0, -2) : text}\u00a0cm`
}

export const wholeDegrees = (degrees: number): string => `${Math.round(degrees)}°`

/** The eight ways in which somebody can tip, from forward, counter-clockwise. */
const WAYS = ['ahead', 'ahead left', 'left', 'back left', 'behind', 'back right', 'right', 'ahead right'] as const

export const wayOf = (direction: number): string => WAYS[(Math.round(direction / (Math.PI / 4)) + 8) % 8] as string
