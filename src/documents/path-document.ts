import {
  type Body,
  calcDose,
  calcDrift,
  calcExtent,
  calcInRoom,
  calcSupportingSpare,
  DEG,
  findNearerSteps,
  InputError,
  listFootprints,
  type MotionFinding,
  makePath,
  type Path,
  type PathTransition,
  type Placement,
  type RoutinePart,
  type Stood,
  type TimedPhase,
  verdictOf,
} from '@/core'
import { toAnalysisDocument, toFinding } from './analysis-document'
import type { DocumentWords } from './document-words'
import { fromStance } from './from-core'
import { parse } from './parse'
import type { PersonDocument } from './person-document'
import { routineDocument, toRoutine } from './routine-document'
import { bodyOf } from './to-core'

export const PATH_FORMAT = 'nivrel.path/1'
export const SAMPLES_USUAL = 20
export const SAMPLES_LEAST = 2
export const SAMPLES_MOST = 240

const deg = (radians: number) => radians / DEG

/**
 * A routine in, its path out: every part, every instant between them, and what they say. `person` goes before the
 * routine's own. @throws InputError naming the field
 */
export function pathDocument(value: unknown, words: DocumentWords, samples = SAMPLES_USUAL, person?: PersonDocument) {
  const routine = parse(routineDocument, value)
  const who = person ?? routine.person
  if (!who) throw new InputError('person', null, { code: 'keys', keys: 'statureM, massKg' })
  const body = bodyOf(who)
  const parts = toRoutine(routine, body)
  return toPathDocument(findNearerSteps(makePath(body, parts, samples), parts), parts, words)
}

export function toPathDocument(path: Path, routine: readonly RoutinePart[], words: DocumentWords) {
  const drift = calcDrift(path)
  return {
    format: PATH_FORMAT,
    verdict: path.verdict,
    seconds: path.seconds,
    parts: path.parts.map(({ stance, analysis, error }) => ({
      at: toPlace(stance.at as Placement),
      stance: fromStance(stance),
      analysis: analysis && toAnalysisDocument(analysis, words),
      ...(error && { error: toError(error, words) }),
    })),
    transitions: path.transitions.map((one) => toTransition(path.body, one, words)),
    footprints: listFootprints(path).map(({ foot, heel, yaw, contact, part }) => ({
      foot,
      heelM: heel,
      deg: deg(yaw),
      contact,
      part,
    })),
    extentM: calcExtent(path),
    drift: { xM: drift.x, yM: drift.y, headingDeg: deg(drift.heading) },
    dose: calcDose(path, routine),
  }
}

export type PathDocument = ReturnType<typeof toPathDocument>

const toPlace = ({ x, y, heading }: Placement) => ({ xM: x, yM: y, headingDeg: deg(heading) })

const toError = ({ field, value, accepts }: InputError, words: DocumentWords) => ({
  field,
  value,
  accepts: words.accepts(accepts),
})

function toTransition(body: Body, { from, to, startS, made, error }: PathTransition, words: DocumentWords) {
  if (!made) return { from, to, anchor: null, phases: [], ...(error && { error: toError(error, words) }) }
  const { transition, readings, findings } = made
  const { emptyStep } = readings
  return {
    from,
    to,
    anchor: transition.anchor,
    phases: transition.phases.map((phase) => toPhase(body, phase, startS)),
    readings: {
      leastM: readings.leastMargin,
      leastAt: readings.leastMarginAt,
      singleLeastM: readings.leastSingleMargin,
      emptyStep: emptyStep && {
        foot: emptyStep.foot,
        passes: emptyStep.passes,
        tight: emptyStep.tight,
        wishedM: emptyStep.wished,
        longestM: emptyStep.longest,
        standingKneeDeg: deg(emptyStep.standingKnee),
        neededKneeDeg: emptyStep.neededKnee === null ? null : deg(emptyStep.neededKnee),
      },
      bobM: readings.bob,
      turns: readings.turns.map(({ foot, angle, about, load }) => ({
        foot,
        deg: deg(angle),
        about,
        loadPct: load * 100,
      })),
      loadMaxPct: { left: readings.loadMax.left * 100, right: readings.loadMax.right * 100 },
      kneeNms: readings.kneeNms,
      singleS: readings.singleS.left + readings.singleS.right,
      gatherS: readings.gatherS,
      giveS: readings.giveS,
      again: readings.again,
      rolls: readings.rolls.map(({ foot, what, share, phase, t, liftMost }) => ({
        foot,
        what,
        sharePct: share * 100,
        phase,
        t,
        liftMaxDeg: deg(liftMost),
      })),
    },
    findings: findings.map((finding) => toMotionFinding(finding, words)),
  }
}

const toMotionFinding = (finding: MotionFinding, words: DocumentWords) => ({
  ...toFinding(finding, words),
  phase: finding.phase,
  atS: finding.atS,
})

/** @param begins when its transition begins, from the routine's start */
const toPhase = (
  body: Body,
  { kind, foot, about, startS, seconds, shortest, samples }: TimedPhase,
  begins: number,
) => ({
  kind,
  foot,
  about,
  startS: begins + startS,
  seconds,
  shortestS: shortest,
  samples: samples.map((stood, i) => toSample(body, stood, i / (samples.length - 1))),
})

function toSample(body: Body, stood: Stood, t: number) {
  const { balance } = stood
  const { centre, pelvis } = calcInRoom(stood)
  return {
    t,
    at: toPlace(stood.stance.at as Placement),
    stance: fromStance(stood.stance),
    centreM: centre,
    pelvisM: pelvis,
    nearestM: balance.nearest,
    assuredM: balance.assured.margin,
    reserveM: balance.reserve,
    supportingM: calcSupportingSpare(body, stood),
    verdict: verdictOf(stood),
  }
}
