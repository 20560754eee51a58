import { describe, expect, it } from 'vitest'
import { sayDrops, sayFewer, sayHall, sayKept, sayLane, sayMore } from './class'
import { ENGLISH } from './english'
import { sayLowered } from './limits'
import { nameSome, sayAllCame, sayListCame, sayPeople } from './people'

const names = (n: number) => Array.from({ length: n }, (_, i) => `P${i + 1}`)
const plainly = (said: string) => said.replaceAll('\u00a0', ' ')

const NOTHING = { short: 0, chairs: 0, wheelchairs: 0, wall: 0, helpers: 0, noWayIn: 0, lacking: 0 }

describe('a class is said', () => {
  it.each([
    [{ standing: 0, short: 0 }, 'Nobody of 15 stand within their limits.'],
    [{ standing: 1, short: 0 }, 'One of 15 stand within their limits.'],
    [{ standing: 13, short: 2 }, '13 of 15 stand within their limits; two where they are put do not.'],
  ])('by who stands: %o', (counts, said) => {
    expect(sayHall({ ...NOTHING, all: 15, ...counts }, ENGLISH)).toContain(said)
  })

  it('by what is set out, and by that nothing is', () => {
    const none = { ...NOTHING, all: 3, standing: 3 }
    expect(sayHall(none, ENGLISH)).toMatch(/No chairs, no helpers\.$/)
    expect(sayHall({ ...none, chairs: 1, wall: 2 }, ENGLISH)).toMatch(/ One chair, two places at the wall\.$/)
    expect(sayHall({ ...none, chairs: 1, wheelchairs: 1 }, ENGLISH)).toMatch(/ One chair, a place for a wheelchair\.$/)
    expect(sayHall({ ...none, noWayIn: 2 }, ENGLISH)).toContain(
      ' Two of them have no way into it within their limits. ',
    )
    expect(sayHall({ ...none, helpers: 14 }, ENGLISH)).toMatch(/ 14 helpers\.$/)
    expect(sayHall({ ...none, chairs: 4, lacking: 1 }, ENGLISH)).toMatch(
      / Four chairs\. One chair more than the house has\.$/,
    )
    expect(sayLane(1, 1, 0, ENGLISH)).toBe('One person, one chair')
    expect(sayLane(6, 2, 3, ENGLISH)).toBe('Six people, two chairs, three at the wall')
  })

  it('by what one level more buys', () => {
    expect(sayMore({ fitted: ['Ada', 'Bo'], nearer: ['Cy'], saved: 0.2 }, ENGLISH)).toBe('would take in Ada and Bo.')
    expect(plainly(sayMore({ fitted: [], nearer: ['Cy'], saved: 0.214 }, ENGLISH))).toBe(
      'would bring Cy nearer to the posture as taught: 21 % less change in all.',
    )
    expect(sayMore({ fitted: [], nearer: [], saved: 0 }, ENGLISH)).toMatch(/nobody/)
  })

  it('by what one level less costs: never a gain where somebody is left out', () => {
    expect(sayFewer({ lost: ['Ada'], further: ['Bo'], more: -0.3 }, ENGLISH)).toBe(
      'leaves out Ada and takes Bo further from the posture as taught.',
    )
    expect(plainly(sayFewer({ lost: [], further: names(5), more: 0.5 }, ENGLISH))).toBe(
      'takes five people further from the posture as taught: 50 % more change in all.',
    )
    expect(sayFewer({ lost: [], further: ['Bo'], more: 0 }, ENGLISH)).toBe(
      'takes Bo further from the posture as taught.',
    )
    expect(sayFewer({ lost: [], further: [], more: 0 }, ENGLISH)).toBe('would cost nobody anything.')
  })

  it('by what fitting again drops, one and several', () => {
    expect(sayDrops({ kept: false, edited: [1], names: [] }, ENGLISH)).toBe('Level 2 is no longer as you changed it.')
    expect(sayDrops({ kept: false, edited: [0, 2], names: ['Ada'] }, ENGLISH)).toBe(
      'The levels are no longer as you changed them. Ada is no longer kept where you put them.',
    )
    expect(sayDrops({ kept: true, edited: [], names: ['Ada', 'Bo'] }, ENGLISH)).toMatch(
      /^The levels of the kept plan are left; .* Ada and Bo are no longer kept where you put each\.$/,
    )
  })

  it('by what is kept, and whether it is what is shown', () => {
    expect(sayKept(undefined, '2026-03-12', true, ENGLISH)).toBe('kept 12 March')
    expect(sayKept('Tuesday', '2026-03-12', false, ENGLISH)).toBe('“Tuesday” kept 12 March; not what is shown')
  })
})

describe('people are said', () => {
  it('counted and named, the first eight of many', () => {
    expect([1, 2, 40].map((n) => sayPeople(n, ENGLISH))).toEqual(['one person', '2 people', '40 people'])
    expect(nameSome(names(2), ENGLISH)).toBe('P1 and P2')
    expect(nameSome(names(8), ENGLISH)).toMatch(/ and P8$/)
    expect(nameSome(names(11), ENGLISH)).toBe('P1, P2, P3, P4, P5, P6, P7, P8 and 3 more')
  })

  it('as they come in: into which groups, and how many rows stayed out', () => {
    expect(sayListCame(1, [], 0, ENGLISH)).toBe('1 person came in.')
    expect(sayListCame(12, ['Slack Tide', 'Second Launch'], 1, ENGLISH)).toBe(
      '12 people came in, into Slack Tide and Second Launch. 1 row stayed out.',
    )
    expect(sayListCame(2, [], 3, ENGLISH)).toBe('2 people came in. 3 rows stayed out.')
    const all = { people: 1, postures: 0, plans: 2, routines: 1, lessons: 1, house: false }
    expect(sayAllCame(all, ENGLISH)).toBe(
      'Came in: 1 person, 0 postures, 2 plans, 1 routine, 1 lesson. What was here stayed as it was.',
    )
    expect(sayAllCame({ ...all, house: true }, ENGLISH)).toContain('1 lesson, the house’s own rules.')
  })

  it('by what a day lowers; sitting says it all', () => {
    const day = { on: '2026-03-12', reason: 'tired' }
    expect(sayLowered({ ...day, kneeFlexionMaxDeg: 20, support: 'chair-back' }, ENGLISH)).toBe(
      'Knees to 20°, a hand on a chair.',
    )
    expect(sayLowered({ ...day, holdMaxS: 10 }, ENGLISH)).toBe('Holds of 10 s.')
    expect(sayLowered({ ...day, seatedOnly: true, kneeFlexionMaxDeg: 20 }, ENGLISH)).toBe('Sits.')
  })
})
