import { type Analysis, tryAnalyse } from '../analysis'
import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { bySide } from '../conventions'
import type { Stance } from '../stance/stance'
import { descend, type Found, type Objective } from './compass'
import { asStoodBy, meetDemands } from './demands'
import { type Ground, listGrounds } from './ground'
import { listHelped } from './help'
import { listChairs } from './hold'
import { calcDistance, type Leeway, type LeverId, makeStart, moveLevers, type Start } from './levers'
import { findGivenUp } from './meaning'
import { findLeastViolation, findSeeds, type Weigh } from './seeds'
import { boundTeachable, type OwnStanding } from './teachable'
import type { VariantOptions } from './variant'
import { listVersions } from './version'
import { knowFindings, Scale, type Weighed } from './weigh'

/** A unit of change must buy at least this much: a variant changes as few things as it can. */
const UNIT_WORTH_M = 0.0005
const UNIT_WORTH_NM = 3
/** A change that buys less than this is left out. */
const CHANGE_WORTH_M = 0.001
const CHANGE_WORTH_NM = 1.5

/** What steadies and what spares a knee: the feet, the weight and the height. */
const WITH_FEET: ReadonlySet<LeverId> = new Set([
  'step',
  'width',
  'toeOutLeft',
  'toeOutRight',
  'height',
  'share',
  'pitch',
])

/** Where a search came to: a ground and how far its levers are moved, in notches. */
export type Hit = { ground: Ground; found: Found }

/** What a hit counts in all. */
export const costOf = ({ ground, found }: Hit): number => ground.cost + found.value

export const stanceOf = ({ ground, found }: Hit): Stance => moveLevers(ground.start, ground.levers, found.changes)

/**
 * What the kinds of variants are looked for with: each method answers with the best of its kind, or null. Throws
 * `SearchCut` where the search has to end.
 */
export class Search {
  private readonly scale: Scale
  private readonly start: Start
  private readonly reaches: { left: number; right: number }
  /** The least change that passed so far, should the search be cut. */
  nearest: Hit | null = null

  constructor(
    private readonly body: Body,
    private readonly stance: Stance,
    private readonly original: Analysis,
    readonly standing: OwnStanding | null,
    private readonly options: VariantOptions,
    private readonly narrower = false,
  ) {
    const bounds = boundTeachable(body, stance, original, standing, narrower)
    this.scale = new Scale(body, knowFindings(original.findings), bounds, options.isOver)
    this.reaches = bySide((side) => original.legs[side].flexion)
    this.start = makeStart(body, stance, this.reaches)
  }

  get weighed(): number {
    return this.scale.count
  }

  /** The bend that sets the original's height. */
  get flexion(): number {
    return this.start.flexion
  }

  startHere(): Hit {
    const [ground] = listGrounds(this.start, this.leeway(true), this.options.levers)
    return atRest(ground as Ground)
  }

  /**
   * The least change that passes, within the usual reach; where none does, with all shares that the limits allow.
   * @param keeping with what the posture is for; else some of it is given up
   * @param below only what counts less than this
   */
  findNearest(keeping: boolean, below = Number.POSITIVE_INFINITY): Hit | null {
    return this.findFrom(this.stance, keeping, false, below)
  }

  private findFrom(from: Stance, keeping: boolean, chairs: boolean, below = Number.POSITIVE_INFINITY): Hit | null {
    const start = { ...this.start, stance: from }
    const { levers } = this.options
    if (levers && !keeping) return null
    return (
      this.findByLevers(listGrounds(start, this.leeway(keeping), levers), below) ??
      this.findVersion(keeping, chairs) ??
      (levers ? null : this.findByLevers(listGrounds(start, { ...this.leeway(keeping), wide: true }), below))
    )
  }

  private leeway(keeping: boolean): Leeway {
    return { keeping, narrower: this.narrower }
  }

  private findByLevers(grounds: readonly Ground[], below: number): Hit | null {
    let best: Hit | null = null
    let bestCost = below
    for (const ground of grounds) {
      if (ground.cost >= bestCost) break
      const reserve = this.reserveOf(ground)
      const objective: Objective = (changes) =>
        this.weigh(ground, changes, reserve).passes ? calcDistance(ground.levers, changes) : Number.POSITIVE_INFINITY
      for (const seed of findSeeds(ground.levers, this.weigherOf(ground), reserve)) {
        const found = descend(ground.levers, objective, { changes: seed, value: objective(seed) }, false)
        if (ground.cost + found.value >= bestCost - 1e-9) continue
        bestCost = ground.cost + found.value
        best = { ground, found }
      }
    }
    return best
  }

  /** The nearest version that a class could be taught and that passes; `chairs`: with a hand on a chair back. */
  private findVersion(keeping: boolean, chairs: boolean): Hit | null {
    if (this.options.levers) return null
    for (const version of listVersions(this.body, this.stance, this.reaches)) {
      if (keeping && findGivenUp(this.body, this.stance, version).length > 0) continue
      const met = meetDemands(this.body, version)
      const stances = chairs && version.supports.length === 0 ? met.flatMap((one) => listChairs(this.body, one)) : met
      const stance = stances.find((one) => this.scale.weigh(one, 0).passes)
      if (stance) return atRest({ start: { ...this.start, stance }, levers: [], cost: 0, weighed: new Map() })
    }
    return null
  }

  findSteadiest({ ground, found }: Hit): { hit: Hit; gain: number } {
    let least = this.reserveOf(ground)
    const keeps = this.keeping({ ground, found })
    const objective: Objective = (changes) => {
      const weighed = this.weigh(ground, changes, least)
      if (!weighed.passes || !keeps(changes)) return Number.POSITIVE_INFINITY
      const steadiness = this.calcSteadiness(weighed)
      least = Math.max(least, steadiness - 1e-3)
      return UNIT_WORTH_M * calcDistance(ground.levers, changes) - steadiness
    }
    const hit = this.improve({ ground, found }, objective, CHANGE_WORTH_M)
    const [before, after] = [this.weigh(ground, found.changes), this.weigh(ground, hit.found.changes)]
    const gain = this.calcSteadiness(after) - this.calcSteadiness(before)
    return { hit, gain: this.original.verdict === 'holds' ? Math.min(gain, after.assured - before.assured) : gain }
  }

  /** As much of their own standing as is left to the nearest edge or to the nearer side, whichever is less: metres. */
  private calcSteadiness({ assured, sideways }: Weighed): number {
    const { standing } = this
    if (!standing || !(standing.sideways > 0)) return assured
    return Math.min(assured, (sideways * standing.assured) / standing.sideways)
  }

  findKindest({ ground, found }: Hit): { hit: Hit; gain: number } {
    const reserve = this.reserveOf(ground)
    const keeps = this.keeping({ ground, found })
    const objective: Objective = (changes) => {
      const weighed = this.weigh(ground, changes, reserve)
      return weighed.passes && keeps(changes)
        ? weighed.kneeLoad + UNIT_WORTH_NM * calcDistance(ground.levers, changes)
        : Number.POSITIVE_INFINITY
    }
    const hit = this.improve({ ground, found }, objective, CHANGE_WORTH_NM)
    const before = Math.max(kneeLoad(this.original.legs.left), kneeLoad(this.original.legs.right))
    return { hit, gain: before - this.weigh(ground, hit.found.changes).kneeLoad }
  }

  /** Whether what is better gives up no more of what the posture is for than what it is better than. */
  private keeping(base: Hit): (changes: readonly number[]) => boolean {
    const given = findGivenUp(this.body, this.stance, stanceOf(base))
    return (changes) => {
      const moved = moveLevers(base.ground.start, base.ground.levers, changes)
      return findGivenUp(this.body, this.stance, moved).every((meaning) => given.includes(meaning))
    }
  }

  private improve({ ground, found }: Hit, objective: Objective, worth: number): Hit {
    const seed = { changes: found.changes, value: objective(found.changes) }
    // What is better is so by the feet, the weight and the height, never by a pelvis or arms turned elsewhere.
    const levers = ground.levers.map((lever, i) =>
      WITH_FEET.has(lever.id) ? lever : { ...lever, low: found.changes[i] as number, high: found.changes[i] as number },
    )
    let best = descend(levers, objective, seed)
    for (let i = 0; i < ground.levers.length; i++) {
      if (best.changes[i] === 0) continue
      const changes = best.changes.slice()
      changes[i] = 0
      const value = objective(changes)
      if (value < best.value + worth) best = { changes, value }
    }
    return { ground, found: best }
  }

  /**
   * The least help with which the original holds; else the nearest that holds with a chair back in the hand.
   * @param keeping with what the posture is for; else some of it is given up
   */
  findHelp(keeping: boolean): Stance | null {
    const stood = asStoodBy(this.body, this.stance)
    const pose = tryAnalyse(this.body, stood)?.pose
    if (!pose) return null
    let best: { kind: string; stance: Stance; assured: number } | null = null
    let steadiest: { stance: Stance; assured: number } | null = null
    for (const { support, stance } of listHelped(stood, pose)) {
      if (best && best.kind !== support.kind) break
      const { passes, assured } = this.scale.weigh(stance)
      if (passes && (!best || assured > best.assured)) best = { kind: support.kind, stance, assured }
      if (support.kind === 'chair-back' && assured > (steadiest?.assured ?? Number.NEGATIVE_INFINITY)) {
        steadiest = { stance, assured }
      }
    }
    if (best) return best.stance
    // A hand mends a margin, never a joint: where the margin is kept, looking further with one is for nothing.
    if (!steadiest || this.original.assured.margin >= this.original.reserve) return null
    const hit = this.findFrom(steadiest.stance, keeping, true)
    return hit && stanceOf(hit)
  }

  /** What keeps the reserve but stays close by a joint; else the steadiest that stays close. */
  findFallback(): { stance: Stance; weighed: Weighed } | null {
    let best: { stance: Stance; weighed: Weighed } | null = null
    const leeways: Leeway[] = [this.leeway(true), { ...this.leeway(false), wide: true }]
    for (const ground of leeways.flatMap((leeway) => listGrounds(this.start, leeway))) {
      const objective: Objective = (changes) => {
        const { verdict, assured, teachable } = this.weigh(ground, changes, 0)
        if (verdict === 'beyond' || !teachable || !(assured > 0)) return Number.POSITIVE_INFINITY
        return UNIT_WORTH_M * calcDistance(ground.levers, changes) - assured
      }
      const { changes } = findLeastViolation(ground.levers, this.weigherOf(ground))
      const value = objective(changes)
      if (!Number.isFinite(value)) continue
      const found = descend(ground.levers, objective, { changes, value })
      const weighed = this.weigh(ground, found.changes)
      if (!best || weighed.assured > best.weighed.assured) best = { stance: stanceOf({ ground, found }), weighed }
    }
    return best
  }

  /** A chair back within reach of a hand, where that adds to the margin. */
  addHand(stance: Stance): Stance {
    const pose = tryAnalyse(this.body, stance)?.pose
    let best = stance
    let most = this.scale.weigh(stance).assured
    for (const helped of pose ? listHelped(stance, pose) : []) {
      if (helped.support.kind !== 'chair-back') continue
      const { assured, verdict } = this.scale.weigh(helped.stance)
      if (verdict === 'beyond' || assured <= most) continue
      most = assured
      best = helped.stance
    }
    return best
  }

  /** Walks cross their own paths: what was weighed is remembered, unless it was only found to be short. */
  private weigh(ground: Ground, changes: readonly number[], least = Number.NEGATIVE_INFINITY): Weighed {
    const key = changes.join()
    const known = ground.weighed.get(key)
    if (known && (known.whole || known.assured < least)) return known
    const weighed = this.scale.weigh(moveLevers(ground.start, ground.levers, changes), least)
    ground.weighed.set(key, weighed)
    if (weighed.passes) this.rememberNearest(ground, changes)
    return weighed
  }

  private rememberNearest(ground: Ground, changes: readonly number[]): void {
    const value = calcDistance(ground.levers, changes)
    const { nearest } = this
    if (nearest && nearest.ground.cost + nearest.found.value <= ground.cost + value) return
    this.nearest = { ground, found: { changes: [...changes], value } }
  }

  private weigherOf(ground: Ground): Weigh {
    return (changes, least) => this.weigh(ground, changes, least)
  }

  private reserveOf(ground: Ground): number {
    return this.scale.weigh(ground.start.stance).reserve || this.original.reserve
  }
}

const atRest = (ground: Ground): Hit => ({ ground, found: { changes: ground.levers.map(() => 0), value: 0 } })
