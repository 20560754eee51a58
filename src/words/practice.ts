import type { ClassDay, Concern, NextWay, Reason } from '@/core'
import type { DecisionDocument, NextVersion } from '@/documents/decision-document'
import type { Posture } from '@/documents/posture-document'
import { sayCentimetres, sayDegrees, sayPercent } from './figures'
import type { Words } from './language'
import { sayPostureName } from './postures'

const say = (key: string, words: Words, values?: Record<string, string | number>) =>
  words.say(`practice.${key}`, values)

const dayOf = (day: string | null, words: Words) => (day ? words.day(day) : '')

export const sayWay = (way: NextWay, words: Words): string => say(`ways.${way}`, words)
export const sayWayFirst = (way: NextWay, words: Words): string => say(`Ways.${way}`, words)

/** Why it is proposed. */
export const sayReason = ({ code, day, value, limit }: Reason, words: Words): string =>
  say(`reasons.${code}`, words, { day: dayOf(day, words), value: value ?? 0, limit: limit ?? 0 })

/** What a clinician should hear of, in the instructor's words. */
export function sayConcern({ code, day, value, before }: Concern, words: Words): string {
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
  words: Words,
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
export function sayDecided(day: string, { taken, reason }: DecisionDocument, words: Words): string {
  return taken
    ? say('decide.taken', words, { day: words.day(day), way: sayWay(taken, words), reason: reason || 'none' })
    : say('decide.left', words, { day: words.day(day), reason: reason || 'none' })
}

/** How somebody did from the first class of which it is known to the last: "Since 6 October: effort 4 to 7, pain 0 to 5." */
export function sayStory(days: readonly ClassDay[], words: Words): string {
  const figures = {
    effort: (one: ClassDay) => one.effort,
    pain: (one: ClassDay) => one.pain,
    left: (one: ClassDay) => one.holdS.left,
    right: (one: ClassDay) => one.holdS.right,
  }
  const came = days.filter((one) => one.came)
  const parts = Object.entries(figures).flatMap(([key, of]) => {
    const known = came.flatMap((one) => of(one) ?? [])
    const [from, to] = [known[0], known.at(-1)]
    if (known.length < 2 || from === undefined || to === undefined) return []
    const values = { same: from === to ? 'yes' : 'no', from: words.number(from), to: words.number(to) }
    return [say(`story.${key}`, words, values)]
  })
  const [first] = came
  return first && parts.length > 0
    ? say('story.since', words, { day: words.day(first.day), parts: parts.join(', ') })
    : ''
}
