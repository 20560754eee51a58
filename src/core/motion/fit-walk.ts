import { analyse } from '../analysis'
import type { Body } from '../body/body'
import { otherSide, SIDES, type Side } from '../conventions'
import { InputError } from '../errors'
import type { Verdict } from '../limits/finding'
import { verdictOfTransition } from './judge-path'
import { makePath, type Path, type RoutinePart } from './path'
import { scaleStep } from './place'
import { markWay } from './safer'
import { keepAnchors, measureRoutine, tallyPath } from './safer-routine'
import { changeWay, type Way, walkWay } from './way-change'

/** How somebody walks a path together with the others: same parts, same headings, their own step length. */
export type WalkFit = {
  /** As it is asked: the verdict of each way, null where there is none. */
  asked: (Verdict | null)[]
  how: 'asIs' | 'steps' | 'chair' | 'inPlace' | 'sits'
  /** Of every step. */
  scale: number
  /** On the ways to which parts a hand is on a chair, and which hand. */
  chairs: { part: number; hand: Side }[]
  /** What each way comes to then. */
  fitted: (Verdict | null)[]
}

const SAMPLES = 6
const SCALES = [0.75, 0.5, 0.25] as const

const verdictsOf = ({ transitions }: Path) => transitions.map((one) => verdictOfTransition(one))
const isFit = (path: Path): boolean => {
  const { noWay, beyond } = tallyPath(path)
  return noWay + beyond === 0
}

/**
 * The least with which somebody walks a routine with everybody else: as it is, with shorter steps, with a hand on a
 * chair where it fails, weight shifts in place, or sitting.
 * @param samples intervals of a phase for what is asked; what is tried takes fewer
 */
export function fitWalk(body: Body, asked: readonly RoutinePart[], samples: number): WalkFit {
  const path = makePath(body, asked, samples, 'verdicts')
  const found = { asked: verdictsOf(path), scale: 1, chairs: [], fitted: verdictsOf(path) }
  if (isFit(path)) return { ...found, how: 'asIs' }
  const routine = keepAnchors(path, asked)
  const failing = found.asked.flatMap((verdict, i) => (verdict === 'holds' || verdict === 'close' ? [] : [i]))
  for (const scale of SCALES) {
    const parts = measureRoutine(body, routine, { scale, by: 0 })
    // What fails by itself fails in the whole, too: most are told by a single way.
    if (!parts || failing.some((i) => isBeyond(walkAlone(body, parts, path, i)))) continue
    if (!isFit(makePath(body, parts, SAMPLES, 'beyond'))) continue
    const shorter = makePath(body, parts, SAMPLES, 'verdicts')
    if (isFit(shorter)) return { ...found, how: 'steps', scale, fitted: verdictsOf(shorter) }
  }
  const held = holdWhereItFails(body, routine, path)
  if (held) return { ...found, how: 'chair', ...held }
  return { ...found, how: canShift(body, asked) ? 'inPlace' : 'sits', scale: 0, fitted: [] }
}

const isBeyond = (path: Path | null): boolean => path === null || !isFit(path)

/** One way by itself, the step of the part before it scaled as its own; null where that part cannot be stood. */
function walkAlone(body: Body, parts: readonly RoutinePart[], path: Path, index: number): Path | null {
  const way = wayOf(parts, path, index)
  const { anchor, choices, stance } = parts[index] as RoutinePart
  if (!way) return null
  const scaled = index > 0 && anchor ? scaleStep(stance, otherSide(anchor), choices.stepScale) : way.before.stance
  return walkWay(body, { ...way, before: { ...way.before, stance: scaled } }, SAMPLES, 'beyond')
}

function wayOf(parts: readonly RoutinePart[], path: Path, index: number): Way | null {
  const [before, part, stood] = [parts[index], parts[index + 1], path.parts[index]]
  if (!before || !part || !stood?.analysis) return null
  const { at: _, ...stance } = stood.stance
  return { before: { ...before, stance }, parts: [part] }
}

/** A hand on a chair on each way that fails; null where one of them fails even so. */
function holdWhereItFails(
  body: Body,
  parts: readonly RoutinePart[],
  path: Path,
): Pick<WalkFit, 'chairs' | 'fitted'> | null {
  const fitted = verdictsOf(path)
  const chairs: WalkFit['chairs'] = []
  for (const [i, verdict] of fitted.entries()) {
    if (verdict === 'holds' || verdict === 'close') continue
    const way = wayOf(parts, path, i)
    if (!way) return null
    const held = SIDES.flatMap((hand) => {
      const changed = changeWay(body, way, { what: 'hand', hand }, null)
      const verdict = changed && markWay(walkWay(body, changed, SAMPLES, 'verdicts')).verdict
      return verdict && verdict !== 'beyond' ? [{ hand, verdict }] : []
    })
    const [one] = held.sort((a, b) => Number(a.verdict === 'close') - Number(b.verdict === 'close'))
    if (!one) return null
    chairs.push({ part: i + 1, hand: one.hand })
    fitted[i] = one.verdict
  }
  return { chairs, fitted }
}

const SHIFTED = [0.7, 0.3] as const

/** Whether weight moves to and fro within their limits, the feet where the first part has them. */
function canShift(body: Body, [first]: readonly RoutinePart[]): boolean {
  if (!first || first.stance.seat) return false
  return SHIFTED.every((loadLeft) => {
    try {
      const stance = { ...first.stance, loadLeft }
      return analyse(body, stance, { standing: null, withoutFreeTurn: true }).verdict !== 'beyond'
    } catch (error) {
      if (error instanceof InputError) return false
      throw error
    }
  })
}
