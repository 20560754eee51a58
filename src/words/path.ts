import {
  BROKEN,
  DEG,
  type Dose,
  type Footprint,
  type MotionFinding,
  type PathTransition,
  type RoomFit,
  type ShownPath,
  type ShownTransition,
  type WayMarks,
} from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { PartDocument } from '@/documents/routine-document'
import { sayAccepts } from './errors'
import { sayCentimetres, sayDegrees, sayPercent } from './figures'
import { sayFinding } from './findings'
import type { Words } from './language'
import { capital } from './lists'
import { sayPostureName } from './postures'

/** What is said of a routine that is walked: its verdict, its parts, its footprints, its room. */

const seconds = (s: number, words: Words) => words.say('figures.seconds', { n: words.number(s, 1) })
const metres = (m: number, words: Words) => words.say('figures.metres', { n: words.number(m, 1) })

export const saySeconds = (s: number, words: Words): string => seconds(s, words)
export const sayMetres = (m: number, words: Words): string => metres(m, words)

const isBroken = ({ code, severity }: MotionFinding): boolean => severity === 'hard' && BROKEN.includes(code)

/** The gravest first: what cannot be taken, what breaks an order or limit of theirs, steps that are falls, what is beyond, what is close. */
export function sayWalked(path: ShownPath | null, words: Words): string {
  if (!path) return words.say('path.verdict.waiting')
  const { transitions, parts } = path
  const count = (is: (one: ShownTransition) => boolean) => transitions.filter(is).length
  const noWay = count(({ error }) => error !== null) + (parts[0]?.error ? 1 : 0)
  const falls = count(({ findings }) => findings.some(({ code }) => code === 'step.falls'))
  const said = [
    ['noWay', noWay],
    ['broken', count(({ findings }) => findings.some(isBroken))],
    ['falls', falls],
    ['beyond', count(({ verdict }) => verdict === 'beyond')],
    ['close', count(({ verdict }) => verdict === 'close')],
  ] as const
  const [key, n] = said.find(([, n]) => n > 0) ?? ['holds', 0]
  return words.say(`path.verdict.${key}`, { n })
}

/** A part by its posture, with its side where it has one. */
export function sayPart(part: PartDocument, postures: readonly Posture[], words: Words): string {
  const posture = postures.find(({ id }) => id === (part.stance ? part.stance.posture : part.posture))
  if (!posture) return part.posture ?? words.say('path.part.own')
  const name = sayPostureName(posture, words)
  const sided = posture.sided
    ? words.say('path.part.sided', { name, side: (part.stance ?? part).side ?? 'left' })
    : name
  if (part.stance) return words.say('path.part.ownOf', { name: sided })
  const share = part.with?.loadLeftPct
  if (share === undefined || share === 50) return sided
  // What an exercise does otherwise than its posture.
  const side = share > 50 ? 'left' : 'right'
  return words.say('path.part.weight', {
    name: sided,
    share: sayPercent(Math.max(share, 100 - share) / 100, words),
    side,
  })
}

/** What a foot did to come where it is. */
export function sayPrint(print: Footprint, n: number, length: number, words: Words): string {
  const { foot, did, first, about, angle, load } = print
  if (did === 'stands') return words.say('path.print.stands', { foot })
  if (did === 'lands')
    return words.say('path.print.lands', {
      n,
      foot,
      first: first === 'toe-touch' ? 'toes' : (first ?? 'whole'),
      length: sayCentimetres(length, words),
    })
  return words.say('path.print.turns', {
    foot,
    angle: sayDegrees(Math.abs(angle), words),
    way: angle > 0 ? 'left' : 'right',
    about: about ?? 'heel',
    load: load < 0.05 ? 'empty' : sayPercent(load, words),
  })
}

/** What room a routine needs, and how many people fit. */
export function sayRoom(fit: RoomFit, room: { width: number; depth: number }, words: Words): string[] {
  const { width, depth, abreast, deep, fits, close } = fit
  const said = [words.say('path.room.needs', { width: metres(width, words), depth: metres(depth, words) })]
  if (!fits) {
    const [wide, long] = [width - room.width, depth - room.depth]
    const over = metres(Math.max(wide, long), words)
    return [...said, words.say('path.room.not', { over, way: wide > long ? 'wide' : 'long' })]
  }
  said.push(words.say('path.room.fits', { n: abreast * deep, abreast, deep }))
  if (close) said.push(words.say('path.room.close', { near: metres(Math.min(fit.beside, fit.ends), words) }))
  return said.filter(Boolean)
}

/** Nearer than this it ends where it starts. */
const NO_WAY = 0.05

/** Where a routine ends, seen from where it starts. */
export function sayDrift({ drift: { x, y, heading } }: Pick<ShownPath, 'drift'>, words: Words): string {
  const far = Math.hypot(x, y)
  if (far < NO_WAY && Math.abs(heading) < DEG) return words.say('path.room.back')
  const way = Math.abs(y) >= Math.abs(x) ? (y >= 0 ? 'ahead' : 'back') : x < 0 ? 'left' : 'right'
  const turned = Math.abs(heading) < DEG ? 'no' : sayDegrees(Math.abs(heading), words)
  return words.say('path.room.drift', { far: metres(far, words), way, turned })
}

const UNEVEN = 1.25

/** What a routine asks of each leg; and whether one works much harder. */
export function sayDose(dose: Dose, words: Words): string[] {
  const { shifts, turns, singleS, kneeNms } = dose
  const said = [
    words.say('path.dose.said', {
      shifts,
      turns,
      left: seconds(singleS.left, words),
      right: seconds(singleS.right, words),
    }),
  ]
  const [more, less] = [Math.max(kneeNms.left, kneeNms.right), Math.min(kneeNms.left, kneeNms.right)]
  if (less > 0 && more / less >= UNEVEN) {
    const side = kneeNms.left > kneeNms.right ? 'left' : 'right'
    return [...said, words.say('path.dose.uneven', { side, times: words.number(more / less, 1) })]
  }
  return more > 0 ? [...said, words.say('path.dose.even')] : said
}

/** The figures behind it. */
export const sayKneeWork = ({ kneeNms: { left, right } }: Dose, words: Words): string =>
  words.say('path.dose.knees', { left: words.number(left), right: words.number(right) })

/** What one way shows in a line: its least margin, its step against what could be taken back, or why there is none. */
export function sayStep(way: ShownTransition, words: Words): string {
  const { readings, error, findings } = way
  if (!readings && error) {
    const far = error.accepts.code === 'nearerStep' ? 'yes' : 'no'
    return words.say('path.step.none', { far, what: sayAccepts(error.accepts, words) })
  }
  if (!readings) return ''
  const { leastMargin, emptyStep } = readings
  const margin = words.say('path.step.least', {
    spare: sayCentimetres(Math.abs(leastMargin), words),
    way: leastMargin >= 0 ? 'over' : 'under',
  })
  const hard = findings.filter(({ severity, code }) => severity === 'hard' && code !== 'step.falls')
  const worst = hard.slice(0, 1).map((finding) => sayFinding(finding, words))
  if (!emptyStep) return [...worst, margin].join(' ')
  const { wished, longest, passes, tight, standingKnee, neededKnee } = emptyStep
  const test = words.say('path.step.taken', {
    passes: tight ? 'tight' : passes ? 'yes' : 'no',
    wished: sayCentimetres(wished, words),
    longest: sayCentimetres(longest, words),
  })
  const knee =
    neededKnee === null
      ? words.say('path.step.kneeNever')
      : words.say('path.step.kneeNeeds', {
          needed: sayDegrees(neededKnee, words),
          now: sayDegrees(standingKnee, words),
        })
  return [...worst, test, ...(passes ? [] : [knee]), ...readings.rolls.map((one) => sayRoll(one, words)), margin].join(
    ' ',
  )
}

type RollRead = NonNullable<ShownTransition['readings']>['rolls'][number]

/** As a teacher says it: "the right heel comes up when a quarter is left on it". */
const sayRoll = ({ foot, what, share, leaves }: RollRead, words: Words): string =>
  words.say('path.step.rolls', { side: foot, what, share: sayPercent(share, words), way: leaves ? 'up' : 'down' })

type Made = NonNullable<PathTransition['made']>

/** What a way costs: its phases, margin, knees, seconds and turns. */
export function sayCost(marks: WayMarks, made: Made | null, words: Words): string {
  if (!made) return words.say('path.trouble.noWay')
  const { transition, readings } = made
  const steps = transition.phases.map(({ kind, foot }) =>
    words.say(`path.phase.${kind}`, { foot: foot ? words.say(`body.sides.${foot}`) : 'none' }),
  )
  const safe = transition.phases.reduce((sum, { shortest }) => sum + (shortest ?? 0), 0)
  const turned = readings.turns.reduce((sum, { angle, load }) => sum + (load >= 0.05 ? Math.abs(angle) : 0), 0)
  const cost = words.say('path.schools.cost', {
    margin: sayCentimetres(Math.abs(marks.leastMargin), words),
    way: marks.leastMargin >= 0 ? 'over' : 'under',
    knee: words.say('figures.newtonMetres', { n: words.number(marks.knee) }),
    safe: seconds(safe, words),
    turned: turned > 0 ? sayDegrees(turned, words) : 'none',
  })
  return `${capital(steps.join(', '))}. ${cost}`
}

const WAY_CODES = ['transition', 'noWay', 'nearerStep']

/** Why a way cannot be taken, or a part cannot be stood. */
export function sayRefused(error: NonNullable<ShownTransition['error']>, who: string, words: Words): string {
  const ofWay = WAY_CODES.includes(error.accepts.code)
  return words.say(ofWay ? 'path.refused' : 'path.refusedPart', { who, why: sayAccepts(error.accepts, words) })
}

/** Clockwise from the front. */
const EIGHTHS = ['ahead', 'aheadRight', 'right', 'backRight', 'back', 'backLeft', 'left', 'aheadLeft']

/** Where one faces in a room, degrees counter-clockwise from its front. */
export type FacingIn = 'hours' | 'corners' | 'degrees'

export function sayFacing(headingDeg: number, facingIn: FacingIn, words: Words): string {
  const around = (((-headingDeg % 360) + 360) % 360) / 360
  if (facingIn === 'degrees') return words.say('path.facing.degrees', { n: words.number(headingDeg) })
  if (facingIn === 'hours') return words.say('path.facing.hour', { n: ((Math.round(around * 12) + 11) % 12) + 1 })
  return words.say('path.facing.corner', { at: EIGHTHS[Math.round(around * 8) % 8] as string })
}
