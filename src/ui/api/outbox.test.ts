import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { PINNED, setClock } from '@/testing/clock'
import { RefusedError } from './ask'
import { type Alone, Outbox, type OutboxState } from './outbox'
import type { Shelf } from './shelf'

beforeEach(() => vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  setClock(PINNED.NIVREL_CLOCK)
})

/** A shelf that outlives the page and can be full, a server that can be gone, and what it got. */
function setUp() {
  const kept = new Map<string, string>()
  const room = { full: false }
  const shelf: Shelf = {
    keys: () => [...kept.keys()],
    read: (key) => kept.get(key) ?? null,
    write: (key, text) => {
      if (!room.full) kept.set(key, text)
      return !room.full
    },
    remove: (key) => void kept.delete(key),
  }
  const server = {
    gone: false,
    refuses: null as string | null,
    got: [] as string[],
    hold: null as Promise<void> | null,
  }
  // One window after another, as a browser's locks have it.
  let turn = Promise.resolve()
  const alone: Alone = (_, run) => {
    turn = turn.then(run)
    return turn
  }
  const states: OutboxState[] = []
  const open = () =>
    new Outbox<string>(
      'log',
      async (values) => {
        await server.hold
        if (server.gone) throw new Error('no server')
        if (server.refuses && values.includes(server.refuses)) throw new RefusedError(notSo(server.refuses))
        server.got.push(...values)
      },
      (state) => states.push(state),
      shelf,
      alone,
    )
  return { server, states, open, kept, room }
}

const notSo = (field: string) => ({ field, accepts: { code: 'boolean' } })

describe('what waits to be sent', () => {
  it('goes at once and in order', async () => {
    const { server, states, open } = setUp()
    const box = open()
    box.add(['a', 'b'])
    box.add(['c'])
    await box.flush()
    expect(server.got).toEqual(['a', 'b', 'c'])
    expect(states.at(-1)).toEqual({ waiting: 0, refused: null, unkept: 0, unreadable: [] })
  })

  it('stays on the machine while the server is gone, and goes by itself when it is back', async () => {
    const { server, states, open } = setUp()
    server.gone = true
    const box = open()
    box.add(['a'])
    await box.flush()
    box.add(['b'])
    await box.flush()
    expect([server.got, states.at(-1)?.waiting]).toEqual([[], 2])
    server.gone = false
    await vi.advanceTimersByTimeAsync(4000)
    expect([server.got, states.at(-1)?.waiting]).toEqual([['a', 'b'], 0])
  })

  it('outlives the page: the next one sends what the one before could not', async () => {
    const { server, open } = setUp()
    server.gone = true
    const first = open()
    first.add(['a'])
    await first.flush()
    first.end()
    server.gone = false
    const next = open()
    await next.flush()
    expect(server.got).toEqual(['a'])
  })

  it('what comes while something is on its way is neither lost nor sent twice', async () => {
    const { server, open } = setUp()
    let release = () => {}
    server.hold = new Promise((done) => {
      release = done
    })
    const box = open()
    box.add(['a'])
    box.add(['b'])
    server.hold = null
    release()
    await box.flush()
    await box.flush()
    expect(server.got.sort()).toEqual(['a', 'b'])
  })

  it('what is refused is set aside with why, and is not in the way of the rest', async () => {
    const { server, states, open, kept } = setUp()
    server.refuses = 'b'
    const box = open()
    box.add(['a', 'b', 'c'])
    await box.flush()
    expect(server.got).toEqual(['a', 'c'])
    expect(states.at(-1)).toMatchObject({ waiting: 0, refused: { why: notSo('b') } })
    expect([...kept].map(([key, text]) => [key.slice(0, 11), JSON.parse(text)])).toEqual([
      ['log refused', { value: 'b', why: notSo('b') }],
    ])
  })

  it('of two windows is sent once and in order, whoever sends it; both know', async () => {
    const { server, states, open, kept } = setUp()
    server.gone = true
    const [one, other] = [open(), open()]
    for (let n = 0; n < 20; n++) (n % 2 ? one : other).add([`${n}`])
    await Promise.all([one.flush(), other.flush()])
    expect([one.waiting.length, other.waiting.length]).toEqual([20, 20])
    server.gone = false
    await vi.advanceTimersByTimeAsync(8000)
    expect(server.got).toEqual(Array.from({ length: 20 }, (_, n) => `${n}`))
    expect([kept.size, one.waiting, other.waiting]).toEqual([0, [], []])
    other.tell()
    expect(states.at(-1)?.waiting).toBe(0)
  })

  it('is sent although this browser keeps nothing, and it is said as long as it waits', async () => {
    const { server, states, open, room } = setUp()
    room.full = true
    server.gone = true
    const box = open()
    box.add(['a', 'b'])
    await box.flush()
    expect(states.at(-1)).toMatchObject({ waiting: 2, unkept: 2 })
    server.gone = false
    await vi.advanceTimersByTimeAsync(4000)
    expect([server.got, states.at(-1)]).toMatchObject([['a', 'b'], { waiting: 0, unkept: 0 }])
  })

  it('that cannot be read stays and is named, the rest goes; taken out it is forgotten', async () => {
    const { server, states, open, kept } = setUp()
    kept.set('log', '[{"id":')
    kept.set('log waits 1', '{"value"')
    kept.set('log waits 2', '{"value":"b"}')
    const box = open()
    await box.flush()
    expect(server.got).toEqual(['b'])
    expect(states.at(-1)).toMatchObject({ waiting: 0, unreadable: ['[{"id":', '{"value"'] })
    box.forgetUnreadable()
    expect([kept.size, states.at(-1)?.unreadable]).toEqual([0, []])
  })

  it('from before each entry had a place of its own is sent as well, first', async () => {
    const { server, states, open, kept, room } = setUp()
    kept.set('log', '[{"id":"x","value":"a"},{"id":"y","value":"b"}]')
    const box = open()
    box.add(['c'])
    await box.flush()
    expect([server.got, kept.size]).toEqual([['a', 'b', 'c'], 0])
    kept.set('log', '[{"id":"x","value":"d"}]')
    room.full = true
    await open().flush()
    expect([server.got.at(-1), [...kept.keys()], states.at(-1)?.unreadable]).toEqual(['d', ['log'], []])
  })

  it('keeps its order where the clock goes back', async () => {
    const { server, open } = setUp()
    server.gone = true
    const box = open()
    box.add(['first'])
    setClock('2026-03-12T10:00:00Z')
    box.add(['second'])
    server.gone = false
    await box.flush()
    await vi.advanceTimersByTimeAsync(4000)
    expect(server.got).toEqual(['first', 'second'])
  })
})
