import { choose } from './helpers'
import { expect, type Page, test } from './test'

const lane = (page: Page, level: number) => page.getByRole('region', { name: new RegExp(`^Level ${level}:`) })
const kept = (page: Page) => page.getByText(/^(“.*” )?kept /)
const keep = (page: Page) => page.getByRole('button', { name: 'Keep for the class' })

async function openClass(page: Page, posture: string) {
  await page.goto('/class?group=slack-tide')
  await choose(page, /^Posture:/, posture)
  await expect(lane(page, 1)).toBeVisible()
  await expect(page.getByRole('progressbar')).toBeHidden()
}

/** The first words of whoever stands as taught, and of nobody who was put there. */
async function listAsTaught(page: Page): Promise<string[]> {
  const people = await lane(page, 1)
    .getByRole('button', { name: / steady/ })
    .allInnerTexts()
  return people.map((text) => text.trim().split(/\s/)[0] as string)
}

/** Takes somebody of the first lane to the next one. */
async function moveOn(page: Page, name: string) {
  await lane(page, 1)
    .getByRole('button', { name: new RegExp(`^${name} `) })
    .focus()
  await page.keyboard.press('ArrowRight')
  const there = page.getByRole('button', { name: new RegExp(`^${name} .*put here by hand`) })
  await expect(there).toBeVisible()
  return there
}

async function mark(page: Page, name: string, how: string) {
  const button = page
    .getByRole('group', { name: new RegExp(`^${name}`) })
    .getByRole('button', { name: how, exact: true })
  await button.click()
  await expect(button).toHaveAttribute('aria-pressed', 'true')
}

test('a kept plan survives a roll call: who is away keeps their place, and is back in it', async ({ page }) => {
  await openClass(page, 'ward off')
  const [one = '', two = '', three = ''] = await listAsTaught(page)
  const moved = await moveOn(page, one)
  await keep(page).click()
  await expect(kept(page)).toBeVisible()
  const words = await page.getByRole('button', { name: /^Change level/ }).allInnerTexts()

  await page.getByRole('button', { name: 'Roll call' }).click()
  await mark(page, one, 'away')
  await mark(page, three, 'sore')
  await page.getByRole('button', { name: 'Close' }).click()
  await expect(moved).toBeHidden()
  await expect(page.getByRole('button', { name: `${one} is here after all` })).toBeVisible()
  expect(await page.getByRole('button', { name: /^Change level/ }).allInnerTexts()).toEqual(words)

  // Kept again while they are away, and opened again: their place waits.
  const second = await moveOn(page, two)
  await keep(page).click()
  await expect(page.getByText('Kept in place of what was kept before.')).toBeVisible()
  await page.reload()
  await choose(page, /^Posture:/, 'ward off')
  await expect(second).toBeVisible()
  await page.getByRole('button', { name: `${one} is here after all` }).click()
  await expect(moved).toBeVisible()
  await page.getByRole('button', { name: 'Roll call' }).click()
  await page.getByRole('button', { name: 'Everybody is here and as usual' }).click()
  await expect(page.getByRole('button', { name: 'Everybody is here and as usual' })).toBeHidden()
})

test('a plan whose keeping waits for the server is kept for its own posture, whatever is open by then', async ({
  page,
}) => {
  await openClass(page, 'parallel stance')
  await page.route('**/api/plans', (route) => route.abort())
  await keep(page).click()
  await expect(page.getByText('Not kept yet: the server does not answer. It is tried again.')).toBeVisible()
  await choose(page, /^Posture:/, 'horse')
  await page.unroute('**/api/plans')
  await expect(page.getByRole('button', { name: 'Kept plans' })).toBeVisible()
  await page.waitForTimeout(3500)
  await page.reload()
  await page.getByRole('button', { name: 'Kept plans' }).click()
  const sheet = page.getByRole('dialog', { name: 'Kept plans' })
  await expect(sheet).toContainText('Slack Tide, parallel stance')
  await expect(sheet).not.toContainText('Slack Tide, horse')
})

test('tired, sore and a bad night lower differently, as the house sets them', async ({ page }) => {
  await page.goto('/class?group=slack-tide')
  await page.getByRole('button', { name: 'Roll call' }).click()
  const said = new Map<string, string>()
  for (const how of ['tired', 'sore', 'bad night']) {
    await mark(page, 'Isolde Farrant', how)
    const other = await page.context().newPage()
    await other.goto('/people/isolde-farrant')
    said.set(how, (await other.getByRole('region', { name: 'Today' }).textContent()) ?? '')
    await other.close()
  }
  expect(said.get('tired')).toContain('a hand on a chair')
  expect(said.get('sore')).not.toContain('a hand on a chair')
  expect(said.get('bad night')).toContain('holds of 8 s')
  expect(new Set([...said.values()].map((text) => /nees to \d+°/.exec(text)?.[0])).size).toBe(3)
  await mark(page, 'Isolde Farrant', 'here')
})

test('“Fit again” says what it would drop, and both it and keeping can be undone; plans have names and an overview', async ({
  page,
}) => {
  await openClass(page, 'single whip')
  const [name = ''] = await listAsTaught(page)
  const moved = await moveOn(page, name)
  await page.getByRole('button', { name: 'Fit again' }).click()
  const drops = page.getByRole('region', { name: 'What fitting again drops' })
  await expect(drops).toContainText(`${name} is no longer kept where you put them.`)
  await drops.getByRole('button', { name: 'Fit again' }).click()
  await expect(page.getByRole('progressbar')).toBeHidden()
  await expect(moved).toBeHidden()
  await page.keyboard.press('Control+z')
  await expect(moved).toBeVisible()

  await keep(page).click()
  await expect(kept(page)).toBeVisible()
  await page.getByRole('button', { name: 'Kept plans' }).click()
  const sheet = page.getByRole('dialog', { name: 'Kept plans' })
  await sheet.getByRole('button', { name: 'Name Slack Tide, single whip' }).click()
  await sheet.getByLabel('Name', { exact: true }).fill('Before the holidays')
  await sheet.getByLabel('Note', { exact: true }).fill('Slowly, twice each side.')
  await sheet.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(sheet).toContainText('Before the holidays')
  await expect(sheet).toContainText('Slowly, twice each side.')
  await sheet.getByRole('button', { name: 'Remove Before the holidays' }).click()
  await expect(sheet).not.toContainText('Before the holidays')
  await page.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('button', { name: 'Undo' }).last().click()
  await page.getByRole('button', { name: 'Kept plans' }).click()
  await sheet.getByRole('button', { name: 'Open Before the holidays' }).click()
  await expect(moved).toBeVisible()
  await expect(page.getByText(/^“Before the holidays” kept/)).toBeVisible()
})
