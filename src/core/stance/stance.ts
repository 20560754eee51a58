import type { SeatKind } from '../body/seat-kinds'
import { PRESSED_KINDS, type SupportKind } from '../body/support-kinds'
import { type BySide, DEG, type Side, type Vec2, type Vec3 } from '../conventions'

export type Contact = 'whole' | 'ball' | 'heel' | 'toe-touch' | 'air'

export type FootSetting = {
  /** The footprint's heel as if the foot were flat. */
  heel: Vec2
  toeOut: number
  contact: Contact
  /** Where the pressure is wanted, as a fraction of the bearing part's length from its rear end. */
  pressureAt: number
  /** Height of the lowest part of a foot held in the air. */
  clearance: number
  /** How far the heel is lifted (lifted toes negative). */
  lift: number
}

/** How far the heel is usually lifted in a contact. Defaults of the model. */
export const USUAL_LIFT: Record<Contact, number> = {
  whole: 0,
  ball: 20 * DEG,
  heel: -15 * DEG,
  'toe-touch': 35 * DEG,
  air: 0,
}

/**
 * A foot that meets the floor in another way begins with what is usual there.
 * @example withContact({ contact: 'whole', lift: 0 }, 'heel').lift / DEG // => -15
 */
export const withContact = <Foot extends { contact: Contact; lift: number }>(foot: Foot, contact: Contact): Foot => ({
  ...foot,
  contact,
  lift: USUAL_LIFT[contact],
})

/** One height choice: a knee flexion target for a leg (none named: the fuller), or how far the pelvis drops. */
export type Height = { kneeFlexion: number; leg?: Side } | { pelvisDrop: number }

export type Arm = { elevation: number; opening: number; elbow: number; elbowInward: number }

export type Support = { kind: SupportKind; hand: Side; at: Vec3; maxLoad: number; toward?: number }

export type Seat = { height: number; at: Vec2; kind?: SeatKind }

/** What can carry a posture's meaning, so that the nearest variant keeps it. */
export const FEATURES = ['step', 'width', 'toeOut', 'height', 'share', 'pitch', 'pelvisYaw', 'arms', 'contact'] as const
export type Feature = (typeof FEATURES)[number]

/**
 * Where a stance stands in a room: the origin of its own floor frame, and how far its forward direction is turned
 * counter-clockwise from the room's. Metres, radians. The room's frame: x to the right and y ahead of somebody whose
 * heading is 0.
 */
export type Placement = { x: number; y: number; heading: number }

export type Stance = {
  posture?: string | undefined
  side?: Side | undefined
  feet: BySide<FootSetting>
  /** Share of the feet's load on the left foot, 0 to 1. */
  loadLeft: number
  /** Weighed on two scales rather than felt. */
  loadMeasured: boolean
  height: Height
  pelvisYaw: number
  /** Front edge down positive. */
  pelvisTilt: number
  trunk: { pitch: number; roll: number; yaw: number }
  arms: BySide<Arm>
  supports: readonly Support[]
  seat?: Seat
  frame: 'upright' | 'inclined'
  /** What the posture is for; not given: read off the stance. */
  keeps?: readonly Feature[] | undefined
  eyes: 'open' | 'closed'
  /** Where it stands in a room; changes no reading. */
  at?: Placement | undefined
  floor: { slope: number; downhill: number }
}

export const STANCE_DEFAULTS = {
  pressureAt: 0.45,
  clearanceM: 0.1,
  maxLoadPct: { 'chair-back': 10, walker: 30, bar: 30, touch: 2, wall: 2, pole: 2, helper: 2 },
} as const satisfies { pressureAt: number; clearanceM: number; maxLoadPct: Record<SupportKind, number> }

export const ARM_DOWN: Arm = { elevation: 0, opening: 0, elbow: 0, elbowInward: 0 }

/**
 * @example isPressed({ kind: 'wall', hand: 'left', at: [0, 0.5, 1.2], maxLoad: 0.02 }) // => false
 */
export const isPressed = (support: Support): boolean => (PRESSED_KINDS as readonly string[]).includes(support.kind)
