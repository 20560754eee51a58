import { type Analysis, analyse, tryAnalyse } from '../analysis'
import type { Body } from '../body/body'
import { makeSeated } from '../stance/seated'
import type { Stance } from '../stance/stance'
import { Explainer } from './explain'
import { findGivenUp } from './meaning'
import { findMeasurements } from './measure'
import { Search, stanceOf } from './search'
import type { Variant, VariantKind, VariantOptions, VariantSet, VariantShort } from './variant'
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
  const search = new Search(body, stance, original, options)
  const { variants, cut } = collect(search, body, stance, original, options)
  const none = variants.length === 0 && original.verdict !== 'holds' && !options.leastOnly
  const shown = none ? listSeated(body, stance, search.flexion, original) : variants
  const conflicts = none ? original.findings.filter((f) => f.severity !== 'note') : []
  options.onProgress?.(1)
  return { variants: shown, conflicts, measurements, weighed: search.weighed, cut }
}

function collect(
  search: Search,
  body: Body,
  stance: Stance,
  original: Analysis,
  { onProgress, leastOnly = false }: VariantOptions,
): { variants: Variant[]; cut: boolean } {
  const variants: Variant[] = []
  const explainer = new Explainer(body, stance, original, search.flexion)
  const add = (kind: VariantKind, found: Stance | null, falls?: VariantShort) => {
    if (found) addOrMerge(variants, makeVariant(kind, body, stance, found, explainer, falls))
  }
  const holds = original.verdict === 'holds'
  if (body.person.limits?.seatedOnly) return { variants, cut: false }
  try {
    const passing = holds ? null : search.findNearest()
    add('nearest', passing && stanceOf(passing))
    onProgress?.(0.4)
    const base = holds ? search.startHere() : passing
    if (base && !leastOnly && base.ground.levers.length > 0) {
      const steadiest = search.findSteadiest(base)
      if (steadiest.gain >= WORTH_M) add('steadiest', stanceOf(steadiest.hit))
      onProgress?.(0.65)
      const kindest = search.findKindest(base)
      if (kindest.gain >= WORTH_NM) add('kindest', stanceOf(kindest.hit))
      onProgress?.(0.9)
    }
    if (!holds) add('help', search.findHelp())
    if (!holds && !leastOnly && variants.length === 0) {
      const close = search.findFallback()
      const keepsReserve = close !== null && close.weighed.assured >= close.weighed.reserve
      if (keepsReserve) add('fallback', close.stance, 'joint')
      else if (close) add('fallback', search.addHand(close.stance), 'reserve')
    }
    return { variants, cut: false }
  } catch (error) {
    if (!(error instanceof SearchCut)) throw error
    if (variants.length === 0) add('nearest', search.nearest && stanceOf(search.nearest))
    return { variants, cut: true }
  }
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
function listSeated(body: Body, stance: Stance, flexion: number, original: Analysis): Variant[] {
  const explainer = new Explainer(body, stance, original, flexion)
  const form = [makeSeated(body, stance), makeSeated(body)].find((one) => {
    const analysis = tryAnalyse(body, one)
    return analysis !== null && analysis.verdict !== 'beyond'
  })
  return form ? [makeVariant('seated', body, stance, form, explainer, 'seated')] : []
}

/** Two kinds that come to the same stance are one, named by the first; the original itself is no variant. */
function addOrMerge(variants: Variant[], variant: Variant): void {
  if (variant.changes.length === 0) return
  const same = variants.find((other) => isSame(other.stance, variant.stance))
  if (same) same.also.push(variant.kind)
  else variants.push(variant)
}

function isSame(a: Stance, b: Stance): boolean {
  return JSON.stringify(a, roundNumbers) === JSON.stringify(b, roundNumbers)
}

/** Half a centimetre, a third of a degree, half a point: nobody sets a foot finer than that. */
const roundNumbers = (_: string, value: unknown) => (typeof value === 'number' ? Math.round(value * 200) / 200 : value)
