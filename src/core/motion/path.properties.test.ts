import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fromStance } from '@/documents/from-core'
import { stanceBody } from '@/documents/stance-document'
import { toStance } from '@/documents/to-core'
import { anyWalk } from '@/testing/walks'
import { analyse } from '../analysis'
import type { Body } from '../body/body'
import { type BySide, directionVector, otherSide, SIDES, type Vec2, type Vec3 } from '../conventions'
import { calcOverlap } from '../geometry/polygon'
import { gap, plus } from '../geometry/vector'
import { assemble, type JointName } from '../pose/pose'
import { BALL_AT, FOOT_OUTLINE, layOnFloor, type PlacedFoot } from '../stance/foot'
import { shareOf } from '../stance/footing'
import { mirrorStance } from '../stance/mirror'
import { toRoom } from '../stance/placed'
import type { Placement } from '../stance/stance'
import { verdictOf } from './judge-path'
import { makePath, type Path, type RoutinePart } from './path'
import type { Stood } from './posing'
import { ROLLING_SHARE } from './rolling'
import { settleAgain } from './settled-again.test-helper'
import type { TimedPhase } from './transition'

const SAMPLES = 20
const FLAT = fc.sample(anyWalk, { numRuns: 80, seed: 20261126 })
/** Every third with heels that come up behind the weight. */
const WALKS = FLAT.map(({ body, routine }, i) => ({
  body,
  routine: routine.map((part) =>
    i % 3 === 0 ? { ...part, choices: { ...part.choices, heels: 'roll' as const } } : part,
  ),
}))
const PATHS = WALKS.map(({ body, routine }) => makePath(body, routine, SAMPLES))

const ankleGap = ({ left, right }: BySide<PlacedFoot>): number =>
  Math.hypot(left.ankleX - right.ankleX, left.ankleY - right.ankleY)

const phasesOf = (path: Path): TimedPhase[] => path.transitions.flatMap(({ made }) => made?.transition.phases ?? [])

type Joints = Record<JointName, Vec3>

/** The joints of an instant in the room. */
function jointsOf(body: Body, stood: Stood): Joints {
  const { joints } = assemble(settleAgain(body, stood))
  return inRoom(joints, stood.stance.at as Placement)
}

const feetOf = (body: Body, stood: Stood) => settleAgain(body, stood).footing.feet

const inRoom = (joints: Joints, at: Placement): Joints =>
  Object.fromEntries(Object.entries(joints).map(([name, [x, y, z]]) => [name, [...toRoom(at, [x, y]), z]])) as never

const apart = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])
/** The joints that are not where they were, with how far. */
const listMoved = (a: Joints, b: Joints): string[] =>
  (Object.keys(a) as JointName[]).flatMap((name) => {
    const by = apart(a[name], b[name])
    return by < 1e-3 ? [] : [`${name} ${by.toFixed(4)}`]
  })

const holds = (check: (path: Path) => void) => {
  for (const path of PATHS) check(path)
}

const readingsOf = ({ transitions, verdict }: Path) => ({
  verdict,
  ways: transitions.map(({ made, error }) =>
    made
      ? {
          kinds: made.transition.phases.map(({ kind }) => kind),
          read: made.readings,
          found: made.findings.map(({ code }) => code),
        }
      : error?.accepts.code,
  ),
})

/** Where two answers differ by more than dust, or than the millimetre to which a longest step is sought. */
function listDifferent(a: unknown, b: unknown, path = ''): string[] {
  if (typeof a === 'number' && typeof b === 'number')
    return Math.abs(a - b) < 2e-3 * Math.max(1, Math.abs(a)) ? [] : [`${path} ${a} ${b}`]
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null)
    return a === b ? [] : [`${path} ${a} ${b}`]
  // Two instants may be equally near the edge.
  const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])].filter((key) => key !== 'leastMarginAt')
  return keys.flatMap((key) => listDifferent(a[key as never], b[key as never], `${path}.${key}`))
}

describe('every instant of a path', () => {
  it('is a stance of its own, whose numbers are those of its analysis', () => {
    holds((path) => {
      for (const { samples } of phasesOf(path)) {
        for (const stood of [samples[7], samples[10], samples[SAMPLES]] as Stood[]) {
          const document = fromStance(stood.stance)
          expect(
            stanceBody.safeParse(document).error?.issues.map(({ path, message }) => `${path.join('.')} ${message}`),
          ).toBeUndefined()
          const { pose, margins, assured, reserve } = analyse(path.body, toStance(document), {
            standing: null,
            withoutFreeTurn: true,
          })
          const { balance, centre } = stood
          expect(gap(pose.centre, centre)).toBeLessThan(1e-5)
          expect(Math.abs(pose.pelvis[2] - stood.instant.height)).toBeLessThan(1e-5)
          expect(margins.usable.nearest).toBeCloseTo(balance.nearest, 6)
          expect([assured.margin, reserve]).toEqual([
            expect.closeTo(balance.assured.margin, 6),
            expect.closeTo(balance.reserve, 6),
          ])
        }
      }
    })
  })

  it('has no sole under the floor, no foot in the other, and a verdict', () => {
    holds((path) => {
      for (const { samples, kind, foot } of phasesOf(path)) {
        for (const stood of samples) {
          const feet = feetOf(path.body, stood)
          for (const side of SIDES) expect(Math.min(feet[side].heelZ, feet[side].toeZ)).toBeGreaterThan(-1e-9)
          expect(['holds', 'close', 'beyond']).toContain(verdictOf(stood))
          const low = SIDES.every((side) => Math.min(feet[side].heelZ, feet[side].toeZ) < 0.05)
          if (low) {
            const [a, b] = SIDES.map((side) => layOnFloor(feet[side], FOOT_OUTLINE)) as [Vec2[], Vec2[]]
            expect(calcOverlap(a, b)).toBeLessThan(1.01e-4)
          }
          if (kind !== 'reach' || !foot) continue
          // Where the feet stand nearer than that, they leave or come no nearer.
          const ends = [samples[0], samples.at(-1)].map((end) => ankleGap(feetOf(path.body, end as Stood)))
          expect(ankleGap(feet)).toBeGreaterThan(Math.min(0.05, ...ends) - 1e-9)
        }
      }
    })
  })
})

describe('from instant to instant', () => {
  it('nothing jumps on a way that breaks no limit', () => {
    holds((path) => {
      for (const { made } of path.transitions) {
        if (!made || made.findings.some(({ severity }) => severity === 'hard')) continue
        for (const { samples, kind, order } of made.transition.phases) {
          const count = samples.length - 1
          const joints = samples.map((stood) => jointsOf(path.body, stood))
          for (const name of Object.keys(joints[0] as Joints) as JointName[]) {
            // Where all the weight moves in half a phase, a nearly straight knee seeks its foot faster than this.
            if (order !== 'together' && name.endsWith('Knee')) continue
            const steps = joints.slice(1).map((now, i) => apart(now[name], (joints[i] as Joints)[name]))
            const way = steps.reduce((sum, step) => sum + step, 0)
            expect(Math.max(...steps), `${kind} ${name}`).toBeLessThan(
              (5 / count) * way + (name.endsWith('Knee') ? 0.006 : 0.003),
            )
          }
        }
      }
    })
  })

  it('no share jumps', () => {
    holds((path) => {
      for (const { samples } of phasesOf(path)) {
        const shares = samples.map(({ stance }) => stance.loadLeft)
        const steps = shares.slice(1).map((share, i) => Math.abs(share - (shares[i] as number)))
        const all = Math.abs((shares.at(-1) as number) - (shares[0] as number))
        expect(Math.max(...steps)).toBeLessThanOrEqual((5 / steps.length) * all + 1e-9)
      }
    })
  })

  it('one phase begins where the one before ended; the first and the last are the stances themselves', () => {
    holds((path) => {
      for (const { made, from, to } of path.transitions) {
        const phases = made?.transition.phases ?? []
        for (const [i, { samples }] of phases.entries()) {
          const before = phases[i - 1]?.samples.at(-1)
          if (before)
            expect(
              listMoved(jointsOf(path.body, before), jointsOf(path.body, samples[0] as Stood)),
              `${phases[i - 1]?.kind} ${phases[i]?.kind}`,
            ).toEqual([])
        }
        const ends = [
          [phases[0]?.samples[0], path.parts[from]],
          [phases.at(-1)?.samples.at(-1), path.parts[to]],
        ] as const
        for (const [stood, part] of ends) {
          if (!stood || !part?.analysis) continue
          const own = inRoom(part.analysis.pose.joints, part.stance.at as Placement)
          expect(listMoved(jointsOf(path.body, stood), own), stood === ends[0][0] ? 'first' : 'last').toEqual([])
        }
      }
    })
  })

  it('no foot on the floor slides, and none changes its contact or its place under load', () => {
    holds((path) => {
      for (const { samples, kind, foot, about } of phasesOf(path)) {
        const point = ({ instant }: Stood, side: 'left' | 'right'): Vec2 => {
          const { heel, yaw } = instant.feet[side]
          return kind === 'turn' && side === foot && about === 'ball'
            ? plus(heel, directionVector(yaw), BALL_AT * path.body.footLength)
            : heel
        }
        for (const side of SIDES) {
          for (let i = 1; i < samples.length; i++) {
            const [was, is] = [samples[i - 1], samples[i]] as [Stood, Stood]
            const [before, now] = [was.instant.feet[side], is.instant.feet[side]]
            const onFloor = before.contact !== 'air' && now.contact !== 'air'
            if (onFloor) expect(gap(point(was, side), point(is, side)), `${kind} ${side}`).toBeLessThan(1e-4)
            const share = Math.max(shareOf(was.stance, side), shareOf(is.stance, side))
            if (before.contact === now.contact && before.lift === now.lift) continue
            // What carries changes how it meets the floor only by rolling: light, and flat where that begins.
            expect(share, `${kind} ${side}`).toBeLessThanOrEqual(ROLLING_SHARE + 5 / SAMPLES)
            if (share > 0) expect(['empty', 'commit', 'shift'], `${side}`).toContain(kind)
          }
        }
      }
    })
  })
})

describe('a path', () => {
  it('has ways for most of what is asked, and says of the rest that there is none', () => {
    const all = PATHS.flatMap(({ transitions }) => transitions)
    const made = all.filter((one) => one.made)
    expect(made.length).toBeGreaterThan(0.5 * all.length)
    for (const { made: ok, error } of all) expect([ok === null, error === null]).toContainEqual(true)
  })

  it('is the same wherever it stands and however it is turned', () => {
    const turned = WALKS.slice(0, 20).map(({ body, routine }) =>
      makePath(
        body,
        routine.map((part, i) => ({ ...part, heading: part.heading + 2.1, ...(i === 0 && { at: { x: 3, y: -2 } }) })),
        SAMPLES,
      ),
    )
    turned.forEach((path, i) => {
      expect(listDifferent(readingsOf(path), readingsOf(PATHS[i] as Path)), `${i}`).toEqual([])
    })
  })

  it('is mirrored by mirroring its routine', () => {
    WALKS.forEach(({ body, routine }, i) => {
      const [a, b] = [PATHS[i] as Path, makePath(body, routine.map(mirrorPart), SAMPLES)]
      expect(b.verdict).toBe(a.verdict)
      a.transitions.forEach(({ made }, k) => {
        const other = b.transitions[k]?.made
        expect(other?.transition.phases.map(({ kind }) => kind)).toEqual(
          made?.transition.phases.map(({ kind }) => kind),
        )
        if (!made || !other) return
        expect(other.readings.leastMargin).toBeCloseTo(made.readings.leastMargin, 5)
        expect(other.readings.bob).toBeCloseTo(made.readings.bob, 5)
        expect(other.readings.kneeNms.left).toBeCloseTo(made.readings.kneeNms.right, 2)
        expect(other.readings.emptyStep?.longest ?? -1).toBeCloseTo(made.readings.emptyStep?.longest ?? -1, 2)
      })
    })
  })

  it('has readings that can be worked out again from its instants', () => {
    holds((path) => {
      for (const { made } of path.transitions) {
        if (!made) continue
        const { phases } = made.transition
        const all = phases.flatMap(({ samples }) => samples)
        const spare = all.map(({ balance }) => balance.assured.margin - balance.reserve)
        expect(made.readings.leastMargin).toBe(Math.min(...spare))
        const heights = all.map(({ instant }) => instant.height)
        const asked = Math.abs((heights.at(-1) as number) - (heights[0] as number))
        expect(made.readings.bob).toBeCloseTo(Math.max(...heights) - Math.min(...heights) - asked, 9)
        expect(made.readings.gatherS + made.readings.giveS).toBeCloseTo(
          phases.reduce((sum, { seconds }) => sum + seconds, 0),
          9,
        )
        for (const side of SIDES)
          expect(made.readings.loadMax[side]).toBe(Math.max(...all.map(({ stance }) => shareOf(stance, side))))
      }
    })
  })
})

const mirrorPart = (part: RoutinePart): RoutinePart => ({
  ...part,
  heading: -part.heading,
  anchor: part.anchor && otherSide(part.anchor),
  stance: mirrorStance(part.stance),
})
