import type { WayIn } from '@/core'
import { sayFinding, sayHeading } from './findings'
import type { Words } from './language'
import { uncapital } from './lists'

const way = ({ leadsIn }: WayIn) => (leadsIn ? 'in' : 'back')

/** Whether a stance can be stepped into from standing parallel and left again; if not, what is in the way. */
export function sayWayIn(found: WayIn, words: Words): string {
  const { verdict, reason, tightest } = found
  if (verdict === 'holds') return words.say('path.wayIn.holds')
  if (!reason) return words.say('path.wayIn.unnamed', { way: way(found), there: tightest ? 'yes' : 'no' })
  return words.say('path.wayIn.found', { way: way(found), what: sayFinding(reason, words) })
}

/** That as a heading; '' where nothing is in the way. */
export const headWayIn = (found: WayIn, words: Words): string =>
  found.verdict === 'holds' ? '' : words.say('path.wayIn.head', { way: way(found), verdict: found.verdict })

/** By the name of what is in the way; '' where nothing is, or it has no name. */
export const briefWayIn = (found: WayIn, words: Words): string =>
  found.reason
    ? words.say('path.wayIn.brief', { way: way(found), what: uncapital(sayHeading(found.reason, words)) })
    : ''

/** In two or three words, beside a name; '' where nothing is in the way. */
export const markWayIn = (found: WayIn | null | undefined, words: Words): string =>
  !found || found.verdict === 'holds' ? '' : words.say('path.wayIn.mark', { way: way(found), verdict: found.verdict })

/** To whoever does it: how to come into it; '' where nothing is in the way. */
export const sayComing = (found: WayIn | null | undefined, words: Words): string =>
  !found || found.verdict === 'holds' ? '' : words.say('paper.card.wayIn', { verdict: found.verdict })
