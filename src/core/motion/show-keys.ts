import { CARRIES } from '../balance/legs'
import type { Body } from '../body/body'
import { SIDES } from '../conventions'
import type { Finding } from '../limits/finding'
import { faceAsFeetAllow, standFacing } from './facing'
import { doesTurnMeet } from './feet-meet'
import { changeFoot, changeInstant, type Held, type Instant, withFoot } from './instant'
import { landOnBall } from './join-rolls'
import { instantAt, type Phase } from './phase'
import { rememberInstants } from './pose-memory'
import { ROLLING_SHARE, stayFlat } from './rolling'
import { mayRoll, type Task } from './script'
import { BOB_NOTE, LANDS_MOST, SINKING } from './step-limits'

/** What breaks, what is cautioned, and by how much one sinks more than is hardly noticed: metres. */
export type Shown = { hard: readonly string[]; cautions: readonly string[]; sinks: number }

/**
 * What the key stances of an action show, the ends of its phases and a foot that has just left the floor; null where one
 * of them cannot be stood, or a foot would turn through the other.
 */
export function showKeys(task: Task, phases: readonly Phase[]): Shown | null {
  const hard: string[] = []
  const cautions: string[] = []
  let sinks = 0
  for (const phase of phases) {
    if (doesTurnMeet(task.body, phase)) return null
    const leaves = phase.kind === 'lift' ? [instantAt(phase, 0, task.body.footLength)] : []
    // What turns about its heel lies flat for it, though it was emptied with its heel up.
    if (phase.kind === 'turn' && phase.about === 'heel') leaves.push(phase.from)
    leaves.push(...listRollingShares(phase))
    for (const instant of [...leaves, phase.to]) {
      const shown = showEasiest(task, instant, phase)
      if (!shown) return null
      hard.push(...shown.hard)
      cautions.push(...shown.cautions)
      sinks = Math.max(sinks, shown.sinks)
    }
  }
  return { hard, cautions, sinks }
}

/**
 * What a key stance shows with its light foot flat; where that breaks something, or cannot be stood at all, with it
 * rolled, or landed on its ball.
 */
function showEasiest(task: Task, end: Instant, phase: Phase): Shown | null {
  let best = showKey(task, stayFlat(end))
  for (const other of listRolled(task, end, phase)) {
    if (best && countShown(best) === 0) break
    const shown = showKey(task, other)
    if (shown && (!best || countShown(shown) < countShown(best))) best = shown
  }
  return best
}

/** Where each foot that rolls is whole for the last or the first time. */
function listRollingShares({ from, to }: Phase): Instant[] {
  if (from.loadLeft === to.loadLeft) return []
  const rolling = SIDES.filter((side) => (from.feet[side].rolls === 0) !== (to.feet[side].rolls === 0))
  return rolling.map((side) =>
    stayFlat(changeInstant(to, { loadLeft: side === 'left' ? ROLLING_SHARE : 1 - ROLLING_SHARE })),
  )
}

/** One thing that may not be outweighs all that is only a caution, a caution any sinking. */
const countShown = ({ hard, cautions, sinks }: Shown): number =>
  100 * hard.length + cautions.length + Math.min(sinks, 0.5)

/** A key stance with its light foot rolled as far as it asks; at the end of a swing as it comes to its ball. */
function listRolled({ body, choices }: Task, end: Instant, phase: Phase): Instant[] {
  const { foot, to } = phase
  // What leaves the floor or comes to it rolled is so in the air, too.
  if (foot && end.feet[foot].contact === 'air')
    return mayRoll(choices) ? [withFoot(end, foot, changeFoot(end.feet[foot], { lift: LANDS_MOST }))] : []
  if (SIDES.every((side) => end.feet[side].rolls === 0)) return []
  return end === to ? [end, landOnBall(body, phase).to] : [end]
}

const LEG_PARTS: ReadonlySet<string> = new Set(['knee', 'hip', 'ankle'])

/** What a key stance shows on the way, its pelvis as the hips allow; null where it cannot be stood. */
function showKey({ body, from, to, held }: Task, end: Instant): Shown | null {
  const heading = faceAsFeetAllow(end, from.heading)
  if (heading === null) return null
  const instant = changeInstant(end, { heading, height: Math.min(from.height, to.height) })
  return remember(body, instant, held, from.pelvis, () => showFacing(body, instant, held, from.pelvis))
}
const remember = rememberInstants<Shown | null>()

function showFacing(body: Body, instant: Instant, held: Held, pelvis: number): Shown | null {
  const stood = standFacing(body, instant, held, pelvis)
  if (!stood) return null
  // How a leg that carries little is bent is no matter of the way.
  const isLight = ({ side, part }: Finding) => side && LEG_PARTS.has(part) && stood.legs[side].share < CARRIES
  const list = (severity: string) =>
    stood.findings
      .filter(
        (one) =>
          one.severity === severity && one.code !== 'balance.one-leg' && !(severity === 'caution' && isLight(one)),
      )
      .map(({ code, side, part }) => `${code} ${side} ${part}`)
  const sinks = Math.max(0, instant.height - stood.instant.height - SINKING - BOB_NOTE)
  return { hard: list('hard'), cautions: list('caution'), sinks }
}
