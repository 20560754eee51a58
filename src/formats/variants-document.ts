import {
  analyse,
  type Change,
  DEG,
  findVariants,
  type Measurement,
  resolveBody,
  sayNote,
  type Variant,
  type VariantOptions,
} from '@/core'
import { toAnalysisDocument } from './analysis-document'
import { fromStance } from './from-core'
import { parse } from './parse'
import { STANCE_FORMAT, type StanceDocument, stanceDocument } from './stance-document'
import { toPerson, toStance } from './to-core'

export const VARIANTS_FORMAT = 'nivrel.variants/1'

/** What a change is called in the document. */
const NAMES: Record<Change['what'], string> = {
  stepLength: 'stepLengthM',
  trackWidth: 'trackWidthM',
  toeOutLeft: 'toeOutDeg.left',
  toeOutRight: 'toeOutDeg.right',
  kneeFlexion: 'kneeFlexionDeg',
  loadLeft: 'loadLeftPct',
  trunkPitch: 'trunk.pitchDeg',
  pelvisYaw: 'pelvisYawDeg',
  armHeight: 'arms.elevationDeg',
  armOpening: 'arms.openingDeg',
  armLeft: 'arms.left.elevationDeg',
  armRight: 'arms.right.elevationDeg',
  eyes: 'eyes',
  contactLeft: 'contact.left',
  contactRight: 'contact.right',
  support: 'support',
  seat: 'seat',
}

/**
 * A `nivrel.stance/1` document in, its safer variants out (`nivrel.variants/1`), at most `most` of them.
 * @throws InputError
 */
export function variantsDocument(value: unknown, most?: number, options?: VariantOptions) {
  const doc = parse(stanceDocument, value)
  const body = resolveBody(toPerson(doc.person))
  const found = findVariants(body, toStance(doc.stance), options)
  return {
    format: VARIANTS_FORMAT,
    original: doc,
    variants: found.variants.slice(0, most).map((variant) => {
      const analysis = toAnalysisDocument(analyse(body, variant.stance))
      return { ...toVariantDocument(doc, variant), analysis }
    }),
    conflicts: found.conflicts.map(({ code, where, text }) => ({ code, where, text })),
    measure: found.measurements.map(toMeasurementDocument),
    weighed: found.weighed,
    cut: found.cut,
  }
}

function toVariantDocument(original: StanceDocument, variant: Variant) {
  const { kind, also, stance, changes, givesUp } = variant
  const note = sayNote(variant)
  const document: StanceDocument = { format: STANCE_FORMAT, person: original.person, stance: fromStance(stance) }
  return { kind, also, givesUp, ...(note && { note }), stance: document, changes: changes.map(toChangeDocument) }
}

const FACTORS = { m: 1, rad: 1 / DEG, share: 100, word: 1 }

function toChangeDocument({ what, from, to, unit, buys }: Change) {
  const outside = (value: number | string) => (typeof value === 'number' ? value * FACTORS[unit] : value)
  return { what: NAMES[what], from: outside(from), to: outside(to), buys }
}

const toMeasurementDocument = ({ cause, how, margin, settles }: Measurement) => ({
  cause,
  how,
  assuredM: margin,
  settles,
})
