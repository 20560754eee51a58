import type { ShownPhase } from '@/core'
import type { Between } from '@/ui/figure/instant'
import { sayCentimetres, sayDegrees, sayPercent } from '@/words/figures'
import { saySide } from '@/words/findings'
import type { Words } from '@/words/language'
import { capital } from '@/words/lists'

/** What settles by going up or down is said so. */
function kindOf({ kind, instants }: ShownPhase): string {
  const by = (instants.at(-1)?.height ?? 0) - (instants[0]?.height ?? 0)
  if (kind !== 'settle' || Math.abs(by) < RISES) return kind
  return by > 0 ? 'rise' : 'sink'
}
const RISES = 0.05

/** The phase, and the figures of an instant, in a line. */
export function sayInstant(between: Between | null, words: Words): string {
  if (!between?.from) return words.say('path.ribbon.hold')
  const { from, phase } = between
  const what = phase
    ? capital(words.say(`path.phase.${kindOf(phase)}`, { foot: phase.foot ? saySide(phase.foot, words) : 'none' }))
    : words.say('path.ribbon.hold')
  return words.say('path.ribbon.value', {
    what,
    margin: sayCentimetres(from.assured, words),
    left: sayPercent(from.stance.loadLeft, words),
    kneeLeft: sayDegrees(from.knees.left, words),
    kneeRight: sayDegrees(from.knees.right, words),
  })
}
