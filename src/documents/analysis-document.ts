import { type Analysis, type BySide, bySide, DEG, type Finding, type LegReading, type Margins } from '@/core'
import type { DocumentWords } from './document-words'

export const ANALYSIS_FORMAT = 'nivrel.analysis/1'

const deg = (radians: number) => radians / DEG

const degBySide = (angles: BySide<number>) => bySide((side) => deg(angles[side]))

/** An analysis as a `nivrel.analysis/1` document: degrees and percent, full precision. */
export function toAnalysisDocument(analysis: Analysis, words: DocumentWords) {
  const { pose, assured, margins, legs, alignment, pushes } = analysis
  const seated = pose.stance.seat !== undefined
  const { body, ...felt } = assured.parts
  return {
    format: ANALYSIS_FORMAT,
    joints: pose.joints,
    segments: pose.segments.map((s) => ({ name: s.name, massKg: s.mass, centreM: s.centre })),
    heelLiftDeg: bySide((side) => deg(pose.feet[side].lift)),
    pelvisDropM: pose.pelvisDrop,
    centreOfMassM: pose.centreOfMass,
    projectedM: pose.centre,
    centreSdM: analysis.centreSd,
    base: {
      full: analysis.full.map((c) => [c.x, c.y]),
      usable: analysis.usable.map((c) => [c.x, c.y]),
      supporting: analysis.supporting,
    },
    margins: {
      full: toMargins(margins.full),
      usable: toMargins(margins.usable),
      supporting: margins.supporting && toMargins(margins.supporting),
      sdM: assured.sd,
      sdPartsM: seated ? assured.parts : felt,
      assuredM: assured.margin,
      sidewaysM: analysis.sideways,
      ofStanding: analysis.ofStanding,
      reserveM: analysis.reserve,
      tiltDeg: deg(analysis.tilt),
      roseM: analysis.rose,
    },
    load: {
      leftPct: seated ? null : pose.loadLeft * 100,
      possibleLeftPct: analysis.possibleSplit?.map((share) => share * 100) ?? null,
    },
    knees: bySide((side) => toKnee(legs[side])),
    hips: bySide((side) => {
      const { flexion, abduction, rotation } = legs[side].hip
      return { flexionDeg: deg(flexion), abductionDeg: deg(abduction), rotationDeg: deg(rotation) }
    }),
    ankles: bySide((side) => ({ dorsiflexionDeg: deg(legs[side].dorsiflexion) })),
    alignment: {
      thighDeg: degBySide(alignment.thigh),
      shoulderOverHipM: alignment.shoulderOverHip,
      freeTurnDeg: analysis.freeTurn && degBySide(analysis.freeTurn),
      footToFootDeg: deg(alignment.footToFoot),
      pelvisToFrontFootDeg: deg(alignment.pelvisToFrontFoot),
      oneLineDeg: deg(alignment.oneLine),
      frontOffVerticalM: alignment.frontOffVertical,
      pairsM: alignment.pairs,
      bendDeg: { hips: deg(alignment.bend.hips), back: deg(alignment.bend.back) },
      handReachM: alignment.handReach,
      evenness: alignment.evenness,
    },
    push: {
      hip: toWays(pushes.hip),
      shoulder: toWays(pushes.shoulder),
      suddenNs: pushes.sudden,
    },
    findings: analysis.findings.map((finding) => toFinding(finding, words)),
    verdict: analysis.verdict,
  }
}

export type AnalysisDocument = ReturnType<typeof toAnalysisDocument>

const toMargins = (m: Margins) => ({
  nearestM: m.nearest,
  nearestDeg: deg(m.nearestDirection),
  forwardM: m.forward,
  backM: m.back,
  leftM: m.left,
  rightM: m.right,
})

const toKnee = (leg: LegReading) => ({
  flexionDeg: deg(leg.flexion),
  pastToesM: leg.pastToes,
  driftDeg: deg(leg.drift),
  offLineM: leg.offLine,
  sideTiltDeg: deg(leg.sideTilt),
  momentNm: leg.moment,
  momentFrontalNm: leg.momentFrontal,
  locked: leg.locked,
})

const toWays = (ways: { forward: number; back: number; left: number; right: number }) => ({
  forwardN: ways.forward,
  backN: ways.back,
  leftN: ways.left,
  rightN: ways.right,
})

/** The side, where it has one, and the part. */
export const placeOf = ({ side, part }: Finding): string => (side ? `${side} ${part}` : part)

export function toFinding(finding: Finding, words: DocumentWords) {
  const { code, severity, value, limit, unit, cause } = finding
  const outside = { m: ['m', 1], rad: ['deg', 1 / DEG], share: ['pct', 100], s: ['s', 1], times: ['times', 1] } as const
  const [name, factor] = outside[unit]
  return {
    code,
    severity,
    where: placeOf(finding),
    value: value * factor,
    limit: limit * factor,
    unit: name,
    ...(cause && { cause }),
    text: words.finding(finding),
  }
}
