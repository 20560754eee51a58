import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { expect, it } from 'vitest'
import { now, nowMs } from '@/clock'
import { parseAddress } from '@/keeping/db/address'
import { PINNED, setClock, TODAY } from '@/testing/clock'
import { checkClock } from './pinned-clock'

const ROOT = join(import.meta.dirname, '../..')

it('a clock that was set is taken in tests, and refused where real days count', () => {
  const of = (mode: 'production' | 'development', host: string, url: string, clock = '2026-03-13T10:00:00Z') =>
    checkClock({ NODE_ENV: mode, NIVREL_HOST: host, NIVREL_CLOCK: clock }, parseAddress(url))
  const test = 'file:test-results/some.db'
  expect(() => of('production', '127.0.0.1', test)).not.toThrow()
  expect(() => of('production', '', test)).not.toThrow()
  expect(() => of('development', '0.0.0.0', 'file:data/nivrel.db')).not.toThrow()
  for (const [host, url] of [
    ['0.0.0.0', test],
    ['127.0.0.1', 'file:data/nivrel.db'],
    ['127.0.0.1', 'libsql://test-results'],
    ['::', test],
  ] as const)
    expect(() => of('production', host, url), `${host} ${url}`).toThrow(/for tests only/)
  expect(() => of('production', '127.0.0.1', test, 'tomorrow')).toThrow(/NIVREL_CLOCK tomorrow: an instant such as/)
  expect(() => checkClock({ NODE_ENV: 'production', NIVREL_HOST: '0.0.0.0' }, parseAddress('file:a.db'))).not.toThrow()
})

it('goes on from where it was set', async () => {
  expect(now().toISOString().slice(0, 10)).toBe(TODAY)
  setClock('2028-02-29T23:59:59.990Z')
  const before = nowMs()
  await new Promise((done) => setTimeout(done, 30))
  expect([nowMs() > before, now().toISOString().slice(0, 10)]).toEqual([true, '2028-03-01'])
  setClock(PINNED.NIVREL_CLOCK)
})

it('nobody else asks the machine what time it is', () => {
  const asks = ['src', 'cli', 'scripts', 'e2e'].flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
      .filter((file) => /\.(tsx?|mjs)$/.test(file) && !`${folder}/${file}`.startsWith('src/clock.ts'))
      .filter((file) => /new Date\(\)|Date\.now/.test(readFileSync(join(ROOT, folder, file), 'utf8')))
      .map((file) => `${folder}/${file}`),
  )
  // A browser test's clock is so much ahead of the machine's.
  expect(asks).toEqual(['e2e/nivrel.ts'])
})
