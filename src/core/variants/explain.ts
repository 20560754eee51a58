import { type Analysis, analyse } from '../analysis'
import { kneeLoad } from '../balance/legs'
import { type BySide, DEG, SIDES } from '../conventions'
import { InputError } from '../errors'
import type { Stance } from '../stance/stance'
import type { Lever, LeverId, Start } from './levers'
import { moveLevers } from './levers'
import type { Change, ChangeWhat } from './variant'

const LEAST_FLEXION = DEG
const LEAST_MARGIN = 0.001
const LEAST_LOAD = 2

/** What a stance buys against another, in words: margin, knee bend and knee load; empty where it changes none. */
export function describeGain(before: Analysis, after: Analysis): string {
  const said: string[] = []
  const margin = after.assured.margin - before.assured.margin
  if (Math.abs(margin) >= LEAST_MARGIN) {
    said.push(`${Math.round(Math.abs(margin) * 1000)} mm ${margin > 0 ? 'more' : 'less'} to spare`)
  }
  for (const side of SIDES) {
    const bend = after.legs[side].flexion - before.legs[side].flexion
    if (Math.abs(bend) >= LEAST_FLEXION) {
      said.push(`${side} knee ${Math.round(Math.abs(bend) / DEG)}° ${bend > 0 ? 'more bent' : 'straighter'}`)
    }
    const load = kneeLoad(after.legs[side]) - kneeLoad(before.legs[side])
    if (Math.abs(load) >= LEAST_LOAD) {
      said.push(`${Math.round(Math.abs(load))} Nm ${load > 0 ? 'more' : 'less'} on the ${side} knee`)
    }
  }
  return said.join(', ')
}

/** Explains changes one at a time: each alone on the original. */
export class Explainer {
  constructor(
    private readonly start: Start,
    private readonly original: Analysis,
    private readonly standing: number | null,
  ) {}

  explainLevers(base: Stance, levers: readonly Lever[], changes: readonly number[]): Change[] {
    return levers.flatMap((lever, i) => {
      const notches = changes[i] as number
      if (notches === 0) return []
      const alone = moveLevers({ ...this.start, stance: base }, [lever], [notches])
      return [{ ...this.readLever(lever.id, alone, notches * lever.notch), alone, buys: this.describeAlone(alone) }]
    })
  }

  explainWord(what: ChangeWhat, from: string, to: string, alone: Stance): Change {
    return { what, from, to, unit: 'word', alone, buys: this.describeAlone(alone) }
  }

  private describeAlone(alone: Stance): string {
    try {
      const after = analyse(this.start.body, alone, { standing: this.standing, withoutFreeTurn: true })
      return describeGain(this.original, after) || 'needed with the others'
    } catch (error) {
      if (error instanceof InputError) return 'only with the others'
      throw error
    }
  }

  private readLever(id: LeverId, to: Stance, amount: number): Pick<Change, 'what' | 'from' | 'to' | 'unit'> {
    const from = this.start.stance
    const arms: BySide<{ elevation: number; opening: number }> = from.arms
    switch (id) {
      case 'step':
        return { what: 'stepLength', from: stepOf(from), to: stepOf(to), unit: 'm' }
      case 'width':
        return { what: 'trackWidth', from: widthOf(from), to: widthOf(to), unit: 'm' }
      case 'toeOutLeft':
        return { what: id, from: from.feet.left.toeOut, to: to.feet.left.toeOut, unit: 'rad' }
      case 'toeOutRight':
        return { what: id, from: from.feet.right.toeOut, to: to.feet.right.toeOut, unit: 'rad' }
      case 'height':
        return { what: 'kneeFlexion', from: this.start.flexion, to: this.start.flexion + amount, unit: 'rad' }
      case 'share':
        return { what: 'loadLeft', from: from.loadLeft, to: to.loadLeft, unit: 'share' }
      case 'pitch':
        return { what: 'trunkPitch', from: from.trunk.pitch, to: to.trunk.pitch, unit: 'rad' }
      case 'pelvisYaw':
        return { what: id, from: from.pelvisYaw, to: to.pelvisYaw, unit: 'rad' }
      case 'armHeight':
        return { what: id, from: arms.left.elevation, to: arms.left.elevation + amount, unit: 'rad' }
      case 'armOpening':
        return { what: id, from: arms.left.opening, to: arms.left.opening + amount, unit: 'rad' }
    }
  }
}

const stepOf = ({ feet }: Stance) => Math.abs(feet.left.heel[1] - feet.right.heel[1])
const widthOf = ({ feet }: Stance) => feet.right.heel[0] - feet.left.heel[0]
