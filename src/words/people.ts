import { ENGLISH, type Words } from './language'
import { sayList } from './lists'

/** People counted. */
export const sayPeople = (n: number, words: Words = ENGLISH): string => words.say('people.count', { n })

type WholeCounts = {
  people: number
  postures: number
  plans: number
  routines: number
  lessons: number
  house: boolean
}

/** What came in with a file of everything. */
export const sayAllCame = (
  { people, postures, plans, routines, lessons, house }: WholeCounts,
  words: Words = ENGLISH,
): string =>
  words.say('people.came.all', {
    people: words.say('people.came.people', { n: people }),
    postures: words.say('people.came.postures', { n: postures }),
    plans: words.say('people.came.plans', { n: plans }),
    routines: words.say('people.came.routines', { n: routines }),
    lessons: words.say('people.came.lessons', { n: lessons }),
    house: house ? 'yes' : 'no',
  })

/** Who came in with a list, into which groups, and how many rows stayed out. */
export const sayListCame = (n: number, groups: readonly string[], out: number, words: Words = ENGLISH): string =>
  words.say('people.came.list', {
    people: words.say('people.came.people', { n }),
    into: groups.length > 0 ? sayList(groups, words) : 'none',
    out,
  })

const NAMED = 8

/** The first of several names, and how many more. */
export const nameSome = (names: readonly string[], words: Words = ENGLISH): string =>
  names.length > NAMED
    ? words.say('people.came.more', { names: names.slice(0, NAMED).join(', '), n: names.length - NAMED })
    : sayList(names, words)
