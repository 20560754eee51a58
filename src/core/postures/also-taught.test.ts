import { expect, it } from 'vitest'
import { tryAnalyse } from '../analysis'
import { resolveBody } from '../body/body'
import { DEG } from '../conventions'
import { teachAlso, WAYS_TAUGHT } from './also-taught'
import { layOut } from './measures'
import { LIBRARY, postureOf } from './postures'
import { SCHOOL_IDS } from './schools'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 60 })

it('changes what it names and nothing else; what it is already is no other way', () => {
  const bow = postureOf('bow').measures.therapeutic
  expect(teachAlso(bow, 'toes-in')).toEqual({ ...bow, own: { ...bow.own, toeOut: -10 * DEG } })
  expect(teachAlso(bow, 'wide')).toEqual({ ...bow, track: 1 })
  expect(teachAlso(bow, 'usual')).toBeNull()
  expect(teachAlso(bow, 'level-heels')).toBeNull()
  const repulse = postureOf('repulse-monkey').measures['long-upright']
  expect(teachAlso(repulse, 'level-heels')).toEqual({ ...repulse, step: 0.005 })
  expect(teachAlso(repulse, 'sink-straight')).toBeNull()
  const one = postureOf('golden-rooster').measures.therapeutic
  expect(WAYS_TAUGHT.map((way) => teachAlso(one, way))).toEqual(WAYS_TAUGHT.map(() => null))
})

it('a middling body can stand every way of every posture, at its school’s height', () => {
  let asked = 0
  for (const { id, measures } of LIBRARY)
    for (const school of SCHOOL_IDS)
      for (const way of WAYS_TAUGHT) {
        const taught = teachAlso(measures[school], way)
        if (!taught) continue
        asked++
        expect(tryAnalyse(body, layOut(taught, body, 'left')), `${id} ${school} ${way}`).not.toBeNull()
      }
  expect(asked).toBeGreaterThan(200)
})
