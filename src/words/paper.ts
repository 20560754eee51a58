import { type Body, DEG, otherSide, SIDES, type Side, type Stance } from '@/core'
import { sayBend, sayPercent } from './figures'
import type { Words } from './language'
import { capital } from './lists'
import { type LengthUnit, metresIn } from './units'

const say = (key: string, words: Words, values?: Record<string, string | number>) => words.say(`paper.${key}`, values)

/** A length in a unit, as one lays it: whole centimetres, half inches, quarters of what is one's own. */
export function sayLaid(metres: number, unit: LengthUnit, body: Body, words: Words): string {
  const value = Math.abs(metres) / metresIn(unit, body)
  const step = unit === 'cm' ? 1 : unit === 'in' ? 0.5 : 0.25
  return say(`lay.units.${unit}`, words, { n: words.number(Math.round(value / step) * step, 2) })
}

/** Half hours of a clock that lies on the floor, twelve ahead. */
const HALF_HOUR = 15 * DEG

/** Where toes point, as on a clock. */
function sayToes(side: Side, toeOut: number, words: Words): string {
  const clockwise = side === 'right' ? toeOut : -toeOut
  const halves = ((Math.round(clockwise / HALF_HOUR) % 24) + 24) % 24
  const hour = Math.floor(halves / 2)
  return say(halves % 2 === 1 ? 'lay.half' : 'lay.hour', words, { n: hour === 0 ? 12 : hour })
}

const NEAR_M = 0.005

/** Words to lay a stance by, from the foot behind: the tape, both heels, both toes. */
export function sayLaying(stance: Stance, body: Body, unit: LengthUnit, words: Words): string[] {
  const { feet } = stance
  const rear: Side = feet.left.heel[1] <= feet.right.heel[1] ? 'left' : 'right'
  const other = otherSide(rear)
  const ahead = feet[other].heel[1] - feet[rear].heel[1]
  const right = feet[other].heel[0] - feet[rear].heel[0]
  const name = (side: Side) => say(`lay.feet.${side}`, words)
  const parts = [
    Math.abs(ahead) >= NEAR_M && say('lay.ahead', words, { by: sayLaid(ahead, unit, body, words) }),
    Math.abs(right) >= NEAR_M &&
      say(right > 0 ? 'lay.right' : 'lay.left', words, { by: sayLaid(right, unit, body, words) }),
  ].filter((one): one is string => one !== false)
  return [
    say('lay.tape', words, { foot: name(rear), toes: sayToes(rear, feet[rear].toeOut, words) }),
    capital(
      say('lay.other', words, {
        foot: name(other),
        where: parts.length > 0 ? parts.join(say('lay.and', words)) : say('lay.same', words),
        toes: sayToes(other, feet[other].toeOut, words),
      }),
    ),
    ...SIDES.filter((side) => feet[side].contact !== 'whole').map((side) =>
      say(`lay.contact.${feet[side].contact}`, words, { foot: name(side) }),
    ),
  ]
}

/** Weight, knees and hands of a stance, short enough for a card. */
export function sayStanding(stance: Stance, flexion: number, words: Words): string {
  if (stance.seat) return say('card.seated', words)
  const left = Math.round(stance.loadLeft * 20) / 20
  const weight =
    Math.abs(left - 0.5) < 0.01
      ? say('card.even', words)
      : say('card.weight', words, {
          share: sayPercent(Math.max(left, 1 - left), words),
          foot: say(`lay.feet.${left > 0.5 ? 'left' : 'right'}`, words),
        })
  return say('card.standing', words, { weight, knees: sayBend(flexion, words) })
}

/** What the hands do, as far as it keeps somebody up. */
export const sayHands = ({ supports, seat }: Stance, words: Words): string =>
  seat
    ? say(`card.seat.${seat.kind ?? 'chair'}`, words)
    : supports[0]
      ? say(`card.hands.${supports[0].kind}`, words)
      : say('card.hands.free', words)
