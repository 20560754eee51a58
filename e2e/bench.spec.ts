import { readFileSync } from 'node:fs'
import { choose, openBench, verdict } from './helpers'
import { expect, test } from './test'

test('shows whether a person holds a posture, and follows another person and posture', async ({ page }) => {
  await openBench(page, /Odalys Marrin/)
  await expect(verdict(page)).toHaveText(/Not like this/)
  await expect(page.getByText('The left knee bends past its limit')).toBeVisible()
  await choose(page, /^Person:/, /Bram Tallow/)
  await expect(page.getByText('Tall, stiff ankles')).toBeVisible()
  await choose(page, /^Posture:/, 'one-leg stance')
  await expect(page.getByRole('slider', { name: 'Weight on the left foot' })).toHaveAttribute('aria-disabled', 'true')
  await expect(page.getByText('held', { exact: true })).toBeVisible()
})

test('another body follows while the last one’s variants are on screen: on it they could not even be stood', async ({
  page,
}) => {
  await openBench(page, /Marit Quill/)
  await choose(page, /^Posture:/, 'empty stance, ball down')
  const variant = page.getByRole('region', { name: 'Safer variants' }).getByRole('article').first()
  await expect(variant).toHaveAttribute('data-stale', 'false')
  await choose(page, /^Person:/, /Keziah Underhill/)
  await expect(page.getByText('Right hip replaced in spring.')).toBeVisible()
  await expect(verdict(page)).toBeVisible()
})

test('a figure typed goes the way that is said, with a comma too; Escape takes it back', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  const toes = page.getByRole('spinbutton', { name: 'Front toes' })
  const says = (text: string) => expect(toes).toHaveAttribute('aria-valuetext', text)
  await toes.fill('-12')
  await toes.press('Enter')
  await says('12° in')
  await expect(toes).toBeFocused()
  // All of it is chosen: the next figure replaces it, and stays inward.
  await page.keyboard.type('7')
  await page.keyboard.press('Enter')
  await says('7° in')
  await page.keyboard.type('900')
  await page.keyboard.press('Escape')
  await says('7° in')
  await page.keyboard.type('900')
  await page.keyboard.press('Tab')
  await says('100° in')
  await toes.fill('+3')
  await toes.press('ArrowUp')
  await says('4° out')
  const track = page.getByRole('spinbutton', { name: 'Track width' })
  await track.fill('17,5')
  await track.press('Enter')
  await expect(track).toHaveValue(/^17\.[456]$/)
})

test('a foot is moved and turned on the floor by hand and by keyboard, and the weight on its beam', async ({
  page,
}) => {
  await openBench(page, /Tomasz Ferrow/)
  const step = page.getByRole('spinbutton', { name: 'Step length' })
  const before = Number(await step.inputValue())
  const foot = page.getByRole('button', { name: /^left foot:/ })
  const box = (await foot.locator('path').nth(1).boundingBox()) as {
    x: number
    y: number
    width: number
    height: number
  }
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.8)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.8 + 40, { steps: 8 })
  await page.mouse.up()
  const dragged = Number(await step.inputValue())
  expect(dragged).toBeLessThan(before - 2)
  await foot.focus()
  await page.keyboard.press('ArrowUp')
  expect(Number(await step.inputValue())).toBeCloseTo(dragged + 1, 1)
  await page.keyboard.press(',')
  await expect(page.getByRole('spinbutton', { name: 'Front toes' })).toHaveValue('1')
  await expect(page.getByRole('spinbutton', { name: 'Front toes' })).toHaveAttribute('aria-valuetext', '1° out')
  const beam = page.getByRole('slider', { name: 'Weight on the left foot' })
  await expect(beam).toHaveAttribute('aria-valuenow', '65')
  await beam.press('ArrowRight')
  await expect(page.getByRole('spinbutton', { name: 'Weight on the left foot' })).toHaveValue('64')
  await page.getByRole('slider', { name: /^Centre of mass/ }).press('ArrowLeft')
  await expect(beam).toHaveAttribute('aria-valuenow', '65')
})

test('a safer variant is taken, kept with a note, and found again after a restart of the page', async ({ page }) => {
  await openBench(page, /Odalys Marrin/)
  const nearest = page.getByRole('article', { name: 'Smallest change' })
  await expect(nearest).toContainText('left knee 34° → 30°')
  await nearest.getByRole('button', { name: /^Take this/ }).click()
  await expect(verdict(page)).toHaveText(/Steady/)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(verdict(page)).toHaveText(/Not like this/)
  await page.getByRole('button', { name: 'Redo' }).click()
  await page.getByRole('button', { name: 'Keep this' }).click()
  await page.getByLabel('Name').fill('Half a step')
  await page.getByLabel('Note').fill('knees soft, watch the left')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByRole('region', { name: 'Kept' })).toContainText('Half a step')

  // What is on the bench now is a draft: it is there on return, with what was kept.
  const kept = page.waitForResponse((r) => r.url().endsWith('/draft') && r.ok())
  await page.getByRole('spinbutton', { name: 'Track width' }).press('ArrowUp')
  const width = await page.getByRole('spinbutton', { name: 'Track width' }).inputValue()
  await kept
  await page.reload()
  await expect(page.getByRole('spinbutton', { name: 'Track width' })).toHaveValue(width as string)
  await page.getByRole('button', { name: /^Half a step/ }).click()
  await expect(verdict(page)).toHaveText(/Steady/)
  await expect(page.getByRole('region', { name: 'Kept' })).toContainText('knees soft, watch the left')
  await choose(page, /^Posture:/, 'parallel stance')
  await expect(page.getByRole('region', { name: 'Kept' })).toContainText('Nothing kept yet')
})

test('the routes answer the documents of the command line, and name what is wrong', async ({ request }) => {
  const [first] = readFileSync('src/documents/worked/stances.ndjson', 'utf8').split('\n')
  const data = JSON.parse(first as string)
  const analysis = await (await request.post('/api/v1/analyze', { data })).json()
  expect([analysis.format, analysis.verdict]).toEqual(['nivrel.analysis/1', 'close'])
  const variants = await (await request.post('/api/v1/variants', { data })).json()
  expect(variants.format).toBe('nivrel.variants/1')
  const bad = await request.post('/api/v1/analyze', { data: { ...data, person: { ...data.person, statureM: 173 } } })
  expect(bad.status()).toBe(400)
  expect(await bad.json()).toEqual({
    error: { field: 'person.statureM', value: 173, accepts: 'a number from 1 to 2.3 m' },
  })
  const foreign = await request.post('/api/v1/analyze', { data, headers: { 'sec-fetch-site': 'cross-site' } })
  expect(foreign.status()).toBe(403)
  const people = [{ name: 'Ana', person: { statureM: 1.65, massKg: 68, ageYears: 66 } }]
  const fit = await request.post('/api/v1/fit', { data: { format: 'nivrel.fit-request/1', people, posture: 'bow' } })
  expect(await fit.json()).toMatchObject({ format: 'nivrel.fit/1', unfitted: 0, levels: [{ people: ['Ana'] }] })
})

for (const [name, width, height, colorScheme] of [
  ['a laptop, light', 1280, 800, 'light'],
  ['a tablet, dark', 1024, 768, 'dark'],
] as const) {
  test(`nothing overlaps or falls off the page on ${name}, and it is readable`, async ({ browser }) => {
    const page = await browser.newPage({ viewport: { width, height }, colorScheme, hasTouch: width < 1200 })
    await page.goto('/bench')
    await expect(verdict(page)).toBeVisible()
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width)
    expect(await page.evaluate(() => document.documentElement.dataset.theme)).toBe(colorScheme)
    await page.evaluate(readFileSync('node_modules/axe-core/axe.min.js', 'utf8'))
    const faults = await page.evaluate(async () => {
      // biome-ignore lint/suspicious/noExplicitAny: axe puts itself on the window
      const { violations } = await (window as any).axe.run()
      return violations
        .filter((v: { impact: string }) => v.impact === 'serious' || v.impact === 'critical')
        .map((v: { id: string; nodes: { html: string }[] }) => `${v.id}: ${v.nodes.map((n) => n.html).join(' ')}`)
    })
    expect(faults).toEqual([])
    await page.close()
  })
}
