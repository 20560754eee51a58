import { describe, expect, it } from 'vitest'
import { DEG, layOut, resolveBody } from '@/core'
import { fromStance } from '@/documents/from-core'
import { fromMeasures, mergeLibrary, toMeasures } from '@/documents/posture-document'
import { listDoing } from './doing'

const body = resolveBody({ stature: 1.62, mass: 66, sex: 'female', age: 73 })
const library = mergeLibrary([])
const find = (id: string) => {
  const found = library.find((one) => one.id === id)
  if (!found) throw new Error(`no ${id}`)
  return found
}
const brush = find('brush-knee')
const taught = fromMeasures(brush.measures.therapeutic)
const higher = { ...taught, stepStatures: taught.stepStatures * 0.5 }

type Given = Parameters<typeof listDoing>[1][number]
const planned = (more: Partial<Given>): Given => ({
  posture: 'brush-knee',
  school: 'therapeutic',
  side: 'right',
  group: 'Tide',
  groupId: 'g1',
  levels: [taught, higher],
  level: null,
  stance: null,
  ...more,
})

describe('what somebody does of a posture', () => {
  it('is the form that their plan keeps for them; without one, their level laid out for their body', () => {
    const own = layOut(toMeasures(higher), body, 'right', 'brush-knee', brush.keeps)
    const [kept, laid] = listDoing(body, [planned({ stance: fromStance(own) }), planned({ level: 1 })], library)
    for (const one of [kept, laid]) {
      expect([one?.posture.id, one?.side, one?.plan]).toEqual(['brush-knee', 'right', { id: 'g1', group: 'Tide' }])
      for (const side of ['left', 'right'] as const)
        for (const axis of [0, 1] as const)
          expect(one?.stance.feet[side].heel[axis]).toBeCloseTo(own.feet[side].heel[axis], 6)
    }
  })

  it('is nothing standing where they sit, their level is gone, or the posture is', () => {
    const seated = layOut(find('seated').measures.therapeutic, body, 'left', 'seated')
    const gone = [
      planned({ stance: fromStance(seated) }),
      planned({ level: 7 }),
      planned({}),
      planned({ level: 0, posture: 'own-gone' }),
    ]
    const [only, ...more] = listDoing(body, gone, library)
    expect(more).toEqual([])
    // Then a bow stands for the rest, in no plan: shorter and softer than it is taught.
    expect([only?.posture.id, only?.plan]).toEqual(['bow', null])
    const bow = find('bow').measures.therapeutic
    const feet = only?.stance.feet
    const step = Math.abs((feet?.left.heel[1] ?? 0) - (feet?.right.heel[1] ?? 0))
    const whole = layOut(bow, body, 'left', 'bow').feet
    expect(step).toBeCloseTo(0.75 * Math.abs(whole.left.heel[1] - whole.right.heel[1]), 2)
    const { height } = only?.stance ?? {}
    expect(height && 'kneeFlexion' in height ? height.kneeFlexion : 0).toBeLessThan(bow.kneeFlexion)
    expect(height && 'kneeFlexion' in height ? height.kneeFlexion : 0).toBeGreaterThanOrEqual(10 * DEG - 1e-9)
  })

  it('is nothing at all where the library has no bow', () => {
    expect(listDoing(body, [], [])).toEqual([])
  })
})
