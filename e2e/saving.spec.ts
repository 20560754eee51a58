import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import Libsql from 'libsql'
import { choose, openBench, openFigures } from './helpers'
import { expect, type Page, test } from './test'

const status = (page: Page) => page.getByRole('status').filter({ hasText: /^(saved|saving…|Not saved)/ })
/** A person's page that has come alive. */
const openPerson = async (page: Page, id: string) => {
  await page.goto(`/people/${id}`)
  await page.waitForLoadState('networkidle')
}
const notes = (page: Page) => page.getByLabel('Everything else')

const LEAVING: [string, (page: Page) => Promise<unknown>][] = [
  ['a reload', (page) => page.reload()],
  ['another address', (page) => page.goto('/house')],
  ['a closed tab', (page) => page.close({ runBeforeUnload: true })],
]

/** Does something on a bench, and waits until the server has it. */
const drafted = (page: Page, act: () => Promise<void>) =>
  Promise.all([
    page.waitForResponse((answer) => answer.url().includes('/api/bench/') && answer.request().method() === 'PUT'),
    act(),
  ])

for (const [how, leave] of LEAVING) {
  test(`what is typed is kept at ${how}, though the field was never left`, async ({ page, context }) => {
    await openPerson(page, 'perrin-locke')
    const typed = `typed before ${how}`
    // Once something of it is saved, the page is alive.
    await notes(page).fill('before')
    await expect(status(page)).toHaveText('saved')
    await notes(page).fill('')
    await notes(page).pressSequentially(typed)
    await expect(status(page)).toHaveText('saving…')
    await leave(page)
    const kept = async () => (await (await context.request.get('/api/people/perrin-locke')).json()).record.notes
    await expect.poll(kept).toBe(typed)
  })
}

test('names, measures and numbers in sentences are taken while they are typed, and letter by letter is one step back', async ({
  page,
}) => {
  await openPerson(page, 'noor-tongerlo')
  await page.getByLabel('Foot length, cm').pressSequentially('24,5')
  await page.reload()
  await page.waitForLoadState('networkidle')
  await expect(page.getByLabel('Foot length, cm')).toHaveValue('24.5')
  await page.getByRole('button', { name: /^Name:/ }).click()
  await page.keyboard.type('Noor T.')
  await page.reload()
  await page.waitForLoadState('networkidle')
  await expect(page.getByRole('heading', { name: 'Noor T.' })).toBeVisible()
  await notes(page).pressSequentially('one two three')
  await notes(page).blur()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(notes(page)).toHaveValue('')
  await page.getByRole('button', { name: /^Name:/ }).click()
  await page.keyboard.type('Noor Tongerlo')
  await page.keyboard.press('Enter')
  await expect(status(page)).toHaveText('saved')

  await openBench(page, /Tomasz Ferrow/)
  await page.getByRole('spinbutton', { name: 'Step length' }).click()
  await page.getByRole('spinbutton', { name: 'Step length' }).fill('27')
  await page.reload()
  await expect(page.getByRole('spinbutton', { name: 'Step length' })).toHaveValue('27')
})

test('“saved” is only said of what the server has; without a server it is said, and saved when there is one', async ({
  page,
}) => {
  await openPerson(page, 'lorcan-brae')
  await notes(page).fill('')
  await expect(status(page)).toHaveText('saved')
  let open = () => {}
  const gate = new Promise<void>((resolve) => {
    open = resolve
  })
  await page.route('**/api/people/lorcan-brae', async (route) => {
    await gate
    await route.continue()
  })
  await notes(page).pressSequentially('slow')
  await notes(page).blur()
  await expect(status(page)).toHaveText('saving…')
  open()
  await expect(status(page)).toHaveText('saved')
  await page.unroute('**/api/people/lorcan-brae')
  await page.route('**/api/people/lorcan-brae', (route) => route.abort())
  await notes(page).pressSequentially(' and gone')
  await expect(status(page)).toContainText('Not saved: the server does not answer')
  await page.unroute('**/api/people/lorcan-brae')
  await expect(status(page)).toHaveText('saved')
  await page.reload()
  await expect(notes(page)).toHaveValue('slow and gone')
})

test('the bench in two tabs: the second is told and chooses; a reload shows whoever is on it', async ({
  page,
  context,
}) => {
  await openBench(page, /Hester Bright/)
  const step = (of: Page) => of.getByRole('spinbutton', { name: 'Step length' })
  await drafted(page, () => step(page).press('ArrowUp'))
  const other = await context.newPage()
  await other.goto(page.url())
  await expect(other.getByRole('button', { name: 'Person: Hester Bright' })).toBeVisible()
  await drafted(page, () => step(page).press('PageUp'))
  const mine = await step(page).inputValue()
  await step(other).press('ArrowDown')
  const sheet = other.getByRole('dialog', { name: 'Saved in two places' })
  await expect(sheet).toBeVisible()
  await sheet.getByRole('button', { name: 'Open theirs' }).click()
  await expect(step(other)).toHaveValue(mine ?? '')
  // Another person, and then a reload: the address has followed.
  await choose(other, /^Person:/, /Ruan Castellane/)
  await expect(other).toHaveURL(/person=ruan-castellane/)
  await other.reload()
  await expect(other.getByRole('button', { name: 'Person: Ruan Castellane' })).toBeVisible()
})

test('house rules in two tabs: the second sees what the first did, and loses nothing of it', async ({
  page,
  context,
}) => {
  await openFigures(page)
  const other = await context.newPage()
  await openFigures(other)
  const rule = (of: Page, name: RegExp) => of.getByRole('textbox', { name })
  const keep = async (of: Page) => {
    await of.getByRole('region', { name: 'Not kept yet' }).getByRole('button', { name: 'Keep' }).click()
  }
  await rule(page, /^Trunk leans to a side/).fill('8')
  await rule(page, /^Trunk leans to a side/).blur()
  await keep(page)
  await expect(page.getByText('Kept.')).toBeVisible()
  await rule(other, /^Hollow back/).fill('12')
  await rule(other, /^Hollow back/).blur()
  await keep(other)
  await other.getByRole('dialog', { name: 'Saved in two places' }).getByRole('button', { name: 'Open theirs' }).click()
  await expect(rule(other, /^Trunk leans to a side/)).toHaveValue('8')
  await other.getByRole('button', { name: /^Trunk leans to a side back to/ }).click()
  await keep(other)
  await expect(other.getByText('Kept.')).toBeVisible()
  await openFigures(other)
  await expect(rule(other, /^Trunk leans to a side/)).toHaveValue('10')
  // The way back of the last press.
  await rule(other, /^Hollow back/).fill('13')
  await rule(other, /^Hollow back/).blur()
  await keep(other)
  await other.getByRole('button', { name: 'As they were' }).click()
  await expect(rule(other, /^Hollow back/)).toHaveValue('10')
  await openFigures(other)
  await expect(rule(other, /^Hollow back/)).toHaveValue('10')
})

test('a record that cannot be read is named and can be taken out; everybody else is there', async ({
  page,
  nivrel,
}) => {
  const database = new Libsql(nivrel.database)
  const { record } = database.prepare("select record from people where id = 'benedikt-shaw'").get() as {
    record: string
  }
  const put = database.prepare("update people set record = ?, revision = revision + 1 where id = 'benedikt-shaw'")
  put.run(record.slice(0, 60))
  await page.goto('/people')
  const aside = page.getByRole('region', { name: 'Set aside' })
  await expect(aside).toContainText('Benedikt Shaw cannot be read')
  await expect(page.getByRole('link', { name: /Odalys Marrin/ })).toBeVisible()
  const download = page.waitForEvent('download')
  await aside.getByRole('button', { name: 'Take it out' }).click()
  expect(readFileSync(await (await download).path(), 'utf8')).toBe(record.slice(0, 60))
  for (const path of ['/', '/bench', '/class', '/postures', '/house'])
    expect((await page.goto(path))?.status()).toBe(200)
  put.run(record)
  database.close()
  await page.goto('/people')
  await expect(page.getByRole('link', { name: /Benedikt Shaw/ })).toBeVisible()
})

test('a long search keeps nobody waiting; deep and malformed questions are the asker’s mistake', async ({
  request,
}) => {
  const [, stance] = readFileSync('src/documents/worked/stances.ndjson', 'utf8').split('\n')
  const document = JSON.parse(stance as string)
  const zero = [
    'kneeFlexionMax',
    'hipFlexionMax',
    'hipInwardMax',
    'hipOutwardMax',
    'hipAbductionMax',
    'dorsiflexionMax',
  ]
  document.person.limits = Object.fromEntries(zero.map((limit) => [`${limit}Deg`, 0]))
  let answered = false
  const search = request.post('/api/v1/variants', { data: document, timeout: 50_000 }).then((response) => {
    answered = true
    return response
  })
  for (const path of ['/', '/people', '/class']) expect((await request.get(path)).status()).toBe(200)
  expect(answered).toBe(false)
  expect(await (await search).json()).toMatchObject({ format: 'nivrel.variants/1', cut: true })
  const deep = `{"format":"nivrel.stance/1","x":${'['.repeat(20_000)}${']'.repeat(20_000)}}`
  for (const path of ['/api/v1/analyze', '/api/v1/variants', '/api/v1/fit', '/api/people', '/api/whole']) {
    const response = await request.post(path, { data: deep, headers: { 'content-type': 'application/json' } })
    expect([path, response.status()]).toEqual([path, 400])
    expect((await response.json()).error.accepts).toContain('levels')
  }
  expect((await request.get('/people/%E0%A4%A')).status()).toBe(400)
})

test('a second Nivrel on the same file is refused in one line, and leaves nothing running', ({ nivrel }) => {
  const started = spawnSync(process.execPath, ['scripts/demo.mjs', '--port', '4181'], {
    env: { ...process.env, NIVREL_BUILT: '1', NIVREL_DATABASE_URL: `file:${nivrel.database}` },
    encoding: 'utf8',
  })
  expect(started.status).toBe(1)
  expect(started.stderr.trim()).toMatch(/^nivrel: another Nivrel runs on the database at .*browser-\d\.db; /)
  expect(started.stderr.trim().split('\n')).toHaveLength(1)
})
