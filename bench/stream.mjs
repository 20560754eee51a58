// A plate of a hundred readings a second on the sway page: frames while it runs, and memory; against the production build.
import { chromium } from '@playwright/test'

const SECONDS = 60

/** Frames a second in the median second, the longest frame, and the heap at a quarter and at the end. */
export async function measureStream(url) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-quic', '--no-first-run', '--js-flags=--expose-gc'],
  })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${url}/measure?person=isolde-farrant&what=sway`)
  const idle = await countFrames(page, 3)
  await page.getByRole('button', { name: /^Where readings come from/ }).click()
  await page.getByRole('menuitemradio', { name: 'a stand-in' }).click()
  await page.getByRole('button', { name: 'Begin' }).click()
  const heap = async () => {
    await page.evaluate(() => globalThis.gc?.())
    return page.evaluate(() => performance.memory.usedJSHeapSize)
  }
  await countFrames(page, SECONDS / 4)
  const quarter = await heap()
  const { frames, longest } = await countFrames(page, (SECONDS * 3) / 4)
  const end = await heap()
  await browser.close()
  return { idle: idle.frames, frames, longest, quarter, end }
}

const countFrames = (page, seconds) =>
  page.evaluate(
    (wanted) =>
      new Promise((done) => {
        const times = []
        const begin = performance.now()
        const tick = (now) => {
          times.push(now)
          if (now - begin < wanted * 1000) return requestAnimationFrame(tick)
          const longest = Math.max(...times.slice(1).map((time, i) => time - times[i]))
          done({ frames: times.length / wanted, longest })
        }
        requestAnimationFrame(tick)
      }),
    seconds,
  )
