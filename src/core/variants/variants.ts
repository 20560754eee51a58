import { type Analysis, analyse, tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import { otherSide } from '../conventions'
import { makeSeated } from '../stance/seated'
import type { Stance } from '../stance/stance'
import { Explainer, listGains } from './explain'
import { findGivenUp } from './meaning'
import { findMeasurements } from './measure'
import { findOtherSide, isSameStance, type OtherSide } from './other-side'
import { costOf, Search, stanceOf } from './search'
import { readOwnStanding } from './teachable'
import type { Change, Variant, VariantKind, VariantOptions, VariantSet, VariantShort } from './variant'
import { SearchCut } from './weigh'

/** A stance that holds is only offered what improves it by this much. */
const WORTH_M = 0.005
const WORTH_NM = 5

/**
 * The safer variants of a stance: the nearest that holds, the steadiest, the kindest to the knee and the least help
 * that makes the original possible; where none holds, what the model says instead. What a limit demands is met first.
 * None adds a finding, turns toes in, leaves its school's frame or, unless it says so, gives up what the posture is for.
 * Deterministic, unless it is cut. Source: the search is our own; what counts as a change, its reach and its scale are
 * house defaults.
 * @throws InputError where the original itself cannot be analysed
 * @param options which levers may move, and when the search has to end
 * @example findVariants(resolveBody({ ...ana.person, limits: { kneeFlexionMax: 20 * DEG } }), bow).variants[0]?.kind // => 'nearest'
 */
export function findVariants(body: Body, stance: Stance, options: VariantOptions = {}): VariantSet {
  const original = analyse(body, stance, { standing: null, withoutFreeTurn: true })
  const measurements = findMeasurements(original)
  if (stance.seat) return { variants: [], conflicts: [], measurements, weighed: 0, cut: false }
  const search = new Search(body, stance, original, readOwnStanding(body), options)
  const { variants, cut } = collect(search, body, stance, original, options)
  const none = variants.length === 0 && original.verdict !== 'holds' && !options.leastOnly
  const shown = none ? listSeated(body, stance, search.flexion, original, 'seated') : variants
  const conflicts = none ? original.findings.filter((f) => f.severity !== 'note') : []
  options.onProgress?.(1)
  return { variants: shown, conflicts, measurements, weighed: search.weighed, cut }
}

/**
 * What there is, in the order in which a teacher offers it: less of the same, the other side, a hand, another use of the
 * posture, feet nearer each other where only that is left; then what is steadier or kinder; then what stays close.
 */
function collect(
  search: Search,
  body: Body,
  stance: Stance,
  original: Analysis,
  options: VariantOptions,
): { variants: Variant[]; cut: boolean } {
  const { onProgress, leastOnly = false, levers } = options
  const variants: Variant[] = []
  const explainer = new Explainer(body, stance, original, search.flexion)
  const add = (kind: VariantKind, found: Stance | null, falls?: VariantShort) => {
    if (found) addOrMerge(variants, makeVariant(kind, body, stance, found, explainer, falls))
  }
  const holds = original.verdict === 'holds'
  if (body.person.limits?.seatedOnly) return { variants, cut: false }
  try {
    let base = holds ? search.startHere() : search.findNearest(true)
    if (!holds) {
      add('nearest', base && stanceOf(base))
      onProgress?.(0.3)
      const other = levers
        ? null
        : findOtherSide(body, stance, search.standing, options, base ? costOf(base) : undefined)
      if (other) addOrMerge(variants, tellOtherSide(body, stance, original, other))
      const helped = search.findHelp(true)
      add('help', helped)
      if (!base) {
        base = search.findNearest(false)
        add('nearest', base && stanceOf(base))
        if (!base && !other && !levers) {
          base = new Search(body, stance, original, search.standing, options, true).findNearest(true)
          add('nearest', base && stanceOf(base), 'narrower')
        }
        if (!base && !helped) add('help', search.findHelp(false))
      }
      onProgress?.(0.6)
    }
    if (base && !leastOnly && base.ground.levers.length > 0) {
      const steadiest = search.findSteadiest(base)
      if (steadiest.gain >= WORTH_M) add('steadiest', stanceOf(steadiest.hit))
      onProgress?.(0.8)
      const kindest = search.findKindest(base)
      if (kindest.gain >= WORTH_NM) add('kindest', stanceOf(kindest.hit))
    }
    if (!holds && !leastOnly && variants.length === 0) {
      const close = search.findFallback()
      const keepsReserve = close !== null && close.weighed.assured >= close.weighed.reserve
      if (keepsReserve) add('fallback', close.stance, 'joint')
      else if (close) add('fallback', search.addHand(close.stance), 'reserve')
      if (close) variants.push(...listSeated(body, stance, search.flexion, original))
    }
    return { variants, cut: false }
  } catch (error) {
    if (!(error instanceof SearchCut)) throw error
    if (variants.length === 0) add('nearest', search.nearest && stanceOf(search.nearest))
    return { variants, cut: true }
  }
}

/** The other side as a variant: that it is the other one comes first, then what still changes there. */
function tellOtherSide(
  body: Body,
  from: Stance,
  original: Analysis,
  { mirrored, analysis, flexion, stance }: OtherSide,
): Variant {
  const explainer = new Explainer(body, mirrored, analysis, flexion)
  const variant = makeVariant('other-side', body, mirrored, stance, explainer)
  const gains = listGains(original, analysis)
  const was = from.side ?? 'left'
  const side: Change = {
    what: 'side',
    unit: 'word',
    from: was,
    to: otherSide(was),
    buys: gains.length > 0 ? gains : 'needed-together',
    alone: mirrored,
  }
  return { ...variant, changes: [side, ...variant.changes] }
}

function makeVariant(
  kind: VariantKind,
  body: Body,
  from: Stance,
  stance: Stance,
  explainer: Explainer,
  falls?: VariantShort,
): Variant {
  const givesUp = findGivenUp(body, from, stance)
  return { kind, also: [], stance, changes: explainer.explain(stance), givesUp, ...(falls && { falls }) }
}

/** The seated form with the posture's arms, else with resting arms, where that keeps the limits. */
function listSeated(body: Body, stance: Stance, flexion: number, original: Analysis, falls?: VariantShort): Variant[] {
  const explainer = new Explainer(body, stance, original, flexion)
  const form = [makeSeated(body, stance), makeSeated(body)].find((one) => {
    const analysis = tryAnalyse(body, one)
    return analysis !== null && analysis.verdict !== 'beyond'
  })
  return form ? [makeVariant('seated', body, stance, form, explainer, falls)] : []
}

/** Two kinds that come to the same stance are one, named by the first; the original itself is no variant. */
function addOrMerge(variants: Variant[], variant: Variant): void {
  if (variant.changes.length === 0) return
  const same = variants.find((other) => isSameStance(other.stance, variant.stance))
  if (same) same.also.push(variant.kind)
  else variants.push(variant)
}
