import {
  ARM_PRESET_IDS,
  ARM_PRESETS,
  type ArmPreset,
  type Contact,
  calcLead,
  calcTrack,
  findFrontSide,
  findFullerSide,
  otherSide,
  PUSHING_KINDS,
  type Side,
  STANCE_DEFAULTS,
  type SupportKind,
  type Vec3,
} from '@/core'
import { fromArms } from '@/documents/from-core'
import type { StanceBody } from '@/documents/stance-document'
import { toStance } from '@/documents/to-core'

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

/** The foot that the sentence calls the front one: where it is, whatever side the posture is named after. */
export const frontSide = (stance: StanceBody): Side => findFrontSide(toStance(stance))

export const stepLength = (stance: StanceBody): number => {
  return toMillimetre(Math.abs(calcLead(toStance(stance))))
}

/** The front foot moves; the rear one is where the standing begins. */
export function setStepLength(stance: StanceBody, metres: number): StanceBody {
  const front = frontSide(stance)
  const rear = stance.feet[otherSide(front)]
  return moveFoot(stance, front, stance.feet[front].heel[0], rear.heel[1] + metres)
}

export const trackWidth = (stance: StanceBody): number => toMillimetre(calcTrack(toStance(stance)))

/** Both feet move, so that the middle stays. */
export function setTrackWidth(stance: StanceBody, metres: number): StanceBody {
  const { left, right } = stance.feet
  const middle = (left.heel[0] + right.heel[0]) / 2
  const moved = moveFoot(stance, 'left', middle - metres / 2, left.heel[1])
  return moveFoot(moved, 'right', middle + metres / 2, right.heel[1])
}

/** The leg whose bend sets the height: the named one, else the one that carries more. */
export function heightLeg(stance: StanceBody): Side {
  return stance.height?.leg ?? findFullerSide(toStance(stance))
}

export const setKneeBend = (stance: StanceBody, degrees: number): StanceBody => ({
  ...stance,
  height: { kneeFlexionDeg: Math.min(140, Math.max(0, degrees)), leg: heightLeg(stance) },
})

export const setSeatHeight = (stance: StanceBody, metres: number): StanceBody =>
  stance.seat ? { ...stance, seat: { ...stance.seat, heightM: metres } } : stance

type Trunk = NonNullable<StanceBody['trunk']>

export const setTrunk = (stance: StanceBody, change: Partial<Trunk>): StanceBody => ({
  ...stance,
  trunk: { ...stance.trunk, ...change },
})

/** Sets how a foot meets the floor. A foot lifted into the air gives its weight to the other. */
export function setContact(stance: StanceBody, side: Side, contact: Contact): StanceBody {
  const { [otherSide(side)]: other } = stance.feet
  if (contact === 'air' && other.contact === 'air') return stance
  // What was lifted as a file says it was lifted in the old contact.
  const { liftDeg: _, ...set } = stance.feet[side]
  const foot = { ...set, contact, ...(contact === 'air' && { clearanceM: 0.1 }) }
  const feet = { ...stance.feet, [side]: foot }
  if (contact === 'air') return { ...stance, feet, loadLeftPct: side === 'left' ? 0 : 100 }
  return { ...stance, feet }
}

/** Both feet's pressure: on the ball, the middle or the heel. */
export const setPressure = (stance: StanceBody, at: number): StanceBody => ({
  ...stance,
  feet: { left: { ...stance.feet.left, pressureAt: at }, right: { ...stance.feet.right, pressureAt: at } },
})

export function setArmPreset(stance: StanceBody, preset: ArmPreset): StanceBody {
  const arms = fromArms(ARM_PRESETS[preset])
  // The one up is on the side that the posture names.
  return { ...stance, arms: stance.side === 'right' ? { left: arms.right, right: arms.left } : arms }
}

/** Which preset the arms are in; null where they were set freely. */
export function findArmPreset(stance: StanceBody): ArmPreset | null {
  const now = JSON.stringify(stance.arms)
  return ARM_PRESET_IDS.find((preset) => JSON.stringify(setArmPreset(stance, preset).arms) === now) ?? null
}

type ArmAngles = NonNullable<NonNullable<StanceBody['arms']>['left']>

export const setArm = (stance: StanceBody, side: Side, change: Partial<ArmAngles>): StanceBody => ({
  ...stance,
  arms: { ...stance.arms, [side]: { ...stance.arms?.[side], ...change } },
})

type SupportBody = NonNullable<StanceBody['supports']>[number]

/** What a hand is on, or nothing. */
export const supportOf = (stance: StanceBody, hand: Side): SupportBody | undefined =>
  stance.supports?.find((support) => support.hand === hand)

/** Puts a hand on something beside the shoulder, where it reaches, or takes it off. */
export function setSupport(stance: StanceBody, hand: Side, kind: SupportKind | null, shoulder: Vec3): StanceBody {
  const others = (stance.supports ?? []).filter((support) => support.hand !== hand)
  if (!kind) return { ...stance, supports: others }
  const old = supportOf(stance, hand)
  const out = hand === 'left' ? -1 : 1
  const pushes = (PUSHING_KINDS as readonly string[]).includes(kind)
  const height = pushes ? Math.min(shoulder[2], 1.25) : 0.9
  const at: [number, number, number] = old
    ? [old.at[0], old.at[1], height]
    : [toMillimetre(shoulder[0] + out * 0.1), toMillimetre(shoulder[1] + 0.15), toMillimetre(height)]
  const support: SupportBody = {
    kind,
    hand,
    at,
    maxLoadPct: STANCE_DEFAULTS.maxLoadPct[kind],
    // A wall or a helper beside the person pushes them toward the other side.
    ...(pushes && { towardDeg: hand === 'left' ? -90 : 90 }),
  }
  return { ...stance, supports: [...others, support] }
}

export const changeSupport = (stance: StanceBody, hand: Side, change: Partial<SupportBody>): StanceBody => ({
  ...stance,
  supports: (stance.supports ?? []).map((support) => (support.hand === hand ? { ...support, ...change } : support)),
})

export const moveSupport = (stance: StanceBody, hand: Side, x: number, y: number): StanceBody => {
  const height = supportOf(stance, hand)?.at[2] ?? 0.9
  return changeSupport(stance, hand, { at: [toMillimetre(x), toMillimetre(y), height] })
}
