import { describe, expect, it } from 'vitest'
import { DEG, makePath, resolveBody, type ShownPath, showPath } from '@/core'
import { type RoutineDocument, toRoutine } from '@/documents/routine-document'
import { listTroubles } from './list-troubles'

const body = resolveBody({
  stature: 1.66,
  mass: 68,
  sex: 'female',
  age: 78,
  limits: { left: { kneeFlexionMax: 32 * DEG } },
})
const walk = (parts: RoutineDocument['parts']): ShownPath => {
  const sized = toRoutine({ school: 'long-upright', parts }, body)
  return showPath(makePath(body, sized, 8), sized)
}
const BOWS = walk([
  { posture: 'parallel' },
  { posture: 'bow', side: 'left', anchor: 'right', seconds: 10, choices: { stepScale: 1.3 } },
  { posture: 'bow', side: 'right', anchor: 'left', seconds: 10, choices: { stepScale: 1.3 } },
])
const everyFinding = BOWS.transitions.flatMap(({ findings, to }) => findings.map((finding) => ({ ...finding, to })))

describe('what is wrong with a path', () => {
  const troubles = listTroubles(BOWS)

  it('the worst first: hard before caution before note, a limit of theirs before a step that falls', () => {
    const order = ['hard', 'caution', 'note']
    const ranks = troubles.map(({ severity }) => order.indexOf(severity))
    expect(ranks).toEqual(ranks.toSorted((a, b) => a - b))
    expect(new Set(ranks).size).toBe(3)
    expect(troubles.map(({ finding }) => finding?.code).slice(0, 2)).toEqual(['knee.flexion', 'step.falls'])
  })

  it('the same on several ways is said once, where it is furthest past its limit, and how often again', () => {
    const keys = everyFinding.map(({ code, severity }) => `${code} ${severity}`)
    expect(troubles).toHaveLength(new Set(keys).size)
    for (const { finding, part, again } of troubles) {
      const alike = everyFinding.filter(
        ({ code, severity }) => code === finding?.code && severity === finding?.severity,
      )
      expect(again).toBe(alike.length - 1)
      const past = alike.map(({ value, limit }) => Math.abs(value - limit))
      const worst = alike[past.indexOf(Math.max(...past))]
      expect([finding?.value, part]).toEqual([worst?.value, worst?.to])
    }
    expect(troubles.some(({ again }) => again > 0)).toBe(true)
  })

  it('a step has its number, what a joint says has none', () => {
    const falls = troubles.find(({ finding }) => finding?.code === 'step.falls')
    const lands = BOWS.footprints.filter(({ did }) => did === 'lands')
    expect(lands[(falls?.step ?? 0) - 1]?.part).toBe(falls?.part)
    const knee = troubles.find(({ finding }) => finding?.code.startsWith('knee.'))
    expect(knee?.step).toBeNull()
  })

  it('a way that cannot be taken stands before all, with why; so does a first part that cannot be stood', () => {
    const none = walk([
      { posture: 'parallel' },
      { posture: 'bow', side: 'left', anchor: 'right', seconds: 10, choices: { stepScale: 1.3 } },
      {
        posture: 'horse',
        anchor: 'left',
        seconds: 10,
        with: { feet: { left: { heel: [-0.4, 0] }, right: { heel: [0.4, 0] } } },
      },
    ])
    const [first] = listTroubles(none)
    expect(first).toMatchObject({ severity: 'none', part: 2, finding: null })
    expect(first?.error?.field).toBe('parts.2')
    const refused = { field: 'parts.0.stance.feet', value: null, accepts: { code: 'overlap' } }
    const unstood = { ...BOWS, parts: BOWS.parts.map((part, i) => (i === 0 ? { ...part, error: refused } : part)) }
    expect(listTroubles(unstood)[0]).toMatchObject({ severity: 'none', part: 0, error: refused })
  })

  it('of somebody whom nothing stops there is nothing', () => {
    expect(listTroubles({ ...BOWS, transitions: [] })).toEqual([])
  })
})
