import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { calcSupportingBase } from '../balance/base'
import { resolveBody } from '../body/body'
import { bySide, DEG, directionVector, otherSide, SIDES, type Side } from '../conventions'
import { calcInside } from '../geometry/inside'
import { calcOverlap } from '../geometry/polygon'
import { gap, plus } from '../geometry/vector'
import type { Choices } from '../postures/choices'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '../postures/schools'
import { BALL_AT, FOOT_OUTLINE, layOnFloor, placeFoot } from '../stance/foot'
import { placeAt } from '../stance/placed'
import { doesTurnMeet } from './feet-meet'
import { changeFoot, changeInstant, type FootInstant, footingInRoom, type Instant, instantOf, ORIGIN } from './instant'
import { makePath, type RoutinePart } from './path'
import { instantAt, makePhase } from './phase'
import { comparePlans, findPlan, findPlanByTrying } from './plan'
import { listPhases, type Task } from './script'
import { CLEARANCE } from './step-limits'

const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 60 })
const HELD = { frame: 'upright', eyes: 'open', floor: { slope: 0, downhill: 0 }, supports: [] } as const

const part = (school: SchoolId, posture: string, side: Side, anchor?: Side): RoutinePart => ({
  stance: buildPosture(postureOf(posture), body, school, side),
  heading: 0,
  seconds: 8,
  hold: 0,
  breath: 'free',
  choices: SCHOOLS[school].choices,
  anchor,
})

/** What is asked of the planner on the way between two postures. */
function taskOf(school: SchoolId, from: string, to: string, anchor: Side): Task {
  const path = makePath(body, [part(school, from, 'left'), part(school, to, 'left', anchor)], 2)
  const [a, b] = path.parts.map(({ stance, analysis }) => instantOf(body, stance, analysis?.pose.pelvis[2] ?? 0))
  if (!a || !b) throw new Error(`${from} or ${to} cannot be stood`)
  return { body, from: a, to: b, choices: SCHOOLS[school].choices, clearance: CLEARANCE, held: HELD, sits: 0 }
}

describe('a plan', () => {
  it.each(SCHOOL_IDS)('of the %s is the cheapest of all that there are, though most are never looked at', (school) => {
    let planned = 0
    for (const [from, to, anchor] of [
      ['parallel', 'bow', 'right'],
      ['bow', 'parallel', 'right'],
      ['bow', 'empty-heel', 'right'],
      ['empty-ball', 'bow', 'right'],
      ['half-facing', 'bow', 'left'],
      ['parallel', 'back-step', 'left'],
    ] as const) {
      const task = taskOf(school, from, to, anchor)
      const [found, tried] = [findPlan(task), findPlanByTrying(task, 5)]
      // With more actions than were tried there may be a cheaper one, never a dearer.
      if (!tried) continue
      planned++
      if (!found) throw new Error(`${from} to ${to}: nothing was found`)
      const by = comparePlans(found, tried)
      expect(found.actions.length > 5 ? by <= 0 : by === 0, `${from} to ${to}: ${found.said} / ${tried.said}`).toBe(
        true,
      )
    }
    expect(planned).toBeGreaterThan(3)
  })
})

describe('a full foot that turns', () => {
  /** From a bow on the left foot to another place, the left foot turning on the way; how much is on it then. */
  const loadsOf = (heavyFoot: Choices['heavyFoot'], to: string, heading: number) => {
    const choices = { ...SCHOOLS.therapeutic.choices, heavyFoot }
    const [a, b] = [part('therapeutic', 'bow', 'left'), part('therapeutic', to, 'left', 'left')]
    const path = makePath(body, [a, { ...b, heading: heading * DEG, choices }], 2)
    const { phases, plan } = path.transitions[0]?.made?.transition ?? { phases: [], plan: null }
    const loads = phases.filter(({ kind, foot }) => kind === 'turn' && foot === 'left').map(({ from }) => from.loadLeft)
    return { loads, twist: plan?.cost[3], evens: plan?.actions.filter((action) => action.do === 'even').length }
  }

  it('is emptied first, or has half on it: what is taught is not counted as turned under load', () => {
    expect(loadsOf('empty', 'bow', 45)).toEqual({ loads: [0], twist: 0, evens: 0 })
    expect(loadsOf('even', 'horse', 20)).toEqual({ loads: [0.5], twist: 0, evens: 1 })
  })

  it('is evened out for a turn alone', () => {
    expect(loadsOf('even', 'bow', 0)).toEqual({ loads: [], twist: 0, evens: 0 })
  })
})

describe('a light foot that turns in its place', () => {
  it.each(['heel', 'ball'] as const)('about its %s, which stays where it was', (lightFoot) => {
    const choices = { ...SCHOOLS['long-upright'].choices, lightFoot }
    const [a, b] = [part('long-upright', 'bow', 'left'), part('long-upright', 'bow', 'left', 'left')]
    const path = makePath(body, [a, { ...b, heading: 45 * DEG, choices }], 2)
    const [turn] = path.transitions[0]?.made?.transition.phases.filter(({ kind }) => kind === 'turn') ?? []
    if (!turn) throw new Error('nothing turns')
    const place = ({ feet: { left } }: Instant, along: number) =>
      plus(left.heel, directionVector(left.yaw), along * body.footLength)
    const [still, round] = lightFoot === 'heel' ? [0, BALL_AT] : [BALL_AT, 0]
    expect(turn).toMatchObject({ foot: 'left', about: lightFoot, from: { loadLeft: 0 } })
    expect(gap(place(turn.from, still), place(turn.to, still))).toBeCloseTo(0, 9)
    // A chord of the turn: what goes round.
    const by = Math.abs(turn.to.feet.left.yaw - turn.from.feet.left.yaw)
    expect(gap(place(turn.from, round), place(turn.to, round))).toBeCloseTo(
      2 * Math.sin(by / 2) * BALL_AT * body.footLength,
      9,
    )
  })
})

describe('sitting back over the foot that carries', () => {
  const task = (sits: number): Task => ({ ...taskOf('long-upright', 'parallel', 'side-step', 'right'), sits })
  const standOn = (sits: number, side: Side): Instant => {
    const [empty] = listPhases(task(sits), task(sits).from, { do: 'shift', to: side }, null)
    if (!empty) throw new Error('no weight moves')
    return empty.to
  }

  it('goes as far back as keeps the reserve for one foot, no farther, and not at all where nothing asks for it', () => {
    for (const side of SIDES) {
      const pressed = [0, 0.5, 1].map((sits) => standOn(sits, side).feet[side].pressureAt)
      expect(pressed[0]).toBe(task(0).from.feet[side].pressureAt)
      expect(pressed).toEqual(pressed.toSorted((a, b) => b - a))
      const inside = (instant: Instant) => {
        const footing = footingInRoom(body, instant, HELD)
        const base = calcSupportingBase(footing)?.map(([x, y]) => ({ x, y })) ?? []
        return calcInside(base, footing.centre[0], footing.centre[1])
      }
      const back = standOn(1, side)
      expect(inside(back)).toBeGreaterThanOrEqual(body.swayReserveOneFoot - 1e-9)
      const foot = back.feet[side]
      const farther = changeInstant(back, {
        feet: { ...back.feet, [side]: changeFoot(foot, { pressureAt: foot.pressureAt - 0.06 }) },
      })
      expect(inside(farther)).toBeLessThan(body.swayReserveOneFoot)
    }
  })

  it('is the same on either foot', () => {
    expect(standOn(1, 'left').feet.left.pressureAt).toBeCloseTo(standOn(1, 'right').feet.right.pressureAt, 9)
  })
})

describe('a foot that turns in its place', () => {
  const foot = (x: number, y: number, yaw: number): FootInstant => ({
    heel: [x, y],
    yaw: yaw * DEG,
    contact: 'whole',
    pressureAt: 0.45,
    clearance: 0,
    lift: 0,
    rolls: 0,
  })
  const lay = (side: Side, { heel, yaw }: FootInstant) => {
    const toeOut = side === 'left' ? yaw : -yaw
    const set = { heel, toeOut, contact: 'air', pressureAt: 0.45, clearance: 0, lift: 0 } as const
    return layOnFloor(placeFoot(body, side, set), FOOT_OUTLINE)
  }
  const stance = instantOf(body, placeAt(part('therapeutic', 'parallel', 'left').stance, ORIGIN), 0.85)

  it('meets the other one just where their outlines do on the way, looked at a quarter of a degree at a time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIDES),
        fc.double({ min: -0.35, max: 0.35, noNaN: true }),
        fc.double({ min: -0.35, max: 0.35, noNaN: true }),
        fc.integer({ min: -90, max: 90 }),
        fc.integer({ min: -90, max: 90 }),
        (side, x, y, yaw, by) => {
          const other = otherSide(side)
          const [turning, still] = [foot(0, 0, 0), foot(x, y, yaw)]
          // Where it begins on the other one there is nothing to ask.
          fc.pre(by !== 0 && calcOverlap(lay(side, turning), lay(other, still)) < 1e-4)
          const feet = { [side]: turning, [other]: still } as Instant['feet']
          const from = changeInstant(stance, { feet, loadLeft: side === 'left' ? 0.1 : 0.9 })
          const to = changeInstant(from, { feet: { ...feet, [side]: changeFoot(turning, { yaw: by * DEG }) } })
          const phase = makePhase('turn', side, [from, to], 'together', { about: 'heel' })
          const steps = Math.max(2, Math.abs(by) * 4)
          const shared = Array.from({ length: steps - 1 }, (_, i) => {
            const instant = instantAt(phase, (i + 1) / steps, body.footLength)
            return calcOverlap(lay(side, instant.feet[side]), lay(other, still))
          })
          const most = Math.max(0, ...shared)
          // Between two looks the toes go on by a centimetre: that much may be overlooked.
          if (most > 6e-4) expect(doesTurnMeet(body, phase)).toBe(true)
          if (most <= 1e-4) expect(doesTurnMeet(body, phase)).toBe(false)
        },
      ),
      { numRuns: 150 },
    )
  })

  it('never meets one that is in the air', () => {
    const feet = { left: foot(0, 0, 0), right: changeFoot(foot(0.02, 0.02, 0), { contact: 'air', clearance: 0.1 }) }
    const from = changeInstant(stance, { feet, loadLeft: 1 })
    const to = changeInstant(from, { feet: { ...feet, left: changeFoot(feet.left, { yaw: 40 * DEG }) } })
    expect(doesTurnMeet(body, makePhase('turn', 'left', [from, to], 'together', { about: 'heel' }))).toBe(false)
  })
})

describe('what is changed of a instant', () => {
  it('is changed to nothing, too, and nothing else is', () => {
    const { stance } = part('long-upright', 'bow', 'left')
    const instant = instantOf(body, placeAt(stance, { x: 1, y: 2, heading: 0.3 }), 0.8)
    const still = changeInstant(instant, { heading: 0, loadLeft: 0, pelvisTilt: 0 })
    expect(still).toEqual({ ...instant, heading: 0, loadLeft: 0, pelvisTilt: 0 })
    const flat = changeFoot(instant.feet.left, { yaw: 0, lift: 0, clearance: 0, pressureAt: 0 })
    expect(flat).toEqual({ ...instant.feet.left, yaw: 0, lift: 0, clearance: 0, pressureAt: 0 })
    expect(changeInstant(instant, {})).toEqual(instant)
  })

  it('a stance that is placed is the same stance, there', () => {
    for (const posture of ['bow', 'seated', 'one-leg'] as const) {
      const { stance } = part('therapeutic', posture, 'left')
      const at = { x: -1, y: 0.5, heading: 2 }
      expect(placeAt(stance, at)).toEqual({ ...stance, at })
      expect(bySide((side) => placeAt(stance, at).feet[side])).toEqual(stance.feet)
    }
  })
})
