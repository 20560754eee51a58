import { z } from 'zod'
import {
  bySide,
  type Posture as CorePosture,
  DEG,
  FEATURES,
  type FootMeasure,
  LIBRARY,
  type Measures,
  SCHOOL_IDS,
  type SchoolId,
  USUAL_LIFT,
} from '@/core'
import { accepted, documentOf, filledText, flag, formatOf, keysOf, list, number, oneOf, text } from './fields'
import { fromArms, liftOf } from './from-core'
import { armDocument } from './stance-document'
import { toArm } from './to-core'

export const POSTURE_FORMAT = 'nivrel.posture/1'

const footMeasure = z.looseObject(
  {
    toeOutDeg: number(-100, 100, 'deg'),
    contact: oneOf(['whole', 'ball', 'heel', 'toe-touch', 'air']),
    pressureAt: number(0, 1, 'ofPart'),
    clearanceStatures: number(0, 0.6, 'ofStature'),
    liftDeg: number(-40, 60, 'deg').optional(),
  },
  { error: accepted('object', { of: 'footMeasures' }) },
)

/** A stance in the body's own measures: it fits everybody. `own` is the side that the posture is named after. */
export const measuresDocument = z.looseObject(
  {
    trackShoulders: number(-3, 5, 'shoulders'),
    trackBreadths: number(-5, 10, 'breadths').default(0),
    stepStatures: number(-0.9, 0.9, 'ofStature'),
    own: footMeasure,
    other: footMeasure,
    ownLoadPct: number(0, 100, 'pct'),
    kneeFlexionDeg: number(0, 140, 'deg'),
    kneeOf: oneOf(['own', 'other']).nullable().default(null),
    pelvisYawDeg: number(-90, 90, 'deg').default(0),
    pelvisTiltDeg: number(-45, 45, 'deg').default(0),
    trunk: z
      .looseObject({
        pitchDeg: number(-30, 90, 'deg').default(0),
        rollDeg: number(-45, 45, 'deg').default(0),
        yawDeg: number(-90, 90, 'deg').default(0),
      })
      .default({ pitchDeg: 0, rollDeg: 0, yawDeg: 0 }),
    frame: oneOf(['upright', 'inclined']).default('upright'),
    arms: z.looseObject({ own: armDocument, other: armDocument }, keysOf('own, other')),
    seated: flag.default(false),
  },
  { error: accepted('object', { of: 'measures' }) },
)
export type MeasuresDocument = z.infer<typeof measuresDocument>

/** `nivrel.posture/1`: a posture of the library as an instructor changed or added it. */
export const postureDocument = z.looseObject(
  {
    format: formatOf(POSTURE_FORMAT),
    name: filledText(80),
    sided: flag,
    purpose: text(300).default(''),
    keeps: list(oneOf(FEATURES), 'features').default([]),
    cue: text(300).default(''),
    watch: list(text(120), 'watched').max(12).default([]),
    /** By school; a school that is not here takes the first. */
    measures: z
      .partialRecord(oneOf(SCHOOL_IDS), measuresDocument)
      .refine((measures) => Object.keys(measures).length > 0, { error: accepted('measuresOfASchool') }),
  },
  documentOf(POSTURE_FORMAT),
)
export type PostureDocument = z.infer<typeof postureDocument>

/** What a posture is called, what it is for, what a teacher says and watches. */
export type PostureTexts = { name: string; purpose: string; cue: string; watch: string[] }

/** A posture of this house's library: in the instructor's own words where they changed or added it, else as it ships. */
export type Posture = CorePosture & { own: PostureTexts | null }

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

/** A posture as a document, whole: every school's measures, with its texts as they are said. */
export const fromPosture = (posture: CorePosture, texts: PostureTexts): PostureDocument => ({
  format: POSTURE_FORMAT,
  ...texts,
  sided: posture.sided,
  keeps: [...posture.keeps],
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
  return { id, kind: shipped?.kind ?? 'form', sided, keeps, own: { name, purpose, cue, watch }, measures }
}

/** The library with what an instructor changed or added. */
export function mergeLibrary(own: readonly { id: string; document: PostureDocument }[]): Posture[] {
  const changed = new Map(own.map(({ id, document }) => [id, document]))
  const shipped = LIBRARY.map((posture) => {
    const document = changed.get(posture.id)
    return document ? toPosture(posture.id, document) : { ...posture, own: null }
  })
  const added = own.filter(({ id }) => !LIBRARY.some((posture) => posture.id === id))
  return [...shipped, ...added.map(({ id, document }) => toPosture(id, document))]
}
