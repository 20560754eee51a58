import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/formats/routine-document'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { toRoom } from '../stance/placed'
import type { Placement } from '../stance/stance'
import { makePath } from './path'

const body = resolveBody({ stature: 1.62, mass: 70, sex: 'female', age: 78 })
const walk = (parts: Parameters<typeof toRoutine>[0]['parts']) => makePath(body, toRoutine({ parts }, body), 12)

describe('ways on a chair', () => {
  const path = walk([
    { posture: 'seated' },
    { posture: 'seated', seconds: 6, with: { trunk: { yawDeg: 20 }, arms: { left: { elevationDeg: 70 } } } },
    { posture: 'seated', seconds: 6, with: { feet: { left: { contact: 'heel' } } } },
  ])
  const samples = path.transitions.flatMap(
    ({ made }) => made?.transition.phases.flatMap((phase) => phase.samples) ?? [],
  )

  it('stay on it: the hips do not move, and each instant is what an analysis says of it', () => {
    expect(path.transitions.map(({ error }) => error)).toEqual([null, null])
    for (const { stance, settled, balance } of samples) {
      const seat = stance.seat
      if (!seat) throw new Error('the chair is gone')
      const [x, y] = toRoom(stance.at as Placement, seat.at)
      expect(Math.hypot(x, y)).toBeLessThan(1e-9)
      const again = analyse(body, stance, { standing: null, withoutFreeTurn: true })
      expect(settled.pelvis[2]).toBeCloseTo(again.pose.pelvis[2], 9)
      expect(balance.nearest).toBeCloseTo(again.margins.usable.nearest, 9)
    }
  })

  it('end where they should: the waist turned, then the toes lifted', () => {
    const [first, last] = [path.transitions[0], path.transitions[1]].map(
      (one) => one?.made?.transition.phases.at(-1)?.samples.at(-1)?.stance,
    )
    expect((first?.trunk.yaw ?? 0) / DEG).toBeCloseTo(20, 6)
    expect(last?.feet.left.contact).toBe('heel')
    expect((last?.trunk.yaw ?? 1) / DEG).toBeCloseTo(0, 6)
  })
})
