import { sayCount } from '@/words/levels'
import { capital } from '@/words/lists'
import type { Level, Placed } from './layout'
import { supportOf } from './words'

const some = (count: number, one: string, many: string) => `${sayCount(count)} ${count === 1 ? one : many}`

/** Who stands, and what has to be set out: chairs, places at the wall, helpers. */
export function sayHall(placed: readonly Placed[], levels: readonly Level[]): string {
  if (placed.length === 0 || levels.length === 0) return ''
  const standing = placed.filter(({ stance, passes }) => stance !== null && !stance.seat && passes)
  const short = placed.filter(({ place, passes }) => place !== 'aside' && !passes).length
  const chairs = placed.filter(({ stance }) => stance?.seat || supportOf(stance) === 'chair').length
  const wall = placed.filter(({ stance }) => supportOf(stance) === 'wall').length
  const helpers = placed.filter(({ member }) => member.person.helperBeside).length
  const things = [
    chairs > 0 && some(chairs, 'chair', 'chairs'),
    wall > 0 && some(wall, 'place at the wall', 'places at the wall'),
    helpers > 0 && some(helpers, 'helper', 'helpers'),
  ].filter((thing): thing is string => typeof thing === 'string')
  const stand = `${capital(sayCount(standing.length))} of ${sayCount(placed.length)} stand within their limits`
  const out = short > 0 ? `; ${sayCount(short)} where they are put do not` : ''
  return `${stand}${out}. ${things.length > 0 ? `${capital(things.join(', '))}.` : 'No chairs, no helpers.'}`
}
