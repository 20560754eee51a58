import { type Browser, test as base } from '@playwright/test'
import { type Nivrel, openNivrel } from './nivrel'

export type { CDPSession, Locator, Page } from '@playwright/test'
export { expect } from '@playwright/test'

/** The Nivrel of a file of tests, with nothing in it that another file left. */
type House = { of: (file: string) => Promise<Nivrel>; now: () => Nivrel }

/**
 * Tests have a server, a database and a clock of their own: what runs beside them, and which day it is, is no part of
 * them. `nivrel` is that server.
 */
export const test = base.extend<{ nivrel: Nivrel }, { house: House }>({
  house: [
    // biome-ignore lint/correctness/noEmptyPattern: what a fixture takes is read off its pattern
    async ({}, use, { parallelIndex }) => {
      let open: { file: string; nivrel: Nivrel } | null = null
      const of = async (file: string) => {
        if (open?.file === file) return open.nivrel
        await open?.nivrel.close()
        open = { file, nivrel: await openNivrel(parallelIndex) }
        return open.nivrel
      }
      await use({
        of,
        now: () => {
          if (!open) throw new Error('no Nivrel is open yet')
          return open.nivrel
        },
      })
      await (open as { nivrel: Nivrel } | null)?.nivrel.close()
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  nivrel: [async ({ house }, use, { file }) => use(await house.of(file)), { auto: true }],
  baseURL: async ({ nivrel }, use) => use(nivrel.url),
  browser: [
    async ({ browser, house }, use) => {
      const make = browser.newContext.bind(browser)
      const newContext: Browser['newContext'] = async (options) => {
        const context = await make(options)
        await context.addInitScript(setAhead, house.now().ahead)
        return context
      }
      await use(Object.assign(browser, { newContext }))
    },
    { scope: 'worker' },
  ],
})

/** In a page, before anything of it: its clock is the server's. */
function setAhead(ahead: number): void {
  const Machine = Date
  class Clock extends Machine {
    constructor(...given: [number]) {
      super(...(given.length > 0 ? given : ([Machine.now() + ahead] as [number])))
    }
    static override now = (): number => Machine.now() + ahead
  }
  window.Date = Clock as DateConstructor
}
