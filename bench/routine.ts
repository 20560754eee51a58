import type { Body } from '@/core'
import { toRoutine } from '@/documents/routine-document'

const STEPS = [
  { posture: 'bow', side: 'left', anchor: 'right' },
  { posture: 'bow', side: 'right', anchor: 'left' },
  { posture: 'empty-ball', side: 'left', anchor: 'right' },
  { posture: 'back-step', side: 'right', anchor: 'right' },
  { posture: 'parallel', side: 'left' },
  { posture: 'side-step', side: 'left', anchor: 'right' },
] as const

/** A routine of bows, back steps and side steps that walks on, of so many parts. */
export const makeRoutine = (count: number, body: Body) =>
  toRoutine(
    {
      format: 'nivrel.routine/1',
      school: 'therapeutic',
      parts: [
        { posture: 'parallel', side: 'left' },
        ...Array.from({ length: count - 1 }, (_, i) => ({
          seconds: 8,
          ...(STEPS[i % STEPS.length] as (typeof STEPS)[number]),
        })),
      ],
    } as never,
    body,
  )
