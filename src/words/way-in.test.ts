import { describe, expect, it } from 'vitest'
import { analyse, buildPosture, postureOf, readWayIn, resolveBody, SCHOOLS, type SchoolId, type WayIn } from '@/core'
import { ENGLISH } from './english'
import { sayLimitOrigin } from './limit-origin'
import { briefWayIn, headWayIn, markWayIn, sayComing, sayWayIn } from './way-in'

const body = resolveBody({ stature: 1.66, mass: 68, sex: 'female', age: 70 })
function wayInto(posture: string, school: SchoolId): WayIn {
  const stance = buildPosture(postureOf(posture), body, school, 'left')
  const found = readWayIn(body, stance, analyse(body, stance).legs, SCHOOLS[school].choices)
  if (!found) throw new Error(`${posture} is sat`)
  return found
}

describe('how a stance is come to is said', () => {
  it('in a sentence where nothing is in the way, and by nothing beside a name', () => {
    const found = wayInto('side-step', 'therapeutic')
    expect(sayWayIn(found, ENGLISH)).toBe('It can be stepped into from standing parallel, and left again.')
    expect([
      headWayIn(found, ENGLISH),
      markWayIn(found, ENGLISH),
      sayComing(found, ENGLISH),
      markWayIn(null, ENGLISH),
    ]).toEqual(['', '', '', ''])
  })

  it('by what is in the way, and where that is from', () => {
    const found = wayInto('bow', 'long-upright')
    expect(headWayIn(found, ENGLISH)).toBe('The way into it is nearly too much')
    expect(sayWayIn(found, ENGLISH)).toMatch(
      /^Stepping into it from standing parallel: The (left|right) foot lands .* could land empty nowhere on its way.* Empty it would take a standing knee of /,
    )
    expect(briefWayIn(found, ENGLISH)).toBe('going in: the foot lands heavy')
    expect(markWayIn({ ...found, leadsIn: false, verdict: 'beyond' }, ENGLISH)).toBe('no way back')
    expect(sayLimitOrigin(found.reason as never, [], undefined, ENGLISH)).toBe(
      'Its source: the motion model’s empty-step test.',
    )
  })

  it('so that it asks for more where there is no way at all', () => {
    const none: WayIn = { verdict: 'beyond', reason: null, leadsIn: true, tightest: null }
    expect(sayWayIn(none, ENGLISH)).toContain('neither foot first')
    expect(sayComing(none, ENGLISH)).toContain('only with your instructor beside you')
  })
})
