import { DEG, type LevelChange, listLevelChanges, type Measures, PROPORTIONS } from '@/core'
import { sayBend, sayDegrees, sayPercent } from './figures'
import type { Words } from './language'

/** A level as a teacher says it: a title of few words, and a sentence that can be spoken to a room. */
export type LevelWords = { title: string; sentence: string }

const FISTS_IN_SHOULDER = PROPORTIONS.shoulderWidth / PROPORTIONS.fist
const SOFT = 16 * DEG
const HEART = 45 * DEG
const STEPPING = 0.03
const SAME = 1e-6
const MOST_COUNTED = 12

/** A small number as a word. */
export const sayCount = (n: number, words: Words): string =>
  n <= MOST_COUNTED ? words.say(`levels.counts.${n}`) : words.number(n)

/** A track in fists and shoulders: what hands and eyes can set. */
export function sayTrack(track: number, words: Words): string {
  const fists = (n: number) => words.say('levels.fists', { n, count: sayCount(n, words) })
  const inFists = Math.round(track * FISTS_IN_SHOULDER)
  const over = Math.round((track - 1) * FISTS_IN_SHOULDER)
  if (over === 0) return words.say('levels.track.shoulder')
  if (over > 0) return words.say('levels.track.wider', { fists: fists(over) })
  return inFists <= 0 ? words.say('levels.track.line') : words.say('levels.track.fists', { fists: fists(inFists) })
}

const PARTS: readonly [number, string][] = [
  [1, '1'],
  [0.75, '0_75'],
  [0.5, '0_5'],
  [0.25, '0_25'],
  [0, '0'],
]

function sayStep(level: Measures, taught: Measures, words: Words): string | null {
  if (Math.abs(taught.step) < STEPPING || taught.own.contact === 'air') return null
  const part = level.step / taught.step
  const near = PARTS.find(([value]) => Math.abs(part - value) < 0.01)
  return near ? words.say(`levels.steps.${near[1]}`) : words.say('levels.steps.part', { part: sayPercent(part, words) })
}

const sayKnees = ({ kneeFlexion }: Measures, words: Words) =>
  kneeFlexion < SOFT
    ? words.say('levels.knees.soft')
    : words.say('levels.knees.bent', { bend: sayBend(kneeFlexion, words) })

const isEven = ({ ownLoad }: Measures) => Math.abs(ownLoad - 0.5) < 0.005

/** Where the weight is: of the foot that is in front, light or raised. */
function sayWeight(level: Measures, words: Words): string {
  if (level.own.contact === 'air') return words.say('levels.weight.standing')
  if (isEven(level)) return words.say('levels.weight.even')
  const share = sayPercent(level.ownLoad, words)
  return words.say(`levels.weight.${level.step > STEPPING ? 'front' : 'named'}`, { share })
}

/** What somebody without a level does in a plan. */
export const sayOwnKind = (kind: 'level' | 'own' | 'seated' | 'none', words: Words): string =>
  words.say(`levels.own.${kind}`)

/** Says levels against the posture as taught, each by a title that is its own. */
export function sayLevels(levels: readonly Measures[], taught: Measures, words: Words): LevelWords[] {
  const names = levels.map((level) => listNames(level, taught, words))
  return levels.map((level, i) => {
    const own = names[i] as string[]
    const others = names.filter((_, j) => j !== i)
    // What only this level changes says most; else the two changes that are seen first.
    const title = makeTitle(own, words)
    const isTaken = others.some((other) => makeTitle(other, words) === title)
    const unshared = own.find((name) => !others.some((other) => other.includes(name)))
    const [first] = own
    return {
      title: isTaken && unshared && first && unshared !== first ? makeTitle([first, unshared], words) : title,
      sentence: saySentence(level, taught, words),
    }
  })
}

export const sayLevel = (level: Measures, taught: Measures, words: Words): LevelWords =>
  sayLevels([level], taught, words)[0] as LevelWords

function saySentence(level: Measures, taught: Measures, words: Words): string {
  if (level.seated) return words.say('levels.seated')
  const changes = listLevelChanges(level, taught)
  const has = (...wanted: LevelChange[]) => wanted.some((change) => changes.includes(change))
  const track = level.breadths > 0 ? words.say('levels.near') : sayTrack(level.track, words)
  return [
    words.say('levels.feet', { track }),
    sayStep(level, taught, words),
    sayKnees(level, words),
    has('contact') && words.say(`levels.contacts.${level.own.contact}`),
    has('weight', 'contact') && sayWeight(level, words),
    has('toes') && sayToes(level, taught, words),
    has('arms') && words.say(`levels.arms.${highest(level) > HEART ? 'heart' : 'low'}`),
    has('turn') && words.say('levels.turn'),
    has('lean') && words.say(`levels.lean.${Math.abs(level.trunk.pitch) < DEG ? 'upright' : 'half'}`),
  ]
    .filter(Boolean)
    .join(', ')
}

const highest = ({ ownArm, otherArm }: Measures) => Math.max(ownArm.elevation, otherArm.elevation)

const sayToes = ({ own, other }: Measures, taught: Measures, words: Words): string =>
  Math.abs(own.toeOut - taught.own.toeOut) > SAME
    ? words.say('levels.toes.own', { angle: sayDegrees(own.toeOut, words) })
    : words.say('levels.toes.rear', { angle: sayDegrees(other.toeOut, words) })

/** What a level changes, in words, what is seen first before the rest. */
function listNames(level: Measures, taught: Measures, words: Words): string[] {
  const way: Partial<Record<LevelChange, string>> = {
    knees: level.kneeFlexion < SOFT ? 'soft' : 'higher',
    track: level.track > taught.track ? 'wider' : 'narrower',
    weight: isEven(level) ? 'even' : 'less',
    toes: Math.abs(level.other.toeOut) > Math.abs(taught.other.toeOut) ? 'out' : 'straighter',
  }
  return listLevelChanges(level, taught)
    .map((change) => {
      const step = change === 'step' ? capital(sayStep(level, taught, words) ?? '', words) : ''
      return words.say(`levels.title.${change}`, { step, contact: level.own.contact, way: way[change] ?? '' })
    })
    .filter((name) => name !== '')
}

function makeTitle([first, second]: readonly string[], words: Words): string {
  if (!first) return words.say('levels.asTaught')
  if (!second) return first
  const rest = second.charAt(0).toLocaleLowerCase(words.language) + second.slice(1)
  return words.say('levels.two', { first, second: rest })
}

const capital = (said: string, words: Words) => said.charAt(0).toLocaleUpperCase(words.language) + said.slice(1)
