import { expect, type Locator, type Page } from './test'

export const choose = async (page: Page, word: RegExp, item: RegExp | string) => {
  // A name said whole is meant whole: an own posture may have a shipped one's name in its own.
  const exact = typeof item === 'string'
  const [few, many] = [
    page.getByRole('menuitemradio', { name: item, exact }),
    page.getByRole('option', { name: item, exact }),
  ]
  const found = few.or(many).first()
  // A page that is not whole yet closes what was opened on its beginning.
  await expect(async () => {
    if (!(await found.isVisible())) await page.getByRole('button', { name: word }).click({ timeout: 20_000 })
    await found.click({ timeout: 20_000 })
  }).toPass()
}

/** Until it stays where it is: what is found beside it may move it. */
export async function atRest(target: Locator): Promise<void> {
  let last = ''
  await expect
    .poll(async () => {
      const now = JSON.stringify(await target.boundingBox())
      const stays = now === last
      last = now
      return stays
    })
    .toBe(true)
}

export const verdict = (page: Page) => page.getByTestId('verdict')

/** Puts a person on the bench in a bow of the long upright frame, whatever was drafted before. */
export async function openBench(page: Page, person: RegExp) {
  await page.goto('/bench')
  await expect(page.getByRole('button', { name: /^Person:/ })).toBeVisible()
  await choose(page, /^Person:/, person)
  await expect(page.getByRole('button', { name: person })).toBeVisible()
  // By way of another posture and school, so that the bow is built anew.
  await choose(page, /^Posture:/, 'parallel stance')
  if (!(await page.getByRole('button', { name: 'School: long upright frame' }).isVisible())) {
    await choose(page, /^School:/, 'long upright frame')
  }
  await choose(page, /^Posture:/, 'bow')
  await expect(verdict(page)).toBeVisible()
}

/** The house's figures and rules, which are behind one word until one of them is otherwise than usual. */
export async function openFigures(page: Page) {
  await page.goto('/house')
  const figures = page.locator('#figures')
  await expect(async () => {
    if (!(await figures.isVisible())) await page.getByRole('button', { name: 'Every figure and rule' }).click()
    await expect(figures).toBeVisible({ timeout: 2000 })
  }).toPass()
}
