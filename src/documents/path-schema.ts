import { z } from 'zod'
import { PHASE_KINDS } from '@/core'
import { placement, stanceBody } from './stance-document'

const PATH = 'nivrel.path/1'
const side = z.enum(['left', 'right'])
const verdict = z.enum(['holds', 'close', 'beyond'])
const point = z.tuple([z.number(), z.number()])
const bySide = z.object({ left: z.number(), right: z.number() })
const refused = z.object({ field: z.string(), value: z.unknown(), accepts: z.string() })

const sample = z.object({
  t: z.number(),
  at: placement,
  stance: stanceBody,
  centreM: point,
  pelvisM: z.tuple([z.number(), z.number(), z.number()]),
  nearestM: z.number(),
  assuredM: z.number(),
  reserveM: z.number(),
  supportingM: z.number().nullable(),
  verdict,
})

const phase = z.object({
  kind: z.enum(PHASE_KINDS),
  foot: side.nullable(),
  about: z.enum(['heel', 'ball']).nullable(),
  startS: z.number(),
  seconds: z.number(),
  shortestS: z.number().nullable(),
  samples: z.array(sample),
})

const readings = z.object({
  leastM: z.number(),
  leastAt: z.object({ phase: z.number(), t: z.number() }),
  singleLeastM: z.number().nullable(),
  emptyStep: z
    .object({
      foot: side,
      passes: z.boolean(),
      tight: z.boolean(),
      wishedM: z.number(),
      longestM: z.number(),
      standingKneeDeg: z.number(),
      neededKneeDeg: z.number().nullable(),
    })
    .nullable(),
  bobM: z.number(),
  turns: z.array(z.object({ foot: side, deg: z.number(), about: z.enum(['heel', 'ball']), loadPct: z.number() })),
  loadMaxPct: bySide,
  kneeNms: bySide,
  singleS: z.number(),
  gatherS: z.number(),
  giveS: z.number(),
  again: z.number(),
  rolls: z.array(
    z.object({
      foot: side,
      what: z.enum(['heel', 'toes']),
      sharePct: z.number(),
      phase: z.number(),
      t: z.number(),
      liftMaxDeg: z.number(),
    }),
  ),
})

const finding = z.looseObject({
  code: z.string(),
  severity: z.enum(['note', 'caution', 'hard']),
  phase: z.number(),
  atS: z.number(),
  text: z.string(),
})

/** `nivrel.path/1`, as it is answered: what a routine comes to for one person. */
export const pathAnswer = z.object({
  format: z.literal(PATH),
  verdict,
  seconds: z.number(),
  parts: z.array(
    z.object({
      at: placement,
      stance: stanceBody,
      analysis: z.record(z.string(), z.unknown()).nullable(),
      error: refused.optional(),
    }),
  ),
  transitions: z.array(
    z.object({
      from: z.number(),
      to: z.number(),
      anchor: side.nullable(),
      phases: z.array(phase),
      readings: readings.optional(),
      findings: z.array(finding).optional(),
      error: refused.optional(),
    }),
  ),
  footprints: z.array(z.object({ foot: side, heelM: point, deg: z.number(), contact: z.string(), part: z.number() })),
  extentM: z.tuple([point, point]),
  drift: z.object({ xM: z.number(), yM: z.number(), headingDeg: z.number() }),
  dose: z.object({ shifts: z.number(), turns: z.number(), singleS: bySide, kneeNms: bySide }),
})
