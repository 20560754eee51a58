import { type Body, PROPORTIONS } from '@/core'
import { type HouseDocument, toHouse } from '@/documents/house-document'
import { rowOf } from '@/documents/limit-fields'
import type { PersonDocument, SideLimitsDocument } from '@/documents/person-document'
import type { RecordDocument } from '@/documents/record-document'
import { type Binding, bindOnDay } from './binding'
import { type Effects, findEffects } from './test-effects'

/** A person as the model sees them on a day, and where each figure came from. */
export type Resolved = { document: PersonDocument; bindings: Binding[]; effects: Effects }

/**
 * The person of a record on a day (YYYY-MM-DD): measures where measured, the limits that bind, what tests put in
 * place of estimates, what the day lowered, and the house's own rules.
 */
export function resolveRecord(record: RecordDocument, on: string, house: HouseDocument = {}): Resolved {
  const bindings = bindOnDay(record, on)
  const effects = findEffects(record, on, toHouse(house).swayReserve)
  const { body } = record
  const document: PersonDocument = {
    ...body,
    ...(body.ageYears !== undefined && { ageYears: ageOn(record, on) }),
    ...(effects.usableAlong && { usableAlong: effects.usableAlong.value }),
    // Of what was measured and what a stand that was not held asks for, the larger.
    ...(effects.swayReserveM && { swayReserveM: Math.max(effects.swayReserveM.value, body.swayReserveM ?? 0) }),
    ...(effects.swayReserveOneFootM && { swayReserveOneFootM: effects.swayReserveOneFootM.value }),
    ...standsOf(effects),
    ...shortenLeg(record),
    ...(record.conditions.some(({ condition }) => condition === 'numb-feet') && { numbFeet: true }),
    limits: limitsOf(bindings, effects),
    ...(Object.keys(house).length > 0 && { house }),
  }
  return { document, bindings, effects }
}

function limitsOf(bindings: readonly Binding[], effects: Effects): NonNullable<PersonDocument['limits']> {
  const limits: Record<string, unknown> = {}
  const sides: Record<'left' | 'right', Record<string, unknown>> = { left: {}, right: {} }
  const load: Record<'left' | 'right', number> = { left: 100, right: 100 }
  if (effects.riseFromM) limits.riseFromM = effects.riseFromM.value
  for (const { what, side, entry } of bindings) {
    const concerned = side ? [side] : (['left', 'right'] as const)
    const { per, kept, ordered } = rowOf(what)
    if (what === 'loadMaxPct') for (const one of concerned) load[one] = Number(entry.value)
    else if (per === 'side') {
      // Turning past what a clinician or a caution allows breaks it; a measured range only stops the knee.
      const isOrder = entry.source.kind === 'clinician' || entry.cause !== undefined
      for (const one of concerned)
        Object.assign(sides[one], {
          [what]: entry.value,
          ...(isOrder && ordered && ordered !== 'trunkOrdered' && { [ordered]: true }),
        })
      // Of the trunk it is said for both sides.
      if (ordered === 'trunkOrdered') limits.trunkOrdered = true
    } else if (kept !== 'teacher') Object.assign(limits, { [what]: entry.value })
  }
  if (load.left < 100 || load.right < 100) limits.loadMaxPct = load
  for (const one of ['left', 'right'] as const) {
    if (Object.keys(sides[one]).length > 0) limits[one] = sides[one] as SideLimitsDocument
  }
  return limits
}

/** The age that was given, and the whole years since. */
function ageOn({ body, measured }: RecordDocument, on: string): number {
  const age = body.ageYears as number
  const since = measured.ageYears?.on
  if (!since || since > on) return age
  const years = Number(on.slice(0, 4)) - Number(since.slice(0, 4)) - (on.slice(5) < since.slice(5) ? 1 : 0)
  return Math.min(115, age + years)
}

/** The timed stands on one leg, as far as each leg was timed. */
function standsOf({ oneLegStandS: { left, right } }: Effects): Partial<PersonDocument> {
  if (!left && !right) return {}
  return { oneLegStandS: { ...(left && { left: left.value }), ...(right && { right: right.value }) } }
}

/** A shorter leg measured lying shortens its shank; seen standing it may be a tilted pelvis, and changes nothing. */
function shortenLeg({ body, legDifference }: RecordDocument): Partial<PersonDocument> {
  if (legDifference?.how !== 'lying' || legDifference.byM === 0) return {}
  const given = body.lengths?.shankM
  if (typeof given === 'object') return {}
  const shank = given ?? PROPORTIONS.shank * body.statureM
  const { shorter, byM } = legDifference
  const shankM = { left: shank, right: shank, [shorter]: shank - byM } as { left: number; right: number }
  return { lengths: { ...body.lengths, shankM } }
}

/** Whether the usable base of a resolved body rests on an estimate from age alone. */
export const isBaseEstimated = (body: Body): boolean => body.person.usableAlong === undefined
