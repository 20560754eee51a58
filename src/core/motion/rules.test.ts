import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/documents/routine-document'
import { resolveBody } from '../body/body'
import type { SideLimits } from '../body/person'
import { DEG } from '../conventions'
import { calcTrack } from '../stance/layout'
import type { Feature } from '../stance/stance'
import { makePath } from './path'
import type { Turn } from './readings'
import { MOTION_RULES } from './rules'

const body = resolveBody({ stature: 1.65, mass: 68, sex: 'unspecified', age: 60 })

type Set = { from?: string; heels?: 'roll' | 'stay'; heavyFoot?: 'empty' | 'heel' }

/** From a stance (parallel) into a posture, turned by so many degrees, one foot staying. */
function walk(
  posture: string,
  headingDeg: number,
  anchor: 'left' | 'right',
  { from = 'parallel', ...choices }: Set = {},
) {
  const parts = [
    { posture: from, side: 'left' as const },
    { posture, side: 'left' as const, headingDeg, anchor, seconds: 12 },
  ]
  const routine = toRoutine({ school: 'therapeutic', parts, choices }, body)
  const [transition] = makePath(body, routine, 10, 'verdicts').transitions
  const made = transition?.made
  if (!made || !routine[1]) throw new Error(`no way into ${posture}`)
  const stood = made.transition.phases.flatMap(({ samples }) => samples)
  const find = (code: string) => made.findings.find((finding) => finding.code === code)
  return { made, stood, find, part: routine[1] }
}

describe('what a way shows, by its instants', () => {
  it('bobbing: how far the hips go down and up again, besides what the stances differ by', () => {
    const { stood, find } = walk('parallel', 90, 'right', { heels: 'stay' })
    const heights = stood.map(({ instant }) => instant.height)
    const ends = Math.abs((heights.at(-1) as number) - (heights[0] as number))
    expect(find('step.bob')?.value).toBeCloseTo(Math.max(...heights) - Math.min(...heights) - ends, 9)
    expect(walk('parallel', 0, 'right').find('step.bob')).toBeUndefined()
  })

  it('a step that lands nearer the middle than half the hips are wide', () => {
    const { stood, find } = walk('heels-together', 0, 'left')
    const track = calcTrack((stood.at(-1) as (typeof stood)[number]).stance)
    expect(track).toBeLessThan(body.hipSeparation / 2)
    expect(find('step.crosses')).toMatchObject({ side: 'right', value: track })
    expect(walk('side-step', 0, 'right').find('step.crosses')).toBeUndefined()
  })

  it('a step over the line of the other foot, unless that width is what the posture is for', () => {
    const { made, part } = walk('heels-together', 0, 'left')
    const { transition, readings } = made
    const crossing = (keeps: Feature[]) => {
      const phases = transition.phases.map((phase) => ({
        ...phase,
        samples: phase.samples.map((stood) => {
          const { left, right } = stood.stance.feet
          return { ...stood, stance: { ...stood.stance, keeps, feet: { left: right, right: left } } }
        }),
      }))
      return MOTION_RULES.find(({ code }) => code === 'step.crosses')?.find({
        ...{ body, transition: { ...transition, phases }, readings },
        ...{ choices: part.choices, breath: part.breath, wayOutS: null },
      })
    }
    expect(crossing([])?.value).toBeLessThan(0)
    expect(crossing(['width'])).toBeNull()
  })

  it('toes against each other under both: the most of any instant', () => {
    const { stood, find } = walk('horse', 90, 'left')
    const inward = stood
      .filter(({ instant: { loadLeft } }) => Math.min(loadLeft, 1 - loadLeft) >= 0.05)
      .map(({ instant: { feet } }) => feet.right.yaw - feet.left.yaw)
    expect(find('turn.toes-in')?.value).toBeCloseTo(Math.max(...inward), 9)
    expect(walk('bow', 0, 'right').find('turn.toes-in')).toBeUndefined()
  })

  it('a turn wider than a hip goes: the knee that drifts for it, and whose', () => {
    const { stood, find } = walk('parallel', 90, 'right')
    const drifts = stood.flatMap(({ legs }) =>
      (['left', 'right'] as const).map((side) => ({ side, drift: legs[side].share >= 0.2 ? legs[side].drift : 0 })),
    )
    const [most] = drifts.sort((a, b) => Math.abs(b.drift) - Math.abs(a.drift))
    expect(find('turn.wide')).toMatchObject({ side: most?.side, value: Math.abs(most?.drift ?? 0) })
    expect(walk('parallel', 0, 'left').find('turn.wide')).toBeUndefined()
  })

  it('a half of a breath that is much shorter than the other, and by how much; never where one breathes freely', () => {
    const { made, part } = walk('bow', 0, 'right')
    const find = (breath: 'in-out' | 'free', gatherS: number, giveS: number) =>
      MOTION_RULES.find(({ code }) => code === 'halves.uneven')?.find({
        ...{ body, transition: made.transition, readings: { ...made.readings, gatherS, giveS } },
        ...{ choices: part.choices, breath, wayOutS: null },
      })
    expect(find('in-out', 6, 3)).toMatchObject({
      value: 0.5,
      says: { aspect: 'giving', by: { value: 3, unit: 's' } },
    })
    expect(find('in-out', 3, 6)?.says).toMatchObject({ aspect: 'gathering' })
    expect(find('in-out', 5, 4)).toBeNull()
    expect(find('free', 6, 3)).toBeNull()
  })

  it('a foot that is set again, and a rear foot that is dragged round with all that it carries', () => {
    const { made, find } = walk('one-leg', 90, 'left')
    const set = made.transition.plan.actions.flatMap((one) =>
      one.do === 'turn' || one.do === 'step' ? [one.foot] : [],
    )
    expect(find('foot.again')?.value).toBe(set.length - new Set(set).size)
    const drawn = walk('parallel', 0, 'right', { from: 'bow', heavyFoot: 'heel' })
    expect(drawn.find('foot.dragged')).toMatchObject({ side: 'right', value: 0.4, severity: 'caution' })
    const straight = walk('bow', 0, 'right')
    expect([straight.find('foot.again'), straight.find('foot.dragged')]).toEqual([undefined, undefined])
  })

  it('a turn under load: on the ball, pressed forward, or more than 45° at once; on the heel and little it may be', () => {
    const { made, part } = walk('bow', 0, 'right')
    const rule = MOTION_RULES.find(({ code }) => code === 'turn.loaded')
    const turned = (turn: Partial<Turn>, of = body) => {
      const own: Turn = {
        phase: 0,
        foot: 'left',
        angle: 30 * DEG,
        about: 'heel',
        load: 0.7,
        pressedRight: true,
        ...turn,
      }
      const readings = { ...made.readings, turns: [own] }
      const { transition } = made
      return rule?.find({ body: of, transition, readings, choices: part.choices, breath: part.breath, wayOutS: null })
    }
    expect(turned({})).toBeNull()
    expect(turned({ about: 'ball' })).toMatchObject({ side: 'left', value: 0.7, says: { aspect: 'ball' } })
    expect(turned({ pressedRight: false })).toMatchObject({ says: { aspect: 'forward' } })
    expect(turned({ angle: 60 * DEG, load: 0.3 })).toMatchObject({ value: 0.3, says: { aspect: 'far' } })
    expect(turned({ about: 'ball', load: 0.4 })).toBeNull()
    expect(turned({ about: 'ball' })?.severity).toBe('caution')
    const careful = (side: 'left' | 'right') =>
      resolveBody({ ...body.person, limits: { [side]: { loadedTurnMax: 0 } } })
    expect(turned({ about: 'ball' }, careful('left'))?.severity).toBe('hard')
    expect(turned({ about: 'ball' }, careful('right'))?.severity).toBe('caution')
  })

  it('the turn that is at fault, where it is: not the first of that foot', () => {
    const { made, part } = walk('bow', 0, 'right')
    const { transition, readings } = made
    for (const { phase, foot } of readings.turns) expect(transition.phases[phase]).toMatchObject({ kind: 'turn', foot })
    expect(readings.turns.length).toBeGreaterThan(0)
    const of = (code: string, turns: Turn[]) =>
      MOTION_RULES.find((rule) => rule.code === code)?.find({
        ...{ body, transition, readings: { ...readings, turns } },
        ...{ choices: part.choices, breath: part.breath, wayOutS: null },
      })
    const fine: Turn = { phase: 1, foot: 'right', angle: 20 * DEG, about: 'heel', load: 0, pressedRight: true }
    const bad: Turn = { ...fine, phase: 4, about: 'ball', load: 0.7 }
    expect(of('turn.loaded', [fine, bad])?.phase).toBe(4)
    expect(of('foot.dragged', [fine, bad])?.phase).toBe(4)
  })

  it('toes in are graver with an order against an inward turn, and with no other', () => {
    const { made, part } = walk('horse', 90, 'left')
    const { transition, readings } = made
    const gravity = (limits: SideLimits) =>
      MOTION_RULES.find(({ code }) => code === 'turn.toes-in')?.find({
        ...{ body: resolveBody({ ...body.person, limits: { right: limits } }), transition, readings },
        ...{ choices: part.choices, breath: part.breath, wayOutS: null },
      })?.severity
    expect(gravity({})).toBe('note')
    expect(gravity({ hipOutwardMax: 60 * DEG, hipOutwardOrdered: true })).toBe('note')
    expect(gravity({ hipInwardMax: 10 * DEG, hipInwardOrdered: true })).toBe('hard')
  })
})
