import type { Body } from '../body/body'
import { type Contact, type Stance, withContact } from '../stance/stance'
import { meetDemands } from './demands'
import { type Leeway, type Lever, type LeverId, listLevers, SHARE_REACH, type Start } from './levers'
import { listAllowedShares } from './meaning'
import type { Weighed } from './weigh'

/** A stance to search from: the original with what the person's limits demand, its light foot set down or not. */
export type Ground = {
  start: Start
  levers: Lever[]
  /** What getting here counts. */
  cost: number
  weighed: Map<string, Weighed>
}

/**
 * Where a search begins, the least changed first: every demand is met, with either hand where one is asked for; the
 * light foot as it is, then set down one step at a time (air, toe-touch, whole). `only`: no other levers, and no foot set
 * down.
 */
export function listGrounds(start: Start, leeway: Leeway, only?: readonly LeverId[]): Ground[] {
  const { body, stance, light } = start
  const { contact } = stance.feet[light]
  return (only ? [contact] : listContacts(contact)).flatMap((set, step) => {
    const from = step === 0 ? stance : setContact(stance, light, set)
    if (!hasShare(body, from, leeway)) return []
    return meetDemands(body, from).map((met): Ground => {
      const here = { ...start, stance: met }
      const levers = listLevers(here, leeway).filter(({ id }) => !only || only.includes(id))
      // A step of contact counts 1, and double because the light foot is what the posture is for.
      return { start: here, levers, cost: 2 * step, weighed: new Map() }
    })
  })
}

/** Whether the limits of load leave any share within reach: where they do not, nothing there can pass. */
function hasShare(body: Body, stance: Stance, leeway: Leeway): boolean {
  const [low, high] = listAllowedShares(body, stance, leeway.keeping ?? true)
  const held = stance.feet.left.contact === 'air' || stance.feet.right.contact === 'air'
  const reach = (held ? 0 : leeway.wide ? 1 : SHARE_REACH) + 1e-9
  return Math.max(low, stance.loadLeft - reach) <= Math.min(high, stance.loadLeft + reach)
}

function listContacts(contact: Contact): Contact[] {
  if (contact === 'air') return ['air', 'toe-touch', 'whole']
  return contact === 'whole' ? ['whole'] : [contact, 'whole']
}

const setContact = (stance: Stance, side: 'left' | 'right', contact: Contact): Stance => ({
  ...stance,
  feet: { ...stance.feet, [side]: withContact(stance.feet[side], contact) },
})
