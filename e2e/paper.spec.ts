import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { choose } from './helpers'
import { expect, test } from './test'

test('from somebody’s page in two touches to a card; other paper, other units; the PDF holds its own fonts', async ({
  page,
  request,
}) => {
  await page.goto('/people/isolde-farrant')
  await page.getByRole('link', { name: 'On paper' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('On paper: cards of Isolde Farrant')
  const sheet = page.locator('svg').filter({ hasText: 'Stop when it hurts' })
  await expect(sheet).toContainText('Isolde Farrant')
  await expect(sheet).toContainText(/\d+ cm to the (left|right)/)
  await page.getByRole('button', { name: 'Said in' }).click()
  await page
    .getByRole('menuitemradio', { name: 'inches' })
    .or(page.getByRole('menuitem', { name: 'inches' }))
    .click()
  await expect(sheet).toContainText(/[\d.]+ in to the (left|right)/)
  const href = (await page.getByRole('link', { name: 'As a PDF' }).getAttribute('href')) as string
  const pdf = await request.get(href)
  expect(pdf.headers()['content-type']).toBe('application/pdf')
  const text = (await pdf.body()).toString('latin1')
  expect(text).toMatch(/AtkinsonHyperlegibleNext-Bold/)
  // A page of A4 in points.
  expect(text).toMatch(/MediaBox \[0 0 595\.2\d+ 841\.8\d+\]/)
})

test('what passes somebody’s limit is on no card, and says so; it can still be laid out', async ({ page }) => {
  // The second of hers: on both feet, where one may carry nothing.
  await page.goto('/paper?as=home&person=calla-wynd&of=1')
  const beyond = page.getByText('This stance passes a limit of theirs')
  await expect(beyond).toBeVisible()
  await page.goto('/paper?as=plan&person=calla-wynd&of=1')
  await expect(page.locator('main svg').filter({ hasText: 'Lay the tape' })).toBeVisible()
  await expect(beyond).toBeHidden()
})

test('the clinician’s page has orders with their dates, margins with what they are known to, and no order is invented', async ({
  page,
}) => {
  await page.goto('/paper?as=clinician&person=bram-tallow')
  const sheet = page.locator('svg').filter({ hasText: 'what was done and seen' })
  await expect(sheet).toContainText('Orders')
  await expect(sheet).toContainText(/Pain grows|New pain/)
  await expect(sheet).toContainText(/beyond the reserve/)
  await page.goto('/paper?as=clinician&person=isolde-farrant')
  await expect(page.locator('svg').filter({ hasText: 'what was done and seen' })).toContainText('No order is on file.')
})

test('a lesson and its log sheet; what is not there is not found, and says so', async ({ page, request }) => {
  await page.goto('/lesson?group=slack-tide')
  await page.getByRole('link', { name: 'On paper' }).click()
  const title = page.getByRole('heading', { level: 1 })
  await expect(title).toContainText('the lesson sheet of Slack Tide')
  await page.getByRole('button', { name: /^What:/ }).click()
  await page
    .getByRole('menuitemradio', { name: 'a log sheet' })
    .or(page.getByRole('menuitem', { name: 'a log sheet' }))
    .click()
  await expect(page.locator('svg').filter({ hasText: 'Near fall' }).first()).toContainText('Bram Tallow')

  expect((await page.goto('/paper?as=card&person=nobody'))?.status()).toBe(404)
  const refused = await request.get('/api/paper?as=lesson&group=slack-tide')
  expect(refused.status()).toBe(400)
  expect((await refused.json()).error.field).toBe('day')
  const wrong = await request.get('/api/paper?as=poster&person=marit-quill')
  expect((await wrong.json()).error.field).toBe('as')
})

test('by command: the sheets of what a running Nivrel keeps, and its refusal in one line', ({ baseURL }) => {
  const nivrel = (...args: string[]) =>
    spawnSync('node', ['--import', 'tsx', 'cli/nivrel.ts', 'print', '--from', baseURL as string, ...args])
  const page = nivrel('--as', 'clinician', '--person', 'bram-tallow')
  expect([page.status, page.stdout.subarray(0, 5).toString()]).toEqual([0, '%PDF-'])
  const refused = nivrel('--as', 'lesson', '--group', 'slack-tide')
  expect([refused.status, refused.stdout.length, refused.stderr.toString().trim().split('\n').length]).toEqual([
    1, 0, 1,
  ])
  expect(refused.stderr.toString()).toContain('day')
})

test('a routine’s floor has numbered prints; the bench’s floor comes as a file at true size', async ({ page }) => {
  await page.goto('/paper?as=path&routine=quay-four&person=isolde-farrant')
  const sheet = page.locator('svg').filter({ hasText: 'The numbers follow the parts' })
  await expect(sheet.getByText('1', { exact: true })).toHaveCount(2)
  await page.goto('/paper?as=tape&routine=quay-four&person=isolde-farrant&of=1')
  await expect(page.locator('svg').filter({ hasText: 'the step into part 2' }).first()).toContainText(/[LR] 2/)
  await page.goto('/bench?person=isolde-farrant')
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Floor at true scale' }).click(),
  ])
  expect(readFileSync(await file.path(), 'utf8')).toMatch(
    /<svg [^>]*width="\d+mm" height="\d+mm" viewBox="0 0 \d+ \d+"/,
  )
})

test('a class that was fitted: who does which, a card for everybody, and a level’s floor at true size', async ({
  page,
}) => {
  await page.goto('/class?group=second-launch&posture=parallel')
  const keep = page.getByRole('button', { name: 'Keep for the class' })
  await expect(keep).toBeEnabled()
  await keep.click()
  await expect(keep).toBeDisabled()
  await page.getByRole('link', { name: 'On paper' }).click()
  const sheets = page.locator('main svg')
  await expect(sheets.filter({ hasText: /Level 1/ }).first()).toContainText('Keziah Underhill')
  await choose(page, /^What:/, 'cards')
  await expect(sheets.filter({ hasText: 'Stop when it hurts' }).first()).toBeVisible()
  await choose(page, /^What:/, 'the tape plan at true size')
  await expect(sheets.filter({ hasText: '10 cm: check the printer' }).first()).toBeVisible()
})
