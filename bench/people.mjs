// The list with 500 people, and the hall with 16, in headless Chromium against the production build.
import { chromium } from '@playwright/test'

export const makeRecord = (i) => ({
  format: 'nivrel.person/1',
  name: `Person ${String(i).padStart(3, '0')} of the long list`,
  story: 'Steady on the whole, in a hurry on the stairs.',
  // Slack Tide has thirteen: three of the list make sixteen.
  groups: i < 3 ? ['Slack Tide'] : [],
  body: { statureM: 1.5 + (i % 38) / 100, massKg: 52 + (i % 45), ageYears: 58 + (i % 33) },
  limits: [
    {
      what: 'kneeFlexionMaxDeg',
      side: i % 2 ? 'left' : 'right',
      value: 25 + (i % 20),
      source: { kind: 'instructor' },
      on: '2026-01-10',
    },
  ],
})

export async function measurePeople(url) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-quic', '--disable-background-networking', '--no-first-run'],
  })
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await page.goto(`${url}/class`)
  const records = Array.from({ length: 478 }, (_, i) => makeRecord(i))
  await page.request.post(`${url}/api/people`, { data: { records } })
  await page.goto(`${url}/people`)
  await page.waitForTimeout(1000)
  const paints = []
  for (let i = 0; i < 5; i++) {
    await page.goto(`${url}/people`, { waitUntil: 'load' })
    const paint = () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime
    paints.push(await (await page.waitForFunction(paint)).jsonValue())
    // One page at a time, as somebody opens them: the last one has done its work.
    await page.waitForTimeout(1500)
  }
  // The rest of the rows comes once the page is alive.
  await page.waitForFunction((count) => document.querySelectorAll('main li').length === count, records.length + 22)
  const rows = await page.locator('main li').count()
  const longest = await page.evaluate(async () => {
    const frame = () => new Promise((done) => requestAnimationFrame(done))
    let last = await frame()
    let most = 0
    for (let y = 0; y < document.body.scrollHeight; y += 400) {
      window.scrollTo(0, y)
      const now = await frame()
      most = Math.max(most, now - last)
      last = now
    }
    return most
  })
  await page.goto(`${url}/class`)
  await page.getByRole('region', { name: /^Level 1/ }).waitFor({ timeout: 60_000 })
  await page.getByRole('progressbar').waitFor({ state: 'hidden', timeout: 60_000 })
  const start = Date.now()
  await page.getByRole('button', { name: 'Fit again' }).click()
  await page.getByRole('progressbar').waitFor({ state: 'visible' })
  await page.getByRole('progressbar').waitFor({ state: 'hidden', timeout: 60_000 })
  const fitted = Date.now() - start
  await browser.close()
  return { painted: paints.sort((a, b) => a - b)[2], rows, longest, fitted }
}
