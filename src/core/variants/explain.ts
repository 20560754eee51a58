import { type Analysis, tryAnalyse } from '../analysis'
import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { DEG, SIDES } from '../conventions'
import type { Stance } from '../stance/stance'
import { listDifferences } from './changes'
import type { Change } from './variant'

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

/** Explains a variant's changes one at a time: each alone on the original, with what that buys. */
export class Explainer {
  constructor(
    private readonly body: Body,
    private readonly stance: Stance,
    private readonly original: Analysis,
    /** The bend that sets the original's height. */
    private readonly flexion: number,
  ) {}

  explain(variant: Stance): Change[] {
    return listDifferences(this.stance, variant, this.flexion).map((one) => ({
      ...one,
      buys: this.describeAlone(one.alone),
    }))
  }

  private describeAlone(alone: Stance): string {
    const after = tryAnalyse(this.body, alone)
    if (!after) return 'only with the others'
    return describeGain(this.original, after) || 'needed with the others'
  }
}
