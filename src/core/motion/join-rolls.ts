import type { Body } from '../body/body'
import { bySide } from '../conventions'
import { USUAL_LIFT } from '../stance/stance'
import { changeFoot, type Held, withFoot } from './instant'
import { instantAt, type Phase } from './phase'
import { tryInstant } from './posing'
import { letRoll } from './rolling'
import { LANDS_MOST } from './step-limits'

/** A touch that comes down on its ball, where its foot may roll; else the same one. */
export function landOnBall(body: Body, phase: Phase): Phase {
  const { foot, lands, to } = phase
  if (!foot || !lands || lands.contact === 'ball' || to.feet[foot].rolls === 0) return phase
  const set = changeFoot(letRoll(body, foot, to.feet[foot], 'heel'), { rolls: LANDS_MOST })
  return { ...phase, to: withFoot(to, foot, set), lands: { contact: 'ball', lift: USUAL_LIFT.ball } }
}

/**
 * A foot that turns about its heel while it is empty stays flat from where the weight left it: a heel that came up would
 * have to come down again first.
 */
export function keepFlat(phases: readonly Phase[]): Phase[] {
  const kept = [...phases]
  phases.forEach(({ kind, foot, about }, i) => {
    if (kind !== 'turn' || !foot || about !== 'heel') return
    for (let k = i - 1; k >= 0 && (kept[k] as Phase).to.feet[foot].rolls !== 0; k--) {
      const { to, ...rest } = kept[k] as Phase
      kept[k] = { ...rest, to: withFoot(to, foot, changeFoot(to.feet[foot], { rolls: 0 })) }
    }
  })
  return kept
}

/** A foot that leaves the floor with its heel up keeps it so in the air: flat, its leg might not reach from there. */
export function keepRaised(body: Body, phases: readonly Phase[], held: Held): Phase[] {
  const kept = [...phases]
  phases.forEach(({ kind, foot, from, to }, i) => {
    if (kind !== 'lift' || !foot || from.feet[foot].rolls === 0) return
    const lift = tryInstant(body, from, held)?.feet[foot].lift ?? 0
    const up = withFoot(to, foot, changeFoot(to.feet[foot], { lift }))
    kept[i] = { ...(kept[i] as Phase), to: up }
    const next = kept[i + 1]
    if (next) kept[i + 1] = { ...next, from: up }
  })
  return kept
}

/**
 * A foot leaves the floor as far rolled as it is then, comes to it as far rolled as it has to be there, and is rolled no
 * further on the way between than at that end.
 */
export function joinRolls(body: Body, phases: readonly Phase[], held: Held): Phase[] {
  const joined = [...phases]
  joined.forEach((phase, i) => {
    const { kind, foot, from, to } = phase
    if (from.loadLeft !== to.loadLeft) {
      const rolled = bySide((side) => {
        const [a, b] = [from.feet[side].rolls, to.feet[side].rolls]
        if ((a === 0) === (b === 0)) return undefined
        return tryInstant(body, a === 0 ? to : from, held)?.feet[side].lift
      })
      joined[i] = { ...phase, rolled }
    }
    if (!foot) return
    // What leaves its place, or changes in it what it stands on, does so from as far rolled as it is.
    if ((kind === 'lift' || kind === 'touch') && from.feet[foot].rolls !== 0) {
      const left = tryInstant(body, from, held)?.feet[foot]
      if (left) joined[i] = { ...phase, from: withFoot(from, foot, left) }
    }
    // What turns on its ball goes from as far rolled as it is to as far as it has to be there.
    if (kind === 'turn' && phase.about === 'ball' && from.feet[foot].rolls !== 0) {
      const [a, b] = [from, to].map((end) => tryInstant(body, end, held)?.feet[foot])
      if (a && b) joined[i] = { ...phase, from: withFoot(from, foot, a), to: withFoot(to, foot, b) }
    }
    const over = joined[i - 1]
    if (kind !== 'touch' || !phase.lands || phase.to.feet[foot].rolls === 0 || over?.kind !== 'reach') return
    const met = tryInstant(body, instantAt(phase, 0.5, body.footLength), held)?.feet[foot]
    if (!met) return
    const up = withFoot(over.to, foot, changeFoot(over.to.feet[foot], { lift: met.lift }))
    joined[i - 1] = { ...over, to: up }
    const down = tryInstant(body, phase.to, held)?.feet[foot].lift
    const rolled = { left: undefined, right: undefined, [foot]: down }
    joined[i] = { ...phase, from: up, lands: { contact: met.contact, lift: met.lift }, rolled }
  })
  return joined
}
