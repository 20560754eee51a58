import { expect, it } from 'vitest'
import { resolveBody } from '@/core'
import { mergeLibrary } from '@/formats/posture-document'
import { listAsked } from '@/formats/repertoire-document'
import { findAnswer } from '@/teaching/answer'
import { gatherGroup } from './group-rows'

const asked = listAsked(mergeLibrary([]).filter(({ id }) => ['parallel', 'bow', 'follow-step'].includes(id)))
const person = (name: string, limits: Parameters<typeof resolveBody>[0]['limits'] = {}) => {
  const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60, limits })
  const found = asked.map(({ posture, side }) =>
    findAnswer(body, { posture, side: side ?? 'left', school: 'therapeutic' }, []),
  )
  return { name, found }
}
const able = person('Able')
const sits = person('Sits', { seatedOnly: true })
const left = person('Left', { loadMax: { left: 0.5, right: 1 } })

it('a posture fits all, all with a change, or not all, who does what by name; what is easiest for most comes first', () => {
  expect(gatherGroup(asked, [able]).every(({ fits, by }) => fits === 'all' && by.length === 0)).toBe(true)
  for (const { fits, by, asTaught } of gatherGroup(asked, [able, sits])) {
    expect([fits, asTaught]).toEqual(['some', 1])
    expect(by).toEqual([{ form: 'seated', names: ['Sits'] }])
  }
  // A bow with the left foot in front asks more than half of that leg: their worse side counts.
  const bow = gatherGroup(asked, [able, left]).find(({ posture }) => posture.id === 'bow')
  expect(bow?.fits).not.toBe('all')
  expect(bow?.by.flatMap(({ names }) => names)).toEqual(['Left'])
  const counts = gatherGroup(asked, [able, left]).map(({ asTaught }) => asTaught)
  expect(counts).toEqual(counts.toSorted((a, b) => b - a))
})

it('of what is not worked out for everybody nothing is said', () => {
  const half = { name: 'Half', found: asked.map((_, i) => (i === 0 ? (able.found[0] ?? null) : null)) }
  expect(gatherGroup(asked, [able, half]).length).toBeLessThan(asked.length)
  expect(gatherGroup(asked, [])).toEqual([])
})
