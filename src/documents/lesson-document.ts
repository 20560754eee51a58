import { z } from 'zod'
import { SCHOOL_IDS } from '@/core'
import { accepted, documentOf, filledText, flag, formatOf, keysOf, list, number, oneOf, text } from './fields'
import { EXERCISE_IDS } from './routines/exercises'

export const LESSON_FORMAT = 'nivrel.lesson/1'

/** What a piece of a lesson is. */
export const PIECE_KINDS = ['exercise', 'posture', 'transition', 'routine', 'fault', 'rest', 'talk'] as const
export type PieceKind = (typeof PIECE_KINDS)[number]

/** How a piece is practised that day. */
export const PRACTISED = ['walk-through', 'whole', 'balance', 'coordination'] as const
/** What of a piece is done; `seated`: arms and trunk alone, everybody on a chair. */
export const LIMBS = ['legs', 'arms', 'both', 'seated'] as const
/** A fault that is shown beside its mending, on purpose. */
export const FAULTS = ['past-toes', 'one-line', 'locked', 'lean-back', 'too-low'] as const
export type Fault = (typeof FAULTS)[number]

/** What an instructor may want to work at. */
export const AIMS = ['even', 'way-back', 'empty-step', 'turning', 'backward', 'one-foot', 'arms', 'flow'] as const
export type Aim = (typeof AIMS)[number]

export const pieceDocument = z
  .looseObject(
    {
      id: filledText(80),
      kind: oneOf(PIECE_KINDS),
      minutes: number(0.5, 120),
      title: text(120).optional(),
      exercise: oneOf(EXERCISE_IDS).optional(),
      posture: text(80).optional(),
      /** Where a transition goes to. */
      to: text(80).optional(),
      routine: text(80).optional(),
      fault: oneOf(FAULTS).optional(),
      side: oneOf(['left', 'right', 'both']).optional(),
      limbs: oneOf(LIMBS).optional(),
      practised: oneOf(PRACTISED).optional(),
      /** Rounds; where none are said, as many as the minutes hold. */
      counts: number(1, 200).optional(),
      holdS: number(0, 120, 's').optional(),
      /** Everybody's knees so much less bent. */
      higherDeg: number(0, 40, 'deg').optional(),
      fromPct: number(5, 100, 'pct').optional(),
      toPct: number(5, 100, 'pct').optional(),
      seconds: number(0.5, 60, 's').optional(),
      /** Breath is paced on the teaching screen. */
      paced: flag.optional(),
      say: text(500).optional(),
      few: text(200).optional(),
      lookAt: text(200).optional(),
    },
    keysOf('id, kind, minutes'),
  )
  .superRefine((piece, context) => {
    const needs = {
      exercise: 'exercise',
      posture: 'posture',
      transition: 'posture',
      routine: 'routine',
      fault: 'posture',
    }
    const key = needs[piece.kind as keyof typeof needs] as 'posture' | undefined
    if (key && piece[key] === undefined) context.addIssue({ code: 'custom', path: [key], message: accepted('pieceOf') })
    if (piece.kind === 'transition' && piece.to === undefined)
      context.addIssue({ code: 'custom', path: ['to'], message: accepted('pieceOf') })
  })

/** `nivrel.lesson/1`: what a group does in an hour, piece by piece. */
export const lessonDocument = z.looseObject(
  {
    format: formatOf(LESSON_FORMAT).optional(),
    school: oneOf(SCHOOL_IDS).optional(),
    minutes: number(10, 180),
    aim: oneOf(AIMS).optional(),
    note: text(500).optional(),
    halfBreathS: number(1, 20, 's').optional(),
    /** Words fade: all the first round, few the second, none the third. */
    fading: flag.optional(),
    pieces: list(pieceDocument, 'pieces').max(60, accepted('atMost', { most: 60 })),
    /** When it was begun and ended on the teaching screen. */
    taughtAt: text(40).optional(),
  },
  documentOf(LESSON_FORMAT),
)

export type LessonDocument = z.infer<typeof lessonDocument>
export type PieceDocument = LessonDocument['pieces'][number]
