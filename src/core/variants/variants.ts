import { type Analysis, analyse, calcStandingMargin } from '../analysis'
import { kneeLoad } from '../balance/legs'
import type { Body } from '../body/body'
import { bySide } from '../conventions'
import type { Contact, Stance, Support } from '../stance/stance'
import { descend, type Found, type Objective } from './compass'
import { Explainer } from './explain'
import { listHelped, nameSupport } from './help'
import { calcDistance, type Lever, type LeverId, listLevers, makeStart, moveLevers, type Start } from './levers'
import { findMeasurements } from './measure'
import { makeSeated } from './seated'
import { findLeastViolation, findSeeds, type Weigh } from './seeds'
import type { Change, Variant, VariantKind, VariantSet } from './variant'
import { keyOf, Scale, type Weighed } from './weigh'

export type VariantOptions = {
  /** Only these levers are moved. */
  levers?: readonly LeverId[]
  /** Only the least change and the least help: nothing steadier or kinder, and nothing where none holds. */
  leastOnly?: boolean
  /** No foot is turned in, past straight ahead or further than it is. */
  toesOut?: boolean
  /** Told after each part of the search, 0 to 1. */
  onProgress?: (done: number) => void
}

/** A stance that holds is only offered what improves it by this much. */
const WORTH_M = 0.005
const WORTH_NM = 5
/** A variant changes as few things as it can: a unit of change must buy at least this much. */
const UNIT_WORTH_M = 0.0005
const UNIT_WORTH_NM = 3
/** A change that buys less than this is left out. */
const CHANGE_WORTH_M = 0.001
const CHANGE_WORTH_NM = 1.5

/**
 * The safer variants of a stance: the nearest that holds, the steadiest, the kindest to the knee and the least help
 * that makes the original possible; where none holds, what the model says instead. Deterministic.
 * Source: the search is our own; what counts as a change, its reach and its scale are house defaults.
 * @throws InputError where the original itself cannot be analysed
 */
export function findVariants(body: Body, stance: Stance, options: VariantOptions = {}): VariantSet {
  const standing = calcStandingMargin(body)
  const original = analyse(body, stance, { standing, withoutFreeTurn: true })
  if (stance.seat) return { variants: [], conflicts: [], measurements: findMeasurements(original), weighed: 0 }
  return new Search(body, stance, original, standing, options).run()
}

/** A stance to search from: the original, or the original with the light foot set down further. */
type Ground = { start: Start; levers: Lever[]; cost: number; contact: Change | null; weighed: Map<string, Weighed> }

type Hit = { ground: Ground; found: Found }

class Search {
  private readonly scale: Scale
  private readonly explainer: Explainer
  private readonly start: Start
  private readonly holds: boolean

  constructor(
    private readonly body: Body,
    private readonly stance: Stance,
    private readonly original: Analysis,
    standing: number | null,
    private readonly options: VariantOptions,
  ) {
    this.scale = new Scale(body, new Set(original.findings.filter((f) => f.severity !== 'note').map(keyOf)))
    this.start = makeStart(
      body,
      stance,
      bySide((side) => original.legs[side].flexion),
    )
    this.explainer = new Explainer(this.start, original, standing)
    this.holds = original.verdict === 'holds'
  }

  run(): VariantSet {
    const { onProgress, leastOnly = false } = this.options
    const variants: Variant[] = []
    const add = (variant: Variant | null) => {
      if (variant) addOrMerge(variants, variant)
    }
    const passing = this.holds ? null : this.findNearest()
    if (passing) add(this.toVariant('nearest', passing))
    onProgress?.(0.4)
    const base = this.holds ? this.startHere() : passing
    if (base && !leastOnly) {
      add(this.findSteadiest(base))
      onProgress?.(0.65)
      add(this.findKindest(base))
      onProgress?.(0.9)
    }
    if (!this.holds) add(this.findHelp())
    const none = !this.holds && !leastOnly && variants.length === 0
    if (none) add(dropUnchanged(this.findFallback()))
    let conflicts: VariantSet['conflicts'] = []
    if (none && variants.length === 0) {
      conflicts = this.original.findings.filter((f) => f.severity !== 'note')
      add(this.makeSeatedForm())
    }
    onProgress?.(1)
    return { variants, conflicts, measurements: findMeasurements(this.original), weighed: this.scale.count }
  }

  /** The original, then the light foot set down one step at a time (air, toe-touch, whole). */
  private listGrounds(from = this.stance): Ground[] {
    const { light } = this.start
    const steps = nextContacts(from.feet[light].contact)
    return [from.feet[light].contact, ...steps].map((contact, i) => {
      const stance = i === 0 ? from : setContact(from, light, contact)
      const start = { ...this.start, stance }
      const { levers, toesOut } = this.options
      const moved = listLevers(start, toesOut).filter((lever) => !levers || levers.includes(lever.id))
      const what = light === 'left' ? 'contactLeft' : 'contactRight'
      const change = i === 0 ? null : this.explainer.explainWord(what, this.stance.feet[light].contact, contact, stance)
      // A step of contact counts 1, and double because the light foot is what the posture is for.
      return { start, levers: moved, cost: 2 * i, contact: change, weighed: new Map() }
    })
  }

  /** The least change that passes. */
  private findNearest(from = this.stance): Hit | null {
    let best: Hit | null = null
    let bestCost = Number.POSITIVE_INFINITY
    const grounds = this.listGrounds(from)
    for (const ground of this.options.levers ? grounds.slice(0, 1) : grounds) {
      if (ground.cost >= bestCost) break
      const reserve = this.reserveOf(ground)
      const objective: Objective = (changes) =>
        this.weigh(ground, changes, reserve).passes ? calcDistance(ground.levers, changes) : Number.POSITIVE_INFINITY
      for (const seed of findSeeds(ground.levers, this.weigherOf(ground), reserve)) {
        const found = descend(ground.levers, objective, { changes: seed, value: objective(seed) }, false)
        if (ground.cost + found.value < bestCost - 1e-9) {
          bestCost = ground.cost + found.value
          best = { ground, found }
        }
      }
    }
    return best
  }

  private findSteadiest(base: Hit): Variant | null {
    const { ground } = base
    let least = this.reserveOf(ground)
    const objective: Objective = (changes) => {
      const weighed = this.weigh(ground, changes, least)
      if (!weighed.passes) return Number.POSITIVE_INFINITY
      least = Math.max(least, weighed.assured - 1e-3)
      return UNIT_WORTH_M * calcDistance(ground.levers, changes) - weighed.assured
    }
    const hit = this.improve(base, objective, CHANGE_WORTH_M)
    const gain = this.weigh(ground, hit.found.changes).assured - this.weigh(ground, base.found.changes).assured
    return gain >= WORTH_M ? this.toVariant('steadiest', hit) : null
  }

  private findKindest(base: Hit): Variant | null {
    const { ground } = base
    const reserve = this.reserveOf(ground)
    const objective: Objective = (changes) => {
      const weighed = this.weigh(ground, changes, reserve)
      return weighed.passes
        ? weighed.kneeLoad + UNIT_WORTH_NM * calcDistance(ground.levers, changes)
        : Number.POSITIVE_INFINITY
    }
    const hit = this.improve(base, objective, CHANGE_WORTH_NM)
    const before = Math.max(kneeLoad(this.original.legs.left), kneeLoad(this.original.legs.right))
    const gain = before - this.weigh(ground, hit.found.changes).kneeLoad
    return gain >= WORTH_NM ? this.toVariant('kindest', hit) : null
  }

  private improve({ ground, found }: Hit, objective: Objective, worth: number): Hit {
    const seed = { changes: found.changes, value: objective(found.changes) }
    let best = descend(ground.levers, objective, seed)
    for (let i = 0; i < ground.levers.length; i++) {
      if (best.changes[i] === 0) continue
      const changes = best.changes.slice()
      changes[i] = 0
      const value = objective(changes)
      if (value < best.value + worth) best = { changes, value }
    }
    return { ground, found: best }
  }

  /** The least help with which the original holds; else the nearest that holds with a chair back in the hand. */
  private findHelp(): Variant | null {
    let best: { support: Support; stance: Stance; assured: number } | null = null
    let steadiest: { support: Support; stance: Stance; assured: number } | null = null
    for (const { support, stance } of listHelped(this.stance, this.original.pose)) {
      if (best && best.support.kind !== support.kind) break
      const { passes, assured } = this.scale.weigh(stance)
      if (passes && (!best || assured > best.assured)) best = { support, stance, assured }
      if (support.kind === 'chair-back' && assured > (steadiest?.assured ?? Number.NEGATIVE_INFINITY)) {
        steadiest = { support, stance, assured }
      }
    }
    const helped = best ?? steadiest
    if (!helped) return null
    const change = this.explainer.explainWord('support', 'none', nameSupport(helped.support), helped.stance)
    if (best) return { kind: 'help', also: [], stance: best.stance, changes: [change] }
    // A hand mends a margin, never a joint: where the margin is kept, looking further with one is for nothing.
    if (this.original.assured.margin >= this.original.reserve) return null
    const hit = this.findNearest(helped.stance)
    if (!hit) return null
    const variant = this.toVariant('help', hit)
    return { ...variant, changes: [change, ...variant.changes] }
  }

  /** Nothing holds: first what keeps the reserve but stays close by a joint; then the steadiest that stays close. */
  private findFallback(): Variant | null {
    let best: { hit: Hit; weighed: Weighed } | null = null
    for (const ground of this.listGrounds()) {
      const objective: Objective = (changes) => {
        const { verdict, assured } = this.weigh(ground, changes, 0)
        if (verdict === 'beyond' || !(assured > 0)) return Number.POSITIVE_INFINITY
        return UNIT_WORTH_M * calcDistance(ground.levers, changes) - assured
      }
      const { changes } = findLeastViolation(ground.levers, this.weigherOf(ground))
      const value = objective(changes)
      if (!Number.isFinite(value)) continue
      const found = descend(ground.levers, objective, { changes, value })
      const weighed = this.weigh(ground, found.changes)
      if (!best || weighed.assured > best.weighed.assured) best = { hit: { ground, found }, weighed }
    }
    if (!best) return null
    const { hit, weighed } = best
    const variant = this.toVariant('fallback', hit)
    if (weighed.assured >= weighed.reserve) {
      return { ...variant, note: 'Keeps the reserve, but stays close: a joint is at its limit.' }
    }
    return this.addHand({
      ...variant,
      note: 'Nothing found keeps the reserve. This is the steadiest, and stays close.',
    })
  }

  /** A hand within reach, where that adds to the margin. */
  private addHand(variant: Variant): Variant {
    const { pose } = analyse(this.body, variant.stance, { standing: null, withoutFreeTurn: true })
    let best = variant
    let most = this.scale.weigh(variant.stance).assured
    for (const { support, stance } of listHelped(variant.stance, pose)) {
      if (support.kind !== 'chair-back') continue
      const { assured, verdict } = this.scale.weigh(stance)
      if (verdict === 'beyond' || assured <= most) continue
      most = assured
      const alone = { ...this.stance, supports: [support] }
      const change = this.explainer.explainWord('support', 'none', nameSupport(support), alone)
      best = { ...variant, stance, changes: [...variant.changes, change] }
    }
    return best
  }

  private makeSeatedForm(): Variant | null {
    const stance = makeSeated(this.body, this.stance)
    if (this.scale.weigh(stance).verdict === 'beyond') return null
    const changes = [this.explainer.explainWord('seat', 'standing', 'seated', stance)]
    return { kind: 'seated', also: [], stance, changes, note: 'No standing form was found within the limits.' }
  }

  private startHere(): Hit {
    const ground = this.listGrounds()[0] as Ground
    return { ground, found: { changes: ground.levers.map(() => 0), value: 0 } }
  }

  /** Walks cross their own paths: what was weighed is remembered, unless it was only found to be short. */
  private weigh(ground: Ground, changes: readonly number[], least = Number.NEGATIVE_INFINITY): Weighed {
    const key = changes.join()
    const known = ground.weighed.get(key)
    if (known && (known.whole || known.assured < least)) return known
    const weighed = this.scale.weigh(moveLevers(ground.start, ground.levers, changes), least)
    ground.weighed.set(key, weighed)
    return weighed
  }

  private weigherOf(ground: Ground): Weigh {
    return (changes, least) => this.weigh(ground, changes, least)
  }

  private reserveOf(ground: Ground): number {
    return this.scale.weigh(ground.start.stance).reserve || this.original.reserve
  }

  private toVariant(kind: VariantKind, { ground, found }: Hit): Variant {
    const stance = moveLevers(ground.start, ground.levers, found.changes)
    const changes = this.explainer.explainLevers(this.stance, ground.levers, found.changes)
    return { kind, also: [], stance, changes: ground.contact ? [ground.contact, ...changes] : changes }
  }
}

function nextContacts(contact: Contact): Contact[] {
  if (contact === 'air') return ['toe-touch', 'whole']
  return contact === 'whole' ? [] : ['whole']
}

const setContact = (stance: Stance, side: 'left' | 'right', contact: Contact): Stance => ({
  ...stance,
  feet: { ...stance.feet, [side]: { ...stance.feet[side], contact } },
})

/** The original itself is no variant. */
const dropUnchanged = (variant: Variant | null) => (variant && variant.changes.length > 0 ? variant : null)

/** Two kinds that come to the same stance are one, named by the first. */
function addOrMerge(variants: Variant[], variant: Variant): void {
  const same = variants.find((other) => isSame(other.stance, variant.stance))
  if (same) same.also.push(variant.kind)
  else variants.push(variant)
}

function isSame(a: Stance, b: Stance): boolean {
  return JSON.stringify(a, roundNumbers) === JSON.stringify(b, roundNumbers)
}

/** Half a centimetre, a third of a degree, half a point: nobody sets a foot finer than that. */
const roundNumbers = (_: string, value: unknown) => (typeof value === 'number' ? Math.round(value * 200) / 200 : value)
