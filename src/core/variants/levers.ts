import type { Body } from '../body/body'
import { type BySide, bySide, DEG, otherSide, type Side, type Vec2 } from '../conventions'
import { clamp } from '../numeric/clamp'
import { findLightSide } from '../stance/footing'
import { calcLead, calcTrack } from '../stance/layout'
import type { Feature, FootSetting, Stance } from '../stance/stance'
import { isStep, listShareRange, listStepRange } from './meaning'
import { leastTrack } from './teachable'

export type LeverId =
  | 'step'
  | 'width'
  | 'toeOutLeft'
  | 'toeOutRight'
  | 'height'
  | 'share'
  | 'pitch'
  | 'pelvisYaw'
  | 'armHeight'
  | 'armOpening'

/** One thing that a variant may change, in whole notches: what a teacher can say and a person can set. */
export type Lever = {
  id: LeverId
  /** Metres, radians or share in a notch. */
  notch: number
  /** A change of this much counts 1. */
  scale: number
  /** How far it may be moved, down and up, in notches. */
  low: number
  high: number
  /** Counts double where it carries what the posture is for. */
  weight: 1 | 2
}

/**
 * How much may be changed. `keeping`: nothing of what the posture is for is given up; `wide`: shares from none to all;
 * `narrower`: the feet may come nearer each other.
 */
export type Leeway = { keeping?: boolean; wide?: boolean; narrower?: boolean }

/** What a variant starts from: the stance, which foot is the lighter, and the height as a flexion of the fuller leg. */
export type Start = { body: Body; stance: Stance; light: Side; fuller: Side; flexion: number }

const SCALE: Record<LeverId, number> = {
  step: 0.1,
  width: 0.1,
  toeOutLeft: 15 * DEG,
  toeOutRight: 15 * DEG,
  height: 15 * DEG,
  share: 0.1,
  pitch: 10 * DEG,
  pelvisYaw: 15 * DEG,
  armHeight: 45 * DEG,
  armOpening: 45 * DEG,
}

const NOTCH: Record<LeverId, number> = {
  step: 0.01,
  width: 0.01,
  toeOutLeft: DEG,
  toeOutRight: DEG,
  height: DEG,
  share: 0.01,
  pitch: DEG,
  pelvisYaw: DEG,
  armHeight: 5 * DEG,
  armOpening: 5 * DEG,
}

/** Each heel may move 0.20 m fore-aft and 0.12 m sideways; moving the whole stance counts nothing, so their sum. */
const STEP_REACH = 0.4
const WIDTH_REACH = 0.24
const TOE_REACH = 30 * DEG
const FLEXION_ABOVE = 10 * DEG
export const SHARE_REACH = 0.25
const PITCH_REACH = 15 * DEG
const YAW_REACH = 30 * DEG
const ARM_REACH = 90 * DEG

const ELEVATION_RANGE = [-60 * DEG, 180 * DEG] as const
const OPENING_RANGE = [-90 * DEG, 180 * DEG] as const
const TOE_MOST = 100 * DEG
const YAW_RANGE = 90 * DEG

const LOADED_APART = 0.08
const LOW_STANCE = 45 * DEG
const TURNED = 15 * DEG
const FEET_LEVEL = 0.02

/**
 * The levers of a stance, each within its reach and its own range. Toes are turned in no further than they are, an
 * upright trunk only comes upright, an inclined one stays within its frame. A foot in the air has no share to move.
 */
export function listLevers(start: Start, { keeping = true, wide = false, narrower = false }: Leeway = {}): Lever[] {
  const { stance, body, flexion } = start
  const meaning = findMeaning(start)
  const lever = (id: LeverId, low: number, high: number): Lever => ({
    id,
    notch: NOTCH[id],
    scale: SCALE[id],
    low: Math.min(0, Math.ceil(low / NOTCH[id] - 1e-9)),
    high: Math.max(0, Math.floor(high / NOTCH[id] + 1e-9)),
    weight: meaning.has(id) ? 2 : 1,
  })
  const { left, right } = stance.feet
  const arms = [stance.arms.left, stance.arms.right]
  const elevations = arms.map((arm) => arm.elevation)
  const openings = arms.map((arm) => arm.opening)
  const held = left.contact === 'air' || right.contact === 'air'
  const within = (value: number, reach: number, low: number, high: number) =>
    [Math.max(-reach, low - value), Math.min(reach, high - value)] as const
  const [stepLow, stepHigh] = keeping ? listStepRange(body, stance) : [-STEP_REACH, STEP_REACH]
  // Help is less of the same: no step is made longer.
  const lead = calcLead(stance)
  const steps = isStep(lead, body)
  const track = calcTrack(stance)
  const narrowest = narrower ? -WIDTH_REACH : leastTrack(body, track) - track
  const levers = [
    lever(
      'step',
      steps && lead < 0 ? 0 : Math.max(-STEP_REACH, stepLow),
      steps && lead > 0 ? 0 : Math.min(STEP_REACH, stepHigh),
    ),
    lever('width', Math.max(-WIDTH_REACH, narrowest), WIDTH_REACH),
    lever('toeOutLeft', ...within(left.toeOut, TOE_REACH, 0, TOE_MOST)),
    lever('toeOutRight', ...within(right.toeOut, TOE_REACH, 0, TOE_MOST)),
    lever('height', body.sides[start.fuller].kneeFlexionMin - flexion, FLEXION_ABOVE),
    lever('pitch', ...within(stance.trunk.pitch, PITCH_REACH, ...listPitchRange(start))),
    lever('pelvisYaw', ...within(stance.pelvisYaw, YAW_REACH, -YAW_RANGE, YAW_RANGE)),
    lever('armHeight', ...within2(elevations, ARM_REACH, ELEVATION_RANGE)),
    lever('armOpening', ...within2(openings, ARM_REACH, OPENING_RANGE)),
  ]
  const shares = listShareRange(body, stance, keeping)
  if (!held) levers.push(lever('share', ...within(stance.loadLeft, wide ? 1 : SHARE_REACH, ...shares)))
  return levers
}

/** An upright trunk leans no further than it does; an inclined one no further forward than its frame. */
function listPitchRange({ stance, body }: Start): readonly [number, number] {
  const { pitch } = stance.trunk
  const forward = stance.frame === 'inclined' ? Math.max(pitch, body.house.leanForwardInclined) : Math.max(pitch, 0)
  return [Math.min(pitch, 0), forward]
}

const within2 = (values: number[], reach: number, [low, high]: readonly [number, number]) =>
  [Math.max(-reach, low - Math.min(...values)), Math.min(reach, high - Math.max(...values))] as const

const LEVERS_OF: Record<Feature, readonly LeverId[]> = {
  step: ['step'],
  width: ['width'],
  toeOut: ['toeOutLeft', 'toeOutRight'],
  height: ['height'],
  share: ['share'],
  pitch: ['pitch'],
  pelvisYaw: ['pelvisYaw'],
  arms: ['armHeight', 'armOpening'],
  contact: [],
}

/** What a posture is for, as it says itself; else read off the stance: front- or rear-loaded, low, turned, feet level. */
function findMeaning({ stance, flexion }: Start): Set<LeverId> {
  if (stance.keeps) return new Set(stance.keeps.flatMap((feature) => LEVERS_OF[feature]))
  const meaning = new Set<LeverId>()
  if (Math.abs(stance.loadLeft - 0.5) >= LOADED_APART) meaning.add('share')
  if (flexion >= LOW_STANCE) meaning.add('height')
  if (Math.abs(stance.pelvisYaw) >= TURNED) meaning.add('pelvisYaw')
  if (Math.abs(calcLead(stance)) <= FEET_LEVEL) meaning.add('step')
  return meaning
}

/** How much a set of changes (notches, in the order of the levers) counts. */
export function calcDistance(levers: readonly Lever[], changes: readonly number[]): number {
  let distance = 0
  for (let i = 0; i < levers.length; i++) {
    const lever = levers[i] as Lever
    distance += (lever.weight * Math.abs(changes[i] as number) * lever.notch) / lever.scale
  }
  return distance
}

/** The stance with its levers moved, in notches. */
export function moveLevers(start: Start, levers: readonly Lever[], changes: readonly number[]): Stance {
  const by = {} as Record<LeverId, number>
  for (let i = 0; i < levers.length; i++)
    by[(levers[i] as Lever).id] = (changes[i] as number) * (levers[i] as Lever).notch
  const { stance } = start
  const shift = shiftFeet(start, by.step ?? 0, by.width ?? 0)
  const toeOut = { left: by.toeOutLeft ?? 0, right: by.toeOutRight ?? 0 }
  const foot = (side: Side): FootSetting => {
    const set = stance.feet[side]
    const [dx, dy] = shift[side]
    if (dx === 0 && dy === 0 && toeOut[side] === 0) return set
    return { ...set, heel: [set.heel[0] + dx, set.heel[1] + dy], toeOut: set.toeOut + toeOut[side] }
  }
  const raise = by.armHeight ?? 0
  const open = by.armOpening ?? 0
  return {
    ...stance,
    feet: { left: foot('left'), right: foot('right') },
    loadLeft: clamp(stance.loadLeft + (by.share ?? 0), 0, 1),
    height: by.height ? { kneeFlexion: start.flexion + by.height, leg: start.fuller } : stance.height,
    pelvisYaw: stance.pelvisYaw + (by.pelvisYaw ?? 0),
    trunk: by.pitch ? { ...stance.trunk, pitch: stance.trunk.pitch + by.pitch } : stance.trunk,
    arms:
      raise || open
        ? bySide((side) => {
            const arm = stance.arms[side]
            return { ...arm, elevation: arm.elevation + raise, opening: arm.opening + open }
          })
        : stance.arms,
  }
}

/** The lighter foot moves and the fuller stands; where the weight is central both move by half. */
function shiftFeet({ stance, light }: Start, step: number, width: number): BySide<Vec2> {
  const central = Math.abs(stance.loadLeft - 0.5) <= 0.05
  const ownPart = central ? 0.5 : 1
  // step: left heel ahead of the right; width: right heel to the right of the left.
  const ahead = light === 'left' ? step : -step
  const out = light === 'right' ? width : -width
  const own: Vec2 = [out * ownPart, ahead * ownPart]
  const other: Vec2 = [-out * (1 - ownPart), -ahead * (1 - ownPart)]
  return light === 'left' ? { left: own, right: other } : { left: other, right: own }
}

/** A start for a search: the fuller leg's flexion as reached gives the height its figure. */
export function makeStart(body: Body, stance: Stance, flexion: BySide<number>): Start {
  const light = findLightSide(stance)
  const { height } = stance
  const named = 'kneeFlexion' in height ? height.leg : undefined
  const fuller = named ?? otherSide(light)
  return { body, stance, light, fuller, flexion: 'kneeFlexion' in height ? height.kneeFlexion : flexion[fuller] }
}
