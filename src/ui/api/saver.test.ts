import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { OvertakenError, RefusedError } from './ask'
import { type Over, Saver, type SaveState } from './saver'
import { isAlike, keepUnsent, readUnsent } from './unsent'

const remembered: Record<string, string> = {}
const shelf = new Map<string, string>()
const onShelf = () => JSON.parse(shelf.get('nivrel.unsent it') ?? 'null')
beforeEach(() => {
  vi.useFakeTimers()
  shelf.clear()
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, value: string) => shelf.set(key, value),
    removeItem: (key: string) => shelf.delete(key),
  })
  vi.stubGlobal('window', { location: { pathname: '/it', search: '' } })
  vi.stubGlobal('document', { title: 'It' })
  vi.stubGlobal('sessionStorage', { setItem: (key: string, value: string) => (remembered[key] = value) })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const request = (value: string) => ({ path: '/api/it', body: { value } })

/** A server with one thing: what is saved over its revision is there, unless it is told to answer otherwise. */
function makeServer(revision = 3) {
  const server = {
    revision,
    value: '',
    sent: [] as [string, number][],
    over: [] as Over[],
    fails: [] as Error[],
    hold: null as Promise<void> | null,
    put: async (_: string, { value, ...at }: { value?: string } & Over) => {
      const over = at.revision
      server.over.push(at)
      server.sent.push([value as string, over])
      await server.hold
      const error = server.fails.shift()
      if (error) throw error
      if (over !== server.revision) throw new OvertakenError({ revision: server.revision })
      server.value = value as string
      return { revision: ++server.revision }
    },
  }
  let state: SaveState<{ revision: number }> | null = null
  const saver = new Saver<string, { revision: number }>(
    { what: 'it', title: 'It', revision, restMs: 100, request },
    (now) => {
      state = now
    },
    server.put,
  )
  return { server, saver, state: () => state as SaveState<{ revision: number }> | null }
}

const NAMELESS = { field: 'name', accepts: { code: 'text' } }

describe('a saver', () => {
  it('sends what rests, the newest alone, and calls saved only what the server has', async () => {
    const { server, saver, state } = makeServer()
    saver.change('a')
    await vi.advanceTimersByTimeAsync(60)
    saver.change('ab')
    expect([server.sent, state()?.isSaved]).toEqual([[], false])
    await vi.advanceTimersByTimeAsync(100)
    expect([server.sent, state()?.isSaved]).toEqual([[['ab', 3]], true])
    expect(saver.isUntouched).toBe(false)
  })

  it('sends one after another, each over the revision that the one before made', async () => {
    const { server, saver, state } = makeServer()
    let release = () => {}
    server.hold = new Promise((done) => {
      release = done
    })
    saver.change('a')
    await vi.advanceTimersByTimeAsync(100)
    saver.change('b')
    await vi.advanceTimersByTimeAsync(500)
    expect(server.sent).toEqual([['a', 3]])
    server.hold = null
    release()
    await vi.advanceTimersByTimeAsync(1)
    expect(server.sent).toEqual([
      ['a', 3],
      ['b', 4],
    ])
    expect([server.value, state()?.isSaved]).toEqual(['b', true])
  })

  it('keeps on this machine what no server takes, with what it is to go over, until one has it', async () => {
    const { server, saver } = makeServer()
    server.fails.push(new Error('gone'))
    saver.change('')
    await vi.advanceTimersByTimeAsync(100)
    expect(onShelf()).toMatchObject({ value: '', revision: 3, href: '/it', title: 'It' })
    // As it is sent from wherever one is: the same save once more, so that one that arrived is not made twice.
    expect(onShelf().request).toMatchObject({ path: '/api/it', body: { value: '', revision: 3, turn: 1 } })
    await vi.advanceTimersByTimeAsync(3000)
    expect([server.revision, onShelf()]).toEqual([4, null])
    server.fails.push(new Error('gone'), new Error('gone'))
    saver.change('a')
    await vi.advanceTimersByTimeAsync(100)
    saver.change('ab')
    saver.leave()
    // What is newer than what was sent is a save of its own.
    expect(onShelf()).toMatchObject({ value: 'ab', request: { body: { turn: 4 } } })
    expect(readUnsent('it', 'b')).toMatchObject({ value: 'ab', revision: 4 })
    // An answer was lost, the value was not.
    expect(readUnsent('it', 'ab')).toBeNull()
    expect(onShelf()).toBeNull()
  })

  it('what is there already as it is here is no other: there is nothing to choose', async () => {
    const heard: SaveState<{ revision: number; value: string }>[] = []
    const same = new Saver<string, { revision: number; value: string }>(
      {
        what: 'same',
        revision: 4,
        title: 'Same',
        restMs: 100,
        request,
        readTheirs: ({ value }) => value,
      },
      (now) => heard.push(now),
      async () => {
        throw new OvertakenError({ revision: 5, value: 'mine' })
      },
    )
    same.change('mine')
    await vi.advanceTimersByTimeAsync(100)
    expect(heard.at(-1)).toMatchObject({ isSaved: true, theirs: null })
    same.change('another')
    await vi.advanceTimersByTimeAsync(100)
    expect(heard.at(-1)).toMatchObject({ isSaved: false, theirs: { value: 'mine' } })
  })

  it('what somebody removed meanwhile is saved as new', async () => {
    const { server, saver, state } = makeServer(4)
    server.fails.push(new OvertakenError(null))
    server.revision = 0
    saver.change('mine')
    await vi.advanceTimersByTimeAsync(200)
    expect(server.sent).toEqual([
      ['mine', 4],
      ['mine', 0],
    ])
    expect([server.value, state()?.isSaved, state()?.theirs]).toEqual(['mine', true, null])
  })

  it('two are alike in whatever order their keys stand, and in nothing else', () => {
    const mine = { b: [{ d: 1, c: 2 }], a: null, e: undefined }
    expect(isAlike(mine, { a: null, b: [{ c: 2, d: 1 }] })).toBe(true)
    expect(isAlike(mine, { a: null, b: [{ c: 2, d: 3 }] })).toBe(false)
    expect(isAlike([1, 2], [2, 1])).toBe(false)
    expect(isAlike(mine, null)).toBe(false)
  })

  it('what waited goes on over the revision that it was to go over: what came between is asked about', async () => {
    const { server, saver, state } = makeServer(5)
    keepUnsent('it', { value: 'mine', revision: 4, request: request('mine'), href: '/it', title: 'It' })
    expect(saver.resume('theirs')).toBe('mine')
    saver.change('mine')
    await vi.advanceTimersByTimeAsync(100)
    expect(server.sent).toEqual([['mine', 4]])
    expect(state()?.theirs).toEqual({ revision: 5 })
  })

  it('tries again where no server answers, and not where it refused', async () => {
    const { server, saver, state } = makeServer()
    server.fails.push(new Error('gone'))
    saver.change('a')
    await vi.advanceTimersByTimeAsync(100)
    expect(state()).toMatchObject({ isSaved: false, problem: { kind: 'no-server' } })
    await vi.advanceTimersByTimeAsync(3000)
    expect(state()).toMatchObject({ isSaved: true, problem: null })
    server.fails.push(new RefusedError(NAMELESS))
    saver.change('')
    await vi.advanceTimersByTimeAsync(10_000)
    expect(server.sent).toHaveLength(3)
    expect(state()).toMatchObject({ isSaved: false, problem: { kind: 'refused', why: NAMELESS } })
  })

  it('saves nothing over somebody else’s before one of the two was chosen', async () => {
    const { server, saver, state } = makeServer()
    server.revision = 9
    saver.change('mine')
    await vi.advanceTimersByTimeAsync(100)
    expect(state()?.theirs).toEqual({ revision: 9 })
    saver.change('mine still')
    await vi.advanceTimersByTimeAsync(5000)
    saver.leave()
    expect(server.sent).toHaveLength(1)
    saver.settle(9)
    await vi.advanceTimersByTimeAsync(100)
    expect([server.value, state()?.isSaved]).toEqual(['mine still', true])
  })

  it('sends what is not sent when the page is left, over what is on its way, and says so to the next page', async () => {
    const { server, saver } = makeServer()
    server.hold = new Promise(() => {})
    saver.change('a')
    await vi.advanceTimersByTimeAsync(100)
    saver.change('b')
    saver.leave()
    expect(server.sent).toEqual([
      ['a', 3],
      ['b', 4],
    ])
    expect(JSON.parse(remembered['nivrel.leaving'] ?? '')).toEqual({ what: 'it', revision: 5 })
    const { server: quiet, saver: idle } = makeServer()
    idle.leave()
    expect(quiet.sent).toEqual([])
  })

  it('says of a save whose answer was lost that it may have arrived: which page saves, and the how manieth it is', async () => {
    const { server, saver } = makeServer()
    server.fails.push(new Error('cut off'))
    saver.change('a')
    await vi.advanceTimersByTimeAsync(100)
    saver.change('b')
    saver.leave()
    const [first, second] = server.over
    expect([first?.turn, second?.turn, second?.revision]).toEqual([1, 2, 3])
    expect(second?.saver).toBe(first?.saver)
    expect(JSON.parse(remembered['nivrel.leaving'] ?? '')).toEqual({ what: 'it', revision: 5 })
    // What somebody else saved was seen and gone over: nothing of before counts.
    saver.settle(7)
    await vi.advanceTimersByTimeAsync(100)
    expect(server.over[2]?.saver).not.toBe(first?.saver)
  })
})
