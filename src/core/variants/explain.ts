import { type Analysis, tryAnalyse } from '../analysis'
import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { DEG, SIDES } from '../conventions'
import type { Stance } from '../stance/stance'
import { listDifferences } from './changes'
import type { Buys, Change, Gain } from './variant'

const LEAST: Record<Gain['what'], number> = { margin: 0.001, flexion: DEG, load: 2 }

/**
 * What a stance buys against another: margin (m), the bend of each knee (rad), the load on it (Nm). No small change.
 * @example listGains(analyse(ana, bow), analyse(ana, { ...bow, loadLeft: 0.5 })).map(({ what }) => what) // => ['flexion', 'load']
 */
export function listGains(before: Analysis, after: Analysis): Gain[] {
  const gains: Gain[] = [{ what: 'margin', side: null, by: after.assured.margin - before.assured.margin }]
  for (const side of SIDES) {
    gains.push(
      { what: 'flexion', side, by: after.legs[side].flexion - before.legs[side].flexion },
      { what: 'load', side, by: kneeLoad(after.legs[side]) - kneeLoad(before.legs[side]) },
    )
  }
  return gains.filter(({ what, by }) => Math.abs(by) >= LEAST[what])
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
      buys: this.weighAlone(one.alone),
    }))
  }

  private weighAlone(alone: Stance): Buys {
    const after = tryAnalyse(this.body, alone)
    if (!after) return 'only-together'
    const gains = listGains(this.original, after)
    return gains.length > 0 ? gains : 'needed-together'
  }
}
