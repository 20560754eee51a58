import { readFileSync } from 'node:fs'
import { choose, openBench } from './helpers'
import { expect, type Page, test } from './test'

const lane = (page: Page, level: number) => page.getByRole('region', { name: new RegExp(`^Level ${level}:`) })
async function openClass(page: Page, posture = 'brush knee') {
  await page.goto('/class')
  await choose(page, /^Posture:/, posture)
  await expect(lane(page, 1)).toBeVisible()
  await expect(page.getByRole('progressbar')).toBeHidden()
}

test('the levels of a class are found; everybody in a lane keeps their limits there', async ({ page }) => {
  await openClass(page)
  await expect(lane(page, 1).getByRole('heading', { name: 'As taught' })).toBeVisible()
  for (const level of [1, 2]) {
    const standing = lane(page, level).getByRole('button', { name: /^\S+ (steady|nearly|not like this)/ })
    expect(await standing.count()).toBeGreaterThan(0)
    await expect(standing.filter({ hasNotText: ' steady' })).toHaveCount(0)
  }
  // Nobody is taught with nearer feet.
  await expect(lane(page, 2).getByRole('heading')).not.toHaveText(/arrower/)
  const aside = page.getByRole('complementary', { name: 'Beside the lanes' })
  await expect(aside).toContainText('no weight on the left leg')
  await expect(aside).toContainText('dizzy this morning, today')
  await expect(page.getByText(/^Eleven of 13 stand within their limits/)).toBeVisible()
  // Two levels leave nobody out who stood before, or say whom.
  await choose(page, /^Levels:/, 'two levels')
  await expect(lane(page, 3)).toBeHidden()
})

test('people move between lanes by key and by hand, a level is changed, and the plan reaches the bench', async ({
  page,
}) => {
  await openClass(page)
  // Her knee's limit keeps her out of a level as deep as what is taught.
  const beyond = lane(page, 1).getByRole('button', { name: /^Odalys not like this, put here by hand/ })
  await lane(page, 2)
    .getByRole('button', { name: /^Odalys/ })
    .focus()
  await page.keyboard.press('ArrowLeft')
  await expect(beyond).toBeVisible()
  await expect(page.getByText(/one where they are put do not/)).toBeVisible()
  await beyond.focus()
  await page.keyboard.press('ArrowRight')

  const yuki = lane(page, 1).getByRole('button', { name: /^Yuki steady/ })
  const from = (await yuki.boundingBox()) as { x: number; y: number }
  const to = (await lane(page, 2).boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(from.x + 30, from.y + 15)
  await page.mouse.down()
  await page.mouse.move(to.x + to.width / 2, to.y + to.height * 0.7, { steps: 12 })
  await page.mouse.up()
  await expect(lane(page, 2).getByRole('button', { name: /^Yuki steady.*put here by hand/ })).toBeVisible()

  // Much softer knees over the same step are not to be had; over half a step with less weight over they are.
  await page.getByRole('button', { name: /^Change level 2/ }).click()
  const change = async (name: string, figure: string) => {
    await lane(page, 2).getByRole('spinbutton', { name }).fill(figure)
    await page.keyboard.press('Enter')
  }
  await change('Step', '100')
  await change('Knees', '20')
  await expect(lane(page, 2).getByText(/^With this step the knee goes .+ \(\d+°\)\.$/)).toBeVisible()
  await change('Step', '50')
  await change('Weight on the named foot', '55')
  await expect(lane(page, 2).getByText(/^With this step the knee/)).toBeHidden()
  await lane(page, 2).getByRole('button', { name: 'Done' }).click()
  await expect(lane(page, 2).getByRole('button', { name: /^Odalys steady/ })).toBeVisible()
  await expect(page.getByRole('button', { name: /^Change level 2/ })).toContainText('knees a quarter down (20°)')

  await page.getByRole('button', { name: 'Keep for the class' }).click()
  await expect(page.getByText(/^kept /)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Keep for the class' })).toBeDisabled()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Posture: brush knee' })).toBeVisible()
  await expect(lane(page, 2).getByRole('button', { name: /^Odalys steady, put here by hand/ })).toBeVisible()
  await openBench(page, /Odalys Marrin/)
  const planned = page.getByRole('region', { name: 'In class' })
  await expect(planned).toContainText('Slack Tide, brush knee')
  await planned.getByRole('button').click()
  await expect(page.getByRole('button', { name: 'Posture: brush knee' })).toBeVisible()
  await expect(page.getByTestId('verdict')).toHaveText(/Steady/)
})

test('without chairs whoever needs a hand keeps it', async ({ page }) => {
  await openClass(page, 'white crane')
  await choose(page, /^Chairs:/, 'without chairs')
  await expect(page.getByRole('progressbar')).toBeHidden()
  const holding = page.getByRole('button', { name: /^\S+ (steady|nearly|not like this), chair/ })
  await expect(holding).toHaveCount(2)
  await expect(holding.filter({ hasText: /^(Marit|Fenwick) / })).toHaveCount(2)
})

test('the schools of a posture side by side; a change is kept, and the original comes back', async ({ page }) => {
  await page.goto('/postures')
  await page.getByRole('navigation', { name: 'The library' }).getByRole('button', { name: 'golden rooster' }).click()
  await expect(page.getByRole('columnheader')).toHaveCount(5)
  await page.getByRole('button', { name: 'Change this posture' }).click()
  await page.getByLabel('Cue').fill('Root first.')
  await page.getByLabel('Knee bend, degrees').fill('900')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Not kept. Knee bend: accepted is a number from 0 to 140 degrees.')).toBeVisible()
  await page.getByLabel('Knee bend, degrees').fill('20')
  await page.getByRole('button', { name: 'Save' }).click()
  await expect(page.getByText('Changed here.')).toBeVisible()
  await page.reload()
  await page.getByRole('navigation', { name: 'The library' }).getByRole('button', { name: 'golden rooster' }).click()
  await expect(page.getByText('Root first.')).toBeVisible()
  // One school's figures come back by themselves, and say whose; the words stay as they were changed.
  await page.getByRole('button', { name: 'low coiling frame', exact: true }).click()
  await page.getByLabel('Knee bend, degrees').fill('33')
  await page.getByRole('button', { name: 'Save' }).click()
  await page.getByRole('button', { name: 'low coiling frame: back to the original figures' }).click()
  await expect(page.getByLabel('Knee bend, degrees')).not.toHaveValue('33')
  await expect(page.getByText('Root first.')).toBeVisible()
  await page.getByRole('button', { name: 'Cancel' }).click()
  await page.getByRole('button', { name: 'long upright frame', exact: true }).click()
  await expect(page.getByLabel('Knee bend, degrees')).toHaveValue('20')
  await page.getByRole('button', { name: /^All of it, words and every school/ }).click()
  await expect(page.getByText('Root, the knee floats up under the elbow.')).toBeVisible()
  await page.getByRole('button', { name: 'As it was' }).click()
  await expect(page.getByText('Root first.')).toBeVisible()
  await page.getByRole('button', { name: 'Change this posture' }).click()
  await page.getByRole('button', { name: /^All of it, words and every school/ }).click()
  await expect(page.getByText('Changed here.')).toBeHidden()
})

test('a stance of the bench goes into the library, and others can be taught it', async ({ page }) => {
  await openBench(page, /Isolde Farrant/)
  const step = page.getByRole('spinbutton', { name: 'Step length' })
  await step.press('PageDown')
  await page.getByRole('button', { name: 'Into the library' }).click()
  await page.getByLabel('Name').fill('Harbour bow')
  await page.getByRole('button', { name: 'Add the posture' }).click()
  await expect(page.getByRole('button', { name: 'Posture: Harbour bow' })).toBeVisible()
  const short = Number(await step.inputValue())
  await choose(page, /^Person:/, /Mathis Orrin/)
  await choose(page, /^Posture:/, 'parallel stance')
  await choose(page, /^Posture:/, 'Harbour bow')
  // A taller body: the same step in its own measure.
  const taller = Number(await step.inputValue())
  expect(taller / short).toBeCloseTo(1.86 / 1.66, 1)
})

for (const path of ['/people', '/people/keziah-underhill', '/class', '/postures', '/house']) {
  test(`${path} can be used without sight, in both lights`, async ({ page }) => {
    for (const colorScheme of ['light', 'dark'] as const) {
      // Colours are looked at as they are, not on their way from one to the other.
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
      await page.goto(path)
      await expect(page.getByRole('heading').first()).toBeVisible()
      if (path === '/class') await expect(lane(page, 1)).toBeVisible()
      await page.evaluate(readFileSync('node_modules/axe-core/axe.min.js', 'utf8'))
      const found = await page.evaluate(async () => {
        // biome-ignore lint/suspicious/noExplicitAny: axe puts itself on the window
        const { violations } = await (window as any).axe.run()
        return violations.map((v: { id: string; nodes: { html: string }[] }) => `${v.id}: ${v.nodes[0]?.html}`)
      })
      expect(found).toEqual([])
    }
  })
}
