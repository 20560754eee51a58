import { sayCentimetres, sayDegrees, sayPercent } from '@/words/figures'
import { saySide } from '@/words/findings'
import { ENGLISH } from '@/words/language'
import { capital } from '@/words/lists'
import type { Between } from './instant'

/** The phase, and the figures of an instant, in a line. */
export function sayInstant(between: Between | null): string {
  if (!between?.from) return ENGLISH.say('path.ribbon.hold')
  const { from, phase } = between
  const what = phase
    ? capital(ENGLISH.say(`path.phase.${phase.kind}`, { foot: phase.foot ? saySide(phase.foot) : 'none' }))
    : ENGLISH.say('path.ribbon.hold')
  return ENGLISH.say('path.ribbon.value', {
    what,
    margin: sayCentimetres(from.assured),
    left: sayPercent(from.stance.loadLeft),
    kneeLeft: sayDegrees(from.knees.left),
    kneeRight: sayDegrees(from.knees.right),
  })
}
