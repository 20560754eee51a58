import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { RefusedError } from './ask'
import { Outbox, type OutboxState } from './outbox'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

/** A shelf that outlives the page, a server that can be gone, and what it got. */
function setUp() {
  const kept = new Map<string, string>()
  const shelf = {
    read: (key: string) => kept.get(key) ?? null,
    write: (key: string, text: string) => void kept.set(key, text),
  }
  const server = {
    gone: false,
    refuses: null as string | null,
    got: [] as string[],
    hold: null as Promise<void> | null,
  }
  const states: OutboxState[] = []
  const open = () =>
    new Outbox<string>(
      'log',
      async (values) => {
        await server.hold
        if (server.gone) throw new Error('no server')
        if (server.refuses && values.includes(server.refuses)) throw new RefusedError(`not ${server.refuses}`)
        server.got.push(...values)
      },
      (state) => states.push(state),
      shelf,
    )
  return { server, states, open, kept }
}

describe('what waits to be sent', () => {
  it('goes at once and in order', async () => {
    const { server, states, open } = setUp()
    const box = open()
    box.add(['a', 'b'])
    box.add(['c'])
    await box.flush()
    expect(server.got).toEqual(['a', 'b', 'c'])
    expect(states.at(-1)).toEqual({ waiting: 0, refused: null })
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
    expect(states.at(-1)).toEqual({ waiting: 0, refused: 'not b' })
    expect(JSON.parse(kept.get('log refused') ?? '[]')).toMatchObject([{ value: 'b', reason: 'not b' }])
  })
})
