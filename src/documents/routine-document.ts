import { z } from 'zod'
import {
  type Body,
  BREATHS,
  buildPosture,
  DEG,
  POSTURE_IDS,
  type Posture,
  postureOf,
  type RoutinePart,
  SCHOOL_IDS,
  type SchoolId,
  type Stance,
} from '@/core'
import { choicesDocument, type HouseWays, toChoices } from './choices-document'
import { accepted, documentOf, formatOf, keysOf, number, oneOf, text } from './fields'
import { fromStance } from './from-core'
import { personDocument } from './person-document'
import { footChange, type StanceBody, stanceBody } from './stance-document'
import { toStance } from './to-core'

export const ROUTINE_FORMAT = 'nivrel.routine/1'
const PARTS_MOST = 200
const SECONDS = [0.5, 120] as const

const { loadLeftPct, height, pelvisYawDeg, trunk, arms, supports } = stanceBody.shape

/** What a part's stance has otherwise than its posture: whatever is given goes over it. */
export const changesDocument = z.looseObject(
  {
    loadLeftPct,
    height,
    pelvisYawDeg,
    trunk,
    feet: z
      .looseObject({ left: footChange.optional(), right: footChange.optional() }, keysOf('left, right'))
      .optional(),
    arms,
    supports,
  },
  { error: accepted('object', { of: 'stance' }) },
)
export type ChangesDocument = z.infer<typeof changesDocument>

/** An own posture of a house is known there only. */
const OWN = /^own-/

const posture = accepted('postureOrStance', { values: POSTURE_IDS.join(', ') })

const isKnown = (id: string | undefined, own: boolean) =>
  id !== undefined && (POSTURE_IDS.includes(id) || (own && OWN.test(id)))

const partWith = (own: boolean) =>
  z
    .looseObject(
      {
        posture: text(80).optional(),
        stance: stanceBody.optional(),
        with: changesDocument.optional(),
        side: oneOf(['left', 'right']).optional(),
        headingDeg: number(-3600, 3600, 'deg').optional(),
        seconds: number(...SECONDS, 's').optional(),
        holdS: number(0, 600, 's').optional(),
        breath: oneOf(BREATHS).optional(),
        anchor: oneOf(['left', 'right']).optional(),
        at: z.looseObject({ xM: number(-100, 100, 'm'), yM: number(-100, 100, 'm') }, keysOf('xM, yM')).optional(),
        choices: choicesDocument.optional(),
        say: text(500).optional(),
        lookAt: text(200).optional(),
        note: text(500).optional(),
      },
      keysOf('posture or stance'),
    )
    .superRefine(({ posture: named, stance }, context) => {
      if (stance || isKnown(named, own)) return
      context.addIssue({ code: 'custom', path: ['posture'], message: posture })
    })

/** A routine with postures of the library, and where `own` with those that a house has of its own. */
const routineWith = (own: boolean) =>
  z.looseObject(
    {
      format: formatOf(ROUTINE_FORMAT).optional(),
      name: text(120).optional(),
      school: oneOf(SCHOOL_IDS).optional(),
      person: personDocument.optional(),
      choices: choicesDocument.optional(),
      tempo: z.looseObject({ halfBreathS: number(1, 20, 's').optional() }, keysOf('halfBreathS')).optional(),
      room: z
        .looseObject({ widthM: number(1, 100, 'm'), depthM: number(1, 100, 'm') }, keysOf('widthM, depthM'))
        .optional(),
      parts: z
        .array(partWith(own), { error: accepted('list', { of: 'parts' }) })
        .min(2, accepted('atLeast', { least: 2 }))
        .max(PARTS_MOST, accepted('atMost', { most: PARTS_MOST })),
    },
    documentOf(ROUTINE_FORMAT),
  )

/** `nivrel.routine/1`: what is done, part by part. */
export const routineDocument = routineWith(false)
/** The same, as a house keeps it. */
export const houseRoutine = routineWith(true)

export type RoutineDocument = z.infer<typeof routineDocument>
export type PartDocument = RoutineDocument['parts'][number]

/** Where a routine says nothing of its breath. */
export const HALF_BREATH_S = 4

/** How many halves of a breath lead to a part; breathing freely is one. */
const HALVES = { in: 1, out: 1, 'in-out': 2, 'out-in': 2, free: 1 } as const

/** Finds a posture by its id. @throws InputError where there is none */
export type FindPosture = (id: string) => Posture

/** The routine for a body: each posture sized to it, in the school, on its side. */
export function toRoutine(
  document: RoutineDocument,
  body: Body,
  find: FindPosture = postureOf,
  ways: HouseWays = {},
): RoutinePart[] {
  const { school = 'long-upright', tempo, choices } = document
  const halfBreath = tempo?.halfBreathS ?? HALF_BREATH_S
  let heading = 0
  return document.parts.map((part, i): RoutinePart => {
    heading = part.headingDeg ?? heading
    const breath = part.breath ?? 'free'
    return {
      stance: standOf(part, body, school, find),
      heading: heading * DEG,
      // The first part's seconds are a pause before it begins.
      seconds: part.seconds ?? (i === 0 ? 0 : HALVES[breath] * halfBreath),
      hold: part.holdS ?? 0,
      breath,
      choices: toChoices(school, ways, choices, part.choices),
      anchor: part.anchor,
      at: part.at && { x: part.at.xM, y: part.at.yM },
    }
  })
}

function standOf(part: PartDocument, body: Body, school: SchoolId, find: FindPosture): Stance {
  const { posture, stance, side = 'left', with: changes } = part
  const taught = stance ? toStance(stance) : buildPosture(find(posture as string), body, school, side)
  return changes ? toStance(changeStance(fromStance(taught), changes)) : taught
}

/** A stance with what is given over it; a height is given whole, feet, arms and trunk by their own keys. */
function changeStance(stance: StanceBody, { feet, arms, trunk, ...rest }: ChangesDocument): StanceBody {
  return {
    ...stance,
    ...(rest as Partial<StanceBody>),
    feet: { left: { ...stance.feet.left, ...feet?.left }, right: { ...stance.feet.right, ...feet?.right } },
    arms: { left: { ...stance.arms?.left, ...arms?.left }, right: { ...stance.arms?.right, ...arms?.right } },
    trunk: { ...stance.trunk, ...trunk },
  }
}
