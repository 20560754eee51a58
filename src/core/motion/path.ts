import { calcStandingMargin } from '../analysis'
import type { Body } from '../body/body'
import { placeAt } from '../stance/placed'
import { decide, judgeTransition, verdictOfTransition } from './judge-path'
import type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'
import { standPart } from './plan-ways'
import { takeWay } from './take-way'
import type { WayMemory } from './way-memory'

export type { Path, PathDetail, PathPart, PathTransition, RoutinePart } from './path-parts'

/**
 * Works a routine out for a body. A part that cannot be stood or reached says so in its place; the rest is answered.
 * @param samples intervals of a phase
 * @param detail `verdicts`: no longest steps, on which no verdict hangs; `beyond`: only what it asks and whether any of
 *   it is beyond, without shortest times and no further than the first way that is
 * @param memory ways that were made before
 * @example makePath(ana, routine, 20).transitions[0]?.made?.transition.phases.map(({ kind }) => kind) // => ['empty', 'lift', 'reach', 'touch', 'empty', 'turn', 'shift']
 */
export function makePath(
  body: Body,
  routine: readonly RoutinePart[],
  samples: number,
  detail: PathDetail = 'whole',
  memory: WayMemory = { take: takeWay },
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
    const look = { samples, quick, longest: detail === 'whole' }
    const { here, way, error } = memory.take({ body, before, part, index: i, standing }, look)
    parts.push(here)
    const made = way && { ...way, findings: [] }
    const found: PathTransition = { from: i - 1, to: i, startS, made, error }
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
