import type { Body } from '../body/body'
import { mix } from '../geometry/vector'
import { changeInstant, type Held, type Instant } from './instant'
import { joinRolls, landOnBall } from './join-rolls'
import { instantAt, type Phase } from './phase'
import { tryInstant } from './posing'
import { SINKING } from './step-limits'

type Way = { body: Body; from: Instant; to: Instant; held: Held }

/**
 * Hips at key stances on the line by time between the two stances, or as much lower as a leg's reach needs. From the
 * end of emptying to first contact they do not rise above what the next key stance needs.
 */
export function setHeights(
  { body, from, to, held }: Way,
  wanted: readonly Phase[],
  seconds: readonly number[],
): Phase[] {
  const phases = [...wanted]
  const all = seconds.reduce((sum, one) => sum + one, 0)
  const keys: { phase: number; contact: boolean; height: number; swings: boolean }[] = []
  let at = 0
  phases.forEach((phase, i) => {
    const own = seconds[i] as number
    const levelAt = (t: number) => mix(from.height, to.height, all > 0 ? (at + t * own) / all : 1)
    const reachAt = (of: Phase, t: number) => {
      const instant = changeInstant(instantAt(of, t, body.footLength), { height: levelAt(t) })
      return tryInstant(body, instant, held)?.height
    }
    const put = (t: number, contact: boolean) => {
      const of = phases[i] as Phase
      const isLast = i === phases.length - 1 && t === 1
      const height = isLast ? to.height : (reachAt(of, t) ?? levelAt(t))
      keys.push({ phase: i, contact, height, swings: isSwinging(of, t) })
    }
    if (phase.kind === 'touch') {
      // Where neither heel nor whole foot comes to its place without sinking further than a step may, its ball does.
      const onBall = landOnBall(body, phase)
      const met = onBall === phase ? levelAt(0.5) : reachAt(phase, 0.5)
      if (met === undefined || met < levelAt(0.5) - (phase.lands?.contact === 'heel' ? 2 : 1) * SINKING)
        phases[i] = onBall
      put(0.5, true)
    }
    put(1, false)
    at += own
  })
  for (let i = keys.length - 2; i >= 0; i--) {
    const [key, next] = [keys[i], keys[i + 1]] as [(typeof keys)[number], (typeof keys)[number]]
    if (key.swings) key.height = Math.min(key.height, next.height)
  }
  // Where a standing ankle cannot follow as low, the phases on both sides begin and end as high as it can.
  for (const key of keys.slice(0, -1)) {
    const phase = phases[key.phase] as Phase
    const instant = instantAt(phase, key.contact ? 0.5 : 1, body.footLength)
    key.height = tryInstant(body, changeInstant(instant, { height: key.height }), held)?.height ?? key.height
  }
  let before = from
  const set = phases.map((phase, i) => {
    const contact = keys.find((key) => key.phase === i && key.contact)?.height
    const end = (keys.find((key) => key.phase === i && !key.contact) as (typeof keys)[number]).height
    const one = {
      ...phase,
      from: before,
      to: changeInstant(phase.to, { height: end }),
      heightAtContact: contact,
    }
    before = one.to
    return one
  })
  return joinRolls(body, set, held)
}

/** From the end of emptying to first contact: what comes next decides how high the hips may be. */
const isSwinging = ({ kind, to, foot }: Phase, t: number): boolean =>
  t === 1 &&
  (kind === 'lift' || kind === 'reach' || (kind === 'empty' && foot !== null && to.feet[foot].contact !== 'air'))
