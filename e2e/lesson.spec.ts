import { readFileSync } from 'node:fs'
import { addDays } from '../src/documents/days'
import { TODAY } from '../src/testing/clock'
import { expect, type Page, test } from './test'

const strip = (page: Page) => page.getByRole('list', { name: 'The hour, piece by piece' }).getByRole('listitem')
/** Worked out for everybody, and in the file. */
const settled = async (page: Page) => {
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await expect(page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeAttached()
}
/** A plan is proposed, over one that is there too, and is in the file. */
const propose = async (page: Page) => {
  await page.getByRole('button', { name: /^Propose (the hour|another)$/ }).click()
  const taken = page.getByText('The proposal is in the plan.')
  const take = page.getByRole('button', { name: 'Take the proposal' })
  await expect(taken.or(take)).toBeVisible({ timeout: 180_000 })
  if (await take.isVisible()) await take.click()
  await settled(page)
}
const openLesson = async (page: Page, day: string, group = 'slack-tide') => {
  await page.goto(`/lesson?group=${group}&day=${day}`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('minutes')
}
const logOf = async (page: Page, person: string, day: string) => {
  const { rows } = (await (await page.request.get('/api/log')).json()) as { rows: Record<string, unknown>[] }
  return rows.filter((row) => row.person === person && row.day === day)
}

test('a lesson is proposed, moved, lengthened and torn, undone, and there again after a reload', async ({ page }) => {
  const day = addDays(TODAY, 33)
  await openLesson(page, day)
  await expect(page.getByText(/^Nothing is planned for this day/)).toBeVisible()
  await propose(page)
  await expect(strip(page).nth(9)).toBeVisible()
  const pieces = await strip(page).count()
  await page.getByRole('button', { name: 'How the hour tires' }).click()
  await expect(page.getByText(/who works hardest/)).toBeVisible()

  const third = strip(page).nth(2).getByRole('button')
  const name = ((await third.getAttribute('aria-label')) ?? '').replace(/^\d+\. /, '')
  await third.click()
  await third.press('Alt+ArrowRight')
  await expect(strip(page).nth(3).getByRole('button')).toHaveAccessibleName(`4. ${name}`)
  await page.keyboard.press('Shift+ArrowRight')
  await page.keyboard.press('Shift+ArrowRight')
  await expect(page.getByText('2 minutes over the hour.')).toBeVisible()
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await page.keyboard.press('Control+z')
  await expect(strip(page).nth(2).getByRole('button')).toHaveAccessibleName(`3. ${name}`)
  await page.getByRole('button', { name: 'Split' }).click()
  await expect(strip(page)).toHaveCount(pieces + 1)
  await page.getByRole('spinbutton', { name: 'Hold' }).fill('9')
  await settled(page)

  await page.reload()
  await expect(strip(page)).toHaveCount(pieces + 1)
  // What is pressed before the page listens is not heard.
  await expect(async () => {
    await strip(page).nth(2).getByRole('button').click()
    await expect(page.getByRole('spinbutton', { name: 'Hold' })).toHaveAttribute('aria-valuenow', '9', {
      timeout: 1000,
    })
  }).toPass()
})

test('what is too much for somebody is named, and taken back by what mends it', async ({ page }) => {
  await openLesson(page, addDays(TODAY, 2), 'second-launch')
  await propose(page)
  // Held for long, the legs' piece is too much for some.
  await strip(page).nth(3).getByRole('button').click()
  await page.getByRole('spinbutton', { name: 'Hold' }).fill('40')
  await page.getByRole('spinbutton', { name: 'Hold' }).press('Enter')
  await settled(page)
  const past = page.getByRole('region', { name: 'What the hour asks' }).getByRole('listitem')
  const mended = past.filter({ has: page.getByRole('button', { name: 'Take it' }) }).first()
  const who = (await mended.locator('strong').textContent()) as string
  const share = async () =>
    Number.parseFloat((await past.filter({ hasText: who }).first().locator('[title]').getAttribute('title')) ?? '0')
  const before = await share()
  await mended.getByRole('button', { name: 'Take it' }).click()
  await settled(page)
  await expect
    .poll(async () => ((await past.filter({ hasText: who }).count()) === 0 ? 0 : share()))
    .toBeLessThan(before)
})

test('planned, taught without a server, written down at the door and decided: nothing is lost', async ({ page }) => {
  const day = TODAY
  await openLesson(page, day)
  await propose(page)
  await page.getByRole('button', { name: 'Teach', exact: true }).click()
  await page.waitForURL(/\/teach/)
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Talk')
  await page.keyboard.press('Space')
  await expect(page.getByText(/^\d+:5\d$/)).toBeVisible()
  for (let i = 0; i < 3; i++) await page.keyboard.press('PageDown')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/legs alone/)
  await expect(page.getByText(/first round · full words/)).toBeVisible()
  await expect(page.getByRole('img', { name: 'The body, mirrored' })).toBeVisible()
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/legs alone/)

  // The server is gone: the lesson goes on, what is entered waits.
  await page.route('**/api/**', (route) => route.abort())
  await page.getByRole('button', { name: /^Yuki/ }).click()
  await expect(page.getByText('Yuki Harland: wobble.')).toBeVisible()
  await page.getByRole('button', { name: 'touch of the chair' }).click()
  await page.getByRole('button', { name: /^Perrin/ }).click()
  await page.getByRole('button', { name: /^Bram/ }).click()
  await page.getByRole('button', { name: 'near fall' }).click()
  await expect(page.getByText('Stop. Sit down. Ask.')).toBeVisible()
  await page.getByRole('button', { name: 'Go on' }).click()
  await expect(page.getByText(/entries wait for the server/)).toBeVisible()
  // A space is the next piece, whatever was touched before.
  await page.keyboard.press('Space')
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sit')

  // Closed right now, and opened again: it goes on where it was, and what waited is sent.
  await page.unroute('**/api/**')
  await page.reload()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Sit')
  await expect.poll(async () => (await logOf(page, 'Bram Tallow', day)).length).toBeGreaterThan(0)
  const over = page.getByText('The lesson is over.')
  const piece = page.getByRole('heading', { level: 1 })
  for (let i = 0; i < 20 && !(await over.isVisible()); i++) {
    const before = await piece.textContent()
    await page.keyboard.press('Space')
    await expect(over.or(piece.filter({ hasNotText: before as string }))).toBeVisible()
  }
  await expect(over).toBeVisible()
  await page.getByRole('link', { name: 'Write it down' }).click()

  const line = (name: string) => page.getByRole('listitem').filter({ has: page.getByRole('link', { name }) })
  await expect(line('Yuki Harland').getByRole('button', { name: 'Wobbles, Yuki Harland: 1' })).toBeVisible()
  await expect(line('Perrin Locke').getByRole('button', { name: 'Chair, Perrin Locke: 1' })).toBeVisible()
  await expect(line('Bram Tallow').getByRole('button', { name: 'near fall, Bram Tallow' })).toHaveAttribute(
    'aria-pressed',
    'true',
  )
  await line('Bram Tallow')
    .getByRole('radiogroup', { name: /^Effort/ })
    .getByRole('radio', { name: '6' })
    .click()
  await line('Yuki Harland')
    .getByRole('radiogroup', { name: /^Effort/ })
    .getByRole('radio', { name: '2' })
    .click()
  await expect(page.getByText('Everything is saved.')).toBeAttached()
  const [yuki] = (await logOf(page, 'Yuki Harland', day)).filter(({ piece }) => piece === undefined)
  // With the first thing said goes what the lesson saw.
  expect(yuki).toMatchObject({ came: true, effort: 2, wobbles: 1, touches: 0 })
  const lessons = (await (await page.request.get('/api/lessons')).json()) as {
    day: string
    group: string
    document: { taughtAt?: string }
  }[]
  expect(lessons.find((one) => one.day === day && one.group === 'slack-tide')?.document.taughtAt).toBeTruthy()

  await line('Bram Tallow').getByRole('link').click()
  const next = page.getByRole('region', { name: 'Next week' })
  await expect(next).toContainText(/A near fall on/)
  // It is answered before anything is proposed.
  await expect(next).toContainText('nothing harder until this is answered')
  await expect(next.getByRole('button', { name: 'Take it' })).toBeHidden()
  await expect(page.getByRole('region', { name: 'For the clinician' })).toContainText(/near fall/)
  await next.getByRole('textbox').fill('a loose lace; his daughter knows')
  await next.getByRole('button', { name: 'It is answered' }).click()
  await expect(next).toContainText(/a loose lace/)
  await next.getByRole('button', { name: 'Decide again' }).click()
  await expect(next).toContainText('Easier is proposed')
  await next.getByRole('button', { name: 'Rather the same' }).click()
  await next.getByRole('textbox', { name: 'Why' }).fill('he wants to sit with the others')
  await next.getByRole('button', { name: 'The same' }).click()
  await expect(next).toContainText(/the same, he wants to sit with the others/)
  await page.reload()
  await expect(page.getByRole('region', { name: 'Next week' })).toContainText(/he wants to sit with the others/)
})

test('a class is written down by keyboard: a figure and Enter, field by field; a walk-in too', async ({ page }) => {
  const day = addDays(TODAY, -2)
  await page.goto(`/log?group=second-launch&day=${day}`)
  await expect(page.getByText(/^No lesson was planned/)).toBeVisible()
  const people = page.getByRole('listitem').filter({ has: page.getByRole('radiogroup') })
  const count = await people.count()
  expect(count).toBeGreaterThan(8)
  // Effort, Enter, pain, down to the next: four keys a person.
  await people
    .first()
    .getByRole('radiogroup', { name: /^Effort/ })
    .getByRole('radio', { name: '0', exact: true })
    .focus()
  for (let i = 0; i < count; i++) {
    await page.keyboard.press('4')
    await page.keyboard.press('Enter')
    await page.keyboard.press('1')
    if (i === count - 1) break
    await page.keyboard.press('ArrowDown')
    // Back to the effort of that line.
    await page.keyboard.press('Shift+Tab')
  }
  await expect(page.getByRole('heading', { level: 1 })).toContainText(`${count} of ${count} written down`)
  await expect(page.getByText('Everything is saved.')).toBeAttached()
  const rows = await logOf(page, 'Imke Sorrel', day)
  expect(rows).toMatchObject([{ effort: 4, pain: 1, came: true }])
  // Ten is a one and a nought.
  const effort = people.first().getByRole('radiogroup', { name: /^Effort/ })
  // Two keys that a busy machine hears too far apart are two figures.
  await expect(async () => {
    await effort.locator('[tabindex="0"]').focus()
    await page.keyboard.press('1')
    await page.keyboard.press('0')
    await expect(effort.getByRole('radio', { name: '10', exact: true })).toHaveAttribute('aria-checked', 'true', {
      timeout: 2000,
    })
  }).toPass()

  await page.getByRole('button', { name: 'Somebody walked in' }).click()
  await page.getByRole('combobox').fill('Adaeze')
  await page.getByRole('option', { name: /Adaeze Mburu/ }).click()
  await expect(people).toHaveCount(count + 1)
  await expect(page.getByText('Everything is saved.')).toBeAttached()
  // The day is over: what is changed shows what it was.
  await page.reload()
  await expect(page.getByText(/Corrected .*effort was 4/)).toBeVisible()
  await expect(people).toHaveCount(count + 1)

  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'As a list (CSV)' }).click(),
  ])
  const list = readFileSync(await file.path(), 'utf8')
  expect(list).toMatch(new RegExp(`Imke Sorrel,Second Launch,${day}`))
})

test('who is ready for more gets the next version; each dot leads to its day; a page for the clinician', async ({
  page,
}) => {
  await page.goto('/log?person=isolde-farrant')
  const next = page.getByRole('region', { name: 'Next week' })
  await expect(next).toContainText('2 classes at low effort, without a wobble or pain, the level done whole.')
  await expect(next).toContainText(/Harder is proposed: .*\(now .*\)\. It leaves .*\scm to spare/)
  await next.getByRole('button', { name: 'Take it' }).click()
  await expect(next).toContainText(/^Next week.*Taken on .*: harder\./)

  await page.goto('/log?person=bram-tallow')
  await page.getByRole('button', { name: 'A page for the clinician' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Bram Tallow: what was done and seen')
  await expect(page.getByText(/Pain grows|New pain/)).toBeVisible()
  await page.getByRole('button', { name: 'Leave' }).click()
  const dots = page.locator('.recharts-line-dots circle')
  await dots.first().hover({ force: true })
  await page.locator('.recharts-active-dot circle').first().click({ force: true })
  await page.waitForURL(/\/log\?group=slack-tide&day=/)
})

test('a term is planned, a week is missed, and it goes out as a calendar', async ({ page }) => {
  const day = addDays(TODAY, 101)
  await openLesson(page, day, 'second-launch')
  await propose(page)
  await page.getByRole('spinbutton', { name: 'Weeks' }).fill('3')
  await page.getByRole('button', { name: 'Plan them' }).click()
  const term = page.getByRole('region', { name: 'The term' })
  const marks = term.getByRole('listitem')
  await expect(term).toContainText('turns in small pieces')
  const before = await marks.count()
  await term.getByRole('button', { name: 'This week is missed: the rest moves on' }).click()
  await page.waitForURL(new RegExp(`day=${addDays(day, 7)}`))
  await expect(marks).toHaveCount(before)
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    term.getByRole('button', { name: 'Calendar file' }).click(),
  ])
  const calendar = readFileSync(await file.path(), 'utf8')
  expect(calendar).toContain(`DTSTART;VALUE=DATE:${addDays(day, 28).replaceAll('-', '')}`)
  expect(calendar).not.toContain(`DTSTART;VALUE=DATE:${day.replaceAll('-', '')}`)
  expect(calendar).not.toMatch(/Keziah|Imke/)
})
