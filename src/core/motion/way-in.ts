import type { LegReading } from '../balance/legs'
import { makeOwnStanding } from '../balance/share'
import type { Body } from '../body/body'
import { type BySide, DEG, SIDES, type Side } from '../conventions'
import { type Finding, findGravest, type Verdict } from '../limits/finding'
import type { Choices } from '../postures/choices'
import { sayFrom } from '../stance/placed'
import type { Stance } from '../stance/stance'
import { verdictOfTransition } from './judge-path'
import { makePath, type PathTransition, type RoutinePart } from './path'
import type { PhaseKind } from './phase'

/**
 * Whether a stance can be come to from standing parallel, and gone back from: the verdict of the worse of both ways, the
 * finding that it rests on, and where it is tightest. `reason` null: nothing is found, or there is no way at all.
 */
export type WayIn = {
  verdict: Verdict
  reason: Finding | null
  /** False where the worse way is the one back. */
  leadsIn: boolean
  tightest: { phase: number; kind: PhaseKind } | null
}

/** Without haste: a breath of the house. */
const SECONDS = 8
const SAMPLES = 12
const SOFTEST = 10 * DEG

/**
 * The way into a stance from standing parallel, knees bent as in the stance, and the way back; null for one that is sat.
 * @param legs as the stance was analysed
 * @param choices how one steps
 * @example readWayIn(ana, bow, analyse(ana, bow).legs, USUAL_CHOICES)?.verdict // => 'holds'
 */
export function readWayIn(body: Body, stance: Stance, legs: BySide<LegReading>, choices: Choices): WayIn | null {
  if (stance.seat) return null
  const bend = Math.max(...SIDES.map((side) => legs[side].flexion))
  const most = Math.min(...SIDES.map((side) => body.sides[side].kneeFlexionMax))
  const height = { kneeFlexion: Math.max(SOFTEST, Math.min(bend, most)) }
  const parallel: Stance = {
    ...makeOwnStanding(body),
    height,
    eyes: stance.eyes,
    floor: stance.floor,
    frame: stance.frame,
  }
  const part = (one: Stance, anchor?: Side): RoutinePart => ({
    stance: one,
    heading: 0,
    seconds: SECONDS,
    hold: 0,
    breath: 'free',
    choices,
    anchor,
  })
  const walk = (from: Stance, to: Stance, anchor: Side) =>
    makePath(body, [part(from), part(to, anchor)], SAMPLES, 'verdicts')
  const tried = SIDES.map((anchor) => {
    const out = walk(stance, parallel, anchor)
    const [there, here] = out.parts.map((one) => one.stance)
    // Hands stay where they are, if they reach there from.
    const before = here?.at && there ? { ...here, supports: sayFrom(there, here.at).supports } : parallel
    const [way] = walk(before, stance, anchor).transitions
    return worseOf(way as PathTransition, out.transitions[0] as PathTransition)
  })
  const [first, second] = tried as [WayIn, WayIn]
  return compare(first, second) <= 0 ? first : second
}

function worseOf(into: PathTransition, back: PathTransition): WayIn {
  const [a, b] = [into, back].map((way) => verdictOfTransition(way) ?? 'beyond') as [Verdict, Verdict]
  const leadsIn = WORSE.indexOf(b) <= WORSE.indexOf(a)
  return { verdict: leadsIn ? a : b, leadsIn, ...(leadsIn ? readTightest(into, a) : readTightest(back, b)) }
}

/** What can be walked at all goes before what cannot. */
const compare = (a: WayIn, b: WayIn): number =>
  WORSE.indexOf(a.verdict) - WORSE.indexOf(b.verdict) || Number(!a.tightest) - Number(!b.tightest)

const WORSE: readonly Verdict[] = ['holds', 'close', 'beyond']

function readTightest({ made }: PathTransition, verdict: Verdict): Pick<WayIn, 'reason' | 'tightest'> {
  if (!made) return { reason: null, tightest: null }
  const { findings, transition, readings } = made
  const reason = verdict === 'holds' ? null : findGravest(findings)
  const phase = reason?.phase ?? readings.leastMarginAt.phase
  return { reason, tightest: { phase, kind: (transition.phases[phase] as { kind: PhaseKind }).kind } }
}
