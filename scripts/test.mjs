// npm test: installs what it needs, then every check, and one closing line with the total.
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { bin, build, install, ROOT, run, say, stop } from './steps.mjs'

const total = { passed: 0, failed: 0 }

function count(name, passed, failed) {
  total.passed += passed
  total.failed += failed
  say(`${failed === 0 ? 'ok  ' : 'FAIL'} ${name}: ${passed} passed, ${failed} failed`)
}

/** A check that passes or fails as a whole. */
function check(name, command, args) {
  const { status, stdout, stderr } = run(command, args, { stdio: 'pipe', encoding: 'utf8' })
  if (status !== 0) say(`${stdout}${stderr}`)
  count(name, status === 0 ? 1 : 0, status === 0 ? 0 : 1)
}

/** A suite that writes a report; without one it failed as a whole. */
function suite(name, command, args, report, read) {
  const { status } = run(command, args)
  const file = join(ROOT, report)
  if (!existsSync(file)) return count(name, 0, 1)
  const { passed, failed } = read(JSON.parse(readFileSync(file, 'utf8')))
  count(name, passed, status !== 0 && failed === 0 ? 1 : failed)
}

function installChromium() {
  if (existsSync('/usr/bin/chromium')) return
  say('Installing Chromium from Debian (once)…')
  const ready = run('apt-get', ['update', '-qq']).status === 0
  if (!ready || run('apt-get', ['install', '-y', '-qq', 'chromium']).status !== 0) {
    stop('Chromium could not be installed; as root: apt-get install chromium')
  }
}

install()
installChromium()
check('types', bin('tsc'), ['--noEmit'])
check('lint and format', bin('biome'), ['check', '.'])
check('imports point one way', bin('depcruise'), ['src', 'cli', 'scripts'])
suite(
  'unit tests',
  bin('vitest'),
  ['run', '--reporter=dot', '--reporter=json', '--outputFile.json=test-results/unit.json'],
  'test-results/unit.json',
  (report) => ({ passed: report.numPassedTests, failed: report.numFailedTests + report.numPendingTests }),
)
await build()
count('production build', 1, 0)
suite('browser tests', bin('playwright'), ['test'], 'test-results/browser.json', ({ stats }) => ({
  passed: stats.expected + stats.flaky,
  failed: stats.unexpected + stats.skipped,
}))
say(`${total.passed} passed, ${total.failed} failed`)
process.exit(total.failed === 0 ? 0 : 1)
