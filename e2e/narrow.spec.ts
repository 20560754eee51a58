import { openBench, verdict } from './helpers'
import { expect, type Page, test } from './test'

const PAGES = [
  '/',
  '/bench',
  '/class',
  '/people',
  '/people/odalys-marrin',
  '/lesson?group=slack-tide',
  '/log?group=slack-tide',
  '/log?person=bram-tallow',
  '/measure?person=odalys-marrin&what=scales',
  '/measure?person=odalys-marrin&what=board',
  '/measure?person=odalys-marrin&what=sway',
  '/measure?person=odalys-marrin&test=chair-stand',
  '/paper?as=card&person=odalys-marrin',
  '/postures',
  '/house',
]

/** Elements that stick out of the page, and words that are cut. */
const findCut = (page: Page) =>
  page.evaluate(() => {
    const width = document.documentElement.clientWidth
    const cut = [...document.querySelectorAll('main strong, main h1, main h2, main small')].filter(
      (element) =>
        element.scrollWidth > element.clientWidth + 1 && getComputedStyle(element).textOverflow === 'ellipsis',
    )
    return {
      wide: document.documentElement.scrollWidth > width ? document.documentElement.scrollWidth : 0,
      cut: cut.map((element) => element.textContent),
    }
  })

async function open(page: Page, path: string) {
  await page.goto(path)
  await expect(page.getByRole('heading').first()).toBeVisible()
  if (path === '/class') await expect(page.getByRole('region', { name: /^Level 1/ })).toBeVisible()
}

test.beforeAll(async ({ request, nivrel }) => {
  const name = 'Bartholomea Christophora Wilhelmina-Alexandrina of the Outer Breakwater'
  // Where a test is tried again, they are there already.
  const there = (await (await request.get('/api/people')).json()) as { record: { name: string } }[]
  if (there.some(({ record }) => record.name === name)) return
  const record = { format: 'nivrel.person/1', name, groups: ['Slack Tide'], body: { statureM: 1.7, massKg: 70 } }
  await request.post('/api/people', { data: { records: [record] }, headers: { origin: nivrel.url } })
})

/** In a page, before anything of it: counts how much of what is shown moves by itself. */
function countShifts(): void {
  Object.assign(window, { shifted: 0 })
  new PerformanceObserver((list) => {
    for (const entry of list.getEntries() as (PerformanceEntry & { value: number; hadRecentInput: boolean })[])
      if (!entry.hadRecentInput) (window as unknown as { shifted: number }).shifted += entry.value
  }).observe({ type: 'layout-shift', buffered: true })
}

const SHIFTS_MOST = 0.05

test('nothing moves by itself, runs off or is cut from a phone to a tablet on end, a long name among it', async ({
  page,
}) => {
  await page.addInitScript(countShifts)
  for (const path of PAGES) {
    await page.setViewportSize({ width: 1280, height: 800 })
    await open(page, path)
    const shifted = await page.evaluate(() => (window as unknown as { shifted: number }).shifted)
    expect(shifted, `${path} moves by itself`).toBeLessThan(SHIFTS_MOST)
    for (const width of [360, 390, 820]) {
      await page.setViewportSize({ width, height: 840 })
      await expect.poll(() => findCut(page), `${path} at ${width}`).toEqual({ wide: 0, cut: [] })
    }
  }
})

test('at twice the text names stay whole and nothing runs off', async ({ page }) => {
  for (const path of PAGES) {
    await open(page, path)
    await page.evaluate(() => document.documentElement.style.setProperty('font-size', '200%'))
    await expect.poll(() => findCut(page), path).toEqual({ wide: 0, cut: [] })
    if (path !== '/class') continue
    const name = page.getByRole('button', { name: /^Tomasz steady/ }).getByText('Tomasz')
    const box = (await name.boundingBox()) as { width: number; height: number }
    // On one line, not a letter on each.
    expect(box.width).toBeGreaterThan(box.height)
  }
})

for (const [width, height] of [
  [1280, 800],
  [1024, 768],
] as const) {
  test(`at ${width}x${height} the verdict, its reason and the whole first variant need no scrolling`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height })
    await openBench(page, /Odalys Marrin/)
    const first = page.getByRole('region', { name: 'Safer variants' }).getByRole('article').first()
    await expect(first).toBeVisible()
    await expect(page.getByRole('progressbar')).toBeHidden()
    for (const what of [
      verdict(page),
      page.getByText('The left knee bends past its limit').first(),
      first.getByRole('button', { name: /^Take this/ }),
      first.getByText(/knees? .*straighter/).first(),
      // On the smaller screen what it buys begins there.
      ...(height === 800 ? [first.getByText(/room left/).first()] : []),
    ]) {
      const box = (await what.boundingBox()) as { y: number; height: number }
      expect(box.y + box.height).toBeLessThanOrEqual(height)
    }
  })
}

test('on a phone the verdict and its reason come before the fold and before the floor', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await openBench(page, /Odalys Marrin/)
  const top = async (what: ReturnType<Page['getByText']>) => ((await what.boundingBox()) as { y: number }).y
  const reason = await top(page.getByText('The left knee bends past its limit').first())
  expect(reason).toBeLessThan(600)
  expect(await top(verdict(page))).toBeLessThan(reason)
  expect(reason).toBeLessThan(await top(page.getByTestId('floor')))
})

test('on paper: no navigation, nothing pressed, nothing that scrolls, dark ink on white', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' })
  for (const path of PAGES) {
    await open(page, path)
    await page.emulateMedia({ media: 'print', colorScheme: 'dark' })
    await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden()
    await expect(page.getByRole('button', { name: /^(Take this|Keep this|Somebody new|Fit again|Undo)/ })).toHaveCount(
      0,
    )
    const paper = await page.evaluate(() => ({
      ground: getComputedStyle(document.body).backgroundColor,
      ink: getComputedStyle(document.body).color,
      scrolls: [...document.querySelectorAll('main *')].filter(
        (element) =>
          ['auto', 'scroll', 'hidden'].includes(getComputedStyle(element).overflowY) &&
          element.scrollHeight > element.clientHeight + 1 &&
          element.clientHeight > 2,
      ).length,
    }))
    expect({ path, ...paper }).toEqual({ path, ground: 'rgb(255, 255, 255)', ink: 'rgb(0, 0, 0)', scrolls: 0 })
    await page.emulateMedia({ media: 'screen' })
  }
})
