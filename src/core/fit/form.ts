import { type Analysis, tryAnalyse } from '../analysis'
import { makeOwnStanding } from '../balance/share'
import type { Body } from '../body/body'
import type { SupportKind } from '../body/support-kinds'
import { otherSide, SIDES } from '../conventions'
import { type Finding, findGravest, type Verdict } from '../limits/finding'
import { BROKEN } from '../limits/registry'
import { type Candidate, listCandidates } from '../postures/candidates'
import { layOut, type Measures } from '../postures/measures'
import { findFullerSide } from '../stance/footing'
import { makeSeated } from '../stance/seated'
import type { Stance } from '../stance/stance'
import { asStoodBy } from '../variants/demands'
import { Explainer } from '../variants/explain'
import { findGivenUp, goesFurtherOver, listAllowedShares } from '../variants/meaning'
import type { Change } from '../variants/variant'
import { findVariants } from '../variants/variants'
import type { IsOver } from '../variants/weigh'
import { isAsSaid } from './as-said'
import { LevelScale, type Taught } from './weigh-levels'

/** How somebody does a posture, in the order in which a teacher would have it. */
export const FORMS = ['as-taught', 'less', 'other-side', 'hand', 'other-use', 'seated', 'none'] as const
export type Form = (typeof FORMS)[number]

/** What somebody does of a posture on one side; of form `none` there is no stance. */
export type FormFound = {
  form: Form
  stance: Stance | null
  verdict: Verdict
  /** What is sure to spare less the reserve, metres; 0 where there is no stance. */
  spare: number
  changes: readonly Change[]
  support: SupportKind | null
  /** The gravest finding of the posture as it is taught; null where that is what they do. */
  reason: Finding | null
}

/** Candidates that are weighed for somebody who can do no version that a class is taught: about a second. */
const MOST_WEIGHED = 12_000

/**
 * What somebody does of a posture: as taught where that holds, else the first help in the order in which a teacher gives
 * it: a version that a class is taught, the other side, a hand, another use, a seat. Nobody sits who could stand, and
 * what stands breaks no limit.
 * @param measures the posture as it is taught
 * @param isOver when the search has to end: then somebody may be given a seat who could stand
 * @example findForm(ana, postureOf('bow').measures.therapeutic, { posture: 'bow', side: 'left', keeps: [] }).form // => 'as-taught'
 */
export function findForm(body: Body, measures: Measures, taught: Taught, isOver: IsOver = () => false): FormFound {
  const { stance, original, reason, tell } = layTaught(body, measures, taught)
  const sitting = (): FormFound => {
    const seat = sitFor(body, stance)
    return seat ? tell('seated', seat) : { ...NOTHING, reason }
  }
  if (stance.seat) return original && original.verdict !== 'beyond' ? tell('as-taught', stance) : sitting()
  if (body.person.limits?.seatedOnly) return sitting()
  const scaleTo = (of: Taught, chairs: boolean) => findLevel(body, measures, of, chairs)
  const onOther = { ...taught, side: otherSide(taught.side) }
  // Whoever may put no weight on a leg is given no form that puts it down; where it is in the air on the other side, that.
  if (isBare(body, stance)) {
    const other = isBare(body, layOut(measures, body, onOther.side, taught.posture, taught.keeps))
      ? null
      : scaleTo(onOther, false)
    return other ? tell('other-side', other) : sitting()
  }

  const stood = asStoodBy(body, stance)
  const verdict = tryAnalyse(body, stood)?.verdict ?? 'beyond'
  const asStood = () => tell(held(stood, stance) ? 'hand' : stood === stance ? 'as-taught' : 'less', stood)
  if (verdict === 'holds') return asStood()
  // No version is surer than their own standing: where that is close, so is this.
  if (!standsSurely(body)) {
    const close = verdict === 'close' && isGrounded(stood) ? stood : findClose(body, measures, taught)
    if (close === stood) return asStood()
    if (close) return tell(held(close, stance) ? 'hand' : 'less', close)
  }

  const less = scaleTo(taught, false)
  const keeps = less !== null && findGivenUp(body, stance, less).length === 0
  if (keeps) return tell(held(less, stance) ? 'hand' : 'less', less)
  // Where no share that is allowed leaves it what it is for, none is sought before the other side and a hand.
  const [fewest, most] = listAllowedShares(body, stance, true)
  const isKeepable = fewest <= most
  const seek = () => original && searchOn(body, stance, tell, true, isOver)
  const finer = isKeepable ? seek() : null
  if (finer?.form === 'less') return finer
  const mirrored = differs(body) ? scaleTo(onOther, false) : null
  if (mirrored) return tell('other-side', mirrored)
  const helped = less ? null : scaleTo(taught, true)
  if (helped) return tell('hand', helped)
  const least = isKeepable ? finer : seek()
  if (least) return least
  if (verdict === 'close') return asStood()
  if (less) return tell('other-use', less)
  return (original && searchOn(body, stance, tell, false, isOver)) ?? sitting()
}

/** The posture as it is taught, and how what is done in its place is told against it. */
function layTaught(body: Body, measures: Measures, taught: Taught) {
  const stance = layOut(measures, body, taught.side, taught.posture, taught.keeps)
  const original = tryAnalyse(body, stance)
  // An order or a joint's limit before the balance that it upsets.
  const reason = findGravest(original?.findings ?? [], BROKEN)
  const tell = (form: Form, found: Stance): FormFound => {
    const analysis = tryAnalyse(body, found)
    return {
      form,
      stance: found,
      verdict: analysis?.verdict ?? 'beyond',
      spare: analysis ? analysis.assured.margin - analysis.reserve : 0,
      changes: tellChanges(body, stance, original, found),
      support: found.supports[0]?.kind ?? null,
      reason: form === 'as-taught' ? null : reason,
    }
  }
  return { stance, original, reason, tell }
}

/**
 * A form that somebody was given of a posture, told as one that was found would be; its verdict is today's.
 * @example readForm(ana, postureOf('bow').measures.therapeutic, { posture: 'bow', side: 'left', keeps: [] }, makeSeated(ana, bow)).form // => 'seated'
 */
export function readForm(body: Body, measures: Measures, taught: Taught, given: Stance): FormFound {
  const { stance, tell } = layTaught(body, measures, taught)
  if (given.seat) return tell('seated', given)
  if (given.side !== undefined && given.side !== stance.side) return tell('other-side', given)
  if (findGivenUp(body, stance, given).length > 0) return tell('other-use', given)
  if (held(given, stance)) return tell('hand', given)
  const told = tell('less', given)
  return told.changes.length > 0 ? told : { ...told, form: 'as-taught', reason: null }
}

const NOTHING: FormFound = {
  form: 'none',
  stance: null,
  verdict: 'beyond',
  spare: 0,
  changes: [],
  support: null,
  reason: null,
}

/** Whether it puts a leg down that may carry nothing. */
const isBare = ({ loadMax }: Body, { feet }: Stance): boolean =>
  SIDES.some((side) => loadMax[side] === 0 && feet[side].contact !== 'air')

const held = (one: Stance, than: Stance): boolean => one.supports.length > than.supports.length

/** Whether left and right differ in anything that limits them: else the other side is no easier. */
const differs = ({ sides, loadMax }: Body): boolean =>
  loadMax.left !== loadMax.right || JSON.stringify(sides.left) !== JSON.stringify(sides.right)

const standsSurely = (body: Body): boolean =>
  tryAnalyse(body, asStoodBy(body, makeOwnStanding(body)))?.verdict === 'holds'

/** The nearest version that a class is taught and that this person passes. */
function findLevel(body: Body, measures: Measures, taught: Taught, chairs: boolean): Stance | null {
  const candidates = listCandidates(measures, taught.keeps)
  const scale = new LevelScale(body, taught, candidates[0] as Candidate, chairs)
  const nearest = candidates.find((one) => Number.isFinite(scale.calcCost(one)))
  return nearest ? scale.pass(nearest) : null
}

/** Whoever stands close on two feet is given none to stand on alone. */
const isGrounded = ({ feet }: Stance): boolean => SIDES.every((side) => feet[side].contact !== 'air')

/** The nearest version that breaks no limit of somebody whose own standing is close already. */
function findClose(body: Body, measures: Measures, taught: Taught): Stance | null {
  for (const candidate of listCandidates(measures, taught.keeps)) {
    const laid = layOut(candidate.measures, body, taught.side, taught.posture, taught.keeps)
    const stood = asStoodBy(body, laid)
    if (!isGrounded(stood) || !isAsSaid(body, laid)) continue
    if ((tryAnalyse(body, stood)?.verdict ?? 'beyond') !== 'beyond') return stood
  }
  return null
}

/** Beyond what a class is taught: any change, with a hand, as another use; not `leastOnly`: also what only stays close. */
function searchOn(
  body: Body,
  stance: Stance,
  tell: (form: Form, found: Stance) => FormFound,
  leastOnly: boolean,
  isOver: IsOver,
): FormFound | null {
  const ends = (weighed: number) => weighed > MOST_WEIGHED || isOver(weighed)
  const [variant] = findVariants(body, stance, { leastOnly, isOver: ends }).variants
  if (!variant || variant.stance.seat) return null
  const { changes, givesUp } = variant
  if (changes.some(({ what }) => what === 'side')) return tell('other-side', variant.stance)
  if (givesUp.length > 0 || goesFurtherOver(body, stance, variant.stance)) return tell('other-use', variant.stance)
  return tell(held(variant.stance, stance) ? 'hand' : 'less', variant.stance)
}

/** What is changed and what each change alone buys; of the other side, that it is the other. */
function tellChanges(body: Body, from: Stance, original: Analysis | null, to: Stance): Change[] {
  if (from === to || !original) return []
  const side = from.side ?? 'left'
  if (to.side !== undefined && to.side !== side)
    return [{ what: 'side', unit: 'word', from: side, to: to.side, buys: 'needed-together', alone: to }]
  return new Explainer(body, from, original, original.legs[findFullerSide(from)].flexion).explain(to)
}

/** The seated form with the posture's arms; with resting arms where those break a limit; null where sitting does too. */
function sitFor(body: Body, stance: Stance): Stance | null {
  for (const form of [makeSeated(body, stance), makeSeated(body)]) {
    const analysis = tryAnalyse(body, form)
    if (analysis && analysis.verdict !== 'beyond') return form
  }
  return null
}

/** What somebody does where no level of a class fits: what they do of the posture anyway, or nothing that was found. */
export type OwnForm = { kind: 'own' | 'seated' | 'none'; stance: Stance | null }

/**
 * A form of their own for somebody whom no level fits: what they do of the posture by themselves.
 * @example findOwnForm(resolveBody({ ...ana.person, limits: { seatedOnly: true } }), measures, taught).kind // => 'seated'
 */
export function findOwnForm(body: Body, measures: Measures, taught: Taught, isOver?: IsOver): OwnForm {
  const { stance } = findForm(body, measures, taught, isOver)
  return { kind: stance ? (stance.seat ? 'seated' : 'own') : 'none', stance }
}
