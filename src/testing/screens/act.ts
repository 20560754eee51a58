import { createRequire } from 'node:module'
import { setImmediate } from 'node:timers/promises'

// Screens are tested as they are shipped, and React as shipped has no `act`: what was asked for is on the page at once.
const require = createRequire(import.meta.url)
const { flushSync } = require('react-dom') as typeof import('react-dom')

function act(run: () => unknown): PromiseLike<unknown> {
  let made: unknown
  flushSync(() => {
    made = run()
  })
  const isLater = typeof (made as PromiseLike<unknown> | undefined)?.then === 'function'
  return isLater ? settle(made as PromiseLike<unknown>) : Promise.resolve(made)
}

/** What is at hand when something was done, and whatever it brought about was rendered. */
export async function settle<T>(later: PromiseLike<T>): Promise<T> {
  const made = await later
  for (let turn = 0; turn < TURNS; turn++) await setImmediate()
  return made
}
/** Turns of the loop: effects, what they set, the effects of that; each is a slice of a long rendering. */
const TURNS = 25

Object.assign(require('react'), { act })
