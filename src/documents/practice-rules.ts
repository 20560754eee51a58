import { z } from 'zod'
import { PRACTICE_KEYS, PRACTICE_RULES, type Practice, USUAL_PRACTICE } from '@/core'
import { accepted, number } from './fields'

/** What a house set otherwise than the defaults, of when next week is harder and how much more is a lot. */
export const practiceDocument = z.looseObject(
  Object.fromEntries(
    PRACTICE_KEYS.map((key) => [key, number(PRACTICE_RULES[key].min, PRACTICE_RULES[key].max).optional()]),
  ),
  { error: accepted('object', { of: 'house' }) },
)

export type PracticeDocument = Record<string, number | undefined>

export const toPractice = (set: PracticeDocument): Practice => ({ ...USUAL_PRACTICE, ...set }) as Practice
