import type { WalkFit } from '@/core'
import { sayCentimetres } from './figures'
import { sayFinding } from './findings'
import type { Words } from './language'
import { sayCount } from './levels'
import { capital, sayList } from './lists'

/** What is said of a class on one path. */

const QUARTERS: Record<string, string> = { '0.75': 'three', '0.5': 'half', '0.25': 'one' }
const quartersOf = (scale: number) => QUARTERS[String(scale)] ?? 'all'

/** How somebody walks it, in a line. */
export function sayWalker(fit: WalkFit | null, words: Words): string {
  if (!fit) return words.say('walkers.unsized')
  const { how, scale, chairs, fitted } = fit
  const nearer = fit.nearer > 0 ? sayCentimetres(fit.nearer, words) : 'none'
  if (how !== 'chair') {
    const close = fitted.flatMap((verdict, i) => (verdict === 'close' ? [String(i + 1)] : []))
    const said = words.say(`walkers.how.${how}`, { quarters: quartersOf(scale), nearer })
    return close.length > 0 ? words.say('walkers.how.close', { said, ways: sayList(close, words) }) : said
  }
  const hands = new Set(chairs.map(({ hand }) => hand))
  return words.say('walkers.how.chair', {
    quarters: quartersOf(scale),
    nearer,
    all: chairs.length > 1 && chairs.length === fitted.length ? 'yes' : 'no',
    hand: hands.size > 1 ? 'either' : ([...hands][0] ?? 'either'),
    ways: sayList(
      chairs.map(({ part }) => String(part)),
      words,
    ),
  })
}

/** Why somebody walks it otherwise than as it is asked, and on which way that is. */
export const sayWhyWalker = ({ part, finding }: NonNullable<WalkFit['why']>, words: Words): string =>
  words.say('walkers.why', { part, finding: sayFinding(finding, words) })

/** Who walks it together, and how: counted. */
export function sayWalkers(fits: readonly (WalkFit | null)[], words: Words): string {
  const count = (is: (fit: WalkFit) => boolean) => fits.filter((fit) => fit !== null && is(fit)).length
  const walking = count(({ how }) => how === 'asIs' || how === 'steps' || how === 'chair')
  const some = (key: string, n: number, quarters = 'all') =>
    n > 0 ? [words.say(`walkers.some.${key}`, { n, count: sayCount(n, words), quarters })] : []
  const parts = [
    ...some(
      'asIs',
      count(({ how }) => how === 'asIs'),
    ),
    ...[1, 0.75, 0.5, 0.25].flatMap((scale) =>
      some(
        'steps',
        count((fit) => fit.how === 'steps' && fit.scale === scale),
        quartersOf(scale),
      ),
    ),
    ...some(
      'chair',
      count(({ how }) => how === 'chair'),
    ),
    ...some(
      'inPlace',
      count(({ how }) => how === 'inPlace'),
    ),
    ...some(
      'sits',
      count(({ how }) => how === 'sits'),
    ),
  ]
  return words.say('walkers.sum', {
    n: walking,
    Count: capital(sayCount(walking, words)),
    all: sayCount(fits.length, words),
    how: parts.join(', '),
  })
}
