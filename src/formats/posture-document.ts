import { z } from 'zod'
import {
  bySide,
  DEG,
  FEATURES,
  type FootMeasure,
  LIBRARY,
  type Measures,
  type Posture,
  SCHOOL_IDS,
  type SchoolId,
  USUAL_LIFT,
} from '@/core'
import { flag, number, oneOf, text } from './fields'
import { fromArms, liftOf } from './from-core'
import { armDocument } from './stance-document'
import { toArm } from './to-core'

export const POSTURE_FORMAT = 'nivrel.posture/1'

const footMeasure = z.looseObject(
  {
    toeOutDeg: number(-100, 100, 'degrees'),
    contact: oneOf(['whole', 'ball', 'heel', 'toe-touch', 'air']),
    pressureAt: number(0, 1, 'of the bearing part'),
    clearanceStatures: number(0, 0.6, 'of stature'),
    liftDeg: number(-40, 60, 'degrees').optional(),
  },
  { error: 'an object of foot measures' },
)

/** A stance in the body's own measures: it fits everybody. `own` is the side that the posture is named after. */
export const measuresDocument = z.looseObject(
  {
    trackShoulders: number(-3, 5, 'shoulder widths'),
    trackBreadths: number(-5, 10, 'foot breadths').default(0),
    stepStatures: number(-0.9, 0.9, 'of stature'),
    own: footMeasure,
    other: footMeasure,
    ownLoadPct: number(0, 100, '%'),
    kneeFlexionDeg: number(0, 140, 'degrees'),
    kneeOf: oneOf(['own', 'other']).nullable().default(null),
    pelvisYawDeg: number(-90, 90, 'degrees').default(0),
    pelvisTiltDeg: number(-45, 45, 'degrees').default(0),
    trunk: z
      .looseObject({
        pitchDeg: number(-30, 90, 'degrees').default(0),
        rollDeg: number(-45, 45, 'degrees').default(0),
        yawDeg: number(-90, 90, 'degrees').default(0),
      })
      .default({ pitchDeg: 0, rollDeg: 0, yawDeg: 0 }),
    frame: oneOf(['upright', 'inclined']).default('upright'),
    arms: z.looseObject({ own: armDocument, other: armDocument }, { error: '{ own, other }' }),
    seated: flag.default(false),
  },
  { error: 'an object of measures' },
)
export type MeasuresDocument = z.infer<typeof measuresDocument>

/** `nivrel.posture/1`: a posture of the library as an instructor changed or added it. */
export const postureDocument = z.looseObject(
  {
    format: z.literal(POSTURE_FORMAT, { error: `"${POSTURE_FORMAT}"` }),
    name: text(80).trim().min(1, 'a name of 1 to 80 characters'),
    sided: flag,
    purpose: text(300).default(''),
    keeps: z.array(oneOf(FEATURES), { error: 'a list of features' }).default([]),
    cue: text(300).default(''),
    watch: z.array(text(120), { error: 'a list of things to watch' }).max(12).default([]),
    /** By school; a school that is not here takes the first. */
    measures: z
      .partialRecord(oneOf(SCHOOL_IDS), measuresDocument)
      .refine((measures) => Object.keys(measures).length > 0, { error: 'measures for at least one school' }),
  },
  { error: `a ${POSTURE_FORMAT} document` },
)
export type PostureDocument = z.infer<typeof postureDocument>

const tidy = (value: number) => Math.round(value * 1e9) / 1e9
const deg = (radians: number) => tidy(radians / DEG)

const fromFoot = (foot: FootMeasure) => ({
  toeOutDeg: deg(foot.toeOut),
  contact: foot.contact,
  pressureAt: foot.pressureAt,
  clearanceStatures: tidy(foot.clearance),
  ...liftOf(foot),
})

export function fromMeasures(m: Measures): MeasuresDocument {
  const arms = fromArms({ left: m.ownArm, right: m.otherArm })
  return {
    trackShoulders: tidy(m.track),
    trackBreadths: m.breadths,
    stepStatures: tidy(m.step),
    own: fromFoot(m.own),
    other: fromFoot(m.other),
    ownLoadPct: tidy(m.ownLoad * 100),
    kneeFlexionDeg: deg(m.kneeFlexion),
    kneeOf: m.kneeOf,
    pelvisYawDeg: deg(m.pelvisYaw),
    pelvisTiltDeg: deg(m.pelvisTilt),
    trunk: { pitchDeg: deg(m.trunk.pitch), rollDeg: deg(m.trunk.roll), yawDeg: deg(m.trunk.yaw) },
    frame: m.frame,
    arms: { own: arms.left, other: arms.right },
    seated: m.seated,
  }
}

const toFoot = (doc: MeasuresDocument['own']): FootMeasure => ({
  toeOut: doc.toeOutDeg * DEG,
  contact: doc.contact,
  pressureAt: doc.pressureAt,
  clearance: doc.clearanceStatures,
  lift: doc.liftDeg === undefined ? USUAL_LIFT[doc.contact] : doc.liftDeg * DEG,
})

export function toMeasures(doc: MeasuresDocument): Measures {
  const arms = bySide((side) => toArm(side === 'left' ? doc.arms.own : doc.arms.other))
  return {
    track: doc.trackShoulders,
    breadths: doc.trackBreadths,
    step: doc.stepStatures,
    own: toFoot(doc.own),
    other: toFoot(doc.other),
    ownLoad: doc.ownLoadPct / 100,
    kneeFlexion: doc.kneeFlexionDeg * DEG,
    kneeOf: doc.kneeOf,
    pelvisYaw: doc.pelvisYawDeg * DEG,
    pelvisTilt: doc.pelvisTiltDeg * DEG,
    trunk: { pitch: doc.trunk.pitchDeg * DEG, roll: doc.trunk.rollDeg * DEG, yaw: doc.trunk.yawDeg * DEG },
    frame: doc.frame,
    ownArm: arms.left,
    otherArm: arms.right,
    seated: doc.seated,
  }
}

/** A posture as a document, whole: every school's measures. */
export const fromPosture = (posture: Posture): PostureDocument => ({
  format: POSTURE_FORMAT,
  name: posture.name,
  sided: posture.sided,
  purpose: posture.purpose,
  keeps: [...posture.keeps],
  cue: posture.cue,
  watch: [...posture.watch],
  measures: Object.fromEntries(SCHOOL_IDS.map((school) => [school, fromMeasures(posture.measures[school])])),
})

/** A posture of the library from its document; schools that it leaves out are as shipped, or as its first. */
export function toPosture(id: string, doc: PostureDocument): Posture {
  const shipped = LIBRARY.find((posture) => posture.id === id)
  const given = Object.entries(doc.measures) as [SchoolId, MeasuresDocument][]
  const first = toMeasures((given[0] as [SchoolId, MeasuresDocument])[1])
  const measures = Object.fromEntries(
    SCHOOL_IDS.map((school) => {
      const own = doc.measures[school]
      return [school, own ? toMeasures(own) : (shipped?.measures[school] ?? first)]
    }),
  ) as Record<SchoolId, Measures>
  const { name, sided, purpose, keeps, cue, watch } = doc
  return { id, name, kind: shipped?.kind ?? 'form', sided, purpose, keeps, cue, watch, measures }
}

/** The library with what an instructor changed or added. */
export function mergeLibrary(own: readonly { id: string; document: PostureDocument }[]): Posture[] {
  const changed = new Map(own.map(({ id, document }) => [id, document]))
  const shipped = LIBRARY.map((posture) => {
    const document = changed.get(posture.id)
    return document ? toPosture(posture.id, document) : posture
  })
  const added = own.filter(({ id }) => !LIBRARY.some((posture) => posture.id === id))
  return [...shipped, ...added.map(({ id, document }) => toPosture(id, document))]
}
