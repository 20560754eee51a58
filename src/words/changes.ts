import { type Analysis, type Change, type ChangeValue, DEG, kneeLoad, SIDES, type Variant } from '@/core'
import { sayCentimetres, sayDegrees, sayPercent } from './figures'
import type { Words } from './language'
import { sayHand } from './variants'

/** The message of a change, and the side that it names. */
const MESSAGES: Partial<Record<Change['what'], readonly [key: string, side: 'left' | 'right']>> = {
  toeOutLeft: ['toeOut', 'left'],
  toeOutRight: ['toeOut', 'right'],
  armLeft: ['arm', 'left'],
  armRight: ['arm', 'right'],
  contactLeft: ['contact', 'left'],
  contactRight: ['contact', 'right'],
}

const SAID = { m: sayCentimetres, rad: sayDegrees, share: sayPercent }

/** One change as a teacher says it: "step 9 cm shorter". */
export function sayChange({ what, from, to, unit }: ChangeValue, words: Words): string {
  const [key, side] = MESSAGES[what] ?? [what, 'none']
  const by = Number(to) - Number(from)
  return words.say(`changes.${key}`, {
    side,
    way: by > 0 ? 'more' : 'less',
    by: unit === 'word' ? '' : SAID[unit](Math.abs(by), words),
    to: String(to),
    hand: what === 'support' ? sayHand(String(to), words) : '',
    contact: key === 'contact' ? words.say(`changes.contacts.${to}`) : '',
  })
}

/** Changes as one line; of one that is the other side, that alone. */
export const sayChanges = (changes: readonly ChangeValue[], words: Words): string =>
  changes.map((change) => sayChange(change, words)).join(', ')

const LEAST_BEND = 2 * DEG
const LEAST_LOAD = 0.05

/** What the whole variant buys, from what to what: margin, knees, and the load on the knee that carries more. */
export function sayGain(before: Analysis, after: Analysis, words: Words): string {
  // What is left when what sway needs is taken off.
  const room = ({ assured, reserve }: Analysis) => assured.margin - reserve
  const cm = (metres: number) => words.number(metres * 100, 1)
  const is = sayCentimetres(room(after), words)
  const same = cm(room(before)) === cm(room(after))
  const said = [words.say(`changes.gain.${same ? 'same' : 'margin'}`, { was: cm(room(before)), is })]
  const deepest = Math.max(before.legs.left.flexion, before.legs.right.flexion)
  for (const side of SIDES) {
    const [from, to] = [before.legs[side].flexion, after.legs[side].flexion]
    // That a knee that was the straighter one is straighter still is no news.
    const isNews = from === deepest || to > from
    if (isNews && Math.abs(to - from) >= LEAST_BEND)
      said.push(words.say('changes.gain.knee', { side, was: sayDegrees(from, words), is: sayDegrees(to, words) }))
  }
  const load = (a: Analysis) => Math.max(kneeLoad(a.legs.left), kneeLoad(a.legs.right))
  const change = load(after) / Math.max(1, load(before)) - 1
  if (Math.abs(change) >= LEAST_LOAD) {
    said.push(
      change >= 1
        ? words.say('changes.gain.timesLoad', { times: words.number(change + 1, 1) })
        : words.say('changes.gain.load', {
            by: sayPercent(Math.abs(change), words),
            way: change < 0 ? 'less' : 'more',
          }),
    )
  }
  return said.join(', ')
}

/** From where a nudge comes, by where it goes to. */
const NUDGES = ['forward', 'back', 'right', 'left'] as const

/** How hard a nudge at the hip from the weaker side tips, and how hard it did before. */
export function saySideNudge(before: Analysis, after: Analysis, words: Words): string {
  const least = ({ pushes: { hip } }: Analysis) => words.number(Math.max(0, Math.round(Math.min(hip.left, hip.right))))
  const [was, is] = [least(before), least(after)]
  return words.say('changes.nudge.side', { is, was, same: was === is ? 'yes' : 'no' })
}

/** How hard a nudge at the hip tips, from each of four sides, and how hard it did before where that is another figure. */
export function sayNudges(before: Analysis, after: Analysis, words: Words): string {
  const newtons = ({ pushes }: Analysis, way: (typeof NUDGES)[number]) =>
    words.number(Math.max(0, Math.round(pushes.hip[way])))
  const said = NUDGES.map((way) => {
    const [was, is] = [newtons(before, way), newtons(after, way)]
    return words.say('changes.nudge.one', { way, is, was, same: was === is ? 'yes' : 'no' })
  })
  return words.say('changes.nudge.all', { said: said.join(words.say('changes.nudge.then')) })
}

/** How a foot stands on the floor. */
export const sayContact = (contact: string | undefined, words: Words): string =>
  words.say(`changes.contacts.${contact ?? 'whole'}`)

export const sayKind = (kind: Variant['kind'], words: Words): string => words.say(`changes.kinds.${kind}`)
