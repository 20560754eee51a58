import { type ChildProcess, spawn } from 'node:child_process'
import { rmSync } from 'node:fs'
import { expect, test } from './test'

const PORT = 4183
const DATABASE = 'test-results/own-people.db'
let server: ChildProcess

test.beforeAll(async ({ request }) => {
  for (const end of ['', '-wal', '-shm', '-journal']) rmSync(`${DATABASE}${end}`, { force: true })
  server = spawn(process.execPath, ['scripts/start.mjs', '--port', String(PORT)], {
    // The sources may be worked on meanwhile: nothing is built under the servers of the other tests.
    env: { ...process.env, NIVREL_BUILT: '1', NIVREL_DATABASE_URL: `file:${DATABASE}` },
    stdio: 'ignore',
  })
  await expect(async () => {
    expect((await request.get(`http://127.0.0.1:${PORT}/api/v1/ready`)).ok()).toBe(true)
  }).toPass()
})

test.afterAll(() => {
  server.kill('SIGTERM')
})

test.use({ baseURL: `http://127.0.0.1:${PORT}` })

test('with nobody there the first page helps: the house, a list, or somebody new, who then stands on the bench', async ({
  page,
}) => {
  await page.goto('/bench')
  await expect(page.getByRole('heading', { name: /Nobody is on the list yet/ })).toBeVisible()
  await expect(page.getByText('Lantern Quay')).toBeVisible()
  await page.getByRole('link', { name: 'Set the house' }).click()
  await page.getByRole('radio', { name: 'feet, inches and pounds' }).check()
  await page.getByRole('button', { name: 'Keep' }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await page.goto('/bench')
  await page.getByRole('link', { name: 'Bring in a list' }).click()
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Take a template' }).click()
  expect((await download).suggestedFilename()).toBe('people-template.csv')
  await page.getByRole('button', { name: 'Close' }).click()
  await page.goto('/bench')
  await page.getByRole('button', { name: 'Somebody new' }).click()
  await page.getByLabel('Name').fill('Ada Quillon')
  // Feet and inches, and kilograms beside them: each says its own unit.
  await page.getByLabel(/^Height/).fill('5 ft 4 in')
  await page.getByLabel(/^Mass/).fill('61,2 kg')
  await page.getByRole('button', { name: 'Put on the bench' }).click()
  await expect(page.getByRole('button', { name: 'Person: Ada Quillon' })).toBeVisible()
  await expect(page.getByTestId('verdict')).toBeVisible()
  await page.goto('/people')
  await page.getByRole('link', { name: /Ada Quillon/ }).click()
  await expect(page.getByText('135 lb')).toBeVisible()
  await expect(page.getByText(/Without it the masses of the body’s parts are the mean/)).toBeVisible()
})
