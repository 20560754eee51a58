import fc from 'fast-check'
import {
  buildPosture,
  CHOICES,
  chooseOver,
  DEG,
  LANDINGS,
  LIBRARY,
  type RoutinePart,
  resolveBody,
  SCHOOL_IDS,
  SCHOOLS,
} from '@/core'
import { anyPerson } from './arbitrary'

/** Routines as they come, for properties: library postures on either side, any heading, any way of going there. */

const STANDING = LIBRARY.filter(({ id }) => id !== 'seated')
const side = fc.constantFrom('left' as const, 'right' as const)

const anyChoices = fc.record(
  {
    swing: fc.constantFrom(...CHOICES.swing),
    footTurns: fc.constantFrom(...CHOICES.footTurns),
    heavyFoot: fc.constantFrom(...CHOICES.heavyFoot),
    lightFoot: fc.constantFrom(...CHOICES.lightFoot),
    middle: fc.constantFrom(...CHOICES.middle),
    turnWith: fc.constantFrom(...CHOICES.turnWith),
    order: fc.constantFrom(...CHOICES.order),
    arms: fc.constantFrom(...CHOICES.arms),
    landing: fc.record({
      ahead: fc.constantFrom(...LANDINGS),
      back: fc.constantFrom(...LANDINGS),
      side: fc.constantFrom(...LANDINGS),
    }),
  },
  { requiredKeys: [] },
)

const anyPart = fc.record({
  posture: fc.constantFrom(...STANDING),
  side,
  turn: fc.constantFrom(0, 0, 0, 45, -45, 90, -90, 135, 180, -180),
  seconds: fc.constantFrom(4, 8, 12),
  anchor: fc.option(side, { nil: undefined }),
  choices: anyChoices,
})

/** A body and a routine of two or three parts for it. */
export const anyWalk = fc
  .record({
    person: anyPerson,
    school: fc.constantFrom(...SCHOOL_IDS),
    parts: fc.array(anyPart, { minLength: 2, maxLength: 3 }),
  })
  .map(({ person, school, parts }) => {
    const body = resolveBody(person)
    let heading = 0
    const routine = parts.map(({ posture, side: own, turn, seconds, anchor, choices }, i): RoutinePart => {
      if (i > 0) heading += turn * DEG
      return {
        stance: buildPosture(posture, body, school, own),
        heading,
        seconds,
        hold: 0,
        breath: 'free',
        choices: chooseOver(SCHOOLS[school].choices, choices),
        anchor,
      }
    })
    return { body, routine }
  })
