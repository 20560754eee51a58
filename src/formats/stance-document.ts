import { z } from 'zod'
import { FEATURES, PRESSED_KINDS, PUSHING_KINDS } from '@/core'
import { flag, number, oneOf, point2, point3, text } from './fields'
import { personDocument } from './person-document'

export const STANCE_FORMAT = 'nivrel.stance/1'

/** How far the heel may be lifted in each contact, in degrees (lifted toes negative). */
const LIFTS = { whole: [0, 0], ball: [0, 60], heel: [-40, 0], 'toe-touch': [0, 60], air: [-40, 60] } as const

export const footDocument = z
  .looseObject(
    {
      heel: point2,
      toeOutDeg: number(-100, 100, 'degrees').optional(),
      contact: oneOf(['whole', 'ball', 'heel', 'toe-touch', 'air']).optional(),
      pressureAt: number(0, 1, 'of the bearing part').optional(),
      clearanceM: number(0, 1, 'm').optional(),
      liftDeg: number(-40, 60, 'degrees').optional(),
    },
    { error: 'an object with at least a heel' },
  )
  .superRefine(({ contact = 'whole', liftDeg = 0 }, context) => {
    const [low, high] = LIFTS[contact]
    if (liftDeg >= low && liftDeg <= high) return
    const message = `from ${low} to ${high} degrees with contact ${contact} (heel up positive, toes up negative)`
    context.addIssue({ code: 'custom', path: ['liftDeg'], message })
  })

const HEIGHT = 'either { kneeFlexionDeg, leg } or { pelvisDropM }, not both'

export const heightDocument = z
  .looseObject(
    {
      kneeFlexionDeg: number(0, 140, 'degrees').optional(),
      leg: oneOf(['left', 'right']).optional(),
      pelvisDropM: number(-0.15, 1.5, 'm').optional(),
    },
    { error: HEIGHT },
  )
  .refine((h) => h.kneeFlexionDeg === undefined || h.pelvisDropM === undefined, { error: HEIGHT })

export const armDocument = z.looseObject(
  {
    elevationDeg: number(-60, 180, 'degrees').optional(),
    openingDeg: number(-90, 180, 'degrees').optional(),
    elbowDeg: number(0, 160, 'degrees').optional(),
    elbowInwardDeg: number(-180, 180, 'degrees').optional(),
  },
  { error: 'an object of arm angles' },
)

export const supportDocument = z
  .looseObject(
    {
      kind: oneOf([...PRESSED_KINDS, ...PUSHING_KINDS]),
      hand: oneOf(['left', 'right']),
      at: point3,
      maxLoadPct: number(0, 45, '% of body weight').optional(),
      towardDeg: number(-360, 360, 'degrees').optional(),
    },
    { error: 'an object with kind, hand and at' },
  )
  .refine((s) => s.towardDeg !== undefined || !(PUSHING_KINDS as readonly string[]).includes(s.kind), {
    error: 'the direction in which a wall, pole or helper pushes, in degrees counter-clockwise from forward',
    path: ['towardDeg'],
  })

/** Where a stance stands in a room: its own origin and forward direction there. */
export const placement = z.looseObject(
  { xM: number(-100, 100, 'm'), yM: number(-100, 100, 'm'), headingDeg: number(-3600, 3600, 'degrees') },
  { error: '{ xM, yM, headingDeg }' },
)

export const stanceBody = z.looseObject(
  {
    posture: text(200).optional(),
    side: oneOf(['left', 'right']).optional(),
    feet: z.looseObject({ left: footDocument, right: footDocument }, { error: '{ left, right }, each with a heel' }),
    loadLeftPct: number(0, 100, '%').optional(),
    loadMeasured: flag.optional(),
    height: heightDocument.optional(),
    pelvisYawDeg: number(-90, 90, 'degrees').optional(),
    pelvisTiltDeg: number(-45, 45, 'degrees').optional(),
    trunk: z
      .looseObject(
        {
          pitchDeg: number(-30, 90, 'degrees').optional(),
          rollDeg: number(-45, 45, 'degrees').optional(),
          yawDeg: number(-90, 90, 'degrees').optional(),
        },
        { error: 'an object of trunk angles' },
      )
      .optional(),
    arms: z
      .looseObject({ left: armDocument.optional(), right: armDocument.optional() }, { error: '{ left, right }' })
      .optional(),
    supports: z.array(supportDocument, { error: 'a list of supports' }).max(2, 'at most two supports').optional(),
    seat: z
      .looseObject({ heightM: number(0.2, 1, 'm'), at: point2 }, { error: 'an object with heightM and at' })
      .optional(),
    frame: oneOf(['upright', 'inclined']).optional(),
    keeps: z.array(oneOf(FEATURES), { error: 'a list of features' }).optional(),
    eyes: oneOf(['open', 'closed']).optional(),
    at: placement.optional(),
    floor: z
      .looseObject(
        { slopeDeg: number(0, 20, 'degrees').optional(), downhillDeg: number(-360, 360, 'degrees').optional() },
        { error: '{ slopeDeg, downhillDeg }' },
      )
      .optional(),
  },
  { error: 'an object with at least feet' },
)

/** `nivrel.stance/1`: one person in one stance. Unknown keys are kept. */
export const stanceDocument = z.looseObject(
  {
    format: z.literal(STANCE_FORMAT, { error: `"${STANCE_FORMAT}"` }),
    person: personDocument,
    stance: stanceBody,
  },
  { error: `a ${STANCE_FORMAT} document` },
)

export type FootDocument = z.infer<typeof footDocument>
export type SupportDocument = z.infer<typeof supportDocument>
export type ArmDocument = z.infer<typeof armDocument>
export type StanceBody = z.infer<typeof stanceBody>
export type StanceDocument = z.infer<typeof stanceDocument>
