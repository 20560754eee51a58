import { readFileSync } from 'node:fs'
import { openBench, openFigures, verdict } from './helpers'
import { expect, type Page, test } from './test'

const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()

test('somebody new by the keyboard alone; a limit, a test and a bad day reach the bench', async ({ page }) => {
  await page.goto('/people')
  await page.getByRole('button', { name: 'Somebody new' }).focus()
  await page.keyboard.press('Enter')
  for (const typed of ['Greta Halloran', '164', '70', '79']) {
    await page.keyboard.type(typed)
    await page.keyboard.press('Tab')
  }
  await page.keyboard.type('f')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Tab')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: /Greta Halloran/ })).toBeVisible()
  await expect(page.getByText(/of room, normal sway needs.*an estimate from age/)).toBeVisible()

  const form = page.getByRole('form', { name: 'A limit' })
  // A press on the page's beginning is nobody's: the next one opens it.
  await expect(async () => {
    if (!(await form.isVisible())) await page.getByRole('button', { name: 'Set a limit' }).click()
    await expect(form).toBeVisible({ timeout: 2000 })
  }).toPass()
  await form.locator('select[name=side]').selectOption('left')
  await form.getByLabel('Degrees').fill('28')
  // Whose word it is is asked for, never taken for the instructor's.
  await form.getByRole('button', { name: 'Set it' }).click()
  await expect(form).toBeVisible()
  await form.getByLabel('Who says so').selectOption('clinician')
  await form.getByLabel('Degrees').fill('900')
  await form.getByRole('button', { name: 'Set it' }).click()
  await expect(form.getByRole('alert')).toHaveText('Figure: accepted is a number from 0 to 140 degrees.')
  await form.getByLabel('Degrees').fill('28')
  await form.getByLabel('Whose (name)').fill('Dr. Venn')
  await form.getByRole('group', { name: 'Review on' }).getByRole('spinbutton', { name: 'Day' }).click()
  await page.keyboard.type('31012026')
  await form.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText('left knee bend 28° at most')).toBeVisible()
  await expect(page.getByText(/^Dr\. Venn \(clinician\), .*review 31 January$/)).toBeVisible()

  await page.getByRole('button', { name: 'Enter a test' }).click()
  await page.getByLabel(/^Trials/).fill('24; 25')
  await page.getByRole('button', { name: 'Enter it' }).click()
  await expect(page.getByText(/45 % of the foot’s length can be used, from the functional reach of/)).toBeVisible()
  await saved(page)

  await page.getByRole('link', { name: 'Put on the bench' }).click()
  await expect(page.getByRole('button', { name: 'Person: Greta Halloran' })).toBeVisible()
  const finding = page.getByText('The left knee bends past its limit')
  await finding.click()
  await expect(
    page.getByText(/Set for this person: left knee bend 28° at most \(Dr\. Venn \(clinician\)/),
  ).toBeVisible()

  await page.goBack()
  await page.getByRole('button', { name: 'tired', exact: true }).click()
  await expect(page.getByText(/knees to 19°/i)).toBeVisible()
  await saved(page)
  await page.getByRole('link', { name: 'Put on the bench' }).click()
  await expect(page.getByText(/^Today: tired/)).toBeVisible()
  await expect(page.getByText('Needs a hand on a support')).toBeVisible()
  await page.goBack()
  await page.getByRole('button', { name: 'Back to usual now' }).click()
  await expect(page.getByText(/^As usual/)).toBeVisible()
  await saved(page)
})

test('a condition’s usual cautions are confirmed, changed and declined; what was declined keeps its reason', async ({
  page,
}) => {
  await page.goto('/people/tomasz-ferrow')
  await page.getByLabel('A condition').selectOption('hip-posterior')
  await page.getByRole('button', { name: 'right', exact: true }).click()
  const proposal = (text: string) =>
    page
      .locator('div')
      .filter({ hasText: text })
      .filter({ has: page.getByRole('button', { name: 'Decline' }) })
      .last()
  await proposal('No hip bend past 90°.').getByRole('button', { name: 'Change' }).click()
  await page.getByLabel('Another figure').fill('95')
  await page.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText('right hip bend 95° at most').first()).toBeVisible()
  await proposal('No inward turn past neutral.').getByRole('button', { name: 'Confirm' }).click()
  await proposal('No crossing of the midline.').getByRole('button', { name: 'Decline' }).click()
  await page.getByLabel('Reason').fill('lifted at the last review')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/Declined .* \(lifted at the last review\): No crossing of the midline\./)).toBeVisible()
  await saved(page)
  await page.reload()
  await expect(page.getByText(/Declined .* \(lifted at the last review\)/)).toBeVisible()
  await expect(page.getByText('right hip turned inward 0° at most').first()).toBeVisible()
})

test('what is measured, seen and said of somebody: with its day, refused where it cannot be, and told on the bench', async ({
  page,
}) => {
  await page.goto('/people/isolde-farrant')
  const foot = page.getByLabel('Foot length, cm')
  await expect(foot).toHaveAttribute('placeholder', /by estimate$/)
  await foot.fill('99')
  await foot.blur()
  await expect(page.getByText('Foot length: 99 is not a length of a body, and is not saved.')).toBeVisible()
  await foot.fill('24,5')
  await foot.blur()
  await expect(page.getByText(/^measured \d/)).toBeVisible()

  await page.getByRole('button', { name: 'one is shorter' }).click()
  const legs = page.getByRole('form', { name: 'Leg lengths' })
  await legs.getByLabel('By, cm (0.1 to 8)').fill('12')
  await legs.getByRole('button', { name: 'Set it' }).click()
  await expect(legs.getByRole('alert')).toContainText('accepted is a number from 0.1 to 8 cm')
  await legs.getByLabel('By, cm (0.1 to 8)').fill('1.2')
  await legs.getByLabel('How').selectOption('standing')
  await legs.getByRole('button', { name: 'Set it' }).click()
  await expect(
    page.getByText(/left leg is 1\.2.cm shorter, only seen standing .*it may be a tilted pelvis/),
  ).toBeVisible()

  await page.getByLabel('shoulders raised').check()
  await page.getByLabel('A complaint').selectOption({ label: 'sore shoulder' })
  await page.getByRole('button', { name: /^When: sore shoulder/ }).click()
  await page.getByRole('textbox', { name: 'When: sore shoulder' }).fill('after pushing')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/after pushing.*Look at: arms too far back, arms too high/)).toBeVisible()
  await expect(page.getByText('Anything that stays, or that is new, goes to the clinician.').first()).toBeVisible()
  await saved(page)
  await page.getByRole('link', { name: 'Put on the bench' }).click()
  await expect(page.getByText(/^Watch: shoulders raised \(/)).toBeVisible()
  await page.goto('/class')
  await expect(page.getByText(/^Isolde: shoulders raised\.$/)).toBeVisible()
})

test('a whole record goes to a file and comes back; a wrong file changes nothing', async ({ page }) => {
  await page.goto('/people/gideon-marsh')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Record to a file' }).click()
  const file = await download
  expect(file.suggestedFilename()).toMatch(/\.person\.json$/)
  const record = JSON.parse(readFileSync(await file.path(), 'utf8'))
  expect(record).toMatchObject({ format: 'nivrel.person/1', name: 'Gideon Marsh' })
  const bringIn = (name: string, document: unknown) =>
    page
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(document)) })
  await bringIn('wrong.json', { ...record, body: { ...record.body, massKg: 900 } })
  await expect(page.getByText(/wrong\.json was not opened, and nothing was changed\. Mass: accepted/)).toBeVisible()
  await bringIn('gideon.json', { ...record, notes: 'Moved here from the other hall.', fromOther: 'kept' })
  const notes = page.getByLabel('Everything else')
  await expect(notes).toHaveValue('Moved here from the other hall.')
  await saved(page)
  await page.reload()
  await expect(notes).toHaveValue('Moved here from the other hall.')
  const kept = await page.request.get('/api/people')
  expect((await kept.json()).find(({ id }: { id: string }) => id === 'gideon-marsh').record.fromOther).toBe('kept')
})

test('a table is brought in with its columns matched and its bad rows shown; it goes out again', async ({ page }) => {
  await page.goto('/people')
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  const csv = 'Who,Tall,Kilos,Age\nPia Lindqvist,158,55,81\nRolf Tern,15,70,66\n"Amara, Dr. Sy",171,64,\n'
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByText('Nobody can be brought in like this.')).toBeVisible()
  await page.getByLabel('Kilos is').selectOption('mass')
  const bad = page.getByRole('region', { name: 'Rows that stay out' })
  await expect(bad).toContainText('Rolf Tern (row 3): Height: accepted is 100 to 230 cm, or feet and inches')
  await expect(page.getByText(/Pia Lindqvist \(158 cm, 55 kg\)/)).toBeVisible()
  await page.getByRole('button', { name: 'Bring in 2' }).click()
  await expect(page.getByText('2 people came in. 1 row stayed out.')).toBeVisible()
  await expect(page.getByRole('link', { name: /Pia Lindqvist/ })).toBeVisible()
  await page.getByLabel('Search names, notes and limits').fill('amara')
  await expect(page.getByRole('link', { name: /Amara, Dr\. Sy/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Pia Lindqvist/ })).toBeHidden()
  // What is sought of people's health stays out of the address bar.
  expect(page.url()).not.toContain('amara')
  const download = page.waitForEvent('download')
  // What is shown is taken out, and nobody else.
  await page.getByRole('button', { name: 'Take out these 1 as a table' }).click()
  const text = readFileSync(await (await download).path(), 'utf8')
  expect(text).toContain('"Amara, Dr. Sy",171,64')
  expect(text).not.toContain('Pia Lindqvist')

  // The same list once more: who is there already stays as they are.
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  const again = `${csv}Noor Vesper,166,61,70\n`
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'class.csv', mimeType: 'text/csv', buffer: Buffer.from(again) })
  await page.getByLabel('Kilos is').selectOption('mass')
  await expect(
    page.getByLabel(/^Pia Lindqvist and Amara, Dr\. Sy have names that are on the list already/),
  ).toBeVisible()
  await page.getByRole('button', { name: 'Bring in 1', exact: true }).click()
  await expect(page.getByRole('dialog')).toBeHidden()
  await page.getByLabel('Search names, notes and limits').fill('')
  await expect(page.getByRole('link', { name: /Noor Vesper/ })).toBeVisible()
  await expect(page.getByRole('link', { name: /Pia Lindqvist/ })).toHaveCount(1)
})

test('a messy table: each row in its own units, a wrong cell mended in place, and all of it taken back out', async ({
  page,
}) => {
  await page.goto('/people?bring')
  const csv = `Name,Height,Weight\nSib Aldous,"1,62","61,2"\nTove Marsh,5'4",135 lb\nUlf Brand,1790,70\n`
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'messy.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
  await expect(page.getByText(/Sib Aldous \(162 cm, 61 kg\) and Tove Marsh \(163 cm, 61 kg\)/)).toBeVisible()
  const cell = page.getByLabel('height of Ulf Brand')
  await cell.fill('179')
  await cell.press('Enter')
  await page.getByRole('button', { name: 'Bring in 3' }).click()
  await expect(page.getByRole('link', { name: /Ulf Brand/ })).toBeVisible()
  await page.getByRole('button', { name: 'Take them back out' }).click()
  await expect(page.getByRole('link', { name: /Ulf Brand|Sib Aldous|Tove Marsh/ })).toHaveCount(0)
})

test('an estimate alone does not call the standing of somebody seen to stand close', async ({ page }) => {
  await page.goto('/people/bram-tallow')
  await expect(page.getByText('Stands unaided').first()).toBeVisible()
  await expect(page.getByText(/a functional reach would replace it/).first()).toBeVisible()
  await expect(page.getByText(/Own standing: nearly/)).toBeHidden()
})

test('a house’s own rule reaches every stance, says so, and goes back to its default', async ({ page }) => {
  await openFigures(page)
  const reserve = page.getByRole('textbox', { name: /^Reserve for sway, two feet/ })
  const bar = page.getByRole('region', { name: 'Not kept yet' })
  await reserve.fill('400')
  await reserve.blur()
  await expect(bar.getByRole('alert')).toHaveText('Reserve for sway, two feet: accepted is a number from 0 to 10 cm.')
  await expect(bar.getByRole('button', { name: 'Keep' })).toBeDisabled()
  // What it would do is said before it is kept.
  await reserve.fill('6')
  await reserve.blur()
  await expect(bar).toContainText(/In their own standing, no longer “steady”: .*Isolde Farrant/)
  await bar.getByRole('button', { name: 'Keep' }).click()
  await expect(bar).toBeHidden()
  await openBench(page, /Isolde Farrant/)
  await expect(verdict(page)).toHaveText(/Nearly/)
  await page.getByText('Too little room for sway').click()
  await expect(page.getByText(/Set by this house: reserve for sway, two feet/)).toBeVisible()
  await openFigures(page)
  await page.getByRole('button', { name: /^Reserve for sway, two feet back to/ }).click()
  await expect(page.getByRole('textbox', { name: /^Reserve for sway, two feet/ })).toHaveValue('1.5')
  await expect(bar).toContainText(/“steady” again: .*Isolde Farrant/)
  await bar.getByRole('button', { name: 'Keep' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
})

test('pages carry strict headers, and a write from another site is refused', async ({ page, request }) => {
  const violations: string[] = []
  page.on('console', (message) => message.text().includes('Content Security Policy') && violations.push(message.text()))
  const response = await page.goto('/people')
  const headers = response?.headers() ?? {}
  expect(headers['content-security-policy']).toMatch(/default-src 'self'.*frame-ancestors 'none'/)
  expect(headers['content-security-policy']).not.toContain("script-src 'self' 'unsafe-inline'")
  expect(headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'cache-control': 'no-store',
  })
  for (const path of ['/', '/bench', '/class', '/postures']) await page.goto(path)
  await page.waitForLoadState('networkidle')
  expect(violations).toEqual([])
  const body = { records: [] }
  const elsewhere: Record<string, string>[] = [
    { 'sec-fetch-site': 'cross-site' },
    { origin: 'https://elsewhere.example' },
  ]
  for (const from of elsewhere) {
    const refused = await request.post('/api/people', { data: body, headers: from })
    expect(refused.status()).toBe(403)
  }
  // A name of somebody else's that leads here reads nothing either.
  for (const path of ['/api/people', '/people']) {
    const trapped = await request.get(path, { headers: { host: 'elsewhere.example' } })
    expect(trapped.status()).toBe(403)
    expect(await trapped.text()).not.toContain('Keziah')
  }
  const bad = await request.post('/api/people', { data: body })
  expect(await bad.json()).toMatchObject({ error: { field: 'records', accepts: 'a list of at least 1' } })
})
