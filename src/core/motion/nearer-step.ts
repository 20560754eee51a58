import type { Body } from '../body/body'
import { otherSide, type Side, type Vec2 } from '../conventions'
import { InputError } from '../errors'
import { bisect } from '../numeric/bisect'
import type { Path, PathPart, RoutinePart } from './path-parts'
import { scaleStep } from './place'
import { listAnchors } from './plan-ways'
import { takeWay } from './take-way'

/** As a screen asks: what is said to land has to be seen to land there. */
const LOOK = { samples: 20, quick: true, longest: false }
const CENTIMETRE = 0.01
/** Heels nearer than this have their feet on each other. */
const BREADTHS_LEAST = 1.5

/**
 * A path, its ways that cannot be taken for a step that is too long saying how far the foot could be set along the same
 * line, from heel to heel. Others say what they said: what stands elsewhere, or no shorter step gets there either.
 * @example findNearerSteps(path, routine).transitions.length // => 1
 */
export function findNearerSteps(path: Path, routine: readonly RoutinePart[]): Path {
  const transitions = path.transitions.map((one) => {
    const [before, here, part] = [path.parts[one.from], path.parts[one.to], routine[one.to]]
    if (!one.error || !before?.analysis || !part || here?.error) return one
    return { ...one, error: findNearerStep(path.body, before, part, one.to) ?? one.error }
  })
  return { ...path, transitions }
}

function findNearerStep(body: Body, before: PathPart, part: RoutinePart, index: number): InputError | null {
  if (part.stance.seat || before.stance.seat) return null
  for (const anchor of listAnchors(before.stance, part)) {
    if (!anchor) continue
    const scaled = scalePart(part, anchor)
    const wishedM = lengthOf(scaled, anchor)
    const lands = (length: number) => canTake(body, before, withLength(scaled, anchor, length / wishedM), index)
    const least = body.footBreadth * BREADTHS_LEAST
    if (least >= wishedM || !lands(least)) continue
    const longestM = bisect(lands, least, wishedM, CENTIMETRE)
    return new InputError(`parts.${index}`, wishedM, {
      code: 'nearerStep',
      foot: otherSide(anchor),
      longestM,
      wishedM,
    })
  }
  return null
}

/** As it would be stood: its step is scaled already. */
function scalePart(part: RoutinePart, anchor: Side): RoutinePart {
  const stance = scaleStep(part.stance, otherSide(anchor), part.choices.stepScale)
  return { ...part, anchor, stance, choices: { ...part.choices, stepScale: 1 } }
}

const heelsOf = ({ stance: { feet } }: RoutinePart, anchor: Side): [Vec2, Vec2] => [
  feet[anchor].heel,
  feet[otherSide(anchor)].heel,
]

function lengthOf(part: RoutinePart, anchor: Side): number {
  const [[ax, ay], [x, y]] = heelsOf(part, anchor)
  return Math.hypot(x - ax, y - ay)
}

/** The foot that steps nearer to the one that stays, along the line between their heels. */
function withLength(part: RoutinePart, anchor: Side, share: number): RoutinePart {
  const [[ax, ay], [x, y]] = heelsOf(part, anchor)
  const side = otherSide(anchor)
  const { feet } = part.stance
  const heel: Vec2 = [ax + (x - ax) * share, ay + (y - ay) * share]
  return { ...part, stance: { ...part.stance, feet: { ...feet, [side]: { ...feet[side], heel } } } }
}

const canTake = (body: Body, before: PathPart, part: RoutinePart, index: number): boolean =>
  takeWay({ body, before, part, index, standing: null }, LOOK).way !== null
