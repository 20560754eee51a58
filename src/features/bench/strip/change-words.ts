import { type Analysis, type Change, DEG, kneeLoad, SIDES, type Variant } from '@/core'
import { centimetres } from '@/ui/words/lengths'

const NAMES: Record<Change['what'], string> = {
  stepLength: 'step',
  trackWidth: 'feet',
  toeOutLeft: 'left toes',
  toeOutRight: 'right toes',
  kneeFlexion: 'knees',
  loadLeft: 'weight',
  trunkPitch: 'trunk',
  pelvisYaw: 'pelvis',
  armHeight: 'hands',
  armOpening: 'arms',
  armLeft: 'left hand',
  armRight: 'right hand',
  eyes: 'eyes',
  contactLeft: 'left foot',
  contactRight: 'right foot',
  support: 'a hand on',
  seat: '',
}

const by = (change: Change): number => Number(change.to) - Number(change.from)

const degreesBy = (change: Change, more: string, less: string): string =>
  `${Math.round(Math.abs(by(change)) / DEG)}° ${by(change) > 0 ? more : less}`

/** One change as a teacher says it: "step 9 cm shorter". */
export function sayChange(change: Change): string {
  const name = NAMES[change.what]
  switch (change.what) {
    case 'stepLength':
      return `${name} ${centimetres(Math.abs(by(change)))} ${by(change) > 0 ? 'longer' : 'shorter'}`
    case 'trackWidth':
      return `${name} ${centimetres(Math.abs(by(change)))} ${by(change) > 0 ? 'wider' : 'closer'}`
    case 'toeOutLeft':
    case 'toeOutRight':
      return `${name} ${degreesBy(change, 'further out', 'less out')}`
    case 'kneeFlexion':
      return `${name} ${degreesBy(change, 'deeper', 'straighter')}`
    case 'loadLeft': {
      const toLeft = by(change) > 0
      return `${Math.round(Math.abs(by(change)) * 100)} % more weight on the ${toLeft ? 'left' : 'right'}`
    }
    case 'trunkPitch':
      return `${name} ${degreesBy(change, 'further forward', 'further back')}`
    case 'pelvisYaw':
      return `${name} turned ${degreesBy(change, 'to the left', 'to the right')}`
    case 'armHeight':
    case 'armLeft':
    case 'armRight':
      return `${name} ${by(change) > 0 ? 'higher' : 'lower'}`
    case 'armOpening':
      return `${name} ${by(change) > 0 ? 'more open' : 'closer in'}`
    case 'contactLeft':
    case 'contactRight':
      return `${name}: ${CONTACTS[String(change.to)] ?? change.to}`
    case 'support':
      return `${name} ${change.to}`
    case 'eyes':
      return `${name} ${change.to}`
    case 'seat':
      return 'seated'
  }
}

const CONTACTS: Record<string, string> = { 'toe-touch': 'toes on the floor', whole: 'whole foot down' }

const LEAST_BEND = 2 * DEG
const LEAST_LOAD = 0.05

/** What the whole variant buys, from what to what: margin, knees, and the load on the knee that carries more. */
export function sayGain(before: Analysis, after: Analysis): string {
  const cm = (metres: number) => (metres * 100).toFixed(1)
  const [was, is] = [cm(before.assured.margin), cm(after.assured.margin)]
  const said = [was === is ? `${is} cm sure, as before` : `${was} → ${is} cm sure`]
  for (const side of SIDES) {
    const [from, to] = [before.legs[side].flexion, after.legs[side].flexion]
    if (Math.abs(to - from) >= LEAST_BEND)
      said.push(`${side} knee ${Math.round(from / DEG)}° → ${Math.round(to / DEG)}°`)
  }
  const load = (a: Analysis) => Math.max(kneeLoad(a.legs.left), kneeLoad(a.legs.right))
  const change = load(after) / Math.max(1, load(before)) - 1
  if (Math.abs(change) >= LEAST_LOAD)
    said.push(`knee load ${change < 0 ? '−' : '+'}${Math.abs(Math.round(change * 100))} %`)
  return said.join(', ')
}

export const KIND_NAMES: Record<Variant['kind'], string> = {
  nearest: 'Nearest',
  steadiest: 'Steadiest',
  kindest: 'Kindest to the knee',
  help: 'With a hand',
  fallback: 'Steadiest found',
  seated: 'Seated',
}
