import { sayPercent } from './figures'
import type { Words } from './language'
import { sayCount } from './levels'
import { capital, sayList } from './lists'

/** What a class in its lanes is said with: from counts and names, never from the people themselves. */

const some = (key: string, n: number, words: Words) =>
  n > 0 && words.say(`class.${key}`, { n, count: sayCount(n, words) })
const isSaid = (part: string | false): part is string => part !== false

/** What has to be set out, counted. */
export type HallCounts = {
  standing: number
  all: number
  short: number
  chairs: number
  wheelchairs: number
  wall: number
  helpers: number
  noWayIn: number
  /** Chairs that are asked for and that the house does not have. */
  lacking: number
}

/** Who stands, and what has to be set out: chairs, places at the wall, helpers. */
export function sayHall({ standing, all, short, noWayIn, lacking, ...things }: HallCounts, words: Words): string {
  const set = (['chairs', 'wheelchairs', 'wall', 'helpers'] as const).map((key) =>
    some(`hall.${key}`, things[key], words),
  )
  const stand = words.say('class.hall.stand', {
    n: standing,
    Count: capital(sayCount(standing, words)),
    all: sayCount(all, words),
    short: short > 0 ? sayCount(short, words) : 'none',
  })
  const said = set.filter(isSaid).join(', ')
  const without =
    noWayIn > 0 && words.say('path.wayIn.counts', { n: noWayIn, Count: capital(sayCount(noWayIn, words)) })
  const more = lacking > 0 && words.say('lesson.needs.shortChairs', { n: lacking })
  return [stand, without, said ? `${capital(said)}.` : words.say('class.hall.nothing'), more].filter(isSaid).join(' ')
}

/** Under a lane: who, and what stands in it. */
export const sayLane = (people: number, chairs: number, wall: number, words: Words): string =>
  capital(
    [
      words.say('class.lane.people', { n: people, count: sayCount(people, words) }),
      some('hall.chairs', chairs, words),
      wall > 0 && words.say('class.lane.wall', { count: sayCount(wall, words) }),
    ]
      .filter(isSaid)
      .join(', '),
  )

const MOST_NAMED = 4

/** Whom one level more takes in or brings nearer, and how much less is changed in all. */
export function sayMore(
  { fitted, nearer, saved }: { fitted: string[]; nearer: string[]; saved: number },
  words: Words,
): string {
  if (fitted.length > 0) return words.say('class.more.takesIn', { who: sayList(fitted, words) })
  if (nearer.length === 0) return words.say('class.more.nobody')
  return words.say('class.more.nearer', { who: sayList(nearer, words), saved: sayPercent(saved, words) })
}

/** What one level less costs, and whom. */
export function sayFewer(
  { lost, further, more }: { lost: string[]; further: string[]; more: number },
  words: Words,
): string {
  const many = () => words.say('class.lane.people', { n: further.length, count: sayCount(further.length, words) })
  const left = lost.length > 0 && words.say('class.fewer.leavesOut', { who: sayList(lost, words) })
  const taken =
    further.length > 0 &&
    words.say('class.fewer.further', { who: further.length > MOST_NAMED ? many() : sayList(further, words) })
  if (!left && !taken) return words.say('class.fewer.nothing')
  const what = left && taken ? words.say('class.fewer.both', { first: left, second: taken }) : left || taken || ''
  return !left && more > 0
    ? words.say('class.fewer.dearer', { what, more: sayPercent(more, words) })
    : words.say('class.fewer.said', { what })
}

/** What fitting anew would drop: a kept plan's levels, levels changed by hand, who was put somewhere. */
export function sayDrops(
  { kept, edited, names }: { kept: boolean; edited: readonly number[]; names: readonly string[] },
  words: Words,
): string {
  const [first, ...others] = edited
  return [
    kept && words.say('class.drops.kept'),
    first !== undefined &&
      (others.length > 0 ? words.say('class.drops.levels') : words.say('class.drops.level', { number: first + 1 })),
    names.length > 0 && words.say('class.drops.pinned', { n: names.length, who: sayList(names, words) }),
  ]
    .filter(isSaid)
    .join(' ')
}

/** What is kept, since when, and whether it is what is shown. */
export function sayKept(name: string | undefined, day: string, isShown: boolean, words: Words): string {
  const kept = name
    ? words.say('class.kept.named', { name, day: words.day(day) })
    : words.say('class.kept.plan', { day: words.day(day) })
  return isShown ? kept : words.say('class.kept.notShown', { kept })
}
