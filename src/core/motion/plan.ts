import { DEG, otherSide, SIDES, type Side } from '../conventions'
import { clamp } from '../numeric/clamp'
import { rangeOfFeet } from './facing'
import { type Instant, shareOn } from './instant'
import type { Phase } from './phase'
import { type Action, isPlaced, isTurned, keepsPlace, listPhases, type Task } from './script'
import { showKeys } from './show-keys'

/**
 * What a plan costs, the first that differs decides: hard findings at its key stances, feet set again, cautions,
 * degrees turned under load (but where the school turns so), actions, what the school wishes otherwise,
 * centimetres that one has to sink for it.
 */
export type Cost = readonly [
  hard: number,
  again: number,
  cautions: number,
  twist: number,
  actions: number,
  wishes: number,
  sinks: number,
]

export type Plan = { actions: Action[]; phases: Phase[]; cost: Cost; said: string; sits: number }

const ACTIONS_MOST = 10
/** A foot that carries turns this far at a time. */
const LOADED_TURN_MOST = 45 * DEG
const LEAST_TURN = 10 * DEG
/** Far more than any plan looks at: what is left then is answered as not to be planned. */
const NODES_MOST = 4000

type Node = Plan & {
  at: Instant
  /** Where the weight is: between the feet as at first, or all on one. */
  carrier: Side | null
  /** The foot that landed last, and which were turned or set already. */
  landed: Side | null
  set: ReadonlySet<Side>
  /** The phases of its last action, while their key stances are not looked at: it costs no less than is known of it. */
  unseen: readonly Phase[]
  /** What its key stances showed, each code and place once. */
  hard: ReadonlySet<string>
  cautions: ReadonlySet<string>
}

/** Fuller before other, then by what is written: a tie has an order that mirroring does not change. */
export const comparePlans = (a: Pick<Plan, 'cost' | 'said'>, b: Pick<Plan, 'cost' | 'said'>): number =>
  compareCosts(a.cost, b.cost) || (a.said < b.said ? -1 : a.said > b.said ? 1 : 0)

/** The first figure that differs decides. */
export function compareCosts(a: Cost, b: Cost): number {
  for (let i = 0; i < a.length; i++) {
    const by = (a[i] as number) - (b[i] as number)
    if (Math.abs(by) > 1e-6) return by
  }
  return 0
}

/** The cheapest way from a stance to the next, by search over what one can do; null where there is none. */
export const findPlan = (task: Task): Plan | null => findPlans(task).next().value ?? null

/** The ways from a stance to the next, the cheapest first. */
export function* findPlans(task: Task): Generator<Plan, undefined> {
  const open: Node[] = [startOf(task)]
  const seen = new Set<string>()
  for (let looked = 0; open.length > 0 && looked < NODES_MOST; looked++) {
    const node = takeCheapest(open)
    // Most are never the cheapest: their key stances are looked at when they are.
    if (node.unseen.length > 0) {
      const seen = look(task, node)
      if (seen) open.push(seen)
      continue
    }
    if (node.actions.at(-1)?.do === 'finish') {
      yield node
      continue
    }
    const key = keyOf(node)
    if (seen.has(key)) continue
    seen.add(key)
    if (node.actions.length >= ACTIONS_MOST) continue
    for (const action of listActions(task, node)) open.push(take(task, node, action))
  }
}

/** The actions of a plan once more, to a goal that lies near the one that it was made for; null where they do not lead there. */
export function followPlan(task: Task, plan: Plan): Plan | null {
  let at = task.from
  let landed: Side | null = null
  const phases: Phase[] = []
  for (const action of plan.actions) {
    phases.push(...listPhases(task, at, action, landed))
    at = phases.at(-1)?.to ?? at
    if (action.do === 'step') landed = action.foot
  }
  const arrived = SIDES.every(
    (side) => isPlaced(at.feet[side], task.to.feet[side]) && isTurned(at.feet[side], task.to.feet[side]),
  )
  return arrived ? { ...plan, phases } : null
}

/** Every plan of at most so many actions, for holding the search against: the cheapest of all. */
export function findPlanByTrying(task: Task, most: number): Plan | null {
  let best: Plan | null = null
  const go = (node: Node) => {
    if (node.actions.at(-1)?.do === 'finish') {
      if (!best || comparePlans(node, best) < 0) best = node
      return
    }
    if (node.actions.length >= most) return
    for (const action of listActions(task, node)) {
      const next = look(task, take(task, node, action))
      if (next) go(next)
    }
  }
  go(startOf(task))
  return best
}

const NOTHING: ReadonlySet<never> = new Set()

function startOf({ from, sits }: Task): Node {
  const carrier = SIDES.find((side) => shareOn(from, side) >= 1) ?? null
  return {
    at: from,
    actions: [],
    phases: [],
    cost: [0, 0, 0, 0, 0, 0, 0],
    said: '',
    sits,
    carrier,
    landed: null,
    set: NOTHING,
    unseen: [],
    hard: NOTHING,
    cautions: NOTHING,
  }
}

function takeCheapest(open: Node[]): Node {
  let best = 0
  for (let i = 1; i < open.length; i++) if (comparePlans(open[i] as Node, open[best] as Node) < 0) best = i
  return open.splice(best, 1)[0] as Node
}

const keyOf = ({ at, carrier, landed, set, hard, cautions }: Node): string =>
  [
    carrier,
    landed,
    [...hard].sort().join(),
    [...cautions].sort().join(),
    ...SIDES.flatMap((side) => {
      const { heel, yaw, contact, pressureAt } = at.feet[side]
      return [heel[0].toFixed(3), heel[1].toFixed(3), yaw.toFixed(3), contact, pressureAt.toFixed(2), set.has(side)]
    }),
  ].join(' ')

function listActions(task: Task, { at, carrier, actions }: Node): Action[] {
  const { to } = task
  const listed: Action[] = []
  const ready = SIDES.every((side) => isPlaced(at.feet[side], to.feet[side]) && isTurned(at.feet[side], to.feet[side]))
  if (ready) listed.push({ do: 'finish' })
  const last = actions.at(-1)
  // It is evened out for a turn, and for nothing else.
  if (last?.do === 'even') return listLoadedTurns(task, at, SIDES)
  for (const side of SIDES) {
    // To and fro with nothing done between leads nowhere.
    if (carrier !== side && at.feet[side].contact !== 'air' && last?.do !== 'shift')
      listed.push({ do: 'shift', to: side })
  }
  if (mayEven(task, at) && last?.do !== 'shift') listed.push({ do: 'even' })
  if (!carrier) return [...listed, ...listLoadedTurns(task, at, SIDES)]
  const light = otherSide(carrier)
  const [foot, goal] = [at.feet[light], to.feet[light]]
  if (!isPlaced(foot, goal) || !isTurned(foot, goal)) listed.push({ do: 'step', foot: light })
  if (foot.contact !== 'air' && !isTurned(foot, goal) && keepsPlace(task, foot, goal)) {
    const yaw = asFarAsHipsGo(task, at, light)
    if (yaw !== null) listed.push({ do: 'turn', foot: light, yaw, loaded: false })
  }
  return [...listed, ...listLoadedTurns(task, at, [carrier])]
}

/** Where a school turns with half on each foot, and both are on the floor and one is fuller. */
const mayEven = ({ choices }: Task, { feet, loadLeft }: Instant): boolean =>
  choices.heavyFoot === 'even' && !isEven(loadLeft) && SIDES.every((side) => feet[side].contact === 'whole')

const isEven = (loadLeft: number): boolean => Math.abs(loadLeft - 0.5) < 1e-9

function listLoadedTurns(task: Task, at: Instant, sides: readonly Side[]): Action[] {
  return sides.flatMap((side): Action[] => {
    const [foot, goal] = [at.feet[side], task.to.feet[side]]
    if (foot.contact !== 'whole' || !keepsPlace(task, foot, goal, 'heel') || isTurned(foot, goal)) return []
    const most = asFarAsHipsGo(task, at, side)
    if (most === null) return []
    const by = clamp(most - foot.yaw, -LOADED_TURN_MOST, LOADED_TURN_MOST)
    return [{ do: 'turn', foot: side, yaw: foot.yaw + by, loaded: true }]
  })
}

/** Where a foot that stays turns to: all the way, or as far as both hips allow against the other; null: hardly at all. */
function asFarAsHipsGo({ body, to }: Task, at: Instant, side: Side): number | null {
  const { least, most } = rangeOfFeet(body)
  const other = at.feet[otherSide(side)].yaw
  const [low, high] = side === 'left' ? [other + least, other + most] : [other - most, other - least]
  const { yaw } = at.feet[side]
  const goal = to.feet[side].yaw
  const reached = clamp(goal, low, high)
  // A goal that lies beyond is come nearer to, never turned away from.
  if ((reached - yaw) * (goal - yaw) <= 0) return null
  return Math.abs(reached - goal) < 1e-3 || Math.abs(reached - yaw) >= LEAST_TURN ? reached : null
}

/** A node with one action more, at the least that it can cost: its key stances are not looked at. */
function take(task: Task, node: Node, action: Action): Node {
  const phases = listPhases(task, node.at, action, node.landed)
  const foot = action.do === 'turn' || action.do === 'step' ? action.foot : null
  const [hard, again, cautions, twist, actions, wishes, sinks] = node.cost
  const loaded = action.do === 'turn' && action.loaded
  const isTaught = turnsFull(task, node.at)
  const turned = loaded && !isTaught ? Math.abs(action.yaw - node.at.feet[action.foot].yaw) / DEG : 0
  return {
    ...node,
    at: (phases.at(-1) as Phase).to,
    actions: [...node.actions, action],
    phases: [...node.phases, ...phases],
    cost: [
      hard,
      again + (foot && node.set.has(foot) ? 1 : 0),
      cautions,
      twist + turned,
      actions + 1,
      wishes + countUnwished(task, node, action),
      sinks,
    ],
    said: `${node.said}${sayAction(task, action)};`,
    carrier: action.do === 'shift' ? action.to : action.do === 'even' ? null : node.carrier,
    landed: action.do === 'step' ? action.foot : node.landed,
    set: foot ? new Set([...node.set, foot]) : node.set,
    unseen: action.do === 'finish' ? [] : phases,
  }
}

/** What a node costs with what its key stances show; null where one cannot be stood. */
function look(task: Task, node: Node): Node | null {
  const shown = showKeys(task, node.unseen)
  if (!shown) return null
  const hard = new Set([...node.hard, ...shown.hard])
  const cautions = new Set([...node.cautions, ...shown.cautions])
  const [, again, , twist, actions, wishes, sinks] = node.cost
  const deepest = Math.max(sinks, Math.round(shown.sinks * 100))
  return {
    ...node,
    unseen: [],
    hard,
    cautions,
    cost: [hard.size, again, cautions.size, twist, actions, wishes, deepest],
  }
}

/** Whether the school turns a foot with what is on it now. */
const turnsFull = ({ choices: { heavyFoot } }: Task, { loadLeft }: Instant): boolean =>
  heavyFoot === 'heel' || (heavyFoot === 'even' && isEven(loadLeft))

/** Where a plan goes another way than the school wishes. */
function countUnwished(task: Task, { at, set }: Node, action: Action): number {
  const { choices, from, to } = task
  if (action.do !== 'turn' && !(action.do === 'step' && keepsPlace(task, from.feet[action.foot], to.feet[action.foot])))
    return 0
  const stepper = SIDES.find((side) => !keepsPlace(task, from.feet[side], to.feet[side]))
  const stepped = stepper !== undefined && set.has(stepper)
  const late = choices.footTurns === 'before' && stepped
  const early = choices.footTurns === 'after' && stepper !== undefined && !stepped
  const asTaught = action.do === 'turn' && action.loaded && turnsFull(task, at)
  const heavy = !asTaught && choices.heavyFoot !== 'empty' && shareOn(from, action.foot) > 0.5
  return (late || early ? 1 : 0) + (heavy ? 1 : 0)
}

/** By what a foot is to the first stance, never by its side. */
function sayAction(task: Task, action: Action): string {
  const { from, to } = task
  if (action.do === 'finish') return '9'
  if (action.do === 'even') return '0 even'
  const foot = action.do === 'shift' ? action.to : action.foot
  const share = shareOn(from, foot)
  const role = isEven(share) ? 'even' : share > 0.5 ? 'fuller' : 'other'
  // In the order in which a tie is settled: what moves less comes first.
  const kind = action.do === 'shift' ? '1 shift' : action.do === 'step' ? '4 step' : action.loaded ? '3 turn' : '2 turn'
  return `${kind} ${role} ${keepsPlace(task, from.feet[foot], to.feet[foot]) ? 'anchor' : 'stepping'}`
}
