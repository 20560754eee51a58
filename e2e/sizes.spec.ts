import { readFileSync } from 'node:fs'
import Libsql from 'libsql'
import { dayOf } from '../src/documents/day'
import { PINNED } from '../src/testing/clock'
import { expect, test } from './test'

/** A list far over what is sent at once, and over what a single request may hold. */
const MANY = 2400
const NOTES = 'A long story of somebody who was brought in. '.repeat(110)

test('a list of 12 MB comes in whole, by parts, with progress; a table is dated on the user’s day', async ({
  page,
  nivrel,
}) => {
  const people = Array.from({ length: MANY }, (_, i) => ({
    format: 'nivrel.person/1',
    name: `Brought In ${String(i).padStart(4, '0')}`,
    body: { statureM: 1.6, massKg: 60 },
    notes: NOTES,
    archived: true,
  }))
  const text = JSON.stringify({ records: people })
  expect(text.length).toBeGreaterThan(11_000_000)
  await page.goto('/people')
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  const file = (name: string, mimeType: string, content: string) => ({ name, mimeType, buffer: Buffer.from(content) })
  await page.locator('input[type=file]').setInputFiles(file('many.json', 'application/json', text))
  await page.getByRole('button', { name: `Bring in ${MANY}` }).click()
  await expect(page.getByRole('button', { name: /^Bringing in, \d+ %/ })).toBeVisible()
  await expect(page.getByRole('dialog')).toBeHidden()
  const kept = (await (await page.request.get('/api/people')).json()) as { record: { name: string; notes: string } }[]
  const came = kept.filter(({ record }) => record.name.startsWith('Brought In'))
  expect([came.length, came[MANY - 1]?.record.notes]).toEqual([MANY, NOTES])
  const database = new Libsql(nivrel.database)
  database.exec("delete from people where name like 'Brought In %'")
  database.close()
})

test.describe('far east of the server', () => {
  test.use({ timezoneId: 'Pacific/Kiritimati' })

  test('a day is the user’s day, and no page asks for ever', async ({ page }) => {
    const here = dayOf(new Date(PINNED.NIVREL_CLOCK), 'Pacific/Kiritimati')
    let asked = 0
    page.on('request', (request) => {
      if (new URL(request.url()).pathname === '/people/mathis-orrin') asked++
    })
    await page.goto('/people/mathis-orrin')
    await page.getByRole('button', { name: 'tired', exact: true }).click()
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
    await page.waitForTimeout(2500)
    expect(asked).toBeLessThan(4)
    await page.reload()
    await expect(page.getByRole('button', { name: 'Back to usual now' })).toBeVisible()
    const { record } = await (await page.request.get('/api/people/mathis-orrin')).json()
    expect(record.today.at(-1).on).toBe(here)
    await page.getByRole('button', { name: 'Back to usual now' }).click()
    await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
    await page.goto('/people')
    await page.getByRole('button', { name: 'Bring in a list' }).click()
    const csv = 'Name,Height,Mass,Age\nKiri Dateline,160,60,70\n'
    await page
      .locator('input[type=file]')
      .setInputFiles({ name: 'one.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
    await page.getByRole('button', { name: 'Bring in 1' }).click()
    await expect(page.getByRole('link', { name: /Kiri Dateline/ })).toBeVisible()
    const all = (await (await page.request.get('/api/people')).json()) as {
      id: string
      record: { name: string; measured: { massKg: { on: string } } }
    }[]
    const kiri = all.find(({ record: { name } }) => name === 'Kiri Dateline')
    expect(kiri?.record.measured.massKg.on).toBe(here)
    await page.request.delete(`/api/people/${kiri?.id}`, { data: {} })
  })
})

test('a house is taken out whole and brought back beside what is there', async ({ page }) => {
  await page.goto('/people')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Take out the whole house' }).click()
  const text = readFileSync(await (await download).path(), 'utf8')
  const whole = JSON.parse(text)
  expect(whole.format).toBe('nivrel.house/1')
  expect(whole.people.length).toBeGreaterThan(15)
  await page.request.delete('/api/people/imke-sorrel', { data: {} })
  await page.reload()
  await expect(page.getByRole('link', { name: /Imke Sorrel/ })).toBeHidden()
  await page.getByRole('button', { name: 'Bring in a list' }).click()
  await page
    .locator('input[type=file]')
    .setInputFiles({ name: 'nivrel.house.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  await page.getByRole('button', { name: 'Bring it back' }).click()
  await expect(page.getByText(/^Came in: 1 person, 0 postures/)).toBeVisible()
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).click()
  await expect(page.getByRole('link', { name: /Imke Sorrel/ })).toBeVisible()
})
