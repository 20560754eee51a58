import { findLightSide, otherSide, type Side } from '@/core'
import type { StanceBody } from '@/formats/stance-document'
import { toStance } from '@/formats/to-core'

/** Changes to a stance as the sentence and the hands make them. Metres, degrees, percent. */

const toMillimetre = (metres: number) => Math.round(metres * 1000) / 1000

export function moveFoot(stance: StanceBody, side: Side, x: number, y: number): StanceBody {
  const foot = stance.feet[side]
  return { ...stance, feet: { ...stance.feet, [side]: { ...foot, heel: [toMillimetre(x), toMillimetre(y)] } } }
}

export function turnFoot(stance: StanceBody, side: Side, toeOutDeg: number): StanceBody {
  const clamped = Math.min(100, Math.max(-100, Math.round(toeOutDeg)))
  return { ...stance, feet: { ...stance.feet, [side]: { ...stance.feet[side], toeOutDeg: clamped } } }
}

/** The share on the left foot; a foot in the air stays empty. */
export function setLoadLeft(stance: StanceBody, percent: number): StanceBody {
  const { left, right } = stance.feet
  if (left.contact === 'air' || right.contact === 'air') return stance
  return { ...stance, loadLeftPct: Math.min(100, Math.max(0, Math.round(percent))) }
}

export const frontSide = (stance: StanceBody): Side =>
  stance.side ?? (stance.feet.right.heel[1] > stance.feet.left.heel[1] ? 'right' : 'left')

export const stepLength = (stance: StanceBody): number => {
  const front = frontSide(stance)
  return toMillimetre(stance.feet[front].heel[1] - stance.feet[otherSide(front)].heel[1])
}

/** The front foot moves; the rear one is where the standing begins. */
export function setStepLength(stance: StanceBody, metres: number): StanceBody {
  const front = frontSide(stance)
  const rear = stance.feet[otherSide(front)]
  return moveFoot(stance, front, stance.feet[front].heel[0], rear.heel[1] + metres)
}

export const trackWidth = (stance: StanceBody): number =>
  toMillimetre(stance.feet.right.heel[0] - stance.feet.left.heel[0])

/** Both feet move, so that the middle stays. */
export function setTrackWidth(stance: StanceBody, metres: number): StanceBody {
  const { left, right } = stance.feet
  const middle = (left.heel[0] + right.heel[0]) / 2
  const moved = moveFoot(stance, 'left', middle - metres / 2, left.heel[1])
  return moveFoot(moved, 'right', middle + metres / 2, right.heel[1])
}

/** The leg whose bend sets the height: the named one, else the one that carries more. */
export function heightLeg(stance: StanceBody): Side {
  return stance.height?.leg ?? otherSide(findLightSide(toStance(stance)))
}

export const setKneeBend = (stance: StanceBody, degrees: number): StanceBody => ({
  ...stance,
  height: { kneeFlexionDeg: Math.min(140, Math.max(0, degrees)), leg: heightLeg(stance) },
})
