import { beforeEach, describe, expect, it, vi } from 'vitest'

const shelf = new Map<string, string>()
vi.stubGlobal('localStorage', {
  getItem: (key: string) => shelf.get(key) ?? null,
  setItem: (key: string, text: string) => shelf.set(key, text),
})

const { begin, elapsedMs, goTo, keepClock, loopPart, markTaught, openClock, useClock, wait } = await import('./clock')

const now = () => useClock.getState()
const MINUTE = 60_000

beforeEach(() => {
  shelf.clear()
  openClock('slack-tide 2026-03-03', 3)
})

describe('the clock of a lesson', () => {
  it('stands still before it begins, and does not count what was waited', () => {
    expect(elapsedMs(now(), 99 * MINUTE)).toBe(0)
    begin(10 * MINUTE)
    expect(elapsedMs(now(), 12 * MINUTE)).toBe(2 * MINUTE)
    wait(12 * MINUTE)
    expect(elapsedMs(now(), 20 * MINUTE)).toBe(2 * MINUTE)
    wait(20 * MINUTE)
    expect(elapsedMs(now(), 21 * MINUTE)).toBe(3 * MINUTE)
    // A machine whose clock was set back takes nothing away.
    expect(elapsedMs(now(), 0)).toBe(0)
  })

  it('goes to another piece from its beginning, out of a wait and a loop; never before the first; past the last it is over', () => {
    begin(0)
    loopPart(2)
    wait(MINUTE)
    goTo(1, 3, 5 * MINUTE)
    expect(now()).toMatchObject({
      at: 1,
      beganAt: 5 * MINUTE,
      waitingSince: null,
      waitedMs: 0,
      loop: null,
      over: false,
    })
    goTo(-1, 3, 6 * MINUTE)
    expect(now().at).toBe(1)
    goTo(3, 3, 9 * MINUTE)
    expect(now()).toMatchObject({ at: 1, over: true })
    // Over, its time stands; gone back to, it goes on.
    expect(elapsedMs(now(), 30 * MINUTE)).toBe(4 * MINUTE)
    goTo(1, 3, 31 * MINUTE)
    expect(now()).toMatchObject({ at: 1, over: false })
  })

  it('writes down how long each piece was taught, and one that is taught again anew', () => {
    begin(0)
    expect(markTaught(2 * MINUTE)).toEqual({ 0: 120 })
    goTo(1, 3, 2 * MINUTE)
    expect(markTaught(5 * MINUTE)).toEqual({ 0: 120, 1: 180 })
    goTo(0, 3, 5 * MINUTE)
    expect(markTaught(6 * MINUTE)).toEqual({ 0: 60, 1: 180 })
  })

  it('loaded again it goes on where it was; for another day, another lesson or one that was shortened it does not', () => {
    const end = keepClock('slack-tide 2026-03-03')
    begin(0)
    goTo(2, 3, 8 * MINUTE)
    end()
    const open = (place: string, count: number) => {
      openClock(place, count)
      return [now().at, now().lessonBeganAt]
    }
    expect(open('slack-tide 2026-03-03', 3)).toEqual([2, 0])
    expect(open('slack-tide 2026-03-03', 2)).toEqual([0, null])
    expect(open('slack-tide 2026-03-10', 3)).toEqual([0, null])
    expect(open('second-launch 2026-03-03', 3)).toEqual([0, null])
  })

  it('one that is over begins anew, and what an older version kept is filled up', () => {
    const end = keepClock('slack-tide 2026-03-03')
    begin(0)
    goTo(3, 3, MINUTE)
    end()
    openClock('slack-tide 2026-03-03', 3)
    expect(now()).toMatchObject({ at: 0, over: false, lessonBeganAt: null })
    shelf.set('nivrel.teaching', JSON.stringify({ place: 'a', clock: { at: 1, beganAt: 5, lessonBeganAt: 0 } }))
    openClock('a', 3)
    expect(now()).toMatchObject({ at: 1, waitedMs: 0, taughtS: {}, loop: null })
  })
})
