import { expect, it } from 'vitest'
import { resolveBody } from '@/core'
import { mergeLibrary } from '@/documents/posture-document'
import { listAsked } from '@/documents/repertoire-document'
import { findAnswer } from '@/teaching/answer'
import { gatherGroup } from './group-rows'

const asked = listAsked(mergeLibrary([]).filter(({ id }) => ['parallel', 'bow', 'follow-step'].includes(id)))
const asked3 = ['parallel', 'bow', 'follow-step']
const person = (name: string, limits: Parameters<typeof resolveBody>[0]['limits'] = {}) => {
  const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60, limits })
  const found = asked.map(({ posture, side }) =>
    findAnswer(body, { posture, side: side ?? 'left', school: 'therapeutic' }, []),
  )
  return { name, found }
}
const able = person('Able')
const sits = person('Sits', { seatedOnly: true })
const holds = person('Holds', { support: 'chair-back' })
const left = person('Left', { loadMax: { left: 0.5, right: 1 } })

it('a posture fits all, all with a change, or not all, who does what by name; what is easiest for most comes first', () => {
  expect(gatherGroup(asked, [able]).rows.every(({ fits, by }) => fits === 'all' && by.length === 0)).toBe(true)
  // A bow with the left foot in front asks more than half of that leg: their worse side counts.
  const { rows } = gatherGroup(asked, [able, left])
  const bow = rows.find(({ posture }) => posture.id === 'bow')
  expect(bow?.fits).not.toBe('all')
  expect(bow?.by.flatMap(({ names }) => names)).toEqual(['Left'])
  const counts = rows.map(({ asTaught }) => asTaught)
  expect(counts).toEqual(counts.toSorted((a, b) => b - a))
})

it('who sits or holds on through all of it is named once, and stands in no posture’s way', () => {
  const { rows, sit, hold } = gatherGroup(asked, [able, sits, holds])
  expect([sit, hold]).toEqual([['Sits'], ['Holds']])
  expect(rows.map(({ fits, asTaught, by }) => [fits, asTaught, by])).toEqual(asked3.map(() => ['all', 2, []]))
})

it('who sits in some of it is said of those, and one or two of many leave it easy', () => {
  const some = { name: 'Some', found: able.found.map((one, i) => (i === 0 ? (sits.found[0] ?? null) : one)) }
  const { rows } = gatherGroup(asked, [able, some])
  expect(rows.map(({ fits, by }) => [fits, by.flatMap(({ names }) => names)])).toContainEqual(['but', ['Some']])
  expect(rows.filter(({ fits }) => fits === 'all')).toHaveLength(2)
})

it('of what is not worked out for everybody nothing is said', () => {
  const half = { name: 'Half', found: asked.map((_, i) => (i === 0 ? (able.found[0] ?? null) : null)) }
  expect(gatherGroup(asked, [able, half]).rows.length).toBeLessThan(asked3.length)
  expect(gatherGroup(asked, [])).toEqual({ rows: [], sit: [], hold: [] })
})
