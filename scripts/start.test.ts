import { spawnSync } from 'node:child_process'
import { chmodSync, mkdtempSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { expect, it } from 'vitest'

const ROOT = fileURLToPath(new URL('..', import.meta.url))

const run = (args: string[], env: Record<string, string> = {}) =>
  spawnSync(process.execPath, args, { cwd: ROOT, encoding: 'utf8', env: { ...process.env, ...env } })

const lines = (text: string) => text.trim().split('\n')

it('a port in use is one clear line that names another', async () => {
  const taken = createServer()
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve))
  const { port } = taken.address() as { port: number }
  const child = run(['scripts/demo.mjs', '--port', String(port)])
  taken.close()
  expect(child.status).toBe(1)
  expect(lines(child.stderr)).toEqual([
    `nivrel: port ${port} is in use; choose another with: npm run demo -- --port ${port + 1}`,
  ])
})

it('one’s own people are never started over', () => {
  const child = run(['scripts/start.mjs', '--fresh'])
  expect([child.status, lines(child.stderr)]).toEqual([1, [expect.stringMatching(/fresh.*npm start takes --port N$/)]])
})

it.each([['--port', 'x'], ['--port', '0'], ['--frsh']])('wrong use is one clear line: %s %s', (...args) => {
  const child = run(['scripts/demo.mjs', ...args])
  expect([child.status, lines(child.stderr).length]).toEqual([1, 1])
})

it('a database that cannot be opened is one clear line', () => {
  const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))
  const file = join(folder, 'not-a-database.db')
  writeFileSync(file, 'this is no database, but long enough to be read as the head of one'.repeat(20))
  chmodSync(file, 0o444)
  const child = run(['--import', 'tsx', 'scripts/prepare.ts'], { NIVREL_DATABASE_URL: `file:${file}` })
  expect(child.status).toBe(1)
  expect(lines(child.stderr)).toHaveLength(1)
  expect(child.stderr).toContain('cannot be opened or written')
})
