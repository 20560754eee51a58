import { sayHall as sayCounts } from '@/words/class'
import type { Words } from '@/words/language'
import type { Level, Placed } from './layout'
import { supportOf } from './words'

/** Who stands, and what has to be set out, of those who are here; chairs that the house does not have, where it counted. */
export function sayHall(
  placed: readonly Placed[],
  levels: readonly Level[],
  has: number | undefined,
  words: Words,
): string {
  if (placed.length === 0 || levels.length === 0) return ''
  const count = (is: (one: Placed) => unknown) => placed.filter(is).length
  const chairs = count(
    ({ stance }) => (stance?.seat && stance.seat.kind !== 'wheelchair') || supportOf(stance) === 'chair',
  )
  return sayCounts(
    {
      all: placed.length,
      standing: count(({ stance, passes }) => stance !== null && !stance.seat && passes),
      short: count(({ place, passes }) => place !== 'aside' && !passes),
      chairs,
      wheelchairs: count(({ stance }) => stance?.seat?.kind === 'wheelchair'),
      lacking: has === undefined ? 0 : Math.max(0, chairs - has),
      wall: count(({ stance }) => supportOf(stance) === 'wall'),
      helpers: count(({ member }) => member.person.helperBeside),
      noWayIn: count(({ wayIn }) => wayIn?.verdict === 'beyond'),
    },
    words,
  )
}
