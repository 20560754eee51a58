import { describe, expect, it } from 'vitest'
import { ConflictError, type Over, saveOver } from './conflict'

/** One thing in a database: saved over its revision alone. */
function makeThing() {
  const thing = { revision: 3, value: '' }
  const save = (value: string, over: Over) =>
    saveOver(
      over,
      async (revision) => {
        if (revision !== thing.revision) return null
        Object.assign(thing, { revision: revision + 1, value })
        return { ...thing }
      },
      async () => ({ ...thing }),
    )
  return { thing, save }
}

describe('a save over a revision', () => {
  it('goes over what the same page saved without hearing of it, and over nobody else’s', async () => {
    const { thing, save } = makeThing()
    await save('mine', { revision: 3, saver: 'page-a', turn: 1 })
    await save('mine, later', { revision: 3, saver: 'page-a', turn: 2 })
    expect(thing).toEqual({ revision: 5, value: 'mine, later' })
    await expect(save('theirs', { revision: 3, saver: 'page-b', turn: 1 })).rejects.toBeInstanceOf(ConflictError)
    await save('theirs', { revision: 5, saver: 'page-b', turn: 2 })
    await expect(save('mine still', { revision: 5, saver: 'page-a', turn: 3 })).rejects.toMatchObject({
      current: { revision: 6, value: 'theirs' },
    })
  })

  it('is not done again, and not after what the page sent later', async () => {
    const { thing, save } = makeThing()
    await save('later', { revision: 3, saver: 'page-c', turn: 2 })
    expect(await save('earlier', { revision: 3, saver: 'page-c', turn: 1 })).toEqual({ revision: 4, value: 'later' })
    expect(await save('later', { revision: 3, saver: 'page-c', turn: 2 })).toMatchObject({ revision: 4 })
    expect(thing).toEqual({ revision: 4, value: 'later' })
  })

  it('waits for the one that it goes over', async () => {
    const { thing, save } = makeThing()
    const second = save('second', { revision: 4, saver: 'page-d', turn: 2 })
    await save('first', { revision: 3, saver: 'page-d', turn: 1 })
    await second
    expect(thing).toEqual({ revision: 5, value: 'second' })
  })
})
