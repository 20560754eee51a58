import type { Body } from '../body/body'
import { bySide, directionVector, otherSide, type Side, type Vec2 } from '../conventions'
import { gap, mix, plus } from '../geometry/vector'
import type { Choices } from '../postures/choices'
import { type Contact, USUAL_LIFT } from '../stance/stance'
import {
  changeFoot,
  changeInstant,
  type FootInstant,
  footingInRoom,
  type Held,
  type Instant,
  outward,
  shareOn,
  withFoot,
} from './instant'
import { makePhase, type Phase, type PhaseKind, turnedHeel } from './phase'
import { findRearmost, pressureRange } from './pressure'
import { letRoll } from './rolling'
import { LANDS_MOST } from './step-limits'
import { findSwing } from './swing'

/** What one can do on the way to a stance, one thing after the other. */
export type Action =
  | { do: 'shift'; to: Side }
  | { do: 'even' }
  | { do: 'turn'; foot: Side; yaw: number; loaded: boolean }
  | { do: 'step'; foot: Side }
  | { do: 'finish' }

/** A transition's own givens: from where to where, and how it is done. */
export type Task = {
  body: Body
  from: Instant
  to: Instant
  choices: Choices
  clearance: number
  held: Held
  /** How far one sits back over a foot that takes all: from where it is pressed (0) to the rearmost that is safe (1). */
  sits: number
}

const SAME_PLACE = 1e-3
const SAME_TURN = 1e-3

/** Whether a foot of a instant is set as another one is: place, direction and contact. */
export const isPlaced = (foot: FootInstant, goal: FootInstant): boolean =>
  gap(foot.heel, goal.heel) < SAME_PLACE && foot.contact === goal.contact && Math.abs(foot.lift - goal.lift) < SAME_TURN
export const isTurned = (foot: FootInstant, goal: FootInstant): boolean => Math.abs(foot.yaw - goal.yaw) < SAME_TURN

/** What a light foot turns about in its place: the ball that it stands on, else as the school has it. */
export const aboutOf = (
  { contact }: Pick<FootInstant, 'contact'>,
  { lightFoot }: Pick<Choices, 'lightFoot'>,
): 'heel' | 'ball' => (contact === 'ball' || contact === 'toe-touch' ? 'ball' : lightFoot)

/** Whether a foot can come to a goal by turning where it is: light as the school has it, or about what is said. */
export function keepsPlace(
  { body, choices }: Pick<Task, 'body' | 'choices'>,
  foot: FootInstant,
  goal: FootInstant,
  about = aboutOf(foot, choices),
): boolean {
  return gap(turnedHeel(foot, goal.yaw, about, body.footLength), goal.heel) < SAME_PLACE
}

/** The phases of an action, each from where the one before ended. Feet and weight only; the rest follows them. */
export function listPhases(task: Task, at: Instant, action: Action, last: Side | null): Phase[] {
  switch (action.do) {
    case 'shift':
      return [phase(task, 'empty', otherSide(action.to), at, standOn(task, at, action.to))]
    case 'even':
      return [phase(task, 'shift', at.loadLeft > 0.5 ? 'right' : 'left', at, standEven(task, at))]
    case 'turn':
      return turn(task, at, action)
    case 'step':
      return step(task, at, action.foot)
    case 'finish':
      return finish(task, at, last)
  }
}

/** Where the weight moves in half of a phase, there is no time for a heel to come up or down under it. */
export const mayRoll = ({ heels, order }: Choices): boolean => heels === 'roll' && order === 'together'

/** All on one foot, as far back on it as one sits. */
function standOn({ body, held, sits, choices, to }: Task, at: Instant, side: Side): Instant {
  const light = otherSide(side)
  const left = at.feet[light]
  const empties = mayRoll(choices) && shareOn(at, light) > 0 ? letRoll(body, light, left, 'heel') : left
  const full = at.feet[side]
  // What was rolled was pressed on the part that was down; filled it is pressed where it will be.
  const { pressureAt } = full.rolls === 0 ? full : to.feet[side]
  const set = withFoot(withFoot(at, light, empties), side, changeFoot(full, { rolls: 0, pressureAt }))
  const over = changeInstant(set, { loadLeft: side === 'left' ? 1 : 0 })
  if (sits === 0) return over
  const foot = over.feet[side]
  const pressed = (pressureAt: number) => withFoot(over, side, changeFoot(foot, { pressureAt }))
  const rear = findRearmost((at) => footingInRoom(body, pressed(at), held)) ?? foot.pressureAt
  return pressed(Math.min(foot.pressureAt, mix(foot.pressureAt, rear, sits)))
}

/** Half on each foot, both of them flat. */
function standEven({ to }: Task, at: Instant): Instant {
  const feet = bySide((side) => {
    const foot = at.feet[side]
    return foot.rolls === 0 ? foot : changeFoot(foot, { rolls: 0, pressureAt: to.feet[side].pressureAt })
  })
  return changeInstant(at, { feet, loadLeft: 0.5 })
}

const phase = (
  { choices }: Task,
  kind: PhaseKind,
  foot: Side | null,
  from: Instant,
  to: Instant,
  more: Partial<Phase> = {},
): Phase => makePhase(kind, foot, [from, to], choices.order, more)

function turn(task: Task, at: Instant, { foot, yaw, loaded }: Extract<Action, { do: 'turn' }>): Phase[] {
  const { footLength } = task.body
  const about = loaded ? 'heel' : aboutOf(at.feet[foot], task.choices)
  const back = loaded || about === 'heel' ? layFlat(task, at, foot, loaded) : raiseHeel(task, at, foot)
  const ready = withFoot(at, foot, back)
  const turned = changeFoot(back, { yaw, heel: turnedHeel(back, yaw, about, footLength) })
  const done = withFoot(ready, foot, turned)
  const turns = phase(task, 'turn', foot, ready, done, { about })
  if (!loaded) return [turns]
  const forward = withFoot(done, foot, changeFoot(turned, { pressureAt: at.feet[foot].pressureAt }))
  return [phase(task, 'shift', foot, at, ready), turns, phase(task, 'shift', foot, done, forward)]
}

/** A foot that turns about its heel, pressed there where it carries. */
function layFlat({ body, to }: Task, at: Instant, side: Side, loaded: boolean): FootInstant {
  const foot = at.feet[side]
  const [rear] = pressureRange(body, side, { ...foot, toeOut: 0 })
  const { pressureAt } = foot.rolls === 0 ? foot : to.feet[side]
  return changeFoot(foot, { pressureAt: loaded ? rear : pressureAt, rolls: 0 })
}

/** A light foot that turns about its ball: its heel may stay up for it. */
const raiseHeel = ({ body, choices }: Task, at: Instant, side: Side): FootInstant =>
  mayRoll(choices) ? letRoll(body, side, at.feet[side], 'heel') : at.feet[side]

function step(task: Task, at: Instant, foot: Side): Phase[] {
  const goal = task.to.feet[foot]
  const before = at.feet[foot]
  if (gap(before.heel, goal.heel) < SAME_PLACE && isTurned(before, goal) && before.contact !== 'air') {
    if (goal.contact !== 'air') {
      const contact = before.contact === 'whole' ? goal.contact : before.contact
      const lands = { contact, lift: before.lift }
      return [phase(task, 'touch', foot, at, withFoot(at, foot, goal), { lands })]
    }
  }
  const middle = task.choices.middle === 'touch' && goal.contact !== 'air' ? findMiddle(task, at, foot) : null
  if (!middle) return swing(task, at, foot, goal)
  const there = swing(task, at, foot, middle)
  return [...there, ...swing(task, (there.at(-1) as Phase).to, foot, goal)]
}

/** Beside the standing foot on the ball, where a foot passes it; null where it does not. */
function findMiddle({ body, to }: Task, at: Instant, foot: Side): FootInstant | null {
  const standing = at.feet[otherSide(foot)]
  const [u, inner] = [directionVector(standing.yaw), outward(standing.yaw, foot)]
  const [before, goal] = [at.feet[foot], to.feet[foot]]
  const ahead = ({ heel }: FootInstant) => (heel[0] - standing.heel[0]) * u[0] + (heel[1] - standing.heel[1]) * u[1]
  if (ahead(before) * ahead(goal) >= 0 || Math.min(Math.abs(ahead(before)), Math.abs(ahead(goal))) < MIDDLE_LEAST)
    return null
  return {
    ...goal,
    heel: plus(standing.heel, inner, 1.6 * body.footBreadth),
    yaw: standing.yaw,
    contact: 'ball',
    lift: USUAL_LIFT.ball,
  }
}
const MIDDLE_LEAST = 0.05

function swing(task: Task, at: Instant, foot: Side, goal: FootInstant): Phase[] {
  const { body, choices, clearance } = task
  const before = at.feet[foot]
  const standing = at.feet[otherSide(foot)]
  const lands = findLanding(task, at, foot, goal)
  const way = findSwing(body, foot, before, goal, standing, choices.swing, clearance)
  const wasInAir = before.contact === 'air'
  const phases: Phase[] = []
  let now = at
  if (!wasInAir) {
    const up = changeFoot(before, { contact: 'air', clearance: way.clearance, lift: 0, rolls: 0 })
    phases.push(phase(task, 'lift', foot, now, withFoot(now, foot, up)))
    now = (phases.at(-1) as Phase).to
  }
  const held = goal.contact === 'air'
  const over: FootInstant = held
    ? goal
    : changeFoot(goal, { contact: 'air', clearance: way.clearance, lift: lands.lift })
  phases.push(phase(task, 'reach', foot, now, withFoot(now, foot, over), way.bend ? { bend: way.bend } : {}))
  now = (phases.at(-1) as Phase).to
  const fills = mayRoll(choices) ? letLand(body, foot, goal, lands.contact) : goal
  if (!held) phases.push(phase(task, 'touch', foot, now, withFoot(now, foot, fills), { lands }))
  return phases
}

/** What fills once it has landed: on its heel its toes may stay up, else its heel, no further than a foot lands. */
function letLand(body: Body, foot: Side, goal: FootInstant, contact: Contact): FootInstant {
  if (contact === 'heel') return letRoll(body, foot, goal, 'toes')
  const set = letRoll(body, foot, goal, 'heel')
  return changeFoot(set, { rolls: Math.min(set.rolls, LANDS_MOST) })
}

/** What meets the floor first: by the way that the foot goes, unless it stays on a part of itself. */
function findLanding({ choices, to }: Task, at: Instant, foot: Side, goal: FootInstant): NonNullable<Phase['lands']> {
  if (goal.contact !== 'whole') return { contact: goal.contact, lift: goal.lift }
  const { landing } = choices
  const way = wayOf(at.feet[foot].heel, goal.heel, at.feet[otherSide(foot)].heel, to.heading)
  const contact = landing[way]
  return { contact, lift: USUAL_LIFT[contact] }
}

/** Ahead, back or aside, in a heading; what comes up from behind to beside the standing foot has gone aside. */
export function wayOf(from: Vec2, to: Vec2, standing: Vec2, heading: number): 'ahead' | 'back' | 'side' {
  const [u, v] = [directionVector(heading), outward(heading, 'right')]
  const along = (axis: Vec2, a: Vec2) => (to[0] - a[0]) * axis[0] + (to[1] - a[1]) * axis[1]
  const ahead = along(u, from)
  if (Math.abs(ahead) <= Math.abs(along(v, from)) + 1e-9) return 'side'
  if (ahead < 0) return 'back'
  return along(u, standing) > BESIDE ? 'ahead' : 'side'
}
const BESIDE = 0.05

/** The weight comes to what the next stance has; then whatever is left of it. */
function finish(task: Task, at: Instant, last: Side | null): Phase[] {
  const { to } = task
  const by = to.loadLeft - at.loadLeft
  const fills = by > 0 ? 'left' : 'right'
  const pressed = changeInstant(at, {
    feet: bySide((side) => changeFoot(at.feet[side], { pressureAt: to.feet[side].pressureAt, rolls: 0 })),
  })
  if (Math.abs(by) > 1e-9) {
    const kind = last === fills ? 'commit' : 'shift'
    return [phase(task, kind, fills, at, changeInstant(pressed, { loadLeft: to.loadLeft }))]
  }
  return [phase(task, 'settle', null, at, pressed)]
}
