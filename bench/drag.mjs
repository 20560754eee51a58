// Dragging a foot in headless Chromium against the production build: scripting a move, and the heap after many.
import { chromium } from '@playwright/test'
import { dragOnPage } from './drag-on-page.mjs'
import { weighHeap } from './heap.mjs'

export async function measureDrag(url) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-quic',
      '--disable-background-networking',
      '--no-first-run',
      '--js-flags=--expose-gc',
    ],
  })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(url)
  await page.getByTestId('verdict').waitFor()
  await page.waitForTimeout(1500)
  const sent = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((entry) => entry.name.includes('.js'))
      .map((entry) => ({ name: entry.name, bytes: entry.encodedBodySize, at: entry.startTime })),
  )
  const session = await page.context().newCDPSession(page)
  const weigh = () => weighHeap(session)
  const drag = (count) =>
    page.evaluate(dragOnPage, {
      what: '[aria-label^="left foot"] g',
      down: 0.8,
      across: 20,
      along: 24,
      count,
      restMs: 4000,
    })
  const times = await drag(200)
  const after200 = await weigh()
  await drag(1800)
  const after2000 = await weigh()
  await drag(2000)
  const after4000 = await weigh()
  await browser.close()
  times.sort((a, b) => a - b)
  return { median: times[100], p95: times[190], after200, after2000, after4000, sent }
}
