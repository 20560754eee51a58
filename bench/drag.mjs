// Dragging a foot in headless Chromium against the production build: scripting a move, and the heap after many.
import { chromium } from '@playwright/test'

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
  const result = await page.evaluate(async () => {
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
    const heap = () => {
      globalThis.gc?.()
      return performance.memory.usedJSHeapSize
    }
    const frame = () => new Promise((done) => requestAnimationFrame(() => done()))
    const drag = async (count, times) => {
      send('pointerdown', 0, 0)
      for (let i = 0; i < count; i++) {
        const start = performance.now()
        send('pointermove', 20 * Math.sin(i / 7), 24 * Math.cos(i / 9))
        // React renders what a pointer move changes before the task ends.
        await Promise.resolve()
        times?.push(performance.now() - start)
        await frame()
      }
      send('pointerup', 0, 0)
      await frame()
    }
    const times = []
    await drag(200, times)
    await new Promise((done) => setTimeout(done, 4000))
    const after200 = heap()
    await drag(1800)
    await new Promise((done) => setTimeout(done, 4000))
    times.sort((a, b) => a - b)
    return { median: times[100], p95: times[190], after200, after2000: heap() }
  })
  await browser.close()
  return { ...result, sent }
}
