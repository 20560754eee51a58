import { expect, it } from 'vitest'
import { resolveBody } from '../body/body'
import { layOut } from '../postures/measures'
import { postureOf } from '../postures/postures'
import { changeFoot, changeInstant, type Held, type Instant, instantOf, withFoot } from './instant'
import { rememberInstants } from './pose-memory'

const who = (age: number) => resolveBody({ stature: 1.66, mass: 68, sex: 'female', age })
const body = who(60)
const HELD: Held = { frame: 'upright', eyes: 'open', floor: { slope: 0, downhill: 0 }, supports: [] }
const INSTANT = instantOf(body, layOut(postureOf('bow').measures.therapeutic, body, 'left', 'bow'), 0.8)

it('is made once of one instant, and anew where anything of it is otherwise', () => {
  const recall = rememberInstants<number>()
  let made = 0
  const make = () => ++made
  const ask = (instant: Instant, held = HELD, besides = 0, of = body) => recall(of, instant, held, besides, make)
  expect([ask(INSTANT), ask({ ...INSTANT }), ask(INSTANT, { ...HELD }), ask(INSTANT, HELD, 0, who(60))]).toEqual([
    1, 1, 1, 1,
  ])
  const { feet, arms, trunk } = INSTANT
  const others: Instant[] = [
    ...(['heading', 'loadLeft', 'pelvis', 'height', 'pelvisTilt'] as const).map((key) =>
      changeInstant(INSTANT, { [key]: INSTANT[key] + 1e-12 }),
    ),
    ...(['pitch', 'roll', 'yaw'] as const).map((key) => ({ ...INSTANT, trunk: { ...trunk, [key]: 0.3 } })),
    ...(['elevation', 'opening', 'elbow', 'elbowInward'] as const).map((key) => ({
      ...INSTANT,
      arms: { ...arms, right: { ...arms.right, [key]: arms.right[key] + 0.3 } },
    })),
    ...(['yaw', 'pressureAt', 'clearance', 'lift', 'rolls'] as const).map((key) =>
      withFoot(INSTANT, 'right', changeFoot(feet.right, { [key]: feet.right[key] + 0.01 })),
    ),
    withFoot(INSTANT, 'left', changeFoot(feet.left, { heel: [feet.left.heel[0], 0] })),
    withFoot(INSTANT, 'left', changeFoot(feet.left, { contact: 'ball' })),
  ]
  expect(new Set(others.map((other) => ask(other)))).toHaveProperty('size', others.length)
  const before = made
  expect(before).toBe(others.length + 1)
  expect(ask(INSTANT, { ...HELD, eyes: 'closed' })).toBe(before + 1)
  expect(ask(INSTANT, HELD, 1)).toBe(before + 2)
  expect(ask(INSTANT)).toBe(1)
  // Somebody else asked meanwhile: what was made of the one before is no answer for them, nor kept.
  expect(ask(INSTANT, HELD, 0, who(80))).toBe(before + 3)
  expect(ask(INSTANT)).toBe(before + 4)
})
