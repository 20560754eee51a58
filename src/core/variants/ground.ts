import { type Contact, type Stance, withContact } from '../stance/stance'
import { meetDemands } from './demands'
import { type Lever, type LeverId, listLevers, type Start } from './levers'
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
 * light foot as it is, then set down one step at a time (air, toe-touch, whole). `keeping`: the levers give up nothing of
 * what the posture is for; `only`: no other levers, and no foot set down.
 */
export function listGrounds(start: Start, keeping: boolean, only?: readonly LeverId[]): Ground[] {
  const { body, stance, light } = start
  const { contact } = stance.feet[light]
  return (only ? [contact] : listContacts(contact)).flatMap((set, step) =>
    meetDemands(body, step === 0 ? stance : setContact(stance, light, set)).map((met): Ground => {
      const from = { ...start, stance: met }
      const levers = listLevers(from, keeping).filter(({ id }) => !only || only.includes(id))
      // A step of contact counts 1, and double because the light foot is what the posture is for.
      return { start: from, levers, cost: 2 * step, weighed: new Map() }
    }),
  )
}

function listContacts(contact: Contact): Contact[] {
  if (contact === 'air') return ['air', 'toe-touch', 'whole']
  return contact === 'whole' ? ['whole'] : [contact, 'whole']
}

const setContact = (stance: Stance, side: 'left' | 'right', contact: Contact): Stance => ({
  ...stance,
  feet: { ...stance.feet, [side]: withContact(stance.feet[side], contact) },
})
