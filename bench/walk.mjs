// The path in headless Chromium against the production build: playing, dragging a step's foot, a class on a path.
import { chromium } from '@playwright/test'
import { dragOnPage } from './drag-on-page.mjs'
import { weighHeap } from './heap.mjs'

const ARGS = [
  '--no-sandbox',
  '--disable-quic',
  '--disable-background-networking',
  '--no-first-run',
  '--js-flags=--expose-gc',
]
/** Frames come as they come; the time that they are told runs so many times as fast, so that a round is short. */
const FASTER = 8

export async function measureWalk(url) {
  const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ARGS })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.addInitScript(timeFrames, FASTER)
  await page.goto(`${url}/path?person=isolde-farrant&routine=quay-four`)
  await page.getByTestId('path-verdict').waitFor()
  await page.waitForTimeout(1500)
  const session = await page.context().newCDPSession(page)
  const play = async (rounds) => {
    for (let i = 0; i < rounds; i++) {
      await page.getByRole('button', { name: 'Play', exact: true }).click()
      await page.getByRole('button', { name: 'Play', exact: true }).waitFor({ timeout: 120_000 })
    }
  }
  await play(2)
  const frames = await page.evaluate(() => window.frameTimes)
  const after2 = await weighHeap(session)
  await play(8)
  const after10 = await weighHeap(session)
  await page.locator('ol button').nth(2).click()
  await page.getByTestId('step-verdict').waitFor()
  await page.waitForTimeout(3000)
  const moves = await page.evaluate(dragOnPage, {
    what: '[data-testid="step-floor"] [role="button"] g',
    down: 0.7,
    across: 14,
    along: 18,
    count: 150,
    restMs: 0,
  })
  await page.goto(`${url}/path?group=slack-tide&routine=harbour-twelve`)
  const start = Date.now()
  await page.waitForFunction(
    () => {
      const lines = [...document.querySelectorAll('li[data-how]')]
      return lines.length > 0 && lines.every(({ dataset }) => dataset.how !== 'none')
    },
    null,
    { timeout: 120_000 },
  )
  const asked = Date.now() - start
  await page.getByText(/of \w+ walk it together/).waitFor({ timeout: 120_000 })
  const walked = Date.now() - start
  await page.waitForTimeout(1000)
  const again = Date.now()
  await page.getByRole('button', { name: 'All of it mirrored', exact: true }).click()
  const everybody = page.getByRole('progressbar', { name: 'Walking with everybody' })
  await everybody.waitFor()
  await everybody.waitFor({ state: 'detached', timeout: 120_000 })
  const edited = Date.now() - again
  await browser.close()
  return { frame: spread(frames), after2, after10, drag: spread(moves), asked, class: walked, edited }
}

function spread(times) {
  const sorted = times.toSorted((a, b) => a - b)
  const at = (part) => sorted[Math.floor((sorted.length - 1) * part)]
  return { median: at(0.5), p95: at(0.95) }
}

/** In the page, before anything: how long each frame's script runs, what React renders of it included. */
function timeFrames(faster) {
  window.frameTimes = []
  const ask = window.requestAnimationFrame.bind(window)
  const began = performance.now()
  window.requestAnimationFrame = (callback) =>
    ask((now) => {
      const start = performance.now()
      callback(began + (now - began) * faster)
      queueMicrotask(() => window.frameTimes.push(performance.now() - start))
    })
}
