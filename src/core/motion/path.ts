import { calcStandingMargin } from '../analysis'
import type { Body } from '../body/body'
import { InputError } from '../errors'
import { placeAt } from '../stance/placed'
import { decide, judgeTransition, verdictOfTransition } from './judge-path'
import type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'
import { readTransition } from './readings'
import { standPart, takeWay } from './take-way'

export type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'

/**
 * Works a routine out for a body. A part that cannot be stood or reached says so in its place; the rest is answered.
 * @param samples intervals of a phase
 * @param detail `verdicts`: no longest steps, on which no verdict hangs; `beyond`: only what it asks and whether any of
 *   it is beyond, without shortest times and no further than the first way that is
 * @example makePath(ana, routine, 20).transitions[0]?.made?.transition.phases.map(({ kind }) => kind) // => ['empty', 'turn', 'empty', 'lift', 'reach', 'touch', 'commit']
 */
export function makePath(
  body: Body,
  routine: readonly RoutinePart[],
  samples: number,
  detail: PathDetail = 'whole',
): Path {
  const quick = detail === 'beyond'
  const parts: PathPart[] = []
  const transitions: PathTransition[] = []
  const standing = calcStandingMargin(body)
  let clock = 0
  for (const [i, part] of routine.entries()) {
    const before = parts.at(-1)
    if (!before) {
      const at = { x: part.at?.x ?? 0, y: part.at?.y ?? 0, heading: part.heading }
      parts.push(standPart(body, placeAt(part.stance, at), i, standing))
      clock += part.seconds + part.hold
      continue
    }
    const startS = clock
    const { here, ...way } = takeWay(body, before, part, i, standing, quick)
    parts.push(here)
    const found: PathTransition = {
      from: i - 1,
      to: i,
      startS,
      made: null,
      error: here.error ?? before.error ?? way.error,
    }
    if (way.make && !found.error) {
      try {
        const { transition, held } = way.make(part.seconds, samples)
        const readings = readTransition(body, transition, held, detail === 'whole')
        found.made = { transition, readings, held, findings: [] }
      } catch (error) {
        if (!(error instanceof InputError)) throw error
        found.error = cannot(i, error)
      }
    }
    transitions.push(found)
    clock += part.seconds + part.hold
    if (quick && isBeyond(body, routine, transitions)) break
  }
  if (!quick)
    for (const [i, one] of transitions.entries()) {
      if (one.made) one.made.findings = judgeTransition(body, routine, transitions, i)
    }
  return { body, parts, transitions, verdict: decide(parts, transitions), seconds: clock }
}

/** Judges the last way; whether it is beyond. */
function isBeyond(body: Body, routine: readonly RoutinePart[], transitions: readonly PathTransition[]): boolean {
  const last = transitions.at(-1) as PathTransition
  if (last.made) last.made.findings = judgeTransition(body, routine, transitions, transitions.length - 1)
  return (verdictOfTransition(last) ?? 'beyond') === 'beyond'
}

/** What stopped a transition, named by its part and why. */
const cannot = (part: number, { field, value, accepts }: InputError): InputError =>
  new InputError(`parts.${part}`, value, { code: 'transition', why: accepts.code, at: field })
