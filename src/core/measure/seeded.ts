import type { Random } from './stand-in'

/**
 * The same row of numbers between 0 and 1 for the same seed, everywhere (mulberry32).
 * @param seed any whole number
 * @returns a generator of numbers from 0 up to 1
 * @example seeded(1)() // => 0.6271
 */
export function seeded(seed: number): Random {
  let state = seed | 0
  return () => {
    state = (state + 0x6d2b79f5) | 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}
