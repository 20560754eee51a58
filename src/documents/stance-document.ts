import { z } from 'zod'
import { FEATURES, PUSHING_KINDS, SEAT_KINDS, SUPPORT_KINDS } from '@/core'
import { accepted, documentOf, flag, formatOf, keysOf, list, number, oneOf, point2, point3, text } from './fields'
import { personDocument } from './person-document'

export const STANCE_FORMAT = 'nivrel.stance/1'

/** How far the heel may be lifted in each contact, in degrees (lifted toes negative). */
const LIFTS = { whole: [0, 0], ball: [0, 60], heel: [-40, 0], 'toe-touch': [0, 60], air: [-40, 60] } as const

const footShape = {
  toeOutDeg: number(-100, 100, 'deg').optional(),
  contact: oneOf(['whole', 'ball', 'heel', 'toe-touch', 'air']).optional(),
  pressureAt: number(0, 1, 'ofPart').optional(),
  clearanceM: number(0, 1, 'm').optional(),
  liftDeg: number(-40, 60, 'deg').optional(),
}

function checkLift(
  { contact = 'whole', liftDeg = 0 }: { contact?: keyof typeof LIFTS | undefined; liftDeg?: number | undefined },
  context: { addIssue: (issue: { code: 'custom'; path: string[]; message: string }) => void },
): void {
  const [low, high] = LIFTS[contact]
  if (liftDeg >= low && liftDeg <= high) return
  context.addIssue({ code: 'custom', path: ['liftDeg'], message: accepted('lift', { low, high, contact }) })
}

export const footDocument = z.looseObject({ heel: point2, ...footShape }, keysOf('heel')).superRefine(checkLift)
/** What a foot has otherwise than its posture's. */
export const footChange = z
  .looseObject({ heel: point2.optional(), ...footShape }, { error: accepted('object', { of: 'foot' }) })
  .superRefine(checkLift)

const HEIGHT = accepted('height')

export const heightDocument = z
  .looseObject(
    {
      kneeFlexionDeg: number(0, 140, 'deg').optional(),
      leg: oneOf(['left', 'right']).optional(),
      pelvisDropM: number(-0.15, 1.5, 'm').optional(),
    },
    { error: HEIGHT },
  )
  .refine((h) => h.kneeFlexionDeg === undefined || h.pelvisDropM === undefined, { error: HEIGHT })

export const armDocument = z.looseObject(
  {
    elevationDeg: number(-60, 180, 'deg').optional(),
    openingDeg: number(-90, 180, 'deg').optional(),
    elbowDeg: number(0, 160, 'deg').optional(),
    elbowInwardDeg: number(-180, 180, 'deg').optional(),
  },
  { error: accepted('object', { of: 'arm' }) },
)

export const supportDocument = z
  .looseObject(
    {
      kind: oneOf(SUPPORT_KINDS),
      hand: oneOf(['left', 'right']),
      at: point3,
      maxLoadPct: number(0, 45, 'pct').optional(),
      towardDeg: number(-360, 360, 'deg').optional(),
    },
    keysOf('kind, hand, at'),
  )
  .refine((s) => s.towardDeg !== undefined || !(PUSHING_KINDS as readonly string[]).includes(s.kind), {
    error: accepted('toward'),
    path: ['towardDeg'],
  })

/** Where a stance stands in a room: its own origin and forward direction there. */
export const placement = z.looseObject(
  { xM: number(-100, 100, 'm'), yM: number(-100, 100, 'm'), headingDeg: number(-3600, 3600, 'deg') },
  keysOf('xM, yM, headingDeg'),
)

export const stanceBody = z.looseObject(
  {
    posture: text(200).optional(),
    side: oneOf(['left', 'right']).optional(),
    feet: z.looseObject({ left: footDocument, right: footDocument }, keysOf('left, right')),
    loadLeftPct: number(0, 100, 'pct').optional(),
    loadMeasured: flag.optional(),
    height: heightDocument.optional(),
    pelvisYawDeg: number(-90, 90, 'deg').optional(),
    pelvisTiltDeg: number(-45, 45, 'deg').optional(),
    trunk: z
      .looseObject(
        {
          pitchDeg: number(-30, 90, 'deg').optional(),
          rollDeg: number(-45, 45, 'deg').optional(),
          yawDeg: number(-90, 90, 'deg').optional(),
        },
        { error: accepted('object', { of: 'trunk' }) },
      )
      .optional(),
    arms: z
      .looseObject({ left: armDocument.optional(), right: armDocument.optional() }, keysOf('left, right'))
      .optional(),
    supports: list(supportDocument, 'supports')
      .max(2, accepted('atMost', { most: 2 }))
      .optional(),
    seat: z
      .looseObject(
        { heightM: number(0.2, 1, 'm'), at: point2, kind: oneOf(SEAT_KINDS).optional() },
        keysOf('heightM, at'),
      )
      .optional(),
    frame: oneOf(['upright', 'inclined']).optional(),
    keeps: list(oneOf(FEATURES), 'features').optional(),
    eyes: oneOf(['open', 'closed']).optional(),
    at: placement.optional(),
    floor: z
      .looseObject(
        { slopeDeg: number(0, 20, 'deg').optional(), downhillDeg: number(-360, 360, 'deg').optional() },
        keysOf('slopeDeg, downhillDeg'),
      )
      .optional(),
  },
  keysOf('feet'),
)

/** `nivrel.stance/1`: one person in one stance. Unknown keys are kept. */
export const stanceDocument = z.looseObject(
  {
    format: formatOf(STANCE_FORMAT),
    person: personDocument,
    stance: stanceBody,
  },
  documentOf(STANCE_FORMAT),
)

export type FootDocument = z.infer<typeof footDocument>
export type SupportDocument = z.infer<typeof supportDocument>
export type ArmDocument = z.infer<typeof armDocument>
export type StanceBody = z.infer<typeof stanceBody>
export type StanceDocument = z.infer<typeof stanceDocument>
