import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { DEG, type Side } from '../conventions'
import { type ChoicesSet, chooseOver } from '../postures/choices'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '../postures/schools'
import type { Stance } from '../stance/stance'
import { instantOf } from './instant'
import { verdictOfTransition } from './judge-path'
import { findNearerSteps } from './nearer-step'
import { makePath, type RoutinePart } from './path'
import { comparePlans, findPlan, findPlanByTrying } from './plan'
import { findSaferWays } from './safer'
import { CLEARANCE } from './step-limits'
import { walkWay } from './way-change'

/** The middling body of 60. */
const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 60 })

type Set = {
  anchor?: Side
  heading?: number
  seconds?: number
  choices?: ChoicesSet
  school?: SchoolId
  change?: (stance: Stance) => Stance
}

function part(posture: string, side: Side, set: Set = {}): RoutinePart {
  const { anchor, heading = 0, seconds = 8, choices, school = 'long-upright', change = (stance) => stance } = set
  return {
    stance: change(buildPosture(postureOf(posture), body, school, side)),
    heading: heading * DEG,
    seconds,
    hold: 0,
    breath: 'free',
    choices: chooseOver(SCHOOLS[school].choices, choices),
    anchor,
  }
}

/** The phases of a way, each with its foot, and which foot carries most in it: l, r, or = while both do. */
function walk(from: RoutinePart, to: RoutinePart): string {
  const [transition] = makePath(body, [from, to], 20).transitions
  const made = transition?.made
  if (!made) return `${transition?.error?.accepts.code}`
  return made.transition.phases
    .map(({ kind, foot, about, samples }) => {
      const share = samples[10]?.stance.loadLeft ?? 0.5
      const carries = share > 0.95 ? 'l' : share < 0.05 ? 'r' : '='
      return `${kind}${foot ? ` ${foot[0]}` : ''}${about ? ` ${about}` : ''} ${carries}`
    })
    .join(', ')
}

/** The heels this much nearer each other. */
const narrow = (by: number) => (stance: Stance) => {
  const { left, right } = stance.feet
  return {
    ...stance,
    feet: {
      left: { ...left, heel: [left.heel[0] + by / 2, left.heel[1]] as const },
      right: { ...right, heel: [right.heel[0] - by / 2, right.heel[1]] as const },
    },
  }
}
/** The left foot ahead and to the right of the other one. */
const crossing = (stance: Stance) => {
  const { left, right } = stance.feet
  const heel = [right.heel[0] + 0.12, left.heel[1] + 0.34] as const
  return { ...stance, feet: { ...stance.feet, left: { ...left, heel } } }
}
const load = (loadLeft: number) => (stance: Stance) => ({ ...stance, loadLeft })

describe('a way is planned with no case of its own', () => {
  it.each<[string, RoutinePart, RoutinePart, string]>([
    ['weight to a side', part('parallel', 'left'), part('parallel', 'left', { change: load(0.85) }), 'shift l ='],
    ['back over the rear leg', part('bow', 'left'), part('bow', 'left', { change: load(0.3) }), 'shift r ='],
    [
      'opening the feet',
      part('parallel', 'left', { change: narrow(0.08) }),
      part('parallel', 'left', { anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'closing them',
      part('parallel', 'left'),
      part('parallel', 'left', { anchor: 'right', change: narrow(0.08) }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'into a bow: the foot that stays turns out before, empty',
      part('parallel', 'left', { school: 'therapeutic' }),
      part('bow', 'left', { school: 'therapeutic', anchor: 'right', change: narrow(0.12) }),
      'empty r =, turn r heel l, empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'into one so wide that a leg would not reach from a foot turned out: that foot is set anew at last',
      part('parallel', 'left'),
      part('bow', 'left', { anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, empty r =, lift r l, reach r l, touch r l, commit r =',
    ],
    [
      'bow to bow ahead, the other front foot, feet parallel',
      part('bow', 'left', { school: 'small-inclined' }),
      part('bow', 'right', {
        school: 'small-inclined',
        anchor: 'left',
        change: (s) => ({ ...s, feet: { ...s.feet, left: { ...s.feet.left, toeOut: 0 } } }),
      }),
      'empty r l, lift r l, reach r l, touch r l, commit r =',
    ],
    [
      'side step',
      part('parallel', 'left'),
      part('side-step', 'left', { anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'back step',
      part('parallel', 'left'),
      part('back-step', 'left', { anchor: 'left' }),
      'empty r =, lift r l, reach r l, touch r l, commit r =',
    ],
    [
      'follow step',
      part('bow', 'left'),
      part('follow-step', 'left', { anchor: 'left' }),
      'empty r =, lift r l, reach r l, touch r l, commit r =',
    ],
    [
      'rise to one leg',
      part('parallel', 'left'),
      part('one-leg', 'left', { anchor: 'right' }),
      'empty r =, turn r heel l, empty l =, lift l r, reach l r, settle r',
    ],
    [
      'empty to bow, the light foot steps on',
      part('empty-ball', 'left', { school: 'therapeutic' }),
      part('bow', 'left', { school: 'therapeutic', anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'bow to empty, the front foot drawn back',
      part('bow', 'left', { school: 'therapeutic' }),
      part('empty-ball', 'left', { school: 'therapeutic', anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'half a step back: the front foot stays behind',
      part('bow', 'left', { school: 'therapeutic' }),
      part('follow-step', 'left', { school: 'therapeutic', anchor: 'left' }),
      'empty r =, lift r l, reach r l, touch r l, commit r =',
    ],
    [
      'side step back to parallel',
      part('side-step', 'left'),
      part('parallel', 'left', { anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'cross step to a corner, over the line of the foot that stands',
      part('parallel', 'left', { school: 'therapeutic' }),
      part('parallel', 'left', { school: 'therapeutic', anchor: 'right', change: crossing }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'drop: the standing foot turns out first, empty, then the other goes far out',
      part('parallel', 'left', { school: 'therapeutic' }),
      part('drop', 'left', { school: 'therapeutic', anchor: 'right', change: narrow(0.06) }),
      'empty r =, turn r heel l, empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'and rise from it into a bow',
      part('drop', 'left', { school: 'therapeutic' }),
      part('bow', 'left', { school: 'therapeutic', anchor: 'right' }),
      'empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'a kick set down, then the standing foot turns, empty',
      part('heel-kick', 'left', { school: 'therapeutic' }),
      part('bow', 'left', { school: 'therapeutic', anchor: 'right' }),
      'reach l r, touch l r, empty r =, turn r heel l, shift r =',
    ],
    [
      'wide stance to bow, a quarter turn: the rear foot turns, empty; the front foot steps in',
      part('horse', 'left', { school: 'therapeutic', change: narrow(0.12) }),
      part('bow', 'left', { school: 'therapeutic', anchor: 'right', heading: 90 }),
      'empty r =, turn r heel l, empty l =, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'and back to the wide stance: the front foot out again, then the rear foot turns, empty',
      part('bow', 'left', { school: 'therapeutic' }),
      part('horse', 'left', { school: 'therapeutic', anchor: 'right', heading: -90, change: narrow(0.12) }),
      'empty l =, lift l r, reach l r, touch l r, empty r =, turn r heel l, shift r =',
    ],
    [
      'a tap in the middle of a back step',
      part('back-step', 'left', { school: 'therapeutic', change: narrow(0.1) }),
      part('back-step', 'right', {
        school: 'therapeutic',
        anchor: 'right',
        choices: { middle: 'touch' },
        change: narrow(0.1),
      }),
      'empty r =, turn r heel l, empty l =, lift l r, reach l r, touch l r, lift l r, reach l r, touch l r, commit l =',
    ],
    [
      'a turn in place, feet set',
      part('parallel', 'left'),
      part('parallel', 'left', { change: (s) => ({ ...s, pelvisYaw: 20 * DEG }) }),
      'settle =',
    ],
  ])('%s', (_, from, to, phases) => {
    expect(walk(from, to)).toBe(phases)
  })

  it.each([45, 90, 135, 180, -90, -180])('bow to bow turning by %i°, with either foot in front', (heading) => {
    for (const side of ['left', 'right'] as const) {
      const path = makePath(body, [part('bow', 'left'), part('bow', side, { heading, seconds: 16 })], 20)
      const [transition] = path.transitions
      expect(transition?.error, `${heading} ${side}`).toBeNull()
      const last = transition?.made?.transition.phases.at(-1)?.samples.at(-1)
      // The sign of the heading, as it is written, says which way it goes.
      expect((last?.stance.at?.heading ?? 0) / DEG).toBeCloseTo(heading, 6)
    }
  })

  it('there and back again, for drops, kicks, light and turned-in feet', () => {
    for (const posture of ['drop', 'heel-kick', 'empty-ball', 'empty-heel', 'toed-in'] as const) {
      const path = makePath(
        body,
        [
          part('parallel', 'left', { school: 'therapeutic' }),
          part(posture, 'left', { school: 'therapeutic', seconds: 10 }),
          part('parallel', 'left', { school: 'therapeutic', seconds: 10 }),
        ],
        20,
      )
      for (const { made, error, to } of path.transitions)
        expect([posture, to, made !== null || error?.accepts.code]).toEqual([posture, to, true])
    }
  })

  it('no foot turns through the other one: the foot that is in the way steps first', () => {
    const half = (school: SchoolId) => [
      part('ward-off', 'left', { school, heading: -90, choices: { stepScale: 0.5 } }),
      part('parallel', 'left', { school, heading: 0, seconds: 14 }),
    ]
    for (const school of SCHOOL_IDS) {
      const path = makePath(body, [part('bow', 'right', { school, heading: -90 }), ...half(school)], 20)
      expect(path.transitions.map(({ error }) => error?.accepts ?? null)).toEqual([null, null])
    }
  })

  it('sits back over the standing foot where the other could not get so far out, and nowhere else', () => {
    const [near, far] = (['side-step', 'horse'] as const).map((to) =>
      makePath(body, [part('parallel', 'left'), part(to, 'left', { anchor: 'right' })], 20),
    )
    const pressedAt = (path: typeof near) =>
      path?.transitions[0]?.made?.transition.phases.find(({ kind }) => kind === 'reach')?.from.feet.right.pressureAt
    expect(near?.transitions[0]?.made?.transition.plan.sits).toBe(0)
    expect(far?.transitions[0]?.made?.transition.plan.sits).toBeGreaterThan(0)
    expect(pressedAt(far)).toBeLessThan((pressedAt(near) ?? 0) - 0.02)
    expect(far?.verdict).toBe('close')
  })

  it('a hand lets go of a chair that it could not reach all the way, and holds on to one that it can', () => {
    const held = (at: readonly [number, number, number]) => (stance: Stance) => ({
      ...stance,
      supports: [{ kind: 'chair-back' as const, hand: 'left' as const, at, maxLoad: 0.1 }],
    })
    const supportsOf = (at: readonly [number, number, number], heading: number) => {
      const routine = [
        part('parallel', 'left', { change: held(at) }),
        part('bow', 'left', { anchor: 'right', heading, seconds: 12 }),
      ]
      const [way] = makePath(body, routine, 20).transitions
      expect(way?.error).toBeNull()
      const samples = way?.made?.transition.phases.flatMap((phase) => phase.samples) ?? []
      return new Set(samples.map(({ stance }) => stance.supports.length))
    }
    expect(supportsOf([-0.35, 0.25, 0.9], 0)).toEqual(new Set([1]))
    expect(supportsOf([-0.4, -0.15, 0.9], -90)).toEqual(new Set([0]))
  })

  it('what is offered with a hand on a chair has it there all along, or is not offered', () => {
    const stiff = resolveBody({
      stature: 1.84,
      mass: 91,
      sex: 'male',
      age: 81,
      limits: { left: { dorsiflexionMax: 20 * DEG }, right: { dorsiflexionMax: 20 * DEG } },
    })
    let offered = 0
    for (const [who, from, to, heading] of [
      [body, 'bow', 'bow', 90],
      [stiff, 'parallel', 'bow', 0],
      [stiff, 'bow', 'bow', -90],
    ] as const) {
      const [before, next] = [part(from, 'left'), part(to, 'left', { heading, seconds: 12 })]
      const { ways } = findSaferWays(who, { before, parts: [next] }, null)
      for (const { changes, way } of ways) {
        if (!changes.some(({ what }) => what === 'hand')) continue
        offered++
        const held = walkWay(who, way, 6).transitions.flatMap(({ made }) =>
          (made?.transition.phases ?? []).flatMap(({ samples }) => samples.map(({ stance }) => stance.supports.length)),
        )
        expect(new Set(held), `${from} to ${to}, ${heading}`).toEqual(new Set([1]))
      }
    }
    expect(offered).toBeGreaterThan(1)
  })

  it('a step that no leg reaches says how far it could go on its line: that far it is a way, a little farther none', () => {
    const wide = part('horse', 'left', { anchor: 'right', change: narrow(-0.1) })
    const routine = [part('parallel', 'left'), wide]
    const [found] = findNearerSteps(makePath(body, routine, 20), routine).transitions
    expect(found?.error?.field).toBe('parts.1')
    const { code, foot, longestM, wishedM } = found?.error?.accepts ?? { code: 'none' }
    expect({ code, foot }).toEqual({ code: 'nearerStep', foot: 'left' })
    const { left, right } = wide.stance.feet
    expect(wishedM).toBeCloseTo(right.heel[0] - left.heel[0], 9)
    const errorAt = (length: number) =>
      makePath(
        body,
        [routine[0] as RoutinePart, { ...wide, stance: narrow(Number(wishedM) - length)(wide.stance) }],
        20,
      ).transitions[0]?.error ?? null
    expect(errorAt(Number(longestM))).toBeNull()
    expect(errorAt(Number(longestM) + 0.02)).not.toBeNull()
  })

  it('is the cheapest of all that one can do in a few actions', () => {
    for (const [from, to, heading, anchor] of [
      ['parallel', 'bow', 0, 'right'],
      ['bow', 'empty-ball', 0, 'right'],
      ['parallel', 'side-step', 0, 'right'],
      ['bow', 'bow', 45, 'left'],
    ] as const) {
      const path = makePath(body, [part(from, 'left'), part(to, 'left', { heading, anchor })], 20)
      const [a, b] = path.parts.map(({ stance, analysis }) => instantOf(body, stance, analysis?.pose.pelvis[2] ?? 0))
      if (!a || !b) throw new Error('a part that cannot be stood')
      const held = { frame: 'upright', eyes: 'open', floor: { slope: 0, downhill: 0 }, supports: [] } as const
      const { choices } = SCHOOLS['long-upright']
      const task = { body, from: a, to: b, choices, clearance: CLEARANCE, held, sits: 0 }
      const [found, tried] = [findPlan(task), findPlanByTrying(task, 5)]
      if (!found || !tried) throw new Error(`${from} to ${to}: no plan`)
      expect(comparePlans(found, tried), `${from} to ${to}: ${found.said} against ${tried.said}`).toBe(0)
    }
  })
})

describe('the steps of the library', () => {
  it.each(SCHOOL_IDS)('of the %s can be taken empty at their own heights', (school) => {
    for (const [from, side, to, own, anchor] of [
      ['parallel', 'left', 'bow', 'left', 'right'],
      ['bow', 'left', 'bow', 'right', 'left'],
      ['parallel', 'left', 'back-step', 'left', 'left'],
      ['back-step', 'left', 'back-step', 'right', 'right'],
      ['parallel', 'left', 'side-step', 'left', 'right'],
    ] as const) {
      const path = makePath(body, [part(from, side, { school }), part(to, own, { school, anchor })], 20)
      const step = path.transitions[0]?.made?.readings.emptyStep
      const legs = path.parts[1]?.analysis?.legs
      if (!step || !legs) throw new Error(`${from} to ${to}: no step`)
      expect(step.passes, `${from} to ${to}: ${step.wished} of ${step.longest}`).toBe(true)
      const deeper = step.standingKnee - Math.max(legs.left.flexion, legs.right.flexion)
      expect(deeper / DEG, `${from} to ${to}`).toBeLessThan(20)
    }
  })

  it('pass with half the step where they pass with all of it', () => {
    for (const to of ['bow', 'back-step'] as const) {
      for (const scale of [1, 0.5]) {
        const path = makePath(
          body,
          [
            part('parallel', 'left'),
            part(to, 'left', { anchor: to === 'bow' ? 'right' : 'left', choices: { stepScale: scale } }),
          ],
          20,
        )
        expect(path.transitions[0]?.made?.readings.emptyStep?.passes, `${to} ${scale}`).toBe(true)
      }
    }
  })
})

describe('what is wrong with a way', () => {
  const codes = (routine: RoutinePart[], who = body, at = -1): string[] =>
    (makePath(who, routine, 20).transitions.at(at)?.made?.findings ?? []).map(({ code }) => code)
  const bow = part('bow', 'left', { anchor: 'right' })

  it('a step that is too long is a fall, with the longest that is none and the knee that it would take', () => {
    const long = part('bow', 'left', { anchor: 'right', choices: { stepScale: 2 } })
    const [transition] = makePath(body, [part('parallel', 'left'), long], 20).transitions
    const found = transition?.made?.findings.find(({ code }) => code === 'step.falls')
    expect(found).toMatchObject({ severity: 'caution', side: 'left', part: 'foot', unit: 'm' })
    expect(found?.limit).toBeLessThan(found?.value ?? 0)
    expect(verdictOfTransition(transition as never)).not.toBe('holds')
    expect(codes([part('parallel', 'left'), bow])).not.toContain('step.falls')
  })

  it('long on one leg is told by the timed stand, and by 3 s from 60 on or of unknown age', () => {
    const slow = [part('parallel', 'left'), part('bow', 'left', { anchor: 'right', seconds: 30 })]
    const who = (more: object) => resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', ...more })
    expect(codes(slow, who({ age: 60 }))).toContain('step.single')
    expect(codes(slow, who({}))).toContain('step.single')
    expect(codes(slow, who({ age: 40 }))).not.toContain('step.single')
    expect(codes(slow, who({ age: 80, oneLegStand: { left: 60, right: 60 } }))).not.toContain('step.single')
    // On the bench an unproven stand on one leg is close; on the way its length decides.
    expect(codes([part('parallel', 'left'), part('bow', 'left', { anchor: 'right' })], who({ age: 60 }))).not.toContain(
      'balance.one-leg',
    )
  })

  it('too quick is said with what it needs, a slower count is enough', () => {
    const quick = (seconds: number) => [part('parallel', 'left'), part('bow', 'left', { anchor: 'right', seconds })]
    expect(codes(quick(1))).toContain('tempo.short')
    expect(codes(quick(16))).not.toContain('tempo.short')
  })

  it('a hurried way back is a note on the way back alone', () => {
    const shifts = (back: number) => [
      part('parallel', 'left'),
      part('parallel', 'left', { change: load(0.85), seconds: 6 }),
      part('parallel', 'left', { seconds: back }),
    ]
    expect(codes(shifts(4))).toContain('halves.uneven')
    expect(codes(shifts(5))).not.toContain('halves.uneven')
    expect(codes(shifts(4), body, 0)).not.toContain('halves.uneven')
  })

  it('hands that move alone are a note, but not where the school lets them follow the waist', () => {
    const raise = (choices?: ChoicesSet) => [
      part('parallel', 'left'),
      part('parallel', 'left', {
        ...(choices && { choices }),
        change: (s) => ({
          ...s,
          arms: { left: { ...s.arms.left, elevation: 80 * DEG }, right: { ...s.arms.right, elevation: 80 * DEG } },
        }),
      }),
    ]
    expect(codes(raise())).toContain('arms.alone')
    expect(codes(raise({ arms: 'waist' }))).not.toContain('arms.alone')
  })

  it('an order holds at every instant: a leg that may not carry cannot be stepped from', () => {
    const ordered = resolveBody({
      stature: 1.65,
      mass: 68,
      sex: 'unspecified',
      age: 60,
      limits: { loadMax: { left: 1, right: 0.6 } },
    })
    const [transition] = makePath(ordered, [part('parallel', 'left'), bow], 20).transitions
    expect(transition?.made?.findings).toContainEqual(
      expect.objectContaining({ code: 'load.limit', severity: 'hard', side: 'right' }),
    )
    expect(transition?.made?.readings.loadMax.right).toBe(1)
  })
})
