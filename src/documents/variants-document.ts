import { analyse, type Change, DEG, findVariants, type Measurement, type Variant, type VariantOptions } from '@/core'
import { placeOf, toAnalysisDocument } from './analysis-document'
import type { DocumentWords } from './document-words'
import { fromStance } from './from-core'
import { parse } from './parse'
import { STANCE_FORMAT, type StanceDocument, stanceDocument } from './stance-document'
import { bodyOf, toStance } from './to-core'

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
  side: 'side',
}

/**
 * A `nivrel.stance/1` document in, its safer variants out (`nivrel.variants/1`), at most `most` of them.
 * @throws InputError
 */
export function variantsDocument(value: unknown, words: DocumentWords, most?: number, options?: VariantOptions) {
  const doc = parse(stanceDocument, value)
  const body = bodyOf(doc.person)
  const found = findVariants(body, toStance(doc.stance), options)
  return {
    format: VARIANTS_FORMAT,
    original: doc,
    variants: found.variants.slice(0, most).map((variant) => {
      const analysis = toAnalysisDocument(analyse(body, variant.stance), words)
      return { ...toVariantDocument(doc, variant, words), analysis }
    }),
    conflicts: found.conflicts.map((one) => ({ code: one.code, where: placeOf(one), text: words.finding(one) })),
    measure: found.measurements.map((one) => toMeasurementDocument(one, words)),
    weighed: found.weighed,
    cut: found.cut,
  }
}

function toVariantDocument(original: StanceDocument, variant: Variant, words: DocumentWords) {
  const { kind, also, stance, changes, givesUp } = variant
  const note = words.note(variant)
  const document: StanceDocument = { format: STANCE_FORMAT, person: original.person, stance: fromStance(stance) }
  return {
    kind,
    also,
    givesUp,
    ...(note && { note }),
    stance: document,
    changes: changes.map((change) => toChangeDocument(change, words)),
  }
}

const FACTORS = { m: 1, rad: 1 / DEG, share: 100, word: 1 }

export function toChangeDocument(change: Change, words: DocumentWords) {
  const { what, from, to, unit, buys } = change
  const outside = (value: number | string) =>
    typeof value === 'number' ? value * FACTORS[unit] : words.state(change, value)
  return { what: NAMES[what], from: outside(from), to: outside(to), buys: words.buys(buys) }
}

const toMeasurementDocument = (measurement: Measurement, words: DocumentWords) => ({
  cause: measurement.cause,
  how: words.measurement(measurement),
  assuredM: measurement.margin,
  settles: measurement.settles,
})
