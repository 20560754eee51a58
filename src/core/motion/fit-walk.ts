import { analyse } from '../analysis'
import type { Body } from '../body/body'
import { otherSide, SIDES, type Side, type Vec2 } from '../conventions'
import { InputError } from '../errors'
import { findGravest, type Verdict } from '../limits/finding'
import { toRoom } from '../stance/placed'
import type { Placement } from '../stance/stance'
import { FIRST_SAID } from './first-said'
import { verdictOfTransition } from './judge-path'
import { makePath, type Path, type RoutinePart } from './path'
import { scaleStep } from './place'
import { calcExtent, type Footprint, listFootprints } from './room'
import type { MotionFinding } from './rules'
import { markWay } from './safer'
import { keepAnchors, type Measure, measureRoutine, NEARER, tallyPath } from './safer-routine'
import { changeWay, type Way, walkWay } from './way-change'

/** How somebody walks a path together with the others: same parts, same headings, their own step length. */
export type WalkFit = {
  /** As it is asked: the verdict of each way, null where there is none. */
  asked: (Verdict | null)[]
  how: 'asIs' | 'steps' | 'chair' | 'inPlace' | 'sits'
  /** Of every step; and by how much the feet are nearer each other, metres. */
  scale: number
  nearer: number
  chairs: WayChair[]
  /** Why it is not as it is asked: the gravest that is found on a way, and the part that the way leads to. */
  why: { part: number; finding: MotionFinding } | null
  /** The routine with it, where it was tried as a whole; what each person does in it keeps the others' places. */
  parts: RoutinePart[] | null
  /** What each way comes to then. */
  fitted: (Verdict | null)[]
  /** Where that takes them, in a room of their own; null where their first stance cannot be stood. */
  floor: WalkedFloor | null
}

/** A chair back under a hand on the way to a part: which hand, where it stands and along which direction its back runs. */
export type WayChair = { part: number; hand: Side; at: Vec2; heading: number }

/** Feet in the order in which they are set, and the box that the body needs, chairs included. Metres. */
export type WalkedFloor = { prints: Footprint[]; extent: [Vec2, Vec2] }

const SAMPLES = 6
/** Shorter steps; where those do not do, the feet a little nearer each other, too. */
const STEPS: readonly Measure[] = [
  ...[0.75, 0.5, 0.25].map((scale) => ({ scale, by: 0, nearer: 0 })),
  ...[1, 0.5, 0.25].map((scale) => ({ scale, by: 0, nearer: NEARER })),
]
/** Half of a chair's side, metres. */
export const CHAIR_HALF = 0.2

/**
 * The verdict of each way of a path, null where there is none.
 * @example listVerdicts(path) // => ['holds']
 */
export const listVerdicts = ({ transitions }: Path): (Verdict | null)[] =>
  transitions.map((one) => verdictOfTransition(one))
const isFit = (path: Path): boolean => {
  const { noWay, beyond } = tallyPath(path)
  return noWay + beyond === 0
}

/**
 * The least with which somebody walks a routine with everybody else: as it is, with shorter steps, with a hand on a
 * chair where it fails, weight shifts in place, or sitting.
 * @param path the routine as it is asked, worked out for them; what is tried takes fewer instants
 * @example fitWalk(routine, path).scale // => 1
 */
export function fitWalk(asked: readonly RoutinePart[], path: Path): WalkFit {
  const { body } = path
  const verdicts = listVerdicts(path)
  const why = findWhy(path)
  const found = { asked: verdicts, scale: 1, nearer: 0, chairs: [], why, parts: null, fitted: verdicts }
  if (isFit(path)) return { ...found, how: 'asIs', floor: layWalked(path) }
  const routine = keepAnchors(path, asked)
  const failing = verdicts.flatMap((verdict, i) => (verdict === 'holds' || verdict === 'close' ? [] : [i]))
  for (const measure of isHelpedBySteps(path) ? STEPS : []) {
    const { scale, nearer = 0 } = measure
    const parts = measureRoutine(body, routine, measure)
    // What fails by itself fails in the whole, too: most are told by a single way.
    if (!parts || failing.some((i) => isBeyond(walkAlone(body, parts, path, i)))) continue
    if (!isFit(makePath(body, parts, SAMPLES, 'beyond'))) continue
    const shorter = makePath(body, parts, SAMPLES, 'verdicts')
    if (isFit(shorter))
      return { ...found, how: 'steps', scale, nearer, parts, fitted: listVerdicts(shorter), floor: layWalked(shorter) }
  }
  const held = holdOn(body, routine, path, found)
  if (held) return held
  const stays = layWalked({ ...path, parts: path.parts.slice(0, 1), transitions: [] })
  return { ...found, how: canShift(body, asked) ? 'inPlace' : 'sits', scale: 0, fitted: [], floor: stays }
}

/** An order or a limit that is broken first, then a fall; null where nothing is more than a note. */
function findWhy({ transitions }: Path): WalkFit['why'] {
  const found = transitions.flatMap(({ made, to }) =>
    (made?.findings ?? []).flatMap((finding) => (finding.severity === 'note' ? [] : [{ part: to, finding }])),
  )
  const gravest = findGravest(
    found.map(({ finding }) => finding),
    FIRST_SAID,
  )
  return found.find(({ finding }) => finding === gravest) ?? null
}

/** With a hand on a chair where it fails: as it is asked, else with half of every step and the feet nearer each other. */
function holdOn(body: Body, routine: readonly RoutinePart[], path: Path, found: Found): WalkFit | null {
  for (const measure of [AS_ASKED, { scale: 0.5, by: 0, nearer: NEARER }]) {
    const parts = measureRoutine(body, routine, measure)
    const walked = parts && (measure === AS_ASKED ? path : makePath(body, parts, SAMPLES, 'verdicts'))
    const held = walked && holdWhereItFails(body, parts, walked)
    const { scale, nearer } = measure
    if (!held) continue
    const how = held.chairs.length > 0 ? 'chair' : 'steps'
    const whole = isFit(makePath(body, held.parts, SAMPLES, 'beyond'))
    const floor = layWalked(walked, held.chairs)
    return { ...found, scale, nearer, how, ...held, parts: whole ? held.parts : null, floor }
  }
  return null
}
const AS_ASKED = { scale: 1, by: 0, nearer: 0 }
type Found = Pick<WalkFit, 'asked' | 'why'>

/** Who may not stand without a hand needs it for the shortest step, too. */
const isHelpedBySteps = ({ transitions }: Path): boolean =>
  !transitions.some(({ made }) => made?.findings.some(({ code, severity }) => code === HAND && severity === 'hard'))
const HAND = 'support.needed'

function layWalked(path: Path, chairs: readonly WayChair[] = []): WalkedFloor | null {
  if (!path.parts[0]?.analysis) return null
  const [[left, rear], [right, front]] = calcExtent(path)
  const [xs, ys] = [chairs.map(({ at }) => at[0]), chairs.map(({ at }) => at[1])]
  return {
    prints: listFootprints(path),
    extent: [
      [Math.min(left, ...xs.map((x) => x - CHAIR_HALF)), Math.min(rear, ...ys.map((y) => y - CHAIR_HALF))],
      [Math.max(right, ...xs.map((x) => x + CHAIR_HALF)), Math.max(front, ...ys.map((y) => y + CHAIR_HALF))],
    ],
  }
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
): (Pick<WalkFit, 'chairs' | 'fitted'> & { parts: RoutinePart[] }) | null {
  const fitted = listVerdicts(path)
  const withHands = [...parts]
  const hold = (at: number, stance: RoutinePart['stance'] | undefined) => {
    const part = withHands[at]
    if (part && stance) withHands[at] = { ...part, stance: { ...part.stance, supports: stance.supports } }
  }
  const chairs: WalkFit['chairs'] = []
  for (const [i, verdict] of fitted.entries()) {
    if (verdict === 'holds' || verdict === 'close') continue
    const way = wayOf(parts, path, i)
    if (!way) return null
    const held = SIDES.flatMap((hand) => {
      const changed = changeWay(body, way, { what: 'hand', hand }, null)
      const verdict = changed && markWay(walkWay(body, changed, SAMPLES, 'verdicts')).verdict
      const chair = changed && chairInRoom(changed, path.parts[i]?.stance.at)
      return chair && verdict && verdict !== 'beyond'
        ? [{ chair: { part: i + 1, hand, ...chair }, verdict, changed }]
        : []
    })
    const [one] = held.sort((a, b) => Number(a.verdict === 'close') - Number(b.verdict === 'close'))
    if (!one) return null
    chairs.push(one.chair)
    fitted[i] = one.verdict
    hold(i, one.changed.before.stance)
    hold(i + 1, one.changed.parts[0]?.stance)
  }
  return { chairs, fitted, parts: withHands }
}

/** Where the chair of a way stands, its first stance standing where it does in the whole. */
function chairInRoom({ before }: Way, at: Placement | undefined): Pick<WayChair, 'at' | 'heading'> | null {
  const [support] = before.stance.supports
  return support && at ? { at: toRoom(at, [support.at[0], support.at[1]]), heading: at.heading } : null
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
