import { describe, expect, it } from 'vitest'
import { toRoutine } from '@/documents/routine-document'
import { analyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { assemble } from '../pose/pose'
import { toRoom } from '../stance/placed'
import type { Placement } from '../stance/stance'
import { makePath } from './path'
import { settleAgain } from './settled-again.test-helper'

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
    for (const { stance, pelvis, balance } of samples) {
      const seat = stance.seat
      if (!seat) throw new Error('the chair is gone')
      const [x, y] = toRoom(stance.at as Placement, seat.at)
      expect(Math.hypot(x, y)).toBeLessThan(1e-9)
      const again = analyse(body, stance, { standing: null, withoutFreeTurn: true })
      expect(pelvis[2]).toBeCloseTo(again.pose.pelvis[2], 9)
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

describe('up from a chair and down to it', () => {
  const path = walk([
    { posture: 'seated' },
    { posture: 'parallel', seconds: 8 },
    { posture: 'seated', seconds: 8 },
    { posture: 'parallel', headingDeg: 0, seconds: 8 },
  ])
  const phasesTo = (part: number) => path.transitions[part - 1]?.made?.transition.phases ?? []
  const all = [1, 2, 3].flatMap(phasesTo)

  it('worked out by hand: both feet drawn back, leaning over them, then up; down the same, back', () => {
    const drawn = (['right', 'left'] as const).flatMap((foot) =>
      ['empty', 'lift', 'reach', 'touch'].map((kind) => `${kind} ${foot}`),
    )
    const said = (part: number) => phasesTo(part).map(({ kind, foot }) => (foot ? `${kind} ${foot}` : kind))
    expect(said(1)).toEqual([...drawn, 'commit left', 'settle', 'settle'])
    expect(said(2)).toEqual(['settle', 'settle', ...drawn, 'commit left'])
    expect(
      phasesTo(1)
        .map(({ samples }) => Boolean(samples[0]?.stance.seat))
        .lastIndexOf(true),
    ).toBe(phasesTo(1).length - 2)
  })

  it('leaves the chair without a jump, the centre over the feet, and never lower than it', () => {
    const [lean, rise] = phasesTo(1).slice(-2)
    const [last, first] = [lean?.samples.at(-1), rise?.samples[0]]
    if (!last || !first) throw new Error('no way up')
    const [a, b] = [last, first].map((stood) => {
      const { joints } = assemble(settleAgain(body, stood))
      return Object.fromEntries(
        Object.entries(joints).map(([name, [x, y, z]]) => [name, [...toRoom(stood.stance.at as Placement, [x, y]), z]]),
      ) as Record<string, [number, number, number]>
    }) as [Record<string, [number, number, number]>, Record<string, [number, number, number]>]
    for (const name of Object.keys(a)) {
      const [p, q] = [a[name], b[name]] as [number[], number[]]
      expect(Math.hypot(...p.map((v, i) => v - (q[i] as number))), name).toBeLessThan(1e-3)
    }
    expect(first.balance.assured.margin).toBeGreaterThan(0)
    const heights = rise?.samples.map(({ instant }) => instant.height) ?? []
    heights.slice(1).forEach((height, i) => {
      expect(height).toBeGreaterThan((heights[i] as number) - 1e-9)
    })
  })

  it('is an analysis at every instant; no foot slides while it stands', () => {
    for (const { samples, kind, foot } of all) {
      for (const [i, stood] of samples.entries()) {
        const { stance, balance } = stood
        const again = analyse(body, stance, { standing: null, withoutFreeTurn: true })
        expect(balance.nearest).toBeCloseTo(again.margins.usable.nearest, 9)
        const before = samples[i - 1]
        if (!before) continue
        for (const side of ['left', 'right'] as const) {
          if (side === foot && kind !== 'empty' && kind !== 'commit') continue
          const [p, q] = [stood, before]
            .map((one) => settleAgain(body, one).footing)
            .map(({ feet, stance: own }) => toRoom(own.at as Placement, [feet[side].hx, feet[side].hy])) as [
            readonly [number, number],
            readonly [number, number],
          ]
          expect(Math.hypot(p[0] - q[0], p[1] - q[1])).toBeLessThan(1e-4)
        }
      }
    }
  })

  it('leaning and a foot that is moved while one sits are no faults; a chair stays where it is', () => {
    const codes = path.transitions.flatMap(({ made }) => made?.findings.map(({ code }) => code) ?? [])
    for (const code of ['trunk.lean', 'step.single', 'step.falls', 'arms.alone']) expect(codes).not.toContain(code)
    const seats = [0, 2]
      .map((i) => path.parts[i]?.stance)
      .map((one) => one?.seat && toRoom(one.at as Placement, one.seat.at))
    expect(
      Math.hypot((seats[0]?.[0] ?? 1) - (seats[1]?.[0] ?? 0), (seats[0]?.[1] ?? 1) - (seats[1]?.[1] ?? 0)),
    ).toBeLessThan(1e-3)
  })

  it('who was seen to rise from a higher seat only is told so', () => {
    const weak = resolveBody({
      stature: 1.62,
      mass: 70,
      sex: 'female',
      age: 78,
      limits: { left: {}, right: {}, riseFrom: 0.55 } as never,
    })
    const parts = toRoutine({ parts: [{ posture: 'seated' }, { posture: 'parallel', seconds: 8 }] }, weak)
    const codes = makePath(weak, parts, 8).transitions.flatMap(
      ({ made }) => made?.findings.map(({ code }) => code) ?? [],
    )
    expect(codes).toContain('rise.limit')
  })
})
