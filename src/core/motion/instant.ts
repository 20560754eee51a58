import type { Body } from '../body/body'
import { type BySide, bySide, type Side, type Vec2 } from '../conventions'
import { assemble, settle } from '../pose/pose'
import { type Footing, setFooting } from '../stance/footing'
import { fromRoom, toRoom } from '../stance/placed'
import type { Arm, FootSetting, Placement, Seat, Stance, Support } from '../stance/stance'
import { pressureWithin } from './pressure'

/** A foot in the room: what `FootSetting` is in a stance, with its direction counter-clockwise from the room's. */
export type FootInstant = Omit<FootSetting, 'toeOut'> & {
  yaw: number
  /** How far it may roll, radians: its heel up (positive) or its toes, as the reach of its leg asks. 0: it stays. */
  rolls: number
}

/** A foot with something changed. Written out, so that all feet are of one shape: paths change hundreds of thousands. */
export const changeFoot = (foot: FootInstant, change: Partial<FootInstant>): FootInstant => ({
  heel: change.heel ?? foot.heel,
  yaw: change.yaw ?? foot.yaw,
  contact: change.contact ?? foot.contact,
  pressureAt: change.pressureAt ?? foot.pressureAt,
  clearance: change.clearance ?? foot.clearance,
  lift: change.lift ?? foot.lift,
  rolls: change.rolls ?? foot.rolls,
})

/**
 * One instant of a path in the room frame: nothing in it depends on where a stance's own frame lies, so that feet
 * stay where they are while facing turns. Metres, radians, counter-clockwise.
 */
export type Instant = {
  heading: number
  feet: BySide<FootInstant>
  loadLeft: number
  /** Direction that the pelvis faces in the room. */
  pelvis: number
  /** Height of the hips above the floor. */
  height: number
  pelvisTilt: number
  trunk: Stance['trunk']
  arms: BySide<Arm>
}

/** A instant with something changed, of the shape that all have. */
export const changeInstant = (instant: Instant, change: Partial<Instant>): Instant => ({
  heading: change.heading ?? instant.heading,
  feet: change.feet ?? instant.feet,
  loadLeft: change.loadLeft ?? instant.loadLeft,
  pelvis: change.pelvis ?? instant.pelvis,
  height: change.height ?? instant.height,
  pelvisTilt: change.pelvisTilt ?? instant.pelvisTilt,
  trunk: change.trunk ?? instant.trunk,
  arms: change.arms ?? instant.arms,
})

export const shareOn = ({ loadLeft }: Pick<Instant, 'loadLeft'>, side: Side): number =>
  side === 'left' ? loadLeft : 1 - loadLeft

/** An instant with one foot changed. */
export const withFoot = (instant: Instant, side: Side, foot: FootInstant): Instant =>
  changeInstant(instant, {
    feet: side === 'left' ? { left: foot, right: instant.feet.right } : { left: instant.feet.left, right: foot },
  })

/** What a transition holds throughout. */
export type Held = Pick<Stance, 'frame' | 'eyes' | 'floor'> & {
  supports: readonly Support[]
  /** What they sit on throughout, in the room. */
  seat?: Seat | undefined
  posture?: string | undefined
  side?: Side | undefined
}

const yawSign = (side: Side): 1 | -1 => (side === 'left' ? 1 : -1)

export const ORIGIN: Placement = { x: 0, y: 0, heading: 0 }

/** A placed stance as a instant; its hips at the height that its pose came to. */
export function instantOf(body: Body, stance: Stance, height: number): Instant {
  const at = stance.at ?? ORIGIN
  return {
    heading: at.heading,
    feet: bySide((side) => {
      const { heel, toeOut, contact, clearance, lift } = stance.feet[side]
      return {
        heel: toRoom(at, heel),
        yaw: at.heading + yawSign(side) * toeOut,
        contact,
        pressureAt: pressureWithin(body, side, stance.feet[side]),
        clearance,
        lift,
        rolls: 0,
      }
    }),
    loadLeft: stance.loadLeft,
    pelvis: at.heading + stance.pelvisYaw,
    height,
    pelvisTilt: stance.pelvisTilt,
    trunk: stance.trunk,
    arms: stance.arms,
  }
}

/** Between the heels and along the heading: where a instant's own frame lies. */
const frameOf = ({ feet: { left, right }, heading }: Instant): Placement => ({
  x: (left.heel[0] + right.heel[0]) / 2,
  y: (left.heel[1] + right.heel[1]) / 2,
  heading,
})

/** A foot as a stance's frame has it. Written out, as what is below: a path lays out thousands a second. */
const footIn = (at: Placement, foot: FootInstant, side: Side): FootSetting => ({
  heel: fromRoom(at, foot.heel),
  toeOut: side === 'left' ? foot.yaw - at.heading : at.heading - foot.yaw,
  contact: foot.contact,
  pressureAt: foot.pressureAt,
  clearance: foot.clearance,
  lift: foot.lift,
})

/** A instant as a stance of its own. In the room's own frame (`ORIGIN`) it has the room's coordinates. */
export function stanceOf(body: Body, instant: Instant, held: Held, at: Placement = frameOf(instant)): Stance {
  const { feet } = instant
  const { supports, floor, seat } = held
  const stance: Stance = {
    posture: held.posture,
    side: held.side,
    feet: { left: footIn(at, feet.left, 'left'), right: footIn(at, feet.right, 'right') },
    loadLeft: instant.loadLeft,
    loadMeasured: false,
    height: { pelvisDrop: body.standingHipHeight - instant.height },
    pelvisYaw: instant.pelvis - at.heading,
    pelvisTilt: instant.pelvisTilt,
    trunk: instant.trunk,
    arms: instant.arms,
    supports: supports.length === 0 ? supports : supports.map((support) => supportIn(at, support)),
    frame: held.frame,
    eyes: held.eyes,
    at,
    floor: floor.slope === 0 ? floor : { slope: floor.slope, downhill: floor.downhill - at.heading },
  }
  if (seat) stance.seat = { ...seat, at: fromRoom(at, seat.at) }
  return stance
}

function supportIn(at: Placement, { toward, ...support }: Support): Support {
  const [x, y] = fromRoom(at, [support.at[0], support.at[1]])
  return { ...support, at: [x, y, support.at[2]], ...(toward !== undefined && { toward: toward - at.heading }) }
}

/** The feet of a instant and where its centre falls, in the room; a foot that is as in a instant before is that one. */
export function footingInRoom(body: Body, instant: Instant, held: Held, before: Footing | null = null): Footing {
  const footing = setFooting(body, stanceOf(body, instant, held, ORIGIN), before)
  // Seated, the centre follows from the body.
  return held.seat ? assemble(settle(footing)) : footing
}

/** To the outer side of a foot. */
export const outward = (yaw: number, side: Side): Vec2 =>
  side === 'right' ? [Math.cos(yaw), Math.sin(yaw)] : [-Math.cos(yaw), -Math.sin(yaw)]
