import { type ChildProcess, spawn } from 'node:child_process'
import { copyFileSync, rmSync } from 'node:fs'
import { PINNED } from '../src/testing/clock'

/** What a database leaves beside itself. */
const ENDS = ['', '-wal', '-shm', '-journal', '-owner']
export const remove = (database: string): void => {
  for (const end of ENDS) rmSync(`${database}${end}`, { force: true })
}

/** Lantern Quay as the demo puts it in, made once for all. */
export const TEMPLATE = 'test-results/lantern-quay.db'

/** Where the tests' own Nivrel listen: one for each that runs beside another. */
const FIRST_PORT = 4179

/** A Nivrel of one's own: its address, its file, and how far its clock is ahead of the machine's, milliseconds. */
export type Nivrel = { url: string; database: string; ahead: number; close: () => Promise<void> }

export async function openNivrel(index: number): Promise<Nivrel> {
  const [port, database] = [FIRST_PORT + 10 * index, `test-results/browser-${index}.db`]
  remove(database)
  copyFileSync(TEMPLATE, database)
  const server = spawn('node_modules/.bin/next', ['start', '-H', '127.0.0.1', '-p', String(port)], {
    env: { ...process.env, ...PINNED, NIVREL_DATABASE_URL: `file:${database}`, NEXT_TELEMETRY_DISABLED: '1' },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const url = `http://127.0.0.1:${port}`
  const ahead = Date.parse(PINNED.NIVREL_CLOCK) - Date.now()
  await answers(url, server)
  return { url, database, ahead, close: () => ended(server) }
}

/** @throws Error where it ended before it answered */
async function answers(url: string, server: ChildProcess): Promise<void> {
  while (server.exitCode === null) {
    const ready = await fetch(`${url}/api/v1/ready`).catch(() => null)
    if (ready?.ok) return
    await new Promise((done) => setTimeout(done, 50))
  }
  throw new Error(`no Nivrel came up at ${url}`)
}

function ended(server: ChildProcess): Promise<void> {
  return new Promise((done) => {
    if (server.exitCode !== null) return done()
    server.once('exit', () => done())
    server.kill('SIGTERM')
  })
}
