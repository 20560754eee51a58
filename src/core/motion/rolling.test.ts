import { describe, expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { DEG, SIDES } from '../conventions'
import { buildPosture } from '../postures/posture'
import { postureOf } from '../postures/postures'
import { SCHOOLS } from '../postures/schools'
import { shareOf } from '../stance/footing'
import type { Stance } from '../stance/stance'
import { makePath, type RoutinePart } from './path'
import { ROLLING_SHARE } from './rolling'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })
const part = (
  posture: string,
  side: 'left' | 'right',
  heels: 'roll' | 'stay',
  anchor?: 'left' | 'right',
): RoutinePart => ({
  stance: buildPosture(postureOf(posture), body, 'therapeutic', side),
  heading: 0,
  seconds: 10,
  hold: 0,
  breath: 'free',
  choices: { ...SCHOOLS.therapeutic.choices, heels },
  anchor,
})
const stepBack = (heels: 'roll' | 'stay') => {
  const way = makePath(body, [part('bow', 'left', heels), part('back-step', 'left', heels, 'left')], 20).transitions[0]
    ?.made
  if (!way) throw new Error('no way')
  return way
}
/** The deepest bend of a knee whose leg carries something. */
const deepest = ({ transition }: ReturnType<typeof stepBack>): number =>
  Math.max(
    ...transition.phases.flatMap(({ samples }) =>
      samples.flatMap(({ legs }) => SIDES.map((side) => (legs[side].share > 0.2 ? legs[side].flexion : 0))),
    ),
  )

describe('a step back with heels that come up behind the weight', () => {
  const [flat, rolled] = [stepBack('stay'), stepBack('roll')]

  it('asks less of the standing knee, and bobs less', () => {
    expect((deepest(flat) - deepest(rolled)) / DEG).toBeGreaterThan(5)
    expect(rolled.readings.bob).toBeLessThan(flat.readings.bob)
  })

  it('the rear heel comes up under the rolling share, is up where nothing is left on it, and flat again at the end', () => {
    const emptied = rolled.transition.phases.find(({ kind, foot }) => kind === 'empty' && foot === 'right')
    const right = (emptied?.samples ?? []).map(({ stance }) => ({
      lift: stance.feet.right.lift,
      contact: stance.feet.right.contact,
      share: shareOf(stance, 'right'),
    }))
    expect(right.at(-1)?.lift).toBeGreaterThan(3 * DEG)
    for (const { lift, contact, share } of right) {
      expect(contact).toBe(lift > 0 ? 'ball' : 'whole')
      if (lift > 0) expect(share).toBeLessThanOrEqual(ROLLING_SHARE + 1e-9)
    }
    const end = rolled.transition.phases.at(-1)?.samples.at(-1)?.stance as Stance
    for (const side of SIDES) expect([end.feet[side].contact, end.feet[side].lift]).toEqual(['whole', 0])
  })

  it('says when: the rear heel leaves the floor under that share, and is down behind by it', () => {
    const said = rolled.readings.rolls.map(({ foot, what, leaves }) => `${foot} ${what} ${leaves ? 'up' : 'down'}`)
    expect(said).toEqual(['right heel up', 'right heel down'])
    for (const { share, liftMost } of rolled.readings.rolls) {
      expect(share).toBeLessThanOrEqual(ROLLING_SHARE)
      expect(Math.abs(liftMost)).toBeGreaterThan(1 * DEG)
    }
    expect(flat.readings.rolls).toEqual([])
  })

  it('stays flat from beginning to end where a school wants it so', () => {
    for (const { kind, samples } of flat.transition.phases)
      if (['empty', 'commit', 'shift'].includes(kind))
        for (const { stance } of samples) for (const side of SIDES) expect(stance.feet[side].lift).toBe(0)
  })
})

it('a step that misses by less than five millimetres passes, and says that it is tight; one that misses by more falls', () => {
  const found = Array.from({ length: 60 }, (_, i) => {
    const to = part('bow', 'left', 'stay', 'right')
    const { left, right } = to.stance.feet
    const stance = { ...to.stance, feet: { left: { ...left, heel: [left.heel[0], 0.05 + 0.003 * i] as const }, right } }
    const way = makePath(body, [part('parallel', 'left', 'stay'), { ...to, stance }], 6).transitions[0]?.made
    const falls = way?.findings.some(({ code }) => code === 'step.falls')
    return way?.readings.emptyStep && { ...way.readings.emptyStep, falls }
  }).flatMap((one) => one ?? [])
  const tight = found.filter((one) => one.tight)
  expect(tight.length).toBeGreaterThan(0)
  for (const { wished, longest, passes, tight: misses, falls } of found) {
    expect(falls).toBe(!passes)
    // The longest is found to a millimetre.
    if (passes) expect(wished - longest).toBeLessThan(0.006)
    else expect(wished - longest).toBeGreaterThan(0.004)
    expect(misses).toBe(passes && wished > longest)
  }
})
