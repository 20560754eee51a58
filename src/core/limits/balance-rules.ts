import { findCauses } from '../balance/balance'
import type { EdgeCause } from '../balance/cause'
import { INPUT_SD } from '../balance/uncertainty'
import { HIP_ABOVE_SEAT, OLDER_FROM_AGE } from '../body/body'
import { type Footing, shareOf } from '../stance/footing'
import { calcTrack } from '../stance/layout'
import type { Says, StanceRule } from './rule'
import { isHeldEnough } from './supports'

const outside: StanceRule = {
  id: 'balance.outside',
  code: 'balance.outside',
  find: ({ footing, balance }) => {
    const { nearest } = balance
    if (!(nearest < 0)) return null
    const cause = findCauses(footing, balance).nearest
    return {
      severity: 'hard',
      side: null,
      part: 'balance',
      value: nearest,
      limit: 0,
      unit: 'm',
      cause,
      says: sayCause(footing, cause),
    }
  },
}

const reserveRule: StanceRule = {
  id: 'balance.reserve',
  code: 'balance.reserve',
  house: ['swayReserve', 'oneFootReserveFactor', 'eyesClosedReserveFactor'],
  find: ({ footing, balance }) => {
    const { nearest, reserve } = balance
    const { margin } = balance.assured
    if (!(margin < reserve)) return null
    const severity = margin < 0 ? 'hard' : 'caution'
    const cause = findCauses(footing, balance).assured
    const says =
      cause.kind === 'order'
        ? sayCause(footing, cause)
        : { aspect: nearest < 0 ? 'passed' : margin < 0 ? 'unsure' : 'short', edge: cause.kind }
    return { severity, side: null, part: 'balance', value: margin, limit: reserve, unit: 'm', cause, says }
  },
}

/** Where an order ends the base: the ordered share beside the one that is carried, and how well that is known. */
function sayCause({ body, stance }: Footing, cause: EdgeCause): Says {
  if (cause.kind !== 'order') return { aspect: 'edge' }
  const { side } = cause
  const measured = stance.loadMeasured ? 'weighed' : 'felt'
  return {
    aspect: 'order',
    leg: side,
    ordered: { value: body.loadMax[side], unit: 'share' },
    carried: { value: shareOf(stance, side), unit: 'share' },
    measured,
    give: { value: stance.loadMeasured ? INPUT_SD.shareWeighed : INPUT_SD.shareFelt, unit: 'points' },
  }
}

/** Under this age a stand on one leg need not have been timed. */
const PROVEN_S = 10

const oneLeg: StanceRule = {
  id: 'balance.one-leg',
  code: 'balance.one-leg',
  find: ({ footing: { stance, body, feet } }) => {
    const standing = feet.left.part === null ? 'right' : feet.right.part === null ? 'left' : null
    const { age = OLDER_FROM_AGE, oneLegStand } = body.person
    if (standing === null || stance.seat || stance.supports.length > 0 || age < OLDER_FROM_AGE) return null
    const held = oneLegStand?.[standing]
    if (held !== undefined && held >= PROVEN_S) return null
    const aspect = body.loadMax[standing] < 1 ? 'forbidden' : held === undefined ? 'untimed' : 'timed'
    const says = { aspect, leg: standing }
    return { severity: 'caution', side: null, part: 'balance', value: held ?? 0, limit: PROVEN_S, unit: 's', says }
  },
}

const eyes: StanceRule = {
  id: 'eyes.closed',
  code: 'eyes.closed',
  house: ['eyesClosedReserveFactor'],
  limits: ['eyesOpen'],
  find: ({ footing: { stance, body }, balance: { reserve } }) => {
    if (stance.eyes !== 'closed') return null
    const ordered = body.person.limits?.eyesOpen === true
    const says = { aspect: ordered ? 'ordered' : 'usual' }
    return {
      severity: ordered ? 'hard' : 'note',
      side: null,
      part: 'balance',
      value: reserve,
      limit: reserve,
      unit: 'm',
      says,
    }
  },
}

const support: StanceRule = {
  id: 'support.needed',
  code: 'support.needed',
  limits: ['support'],
  find: ({ footing: { stance, body } }) => {
    const needed = body.person.limits?.support
    if (!needed || stance.seat || isHeldEnough(needed, stance.supports)) return null
    return {
      severity: 'hard',
      side: null,
      part: 'balance',
      value: 0,
      limit: 1,
      unit: 'share',
      says: { support: needed },
    }
  },
}

const seated: StanceRule = {
  id: 'support.needed/seat',
  code: 'support.needed',
  limits: ['seatedOnly'],
  find: ({ footing: { stance, body } }) => {
    if (!body.person.limits?.seatedOnly || stance.seat) return null
    return { severity: 'hard', side: null, part: 'balance', value: 0, limit: 1, unit: 'share' }
  },
}

const rise: StanceRule = {
  id: 'rise.limit',
  code: 'rise.limit',
  limits: ['riseFrom'],
  find: ({ footing: { stance, body }, legs }) => {
    const from = body.person.limits?.riseFrom
    if (from === undefined || stance.seat) return null
    const value = Math.min(legs.left.hipHeight, legs.right.hipHeight)
    const limit = from + HIP_ABOVE_SEAT * body.stature
    if (!(value < limit - 1e-9)) return null
    return {
      severity: 'caution',
      side: null,
      part: 'balance',
      value,
      limit,
      unit: 'm',
      says: { from: { value: from, unit: 'm' } },
    }
  },
}

const narrow: StanceRule = {
  id: 'foot.narrow',
  code: 'foot.narrow',
  find: ({ footing: { stance, body, feet, loadLeft } }) => {
    const bothLoaded = feet.left.part && feet.right.part && loadLeft > 0 && loadLeft < 1
    const width = calcTrack(stance)
    const limit = body.hipSeparation / 2
    if (!bothLoaded || stance.seat || !(width < limit)) return null
    return {
      severity: 'note',
      side: null,
      part: 'feet',
      value: width,
      limit,
      unit: 'm',
      says: { aspect: width < 0 ? 'crossed' : 'near' },
    }
  },
}

export const BALANCE_RULES: readonly StanceRule[] = [outside, reserveRule, oneLeg]
export const AROUND_RULES: readonly StanceRule[] = [eyes, seated, support, rise, narrow]
