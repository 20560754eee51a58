import type { Concern, NextWay, Reason } from '@/core'
import type { DecisionDocument, NextVersion } from '@/formats/decision-document'
import type { Posture } from '@/formats/posture-document'
import { sayCentimetres, sayDegrees, sayPercent } from './figures'
import { ENGLISH, type Words } from './language'
import { sayPostureName } from './postures'

const say = (key: string, words: Words, values?: Record<string, string | number>) =>
  words.say(`practice.${key}`, values)

const dayOf = (day: string | null, words: Words) => (day ? words.day(day) : '')

export const sayWay = (way: NextWay, words: Words = ENGLISH): string => say(`ways.${way}`, words)
export const sayWayFirst = (way: NextWay, words: Words = ENGLISH): string => say(`Ways.${way}`, words)

/** Why it is proposed. */
export const sayReason = ({ code, day, value, limit }: Reason, words: Words = ENGLISH): string =>
  say(`reasons.${code}`, words, { day: dayOf(day, words), value: value ?? 0, limit: limit ?? 0 })

/** What a clinician should hear of, in the instructor's words. */
export function sayConcern({ code, day, value, before }: Concern, words: Words = ENGLISH): string {
  const figure = (one: number | null) =>
    one === null ? say('unsaid', words) : code === 'sides' ? sayPercent(one, words) : words.number(one)
  return say(`concerns.${code.replace('.', '')}`, words, {
    day: dayOf(day, words),
    value: figure(value),
    before: figure(before),
  })
}

/** The next version, concretely: what changes from what to what, and what that leaves. */
export function sayNext(
  { posture, what, from, to, spareM }: NextVersion,
  postures: readonly Posture[],
  words: Words = ENGLISH,
): string {
  const found = postures.find(({ id }) => id === posture)
  const figure = (value: number) =>
    what === 'step'
      ? sayPercent(value / 100, words)
      : what === 'knees'
        ? sayDegrees((value * Math.PI) / 180, words)
        : words.number(value)
  const said = say(`next.${what}`, words, {
    posture: found ? sayPostureName(found, words) : posture,
    from: figure(from),
    to: figure(to),
  })
  if (spareM === null) return said
  const spare = sayCentimetres(Math.abs(spareM), words)
  return `${said}. ${say(spareM >= 0 ? 'next.leaves' : 'next.short', words, { spare })}`
}

/** What was decided: taken, or left with a reason. */
export function sayDecided(day: string, { taken, reason }: DecisionDocument, words: Words = ENGLISH): string {
  return taken
    ? say('decide.taken', words, { day: words.day(day), way: sayWay(taken, words), reason: reason || 'none' })
    : say('decide.left', words, { day: words.day(day), reason: reason || 'none' })
}
