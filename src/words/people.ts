import type { Words } from './language'
import { sayList } from './lists'

/** People counted. */
export const sayPeople = (n: number, words: Words): string => words.say('people.count', { n })

type WholeCounts = {
  people: number
  postures: number
  plans: number
  routines: number
  lessons: number
  house: boolean
}

/** What came in with a file of everything. */
export const sayAllCame = ({ people, postures, plans, routines, lessons, house }: WholeCounts, words: Words): string =>
  words.say('people.came.all', {
    people: words.say('people.came.people', { n: people }),
    postures: words.say('people.came.postures', { n: postures }),
    plans: words.say('people.came.plans', { n: plans }),
    routines: words.say('people.came.routines', { n: routines }),
    lessons: words.say('people.came.lessons', { n: lessons }),
    house: house ? 'yes' : 'no',
  })

/** Who came in with a list, into which groups, and how many rows stayed out. */
export const sayListCame = (n: number, groups: readonly string[], out: number, words: Words): string =>
  words.say('people.came.list', {
    people: words.say('people.came.people', { n }),
    into: groups.length > 0 ? sayList(groups, words) : 'none',
    out,
  })

const NAMED = 8

/** The first of several names, and how many more. */
export const nameSome = (names: readonly string[], words: Words): string =>
  names.length > NAMED
    ? words.say('people.came.more', { names: names.slice(0, NAMED).join(', '), n: names.length - NAMED })
    : sayList(names, words)

/** First names where they are enough to tell people apart, else with the initial of the last, else whole; in their order. */
export function shortNames(names: readonly string[]): string[] {
  const first = (name: string) => name.split(' ')[0] as string
  const withInitial = (name: string) => `${first(name)} ${name.split(' ').slice(1).at(-1)?.charAt(0) ?? ''}`.trim()
  const isAlone = (of: (name: string) => string, name: string) =>
    names.filter((one) => of(one) === of(name)).length === 1
  return names.map((name) =>
    isAlone(first, name) ? first(name) : isAlone(withInitial, name) ? withInitial(name) : name,
  )
}
