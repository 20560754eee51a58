import { readFileSync } from 'node:fs'
import { choose, openBench, verdict } from './helpers'
import { expect, type Page, test } from './test'

const number = (page: Page, name: string) => page.getByRole('spinbutton', { name })
const kept = (page: Page) => page.getByRole('region', { name: 'Kept' })

async function keep(page: Page, name: string, note = '') {
  await page.getByRole('button', { name: 'Keep this' }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill(name)
  await page.getByRole('textbox', { name: 'Note' }).fill(note)
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(kept(page)).toContainText(name)
}

test('every other lever is set in words: contact, trunk, arms, pressure, ground', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  await page.keyboard.press('m')
  await number(page, 'Trunk pitch').press('PageUp')
  await number(page, 'Trunk pitch').press('PageUp')
  await number(page, 'Trunk pitch').press('ArrowUp')
  await expect(page.getByText('The trunk leans', { exact: true })).toBeVisible()
  await choose(page, /^Frame:/, 'inclined in one line')
  await expect(page.getByText('The trunk leans', { exact: true })).toBeHidden()
  await choose(page, /^Arms:/, 'round')
  await expect(number(page, 'left arm height')).toHaveValue('58')
  await choose(page, /^Pressure:/, 'the heel')
  await choose(page, /^Contact of the right foot/, 'in the air')
  await expect(page.getByRole('slider', { name: 'Weight on the left foot' })).toHaveAttribute('aria-valuenow', '100')
  await choose(page, /^Contact of the right foot/, 'flat')
  await number(page, 'Slope of the ground').press('ArrowUp')
  await expect(number(page, 'Downhill direction')).toBeVisible()
})

test('a hand on a chair back is placed, moved, and taken away, and the margin answers', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  await page.keyboard.press('m')
  const right = page.locator('svg text', { hasText: /^right .*cm$/ })
  const alone = await right.textContent()
  await choose(page, /^Right hand on/, /^a chair back/)
  const chair = page.getByRole('button', { name: /^chair back, right hand/ })
  await expect(chair).toBeVisible()
  await expect(right).not.toHaveText(alone as string)
  const held = await right.textContent()
  await chair.focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('ArrowRight')
  await expect(right).not.toHaveText(held as string)
  await choose(page, /^Right hand on/, /^a wall/)
  await page.getByRole('button', { name: /^wall, right hand/ }).focus()
  await page.keyboard.press(',')
  await expect(number(page, 'Push at the right hand')).toHaveValue('95')
  await page.keyboard.press('Delete')
  await expect(page.getByRole('button', { name: 'Right hand on: nothing' })).toBeVisible()
  await expect(right).toHaveText(alone as string)
})

test('lengths are said in other units, feet snap to tape lines, and the rose is drawn', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  await page.getByRole('button', { name: /unit of lengths/ }).click()
  await page.getByRole('menuitemradio', { name: 'shoulder widths' }).click()
  // The long upright frame sets the feet 0.9 shoulder widths apart.
  await expect(number(page, 'Track width')).toHaveAttribute('aria-valuetext', /^0\.9 shoulders/)
  await page.getByRole('button', { name: /unit of lengths/ }).click()
  await page.getByRole('menuitemradio', { name: 'centimetres' }).click()
  await page.getByRole('button', { name: 'Tape lines' }).click()
  await expect(page.locator('svg text', { hasText: 'shoulder width' })).toBeVisible()
  const foot = page
    .getByRole('button', { name: /^right foot:/ })
    .locator('path')
    .nth(1)
  const box = (await foot.boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  const widths = new Set<string>()
  for (let i = 1; i <= 40; i++) {
    await page.mouse.move(box.x + box.width / 2 + i, box.y + box.height / 2)
    widths.add(await number(page, 'Track width').inputValue())
  }
  await page.mouse.up()
  // Near the line the heel stays on it while the hand moves on.
  expect(widths.size).toBeLessThan(36)
  await page.getByRole('button', { name: 'Rose' }).click()
  await expect(page.getByRole('button', { name: 'Rose' })).toHaveAttribute('aria-pressed', 'true')
  await page.getByRole('button', { name: 'Tape lines' }).click()
  await page.getByRole('button', { name: 'Rose' }).click()
})

test('a number opens to its formula, source, uncertainty and limit', async ({ page }) => {
  await openBench(page, /Odalys Marrin/)
  await page.keyboard.press('a')
  const readings = page.getByRole('region', { name: 'All readings' })
  await readings.getByText('Sure to spare').click()
  await expect(readings).toContainText('1.64 of its standard deviation')
  await expect(readings).toContainText('reserve for sway 1.5 cm, usual')
  await readings.getByText('Knee bend').first().click()
  await expect(readings).toContainText('30°, set for this person')
  await expect(readings).toContainText(/Lift the right foot.*after/)
})

test('somebody new is on the bench within a minute by keyboard; bad input names the field', async ({ page }) => {
  await page.goto('/bench')
  await choose(page, /^Person:/, /^Somebody new/)
  const long = 'Wilhelmina Featherstonehaugh-Applegarth of the Upper Slipway'
  for (const typed of [long, '21', '71', '79']) {
    await page.keyboard.type(typed)
    await page.keyboard.press('Tab')
  }
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'Put on the bench' }).click()
  await expect(page.getByRole('alert').filter({ hasText: 'Height' })).toHaveText(
    'Height: accepted is 100 to 230 cm, or feet and inches',
  )
  await page.getByLabel(/^Height/).fill('163')
  await page.getByLabel(/^Height/).press('Enter')
  await expect(page.getByRole('button', { name: `Person: ${long}` })).toBeVisible()
  await expect(verdict(page)).toBeVisible()
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280)
})

test('kept stances are renamed, compared, taken away and put back', async ({ page }) => {
  await openBench(page, /Bram Tallow/)
  await keep(page, 'As taught')
  await number(page, 'Step length').press('PageDown')
  await keep(page, 'Shorter', 'ten less')
  await page.getByRole('button', { name: 'Rename As taught' }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Whole step')
  await page.getByRole('button', { name: 'Rename', exact: true }).click()
  await expect(kept(page)).toContainText('Whole step')
  await page.keyboard.press('c')
  const sheet = page.getByRole('dialog', { name: 'Side by side' })
  await choose(page, /^First/, /^Whole step/)
  await choose(page, /^Second/, /^Shorter/)
  await expect(sheet).toContainText(/step 20\.2 cm long → 10 cm long/)
  await expect(sheet.getByRole('img')).toHaveCount(2)
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'Remove Shorter' }).click()
  await expect(kept(page).getByRole('listitem')).toHaveCount(1)
  await page.getByRole('button', { name: 'Put it back' }).click()
  await expect(kept(page)).toContainText('ten less')
  await page.reload()
  await expect(kept(page).getByRole('listitem')).toHaveCount(2)
})

test('a stance goes to a file and comes back; a broken file changes nothing', async ({ page }) => {
  await openBench(page, /Tomasz Ferrow/)
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save to a file' }).click(),
  ])
  const text = readFileSync(await download.path(), 'utf8')
  const document = JSON.parse(text)
  expect([document.format, document.stance.posture]).toEqual(['nivrel.stance/1', 'bow'])
  const was = await number(page, 'Step length').inputValue()
  await number(page, 'Step length').press('PageUp')
  const input = page.getByLabel('A stance file')
  await input.setInputFiles({ name: 'stance.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await expect(number(page, 'Step length')).toHaveValue(was as string)
  const broken = text.replace('"whole"', '"flat"')
  await input.setInputFiles({ name: 'broken.json', mimeType: 'application/json', buffer: Buffer.from(broken) })
  await expect(page.getByRole('alert').filter({ hasText: 'broken.json' })).toContainText(
    'Left, contact: accepted is one of whole, ball',
  )
  await expect(number(page, 'Step length')).toHaveValue(was as string)

  const [floor] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Floor at true scale' }).click(),
  ])
  const svg = readFileSync(await floor.path(), 'utf8')
  // A millimetre of the drawing is a millimetre of paper.
  const [, width, height] = /width="(\d+)mm" height="(\d+)mm"/.exec(svg) as RegExpExecArray
  expect(svg).toContain(`viewBox="0 0 ${width} ${height}"`)
})

test('from start to a kept safer variant in six actions, by keyboard and mouse', async ({ page }) => {
  await openBench(page, /Odalys Marrin/)
  await page.goto('/bench')
  let actions = 0
  const act = async (action: Promise<unknown>) => {
    actions++
    await action
  }
  await act(choose(page, /^Person:/, /Odalys Marrin/))
  await expect(page.getByRole('article', { name: 'Smallest change' })).toBeVisible()
  await act(page.getByRole('button', { name: /^Take this: Smallest change/ }).click())
  await act(page.getByRole('button', { name: 'Keep this' }).click())
  await act(page.getByRole('button', { name: 'Keep', exact: true }).click())
  await expect(kept(page)).toContainText('Variant')
  expect(actions).toBeLessThanOrEqual(6)
  test.info().annotations.push({ type: 'journey', description: `${actions} actions` })
})

test('one change is taken and another left; the keys are on a sheet', async ({ page }) => {
  await openBench(page, /Odalys Marrin/)
  await page.getByRole('button', { name: 'As taught' }).click()
  await expect(number(page, 'Bend of the left knee')).toHaveValue('34')
  const offered = page.getByRole('article', { name: 'Steadiest' })
  await offered.getByText('one at a time').click()
  const before = await number(page, 'Step length').inputValue()
  await expect(offered).toContainText(/step \d+\scm shorter: /)
  await offered.getByRole('button', { name: /^step .* shorter/ }).click()
  await expect(number(page, 'Bend of the left knee')).toHaveValue('34')
  await expect(number(page, 'Step length')).not.toHaveValue(before)
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('take the smallest change')
})

test('text twice as large still fits the page', async ({ page }) => {
  await page.goto('/bench')
  await expect(verdict(page)).toBeVisible()
  await page.addStyleTag({ content: 'html { font-size: 200% }' })
  await expect.poll(() => page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(1280)
})

test('somebody among many is found by typing, by name before what is said of them, and by keys alone', async ({
  page,
}) => {
  await openBench(page, /Tomasz Ferrow/)
  await page.getByRole('button', { name: /^Person:/ }).click()
  await page.keyboard.type('ke')
  // Keziah is called so; of Calla it is only said that she broke an ankle.
  await expect(page.getByRole('option').first()).toContainText('Keziah Underhill')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Person: Keziah Underhill' })).toBeVisible()
  await page.getByRole('button', { name: /^Posture:/ }).click()
  await page.keyboard.type('nothing of the kind')
  await expect(page.getByText('Nothing here is called that.')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('listbox')).toBeHidden()
})
