import {
  type Arm,
  type Body,
  type BySide,
  bySide,
  DEG,
  type FootSetting,
  type Height,
  type Lengths,
  type Limits,
  type Person,
  resolveBody,
  SIDE_LIMIT_KEYS,
  type SideLimits,
  STANCE_DEFAULTS,
  type Stance,
  type Support,
  USUAL_LIFT,
  WHOLE_LIMIT_KEYS,
} from '@/core'
import { type HouseDocument, toHouse } from './house-document'
import { readLimit, whatOf } from './limit-fields'
import type { LimitsDocument, PersonDocument, SideLimitsDocument } from './person-document'
import type { ArmDocument, FootDocument, StanceBody, SupportDocument } from './stance-document'

const rad = (degrees: number | undefined) => (degrees === undefined ? undefined : degrees * DEG)

/** Drops what was not given, so that a default is a default. */
function given<T extends object>(values: { [K in keyof T]: T[K] | undefined }): T {
  return Object.fromEntries(Object.entries(values).filter(([, v]) => v !== undefined)) as T
}

/** Bodies by the document that they are of: one that is not changed is never resolved twice. */
const bodies = new WeakMap<PersonDocument, Body>()

/** The body of a checked document. @throws InputError where nobody has such measures */
export function bodyOf(doc: PersonDocument): Body {
  const body = bodies.get(doc) ?? resolveBody(toPerson(doc))
  bodies.set(doc, body)
  return body
}

/** From a checked document (degrees, percent) to the core (radians, shares). */
export function toPerson(doc: PersonDocument): Person {
  return given<Person>({
    stature: doc.statureM,
    mass: doc.massKg,
    sex: doc.sex ?? 'unspecified',
    age: doc.ageYears,
    footLength: doc.footLengthM,
    footBreadth: doc.footBreadthM,
    shoulderWidth: doc.shoulderWidthM,
    usableAlong: doc.usableAlong,
    usableAcross: doc.usableAcross,
    swayReserve: doc.swayReserveM,
    swayReserveOneFoot: doc.swayReserveOneFootM,
    oneLegStand: typeof doc.oneLegStandS === 'number' ? bySide(() => doc.oneLegStandS as number) : doc.oneLegStandS,
    trunkShift: doc.trunkShiftM,
    numbFeet: doc.numbFeet,
    sitsOn: doc.sitsOn,
    seatHeight: doc.seatHeightM,
    lengths: doc.lengths && toLengths(doc.lengths),
    limits: doc.limits && toLimits(doc.limits),
    house: doc.house && toHouse(doc.house as HouseDocument),
  })
}

type Sided = number | { left: number; right: number } | undefined

function toLengths(doc: NonNullable<PersonDocument['lengths']>): Partial<Lengths> {
  const sided = (value: Sided): BySide<number> | undefined =>
    typeof value === 'number' ? { left: value, right: value } : value
  return given<Partial<Lengths>>({
    thigh: sided(doc.thighM),
    shank: sided(doc.shankM),
    ankleHeight: sided(doc.ankleHeightM),
    hipSeparation: doc.hipSeparationM,
    upperArm: sided(doc.upperArmM),
    forearm: sided(doc.forearmM),
    hand: sided(doc.handM),
  })
}

function toSideLimits(doc: SideLimitsDocument): SideLimits {
  const limits: SideLimits = {}
  for (const key of SIDE_LIMIT_KEYS) {
    const value = doc[whatOf(key)] as number | undefined
    if (value !== undefined) limits[key] = readLimit(key, value)
  }
  return limits
}

/** What stands under one side, and which of the hip's limits that reach it are orders. */
function toOneSide(common: SideLimitsDocument, side: SideLimitsDocument | undefined): SideLimits | undefined {
  const { hipOrdered, hipInwardMaxDeg, hipOutwardMaxDeg, ...all } = { ...common, ...side }
  const none = hipInwardMaxDeg === undefined && hipOutwardMaxDeg === undefined
  const inward = all.hipInwardOrdered ?? (hipOrdered && (none || hipInwardMaxDeg !== undefined))
  const outward = all.hipOutwardOrdered ?? (hipOrdered && (none || hipOutwardMaxDeg !== undefined))
  if (!side && !inward && !outward) return undefined
  return {
    ...(side && toSideLimits(side)),
    ...(inward && { hipInwardOrdered: true }),
    ...(outward && { hipOutwardOrdered: true }),
  }
}

function toLimits(doc: LimitsDocument): Limits {
  const whole = WHOLE_LIMIT_KEYS.flatMap((key) => {
    const value = doc[whatOf(key)] as number | boolean | undefined
    return value === undefined ? [] : [[key, typeof value === 'number' ? readLimit(key, value) : value]]
  })
  return {
    ...toSideLimits(doc),
    ...Object.fromEntries(whole),
    ...given<Limits>({
      left: toOneSide(doc, doc.left),
      right: toOneSide(doc, doc.right),
      trunkOrdered: doc.trunkOrdered,
      loadMax: doc.loadMaxPct && bySide((side) => (doc.loadMaxPct?.[side] ?? 100) / 100),
      support: doc.support,
    }),
  }
}

/** From a checked stance (degrees, percent) to the core; what is absent takes the model's defaults. */
export function toStance(doc: StanceBody): Stance {
  const { left, right } = doc.feet
  const defaultLoad = left.contact === 'air' ? 0 : right.contact === 'air' ? 100 : 50
  return given<Stance>({
    posture: doc.posture,
    side: doc.side,
    feet: { left: toFoot(left), right: toFoot(right) },
    loadLeft: (doc.loadLeftPct ?? defaultLoad) / 100,
    loadMeasured: doc.loadMeasured ?? false,
    height: toHeight(doc.height),
    pelvisYaw: (doc.pelvisYawDeg ?? 0) * DEG,
    pelvisTilt: (doc.pelvisTiltDeg ?? 0) * DEG,
    trunk: {
      pitch: (doc.trunk?.pitchDeg ?? 0) * DEG,
      roll: (doc.trunk?.rollDeg ?? 0) * DEG,
      yaw: (doc.trunk?.yawDeg ?? 0) * DEG,
    },
    arms: bySide((side) => toArm(doc.arms?.[side])),
    supports: (doc.supports ?? []).map(toSupport),
    seat: doc.seat && { height: doc.seat.heightM, at: doc.seat.at, ...(doc.seat.kind && { kind: doc.seat.kind }) },
    frame: doc.frame ?? 'upright',
    keeps: doc.keeps,
    eyes: doc.eyes ?? 'open',
    at: doc.at && { x: doc.at.xM, y: doc.at.yM, heading: doc.at.headingDeg * DEG },
    floor: { slope: (doc.floor?.slopeDeg ?? 0) * DEG, downhill: (doc.floor?.downhillDeg ?? 0) * DEG },
  })
}

const toFoot = ({ contact = 'whole', ...doc }: FootDocument): FootSetting => ({
  heel: doc.heel,
  toeOut: (doc.toeOutDeg ?? 0) * DEG,
  contact,
  pressureAt: doc.pressureAt ?? STANCE_DEFAULTS.pressureAt,
  clearance: doc.clearanceM ?? STANCE_DEFAULTS.clearanceM,
  lift: rad(doc.liftDeg) ?? USUAL_LIFT[contact],
})

function toHeight(doc: StanceBody['height']): Height {
  if (doc?.kneeFlexionDeg === undefined) return { pelvisDrop: doc?.pelvisDropM ?? 0 }
  return given<Height>({ kneeFlexion: doc.kneeFlexionDeg * DEG, leg: doc.leg })
}

export const toArm = (doc: ArmDocument | undefined): Arm => ({
  elevation: (doc?.elevationDeg ?? 0) * DEG,
  opening: (doc?.openingDeg ?? 0) * DEG,
  elbow: (doc?.elbowDeg ?? 0) * DEG,
  elbowInward: (doc?.elbowInwardDeg ?? 0) * DEG,
})

const toSupport = (doc: SupportDocument): Support =>
  given<Support>({
    kind: doc.kind,
    hand: doc.hand,
    at: doc.at,
    maxLoad: (doc.maxLoadPct ?? STANCE_DEFAULTS.maxLoadPct[doc.kind]) / 100,
    toward: rad(doc.towardDeg),
  })
