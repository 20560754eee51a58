import type { Body } from '../body/body'
import { SIDES } from '../conventions'
import { gap } from '../geometry/vector'
import type { Finding, Verdict } from '../limits/finding'
import { countsForVerdict } from '../limits/judge'
import type { PathPart, PathTransition, RoutinePart } from './path-parts'
import type { Stood } from './posing'
import { MOTION_RULES, type MotionFinding } from './rules'

/** One finding for each code and place, at its worst instant; a stand on one leg is judged by how long it lasts. */
export function judgeTransition(
  body: Body,
  routine: readonly RoutinePart[],
  transitions: readonly PathTransition[],
  index: number,
): MotionFinding[] {
  const { made, startS, to } = transitions[index] as PathTransition
  const { transition, readings } = made as NonNullable<PathTransition['made']>
  const { phases } = transition
  const worst = new Map<string, MotionFinding>()
  // Leaning is how one leaves a chair.
  const isByChair =
    phases.some(({ samples }) => samples[0]?.stance.seat) && phases.some(({ samples }) => !samples[0]?.stance.seat)
  phases.forEach(({ samples, startS: phaseS, seconds }, phase) => {
    samples.forEach(({ findings }, i) => {
      for (const finding of findings) {
        if (finding.code === 'balance.one-leg' || (isByChair && finding.code === 'trunk.lean')) continue
        const key = `${finding.code} ${finding.side} ${finding.part}`
        const known = worst.get(key)
        if (known && !isWorse(finding, known)) continue
        worst.set(key, { ...finding, phase, atS: startS + phaseS + (i / (samples.length - 1)) * seconds })
      }
    })
  })
  const part = routine[to] as RoutinePart
  const facts = {
    body,
    transition,
    readings,
    choices: part.choices,
    breath: part.breath,
    wayOutS: leadsBack(transitions, index) ? (routine[to - 1] as RoutinePart).seconds : null,
  }
  const own = MOTION_RULES.flatMap((rule): MotionFinding[] => {
    const found = rule.find(facts)
    if (!found) return []
    const { t, ...rest } = found
    const { startS: phaseS, seconds } = phases[found.phase] as (typeof phases)[number]
    return [{ ...rest, code: rule.code, rule: rule.id, atS: startS + phaseS + t * seconds }]
  })
  return [...own, ...worst.values()]
}

const SEVERITY = { note: 0, caution: 1, hard: 2 } as const

const isWorse = (a: Finding, b: Finding): boolean =>
  SEVERITY[a.severity] !== SEVERITY[b.severity]
    ? SEVERITY[a.severity] > SEVERITY[b.severity]
    : Math.abs(a.value - a.limit) > Math.abs(b.value - b.limit)

/** Whether a transition without a step ends with the weight and the feet where the one before began. */
function leadsBack(transitions: readonly PathTransition[], index: number): boolean {
  const [out, back] = [transitions[index - 1]?.made?.transition, transitions[index]?.made?.transition]
  if (!out || !back || out.anchor || back.anchor) return false
  const first = out.phases[0]?.from
  const last = back.phases.at(-1)?.to
  if (!first || !last) return false
  return (
    Math.abs(first.loadLeft - last.loadLeft) < 1e-6 &&
    SIDES.every((side) => gap(first.feet[side].heel, last.feet[side].heel) < 1e-3)
  )
}

/**
 * A sample's verdict is its stance's, but for a stand on one leg that is unproven.
 * @example verdictOf(stood) // => 'holds'
 */
export function verdictOf({ findings, legs }: Stood): Verdict {
  if (findings.some(({ severity }) => severity === 'hard')) return 'beyond'
  return findings.some((finding) => finding.code !== 'balance.one-leg' && countsForVerdict(finding, legs))
    ? 'close'
    : 'holds'
}

const AT_LEAST_CLOSE: ReadonlySet<string> = new Set(['step.falls', 'step.single', 'turn.loaded', 'tempo.short'])

/**
 * @example verdictOfTransition(path.transitions[0]) // => 'holds'
 */
export function verdictOfTransition({ made }: PathTransition): Verdict | null {
  if (!made) return null
  const { findings, transition } = made
  if (findings.some(({ severity }) => severity === 'hard')) return 'beyond'
  const close =
    findings.some(({ code }) => AT_LEAST_CLOSE.has(code)) ||
    transition.phases.some(({ samples }) => samples.some((stood) => verdictOf(stood) === 'close'))
  return close ? 'close' : 'holds'
}

/** The worst of all; what cannot be stood or reached is beyond. */
export function decide(parts: readonly PathPart[], transitions: readonly PathTransition[]): Verdict {
  if (parts.some(({ analysis }) => !analysis) || transitions.some(({ made }) => !made)) return 'beyond'
  const verdicts = transitions.map(verdictOfTransition)
  return verdicts.includes('beyond') ? 'beyond' : verdicts.includes('close') ? 'close' : 'holds'
}
