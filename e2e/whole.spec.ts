import { chromium } from './browser'
import { atRest, openBench } from './helpers'
import { expect, test } from './test'
import { drag, middle, scrolled } from './touching'

// What only a whole browser has: drawing in space, and a pointer that is held while it is dragged.
test.use({ launchOptions: chromium({ whole: true }) })

test('the body is turned by keys, bent by its pelvis, and drawn where there is no WebGL', async ({ page, browser }) => {
  await openBench(page, /Tomasz Ferrow/)
  const canvas = page.locator('canvas')
  await expect(canvas).toBeVisible()
  await page.keyboard.press('2')
  await expect(page.getByRole('button', { name: 'Front' })).toHaveAttribute('aria-pressed', 'true')
  await page.waitForTimeout(1000)
  const bend = page.getByRole('spinbutton', { name: 'Bend of the left knee' })
  await expect(bend).toHaveValue('34')
  const box = (await canvas.boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 25, { steps: 5 })
  await page.mouse.up()
  expect(Number(await bend.inputValue())).toBeGreaterThan(38)
  await page.keyboard.press('Control+z')
  await expect(bend).toHaveValue('34')

  const flat = await browser.newPage()
  await flat.addInitScript(() => {
    HTMLCanvasElement.prototype.getContext = () => null
  })
  await flat.goto('/bench')
  await expect(flat.getByRole('img', { name: /from its right side/ })).toBeVisible()
  await flat.waitForTimeout(600)
  await expect(flat.locator('canvas')).toHaveCount(0)
  await flat.close()
})

test('a number in the sentence is typed, nudged and dragged; each can be undone', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  const step = page.getByRole('spinbutton', { name: 'Step length' })
  await step.click()
  await page.getByRole('spinbutton', { name: 'Step length' }).fill('30')
  await page.keyboard.press('Enter')
  await expect(step).toHaveValue('30')
  await step.press('ArrowUp')
  await step.press('PageUp')
  await expect(step).toHaveValue('41')
  const box = (await step.boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 60 })
  await page.mouse.up()
  await expect(step).toHaveValue('31')
  // The drag was one step for undo, the page key another.
  await page.keyboard.press('Control+z')
  await expect(step).toHaveValue('41')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(step).toHaveValue('31')
  await page.keyboard.press('Control+Shift+z')
  await expect(step).toHaveValue('41')
})

test.describe('on a tablet', () => {
  test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true })

  test('the pelvis is lowered by a finger', async ({ page }) => {
    await openBench(page, /Isolde Farrant/)
    const canvas = page.locator('canvas')
    await expect(canvas).toBeVisible()
    await atRest(canvas)
    const knee = () => page.getByRole('spinbutton', { name: /^Bend of the/ }).getAttribute('aria-valuenow')
    const before = Number(await knee())
    // The pelvis stands somewhere about the middle of the picture, as large as a finger.
    for (const down of [0.44, 0.5, 0.56]) {
      await drag(page, [await middle(canvas, down)], { x: 0, y: 50 })
      if (Number(await knee()) !== before) break
    }
    expect(Number(await knee())).toBeGreaterThan(before)
    expect(await scrolled(page)).toBe(0)
  })
})
