// Steps that the start, test and development scripts share. Plain Node: this runs before anything is installed.
import { spawnSync } from 'node:child_process'
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))
const STAMPS = join(ROOT, 'node_modules', '.nivrel')

export const ENV = { ...process.env, NEXT_TELEMETRY_DISABLED: '1' }

/** The demo has a file of its own: nobody's own people are ever beside it, or cleared with it. */
export const forDemo = () => {
  ENV.NIVREL_DATABASE_URL ||= 'file:data/demo.db'
}

export const say = (text) => process.stdout.write(`${text}\n`)

/** Ends with one clear line. */
export function stop(text) {
  process.stderr.write(`nivrel: ${text}\n`)
  process.exit(1)
}

export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: ROOT, env: ENV, stdio: 'inherit', ...options })
}

export const bin = (name) => join(ROOT, 'node_modules', '.bin', name)

/** Installs from the lock file where something else is there than it says. */
export function install() {
  if (Number(process.versions.node.split('.')[0]) < 20) stop(`Node 20 or newer is needed (this is ${process.version})`)
  if (isInstalled()) return
  say('Installing what it needs (once)…')
  if (run('npm', ['ci', '--no-audit', '--no-fund']).status !== 0)
    stop('the packages could not be installed (see above)')
}

/** npm's own list of what is there, against the lock file; what is optional is there on some machines only. */
function isInstalled() {
  const there = readPackages('node_modules/.package-lock.json')
  return Object.entries(readPackages('package-lock.json')).every(
    ([path, { version, optional }]) => path === '' || (path in there ? there[path].version === version : optional),
  )
}

function readPackages(file) {
  return existsSync(join(ROOT, file)) ? JSON.parse(readFileSync(join(ROOT, file), 'utf8')).packages : {}
}

/** Builds where the sources have changed since the last build. NIVREL_BUILT: what is there is taken as it is. */
export async function build() {
  if (process.env.NIVREL_BUILT) return
  const sources = hash(['package.json', 'package-lock.json', 'next.config.ts', 'tsconfig.json', ...listFiles('src')])
  if (isStamped('build', sources) && existsSync(join(ROOT, '.next', 'BUILD_ID'))) return
  say('Building (about a minute, once)…')
  const { status, stdout, stderr } = run(bin('next'), ['build'], { stdio: 'pipe', encoding: 'utf8' })
  if (status !== 0) stop(`the build failed\n${stdout}${stderr}`)
  await bundleSearch()
  stamp('build', sources)
}

/** The searches run in threads of their own, from one file beside the server (src/keeping/search/pool.ts). */
export const bundleSearch = () => bundle(`import './src/keeping/search/thread'`, 'search-thread.mjs')

/** Puts a program and everything that it imports of ours into one file that Node runs as it is. Returns where. */
export async function bundle(program, name) {
  const { build: esbuild } = await import('esbuild')
  mkdirSync(STAMPS, { recursive: true })
  const outfile = join(STAMPS, name)
  await esbuild({
    stdin: { contents: program, resolveDir: ROOT, loader: 'ts' },
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
    alias: { '@': join(ROOT, 'src') },
    logLevel: 'error',
  })
  return outfile
}

/** Makes, migrates and fills the database. */
export function prepare(...flags) {
  const done = run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts', ...flags], {
    stdio: 'pipe',
    encoding: 'utf8',
  })
  if (done.status !== 0) stop(done.stderr.trim().split('\n')[0])
}

function listFiles(folder) {
  return readdirSync(join(ROOT, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && !isForTests(join(entry.parentPath ?? entry.path, entry.name)))
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name).slice(ROOT.length))
    .sort()
}

/** What no build reads. */
const isForTests = (file) => /\.test[.-]|\/src\/testing\//.test(file)

function hash(files) {
  const sum = createHash('sha256')
  for (const file of files) sum.update(file).update(readFileSync(join(ROOT, file)))
  return sum.digest('hex')
}

const isStamped = (name, value) => {
  const file = join(STAMPS, name)
  return existsSync(file) && readFileSync(file, 'utf8') === value
}

function stamp(name, value) {
  const file = join(STAMPS, name)
  mkdirSync(dirname(file), { recursive: true })
  writeFileSync(file, value)
}
