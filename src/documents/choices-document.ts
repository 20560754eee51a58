import { z } from 'zod'
import {
  CHOICES,
  type Choices,
  type ChoicesSet,
  chooseOver,
  LANDINGS,
  SCHOOL_IDS,
  SCHOOLS,
  type SchoolId,
} from '@/core'
import { accepted, keysOf, number, oneOf } from './fields'

const landing = oneOf(LANDINGS).optional()

/** How one comes from stance to stance: a part's own go before the routine's, those before the school's. */
export const choicesDocument = z.looseObject(
  {
    swing: oneOf(CHOICES.swing).optional(),
    footTurns: oneOf(CHOICES.footTurns).optional(),
    heavyFoot: oneOf(CHOICES.heavyFoot).optional(),
    lightFoot: oneOf(CHOICES.lightFoot).optional(),
    middle: oneOf(CHOICES.middle).optional(),
    turnWith: oneOf(CHOICES.turnWith).optional(),
    order: oneOf(CHOICES.order).optional(),
    arms: oneOf(CHOICES.arms).optional(),
    heels: oneOf(CHOICES.heels).optional(),
    landing: z.looseObject({ ahead: landing, back: landing, side: landing }, keysOf('ahead, back, side')).optional(),
    stepScale: number(0, 2).optional(),
  },
  { error: accepted('object', { of: 'choices' }) },
)

export type ChoicesDocument = z.infer<typeof choicesDocument>

/** What a house does otherwise than a school does, by school. */
export const houseWays = z.partialRecord(oneOf(SCHOOL_IDS), choicesDocument)
export type HouseWays = z.infer<typeof houseWays>

/** A school's choices as a house has them, with others over them: a routine's, then a part's. */
export const toChoices = (school: SchoolId, ways: HouseWays, ...sets: (ChoicesDocument | undefined)[]): Choices =>
  chooseOver(SCHOOLS[school].choices, ...([ways[school], ...sets] as (ChoicesSet | undefined)[]))
