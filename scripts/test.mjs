// npm test: installs what it needs, then every check, and one closing line with the total.
// npm test -- --quick: types, lint, and the unit and screen tests of what changed since main; for working.
import { spawn } from 'node:child_process'
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { bin, ENV, install, ROOT, run, say, stop } from './steps.mjs'

const total = { passed: 0, failed: 0 }

/** What is counted of a step: how many passed and failed, and for how long it took. */
function count(name, begun, passed, failed) {
  total.passed += passed
  total.failed += failed
  const seconds = Math.round((performance.now() - begun) / 1000)
  say(`${failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${passed} passed, ${failed} failed, ${seconds} s`)
}

/** Runs a command beside others. What it says is given back, or said as it comes. */
function start(command, args, { heard = true } = {}) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd: ROOT, env: ENV, stdio: ['ignore', 'pipe', 'pipe'] })
    let said = ''
    for (const stream of [child.stdout, child.stderr])
      stream.on('data', (data) => {
        if (heard) process.stdout.write(data)
        else said += data
      })
    child.on('close', (status) => done({ status, said }))
  })
}

/** A check that passes or fails as a whole; what it says is said where it fails. */
async function check(name, command, args) {
  const begun = performance.now()
  const { status, said } = await start(command, args, { heard: false })
  if (status !== 0) say(said)
  count(name, begun, status === 0 ? 1 : 0, status === 0 ? 0 : 1)
}

/** A suite that writes a report; without one it failed as a whole. */
async function suite(name, command, args, report, read, { heard = true } = {}) {
  const begun = performance.now()
  const file = join(ROOT, report)
  rmSync(file, { force: true })
  const { status, said } = await start(command, args, { heard })
  if (status !== 0 && !heard) say(said)
  if (!existsSync(file)) return count(name, begun, 0, 1)
  const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')))
  count(name, begun, passed, status !== 0 && failed === 0 ? 1 : failed)
}

const UNIT = 'test-results/unit.json'
const unitTests = (...more) =>
  suite(
    'unit and screen tests',
    bin('vitest'),
    ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${UNIT}`, ...more],
    UNIT,
    (report) => ({ passed: report.numPassedTests, failed: report.numFailedTests + report.numPendingTests }),
    // It runs beside other steps: what it says would stand between theirs.
    { heard: false },
  )

const types = () => check('types', bin('tsc'), ['--noEmit'])
const lint = () => check('lint and format', bin('biome'), ['check', '.'])

const CHROMIUM = ['chromium', 'chromium-headless-shell']

function installChromium() {
  if (CHROMIUM.every((name) => existsSync(`/usr/bin/${name}`))) return
  say('Installing Chromium from Debian (once)…')
  const ready = run('apt-get', ['update', '-qq']).status === 0
  // Without the light one the tests take the whole one for everything.
  if (ready && run('apt-get', ['install', '-y', '-qq', ...CHROMIUM]).status === 0) return
  if (!existsSync('/usr/bin/chromium') && run('apt-get', ['install', '-y', '-qq', 'chromium']).status !== 0)
    stop('Chromium could not be installed; as root: apt-get install chromium')
}

/** What can be said of the sources without running them, and the build that the browser tests open. */
async function checkSources() {
  await types()
  await lint()
  await check('imports point one way', bin('depcruise'), ['src', 'cli', 'scripts'])
  await check('production build', process.execPath, ['scripts/build.mjs'])
}

async function testAll() {
  installChromium()
  await Promise.all([checkSources(), unitTests()])
  await suite('browser tests', bin('playwright'), ['test'], 'test-results/browser.json', ({ stats }) => ({
    passed: stats.expected + stats.flaky,
    failed: stats.unexpected + stats.skipped,
  }))
}

async function testChanged() {
  const { stdout } = run('git', ['merge-base', 'main', 'HEAD'], { stdio: 'pipe', encoding: 'utf8' })
  await Promise.all([types(), lint(), unitTests('--changed', stdout.trim() || 'HEAD', '--passWithNoTests')])
}

const begun = performance.now()
install()
await (process.argv.includes('--quick') ? testChanged() : testAll())
say(`in ${Math.round((performance.now() - begun) / 1000)} s`)
say(`${total.passed} passed, ${total.failed} failed`)
process.exit(total.failed === 0 ? 0 : 1)
