// Dragging a foot in headless Chromium against the production build: scripting a move, and the heap after many.
import { chromium } from '@playwright/test'
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
  const drag = (count) => page.evaluate(dragFoot, count)
  const times = await drag(200)
  const after200 = await weigh()
  await drag(1800)
  const after2000 = await weigh()
  await browser.close()
  times.sort((a, b) => a - b)
  return { median: times[100], p95: times[190], after200, after2000, sent }
}

/** Drags the left foot about, in the page; how long each move kept it, in milliseconds. */
async function dragFoot(count) {
  const foot = document.querySelector('[aria-label^="left foot"] path:nth-of-type(1)')
  const grab = foot.parentElement.querySelector('g')
  const box = grab.getBoundingClientRect()
  const [x, y] = [box.left + box.width / 2, box.top + box.height * 0.8]
  const send = (type, dx, dy) =>
    grab.dispatchEvent(
      new PointerEvent(type, {
        bubbles: true,
        pointerId: 1,
        button: 0,
        clientX: x + dx,
        clientY: y + dy,
        isPrimary: true,
      }),
    )
  grab.setPointerCapture = () => {}
  const frame = () => new Promise((done) => requestAnimationFrame(() => done()))
  const times = []
  send('pointerdown', 0, 0)
  for (let i = 0; i < count; i++) {
    const start = performance.now()
    send('pointermove', 20 * Math.sin(i / 7), 24 * Math.cos(i / 9))
    // React renders what a pointer move changes before the task ends.
    await Promise.resolve()
    times.push(performance.now() - start)
    await frame()
  }
  send('pointerup', 0, 0)
  await new Promise((done) => setTimeout(done, 4000))
  return times
}
