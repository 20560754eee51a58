import { PROPORTIONS } from '../body/body'
import { DEG } from '../conventions'
import type { Measures } from '../postures/measures'

/** A level as a teacher says it: a title of few words, and a sentence that can be spoken to a room. */
export type LevelWords = { title: string; sentence: string }

const FISTS_IN_SHOULDER = PROPORTIONS.shoulderWidth / PROPORTIONS.fist
const SOFT = 16 * DEG
const SAME = 1e-6

const COUNTS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'] as const
const count = (n: number) => COUNTS[n] ?? String(n)
const fists = (n: number) => (n === 1 ? 'a fist' : `${count(n)} fists`)

/** A track in fists and shoulders: what hands and eyes can set. */
export function sayTrack(track: number): string {
  const inFists = Math.round(track * FISTS_IN_SHOULDER)
  const over = Math.round((track - 1) * FISTS_IN_SHOULDER)
  if (over === 0) return 'a shoulder apart'
  if (over > 0) return `a shoulder and ${fists(over)} apart`
  return inFists <= 0 ? 'heels on one line' : `${fists(inFists)} apart`
}

const PARTS: readonly [number, string][] = [
  [1, 'a whole step'],
  [0.75, 'three quarters of a step'],
  [0.5, 'half a step'],
  [0.25, 'a quarter step'],
  [0, 'feet level'],
]

function sayStep(level: Measures, taught: Measures): string | null {
  if (Math.abs(taught.step) < 0.03 || taught.own.contact === 'air') return null
  const part = level.step / taught.step
  const near = PARTS.find(([value]) => Math.abs(part - value) < 0.01)
  return near ? near[1] : `${Math.round(part * 100)} % of a step`
}

const sayKnees = ({ kneeFlexion }: Measures) =>
  kneeFlexion < SOFT ? 'knees soft' : `knees to ${Math.round(kneeFlexion / DEG)}°`

/** Where the weight is: of the foot that is in front, light or raised. */
function sayWeight({ ownLoad, own, step }: Measures): string {
  if (own.contact === 'air') return 'all the weight on the standing leg'
  if (Math.abs(ownLoad - 0.5) < 0.005) return 'weight even'
  const share = Math.round(ownLoad * 100)
  return `${share} % ${step > 0.03 ? 'in front' : 'on the named foot'}`
}

const CONTACT_WORDS = {
  whole: 'the light foot flat',
  ball: 'the ball down',
  heel: 'the heel down',
  'toe-touch': 'toes down',
  air: 'the foot raised',
} as const

/** Says levels against the posture as taught, each by a title that is its own. */
export function sayLevels(levels: readonly Measures[], taught: Measures): LevelWords[] {
  const names = levels.map((level) => listNames(listChanges(level, taught), level, taught))
  return levels.map((level, i) => {
    const own = names[i] as string[]
    const others = names.filter((_, j) => j !== i)
    // What only this level changes says most; else the two changes that are seen first.
    const title = makeTitle(own)
    const isTaken = others.some((other) => makeTitle(other) === title)
    const unshared = own.find((name) => !others.some((other) => other.includes(name)))
    const [first] = own
    return {
      title: isTaken && unshared && first && unshared !== first ? makeTitle([first, unshared]) : title,
      sentence: saySentence(level, taught),
    }
  })
}

export const sayLevel = (level: Measures, taught: Measures): LevelWords => sayLevels([level], taught)[0] as LevelWords

function saySentence(level: Measures, taught: Measures): string {
  if (level.seated) return 'on a firm chair, feet flat, the same arms'
  const parts = [`feet ${level.breadths > 0 ? 'heels near each other' : sayTrack(level.track)}`]
  const step = sayStep(level, taught)
  if (step) parts.push(step)
  parts.push(sayKnees(level))
  const changed = listChanges(level, taught)
  if (changed.contact) parts.push(CONTACT_WORDS[level.own.contact])
  if (changed.weight || changed.contact) parts.push(sayWeight(level))
  if (changed.toes) parts.push(sayToes(level, taught))
  if (changed.arms) parts.push(highest(level) > HEART ? 'hands no higher than the heart' : 'hands low')
  if (changed.turn) parts.push('turn half as far')
  if (changed.lean) parts.push(Math.abs(level.trunk.pitch) < DEG ? 'upright' : 'lean half as far')
  return parts.join(', ')
}

const HEART = 45 * DEG
const highest = ({ ownArm, otherArm }: Measures) => Math.max(ownArm.elevation, otherArm.elevation)

const sayToes = ({ own, other }: Measures, taught: Measures): string =>
  Math.abs(own.toeOut - taught.own.toeOut) > SAME
    ? `toes out ${Math.round(own.toeOut / DEG)}°`
    : `rear toes out ${Math.round(other.toeOut / DEG)}°`

type Changed = Record<'step' | 'track' | 'knees' | 'contact' | 'weight' | 'toes' | 'arms' | 'turn' | 'lean', boolean>

function listChanges(level: Measures, taught: Measures): Changed {
  const differ = (a: number, b: number) => Math.abs(a - b) > SAME
  return {
    step: differ(level.step, taught.step),
    track: differ(level.track, taught.track),
    knees: differ(level.kneeFlexion, taught.kneeFlexion),
    contact: level.own.contact !== taught.own.contact,
    weight: differ(level.ownLoad, taught.ownLoad),
    toes: differ(level.other.toeOut, taught.other.toeOut) || differ(level.own.toeOut, taught.own.toeOut),
    arms:
      differ(level.ownArm.elevation, taught.ownArm.elevation) ||
      differ(level.otherArm.elevation, taught.otherArm.elevation),
    turn: differ(level.pelvisYaw, taught.pelvisYaw),
    lean: differ(level.trunk.pitch, taught.trunk.pitch),
  }
}

/** What a level changes, in words, what is seen first before the rest. */
function listNames(changed: Changed, level: Measures, taught: Measures): string[] {
  const contact = changed.contact && (level.own.contact === 'whole' ? 'Foot flat' : 'Toes down')
  const step = changed.step && capital(sayStep(level, taught) ?? '')
  const names = [
    contact,
    step,
    changed.knees && (level.kneeFlexion < SOFT ? 'Knees soft' : 'Higher'),
    changed.track && (level.track > taught.track ? 'Wider' : 'Narrower'),
    changed.weight && (Math.abs(level.ownLoad - 0.5) < 0.005 ? 'Weight even' : 'Less weight over'),
    changed.lean && 'Upright',
    changed.turn && 'Less turn',
    changed.arms && 'Hands lower',
    changed.toes && (Math.abs(level.other.toeOut) > Math.abs(taught.other.toeOut) ? 'Toes out' : 'Toes straighter'),
  ]
  return names.filter((name): name is string => typeof name === 'string' && name !== '')
}

function makeTitle([first, second]: readonly string[]): string {
  if (!first) return 'As taught'
  return second ? `${first}, ${second.charAt(0).toLowerCase()}${second.slice(1)}` : first
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1)
