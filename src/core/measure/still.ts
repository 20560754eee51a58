/** A level held still: radians. */
export type Still = { mean: { pitch: number; roll: number }; spread: { pitch: number; roll: number }; seconds: number }

/** How long it is held, how far it may wander meanwhile, and what is a shake. */
export const STILL = { seconds: 2 - 1e-9, wander: (1.5 * Math.PI) / 180, gapS: 0.5 } as const

type Tilt = { atS: number; pitch: number; roll: number }

/** What has been held still up to now; a shake, a jump or a gap starts again. */
export class StillReader {
  private held: Tilt[] = []

  /** @returns what was held, once it is two seconds; null until then */
  take(tilt: Tilt): Still | null {
    const last = this.held.at(-1)
    // What comes twice or a little late says nothing new; a clock that began again, or a gap, does.
    if (last && tilt.atS <= last.atS && last.atS - tilt.atS <= STILL.gapS) return this.read()
    if (last && Math.abs(tilt.atS - last.atS) > STILL.gapS) this.held = []
    this.held.push(tilt)
    // Whatever lies too far from the newest was another place.
    const from = this.held.findLastIndex(
      (one) => Math.abs(one.pitch - tilt.pitch) > STILL.wander || Math.abs(one.roll - tilt.roll) > STILL.wander,
    )
    if (from >= 0) this.held.splice(0, from + 1)
    while (this.heldS > STILL.seconds && this.held[1] && tilt.atS - this.held[1].atS >= STILL.seconds) this.held.shift()
    return this.read()
  }

  /** For how long it is still now, seconds. */
  get heldS(): number {
    const [first, last] = [this.held[0], this.held.at(-1)]
    return first && last ? last.atS - first.atS : 0
  }

  private read(): Still | null {
    if (this.heldS < STILL.seconds) return null
    const of = (key: 'pitch' | 'roll') => {
      const mean = this.held.reduce((sum, one) => sum + one[key], 0) / this.held.length
      const spread = Math.sqrt(this.held.reduce((sum, one) => sum + (one[key] - mean) ** 2, 0) / this.held.length)
      return { mean, spread }
    }
    const [pitch, roll] = [of('pitch'), of('roll')]
    return {
      mean: { pitch: pitch.mean, roll: roll.mean },
      spread: { pitch: pitch.spread, roll: roll.spread },
      seconds: this.heldS,
    }
  }
}
