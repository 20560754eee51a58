/** The nearest to a value between two bounds; where the upper is below the lower, the upper. */
export const clamp = (value: number, low: number, high: number): number => Math.min(high, Math.max(low, value))
