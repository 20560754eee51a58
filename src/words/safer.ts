import { DEG, type Measured, type SaferKind, type WayChange, type WayMarks } from '@/core'
import { sayCentimetres, sayDegrees } from './figures'
import type { Words } from './language'
import { capital } from './lists'

/** What is said of safer ways: what changes, and what that buys. */

const QUARTERS: Record<string, string> = { '0.75': 'three', '0.5': 'half', '0.25': 'one' }

export function sayWayChange(change: WayChange, words: Words): string {
  const say = (values: Record<string, string> = {}) => words.say(`safer.changes.${change.what}`, values)
  switch (change.what) {
    case 'step':
      return say({ quarters: QUARTERS[String(change.scale)] ?? 'other', percent: words.number(change.scale * 100) })
    case 'knees':
    case 'sink':
      return say({ by: sayDegrees(Math.abs(change.by), words), way: change.by < 0 ? 'higher' : 'lower' })
    case 'seconds':
      return say({ times: change.times >= 2 ? 'twice' : change.times >= 1.5 ? 'half' : 'quarter' })
    case 'wider':
      return say({ by: sayCentimetres(Math.abs(change.by), words), way: change.by < 0 ? 'nearer' : 'wider' })
    case 'hand':
      return say({ hand: change.hand })
    default:
      return say()
  }
}

/** All changes as a heading. */
export const sayWayChanges = (changes: readonly WayChange[], words: Words): string =>
  capital(changes.map((change) => sayWayChange(change, words)).join(words.say('safer.and')))

export const saySaferKind = (kind: SaferKind, words: Words): string => words.say(`safer.kinds.${kind}`)

const LEAST_BEND = 2 * DEG

/** What it buys, from what to what: the verdict, the margin, the knee, the seconds. */
export function sayBought(before: WayMarks, after: WayMarks, words: Words): string {
  const said: string[] = []
  if (before.verdict !== after.verdict && after.verdict)
    said.push(words.say('safer.bought.verdict', { before: before.verdict ?? 'none', after: after.verdict }))
  if ((before.fallsBy ?? 0) > 0.001 && (after.fallsBy ?? 0) <= 0.001) said.push(words.say('safer.bought.takenBack'))
  const [was, is] = [before.leastMargin, after.leastMargin].map((m) => words.number(m * 100, 1)) as [string, string]
  if (before.verdict && was !== is) said.push(words.say('safer.bought.margin', { was, is }))
  if (Math.abs(after.bend - before.bend) >= LEAST_BEND)
    said.push(
      words.say('safer.bought.bend', { was: sayDegrees(before.bend, words), is: sayDegrees(after.bend, words) }),
    )
  if (Math.abs(after.seconds - before.seconds) >= 0.5)
    said.push(words.say('safer.bought.seconds', { s: words.number(after.seconds, 1) }))
  return said.join(' · ')
}

/** One step length and one height, as everyone says and keeps it. */
export function sayMeasure({ measure: { scale, by, nearer = 0 } }: Pick<Measured, 'measure'>, words: Words): string {
  const parts = [
    scale < 1 && words.say('safer.steps', { quarters: QUARTERS[String(scale)] ?? 'other' }),
    nearer > 0 && words.say('safer.nearer', { by: sayCentimetres(nearer, words) }),
    by !== 0 && words.say('safer.height', { by: sayDegrees(Math.abs(by), words), way: by < 0 ? 'higher' : 'lower' }),
  ].filter((one) => one !== false)
  return capital(parts.join(', '))
}

/** What is left with it, for whoever still has something to mend singly. */
export function sayLeft({ noWay, beyond, close }: Measured['tally'], words: Words): string {
  return words.say('safer.left', { noWay, beyond, close, all: noWay + beyond + close })
}
