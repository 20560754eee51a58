import { mix } from '../geometry/vector'
import { faceAsFeetAllow, standFacing } from './facing'
import { changeInstant, type Instant } from './instant'
import { makePhase, mixArm, type Phase } from './phase'
import { rememberInstants } from './pose-memory'
import type { Task } from './script'

/** How far facing, arms and trunk have come at the end of each phase, 0 to 1. */
type Progress = { facing: number[]; arms: number[]; trunk: number[] }

/**
 * Lets heading, pelvis, trunk and arms follow the feet and the weight, by the choices of the school. What the last
 * phase leaves undone is settled in one of its own. The first and the last instant stay as they are.
 */
export function followFeet(task: Task, phases: readonly Phase[]): Phase[] {
  const { from, to } = task
  const all = withSettle(task, phases)
  const { facing, arms, trunk } = readProgress(task, all)
  let before = from
  return all.map((phase, i) => {
    const isLast = i === all.length - 1
    const [turned, armed, leaned] = [facing[i] as number, arms[i] as number, trunk[i] as number]
    const end = isLast
      ? changeInstant(to, { height: phase.to.height })
      : faceAt(
          task,
          changeInstant(phase.to, {
            heading: faceAsFeetAllow(phase.to, mix(from.heading, to.heading, turned)) ?? phase.to.heading,
            pelvisTilt: mix(from.pelvisTilt, to.pelvisTilt, leaned),
            trunk: {
              pitch: mix(from.trunk.pitch, to.trunk.pitch, leaned),
              roll: mix(from.trunk.roll, to.trunk.roll, leaned),
              yaw: mix(from.trunk.yaw, to.trunk.yaw, leaned),
            },
            arms: {
              left: mixArm(from.arms.left, to.arms.left, () => armed),
              right: mixArm(from.arms.right, to.arms.right, () => armed),
            },
            height: Math.min(from.height, to.height),
          }),
          turned,
        )
    const followed = { ...phase, from: before, to: end }
    before = end
    return followed
  })
}

/** The pelvis of a key stance in between, as near to its facing as both hips allow. */
function faceAt({ body, from, to, held }: Task, instant: Instant, turned: number): Instant {
  const off = mix(from.pelvis - from.heading, to.pelvis - to.heading, turned)
  const wanted = instant.heading + off
  const pelvis = remember(
    body,
    instant,
    held,
    wanted,
    () => standFacing(body, instant, held, wanted)?.instant.pelvis ?? wanted,
  )
  return changeInstant(instant, { pelvis })
}
const remember = rememberInstants<number>()

/** Where something is left for the end (facing, arms after the waist), a phase of its own for it. */
function withSettle({ choices, from, to }: Task, phases: readonly Phase[]): Phase[] {
  const last = phases.at(-1) as Phase
  const turns = choices.turnWith === 'end' && Math.abs(to.heading - from.heading) > 1e-6
  const armsLast = choices.arms === 'waist' && !sameArms(from, to)
  if (last.kind === 'settle' || !(turns || armsLast)) return [...phases]
  return [...phases, makePhase('settle', null, [last.to, last.to], choices.order)]
}

const sameArms = (a: Instant, b: Instant): boolean => JSON.stringify(a.arms) === JSON.stringify(b.arms)

function readProgress({ choices }: Task, phases: readonly Phase[]): Progress {
  const last = phases.length - 1
  const weight = findWeightPhase(phases)
  const stepwise = (at: number) => phases.map((_, i) => (i < at ? 0 : 1))
  const feet = phases.map((phase) => (phase.kind === 'turn' || phase.kind === 'reach' ? 1 : 0))
  const landing = phases.findLastIndex(({ kind }) => kind === 'touch' || kind === 'reach')
  const facing = { weight: stepwise(weight), foot: cumulate(feet) ?? stepwise(weight), end: stepwise(last) }
  const arms = { weight: stepwise(weight), foot: stepwise(landing < 0 ? weight : landing), waist: stepwise(last) }
  return { facing: facing[choices.turnWith], arms: arms[choices.arms], trunk: stepwise(weight) }
}

/** The phase with which the weight comes to the next stance; the last where none does. */
function findWeightPhase(phases: readonly Phase[]): number {
  const moved = (kinds: readonly Phase['kind'][]) =>
    phases.findLastIndex(({ kind, from, to }) => kinds.includes(kind) && from.loadLeft !== to.loadLeft)
  const commit = moved(['commit'])
  if (commit >= 0) return commit
  const shift = moved(['shift', 'empty'])
  return shift >= 0 ? shift : phases.length - 1
}

function cumulate(parts: readonly number[]): number[] | null {
  const all = parts.reduce((sum, part) => sum + part, 0)
  if (all === 0) return null
  let done = 0
  return parts.map((part) => {
    done += part
    return done / all
  })
}
