import type { MotionFinding, SaferWay, ShownPath, ShownTransition, WalkFit } from '@/core'
import { sayFinding } from './findings'
import type { Words } from './language'
import { sayList } from './lists'
import { sayRefused, sayWalked } from './path'
import { sayWayChanges } from './safer'
import { sayWalker } from './walkers'

/** What is said first of a path: whether somebody can walk it, with what, and why not as it is. */

/** "Odalys Marrin can walk this with half steps." */
export function sayWalkable(
  who: string,
  path: ShownPath,
  fit: WalkFit | 'searching' | 'unfit' | 'broken' | null,
  names: readonly string[],
  isUnanswered = false,
  words: Words,
): string {
  const say = (how: string, more: Record<string, string> = {}) => words.say(`path.said.how.${how}`, { who, ...more })
  if (typeof fit === 'string') return say(fit === 'searching' ? 'searching' : 'notAsIs')
  if (fit && fit.how !== 'asIs')
    return say(fit.how, { how: sayWalker({ ...fit, fitted: fit.fitted.map(() => null) }, words) })
  const close = path.transitions.flatMap(({ verdict, to }) => (verdict === 'close' ? [names[to] ?? ''] : []))
  const [first, ...more] = [...new Set(close)]
  // What nobody answered is not known to be well.
  if (isUnanswered) return say('unanswered')
  if (first === undefined) return say('asIs')
  return more.length < 2 ? say('close', { names: sayList([first, ...more], words) }) : say('closeOften')
}

/** "Right hand on a chair back to brush knee, right; leave the step out … to push, right." What is alike is said once. */
export function sayMends(
  mends: readonly { at: number; one: Pick<SaferWay, 'changes'> }[],
  names: readonly string[],
  words: Words,
): string {
  const all = mends.map(({ at, one }) => ({
    what: sayWayChanges(one.changes, words),
    to: words.say('path.said.quoted', { name: names[at] ?? '' }),
  }))
  const said = [...new Set(all.map(({ what }) => what))].map((what) => {
    const to = all.flatMap((mend) => (mend.what === what ? [mend.to] : []))
    return words.say('path.said.mend', { what, to: sayList(to, words) })
  })
  return said.join(' ')
}

type Worst = { part: number; finding: MotionFinding | null; error: ShownTransition['error'] }

/** "As it is, 3 moves go past a limit of theirs: the left knee bends 53°; its limit is 30°, on the way to brush knee." */
export function sayWhyNot(
  path: ShownPath,
  { part, finding, error }: Worst,
  names: readonly string[],
  who: string,
  words: Words,
): string {
  const worst = finding ? sayFinding(finding, words) : error ? sayRefused(error, who, words) : ''
  return words.say('path.said.asItIs', { walked: sayWalked(path, words), name: names[part] ?? '', worst })
}
