import { atRest, choose, openBench } from './helpers'
import { expect, type Locator, type Page, test } from './test'
import { drag, middle, scrolled } from './touching'

test.use({ viewport: { width: 1024, height: 768 }, hasTouch: true })

const figure = async (page: Page, name: string) =>
  Number((await page.getByRole('spinbutton', { name }).getAttribute('aria-valuenow')) ?? Number.NaN)
test('feet, weight and beam follow a finger all the way, and the page stays where it is', async ({ page }) => {
  await openBench(page, /Isolde Farrant/)
  const foot = page.getByRole('button', { name: /^left foot/ })
  const before = await figure(page, 'Step length')
  await drag(page, [await middle(foot, 0.7)], { x: 0, y: 60 })
  expect(await figure(page, 'Step length')).toBeLessThan(before - 6)
  expect(await scrolled(page)).toBe(0)
  const beam = page.getByRole('slider', { name: 'Weight on the left foot' })
  const share = Number(await beam.getAttribute('aria-valuenow'))
  const rect = (await beam.boundingBox()) as { x: number; y: number; width: number; height: number }
  const at = { x: rect.x + rect.width * (1 - share / 100), y: rect.y + rect.height / 2 }
  await drag(page, [at], { x: 60, y: 40 })
  expect(Number(await beam.getAttribute('aria-valuenow'))).toBeLessThan(share - 8)
  await drag(page, [await middle(page.getByRole('slider', { name: /^Centre of mass/ }))], { x: -30, y: -30 })
  expect(Number(await beam.getAttribute('aria-valuenow'))).toBeGreaterThan(share - 20)
  expect(await scrolled(page)).toBe(0)
})

test('a number is dragged by a finger, and typed where a finger touches it', async ({ page }) => {
  await openBench(page, /Isolde Farrant/)
  const step = page.getByRole('spinbutton', { name: 'Step length' })
  const before = await figure(page, 'Step length')
  await drag(page, [await middle(step)], { x: -50, y: 0 })
  const dragged = await figure(page, 'Step length')
  expect(dragged).toBeLessThan(before - 4)
  await page.getByRole('button', { name: 'Undo' }).click()
  expect(await figure(page, 'Step length')).toBeCloseTo(before, 1)
  await step.tap()
  await expect(step).toBeFocused()
  await page.keyboard.type('21')
  await page.keyboard.press('Enter')
  await expect(step).toHaveValue('21')
})

test('two fingers move both feet, and that is one step for undo', async ({ page }) => {
  await openBench(page, /Isolde Farrant/)
  const [left, right] = [/^left foot/, /^right foot/].map((name) => page.getByRole('button', { name }))
  const before = await figure(page, 'Step length')
  const feet = [await middle(left as Locator, 0.7), await middle(right as Locator, 0.5)]
  await drag(page, feet, { x: 0, y: -25 })
  // Both went the same way: the step between them is as it was.
  expect(Math.abs((await figure(page, 'Step length')) - before)).toBeLessThan(1)
  expect(await scrolled(page)).toBe(0)
  const undo = page.getByRole('button', { name: 'Undo' })
  await undo.click()
  expect(await figure(page, 'Step length')).toBeCloseTo(before, 1)
})

test('a finger that rests takes somebody to another lane; one that moves at once scrolls', async ({ page }) => {
  await page.goto('/class')
  await choose(page, /^Posture:/, 'push')
  const lane = (level: number) => page.getByRole('region', { name: new RegExp(`^Level ${level}:`) })
  await expect(lane(2)).toBeVisible()
  await expect(page.getByRole('progressbar')).toBeHidden()
  const first = await lane(1)
    .getByRole('button', { name: / steady/ })
    .first()
    .textContent()
  const name = (first ?? '').trim().split(/\s/)[0]
  const somebody = lane(1).getByRole('button', { name: new RegExp(`^${name} `) })
  await somebody.scrollIntoViewIfNeeded()
  const above = await scrolled(page)
  // On a busy machine the page may scroll a little later, or the finger have rested too long.
  await expect(async () => {
    await drag(page, [await middle(somebody)], { x: 0, y: -120 })
    expect(await scrolled(page)).toBeGreaterThan(above + 30)
  }).toPass()
  await expect(somebody).toBeVisible()
  // The page comes to rest before a finger is put on it again.
  await atRest(somebody)
  const [from, to] = [await middle(somebody), await middle(lane(2), 0.6)]
  await drag(page, [from], { x: to.x - from.x, y: to.y - from.y }, 350)
  await expect(lane(2).getByRole('button', { name: new RegExp(`^${name} .*put here by hand`) })).toBeVisible()
})

test('the foot of an opened step follows a finger, a part is carried by one that rests, and the page stays', async ({
  page,
}) => {
  await page.goto('/path?person=isolde-farrant&routine=quay-four')
  await expect(page.getByTestId('path-verdict')).toBeVisible()
  await page.getByRole('button', { name: /^2\. part the wild horse/ }).click()
  const said = page.getByTestId('step-verdict')
  const before = await said.textContent()
  const foot = page.getByTestId('step-floor').getByRole('button', { name: /foot/ })
  // What can be walked is worked out, and moves nothing any more.
  await expect(page.getByText(/is being worked out/)).toBeHidden()
  await foot.scrollIntoViewIfNeeded()
  await atRest(foot)
  // The floor stays under the finger, whatever the sentences above it come to.
  const floorAt = async () => (await middle(page.getByTestId('step-floor'), 0)).y
  const at = await floorAt()
  await drag(page, [await middle(foot, 0.7)], { x: 0, y: -70 })
  await expect(said).not.toHaveText(before as string)
  expect(Math.abs((await floorAt()) - at)).toBeLessThan(1)
  const parts = page.getByRole('region', { name: 'The order' }).getByRole('listitem').getByRole('button')
  await parts.nth(3).scrollIntoViewIfNeeded()
  // The page comes to rest before a finger is put on it again.
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await atRest(parts.nth(3))
  const [from, to] = [await middle(parts.nth(3)), await middle(parts.nth(2))]
  await drag(page, [from], { x: to.x - from.x, y: to.y - from.y }, 300)
  await expect(parts.nth(2)).toHaveAccessibleName(/^3\. brush knee, left/)
  await page.getByRole('button', { name: 'Back to the original' }).click()
  await page.getByRole('button', { name: 'Yes, do it' }).click()
})
