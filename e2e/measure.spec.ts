import { expect, type Page, test } from './test'

/** A stand-in for a device, begun. */
async function beginStandIn(page: Page, panel: ReturnType<typeof panelOf>) {
  await panel.getByRole('button', { name: 'Where readings come from' }).click()
  await page
    .getByRole('menuitemradio', { name: 'a stand-in' })
    .or(page.getByRole('menuitem', { name: 'a stand-in' }))
    .click()
  await panel.getByRole('button', { name: 'Begin' }).click()
}

const panelOf = (page: Page, name: string) => page.getByRole('region', { name, exact: true })

async function open(page: Page, what: string, person = 'lorcan-brae') {
  await page.goto(`/measure?person=${person}&what=${what}`)
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Measure')
}

test('two scales: a stand-in is read for ten seconds, kept with who took it, and is there after a reload', async ({
  page,
}) => {
  await open(page, 'scales')
  const panel = panelOf(page, 'two scales')
  await panel.getByLabel('Taken by').fill('Ines')
  await beginStandIn(page, panel)
  await panel.getByRole('button', { name: 'Read for ten seconds' }).click()
  await expect(panel.getByText(/% on the left, ±.* points; .* kg together\./)).toBeVisible()
  await expect(panel.getByText('From a stand-in, to try it out')).toBeVisible()
  await panel.getByRole('button', { name: 'Keep it' }).click()
  const history = page.getByRole('region', { name: 'Measured before' })
  await expect(history.getByRole('listitem')).toContainText(/% on the left, ±.* \(a stand-in\).*, Ines/)
  await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
  await page.reload()
  await expect(history.getByRole('listitem')).toContainText('Ines')
})

test('the split is hidden while they look for the middle, and said afterwards', async ({ page }) => {
  await open(page, 'scales')
  const panel = panelOf(page, 'two scales')
  await beginStandIn(page, panel)
  await panel.getByRole('button', { name: 'Find the middle without looking' }).click()
  await expect(panel.getByText('The split is hidden.')).toBeVisible()
  await expect(panel.getByText(/^left \d/)).toBeHidden()
  await page.waitForTimeout(3000)
  await panel.getByRole('button', { name: 'They are there' }).click()
  await expect(panel.getByText(/It was .* on the left, .* points from 50/)).toBeVisible()
})

test('a device posts its lines, and the page shows them; when it stops, it says so; wrong lines are named', async ({
  page,
  request,
}) => {
  await open(page, 'scales')
  const panel = panelOf(page, 'two scales')
  await panel.getByRole('button', { name: 'Begin' }).click()
  await expect(panel.getByText('Waiting for the first reading…')).toBeVisible()
  const lines = (from: number) =>
    Array.from({ length: 10 }, (_, i) => JSON.stringify({ atS: from + i / 10, leftKg: 45, rightKg: 15 })).join('\n')
  let from = 0
  await expect
    .poll(async () => {
      await request.post('/api/v1/readings', { data: lines(from++) })
      return panel.getByText('left 75').isVisible()
    })
    .toBe(true)
  await expect(panel.getByText(/Silent: unplugged/)).toBeVisible()
  const answer = await request.post('/api/v1/readings', { data: `${lines(1)}\n{"atS":2,"leftKg":"heavy"}` })
  expect(await answer.json()).toMatchObject({ readings: 10, wrong: [{ line: 11, error: { field: 'leftKg' } }] })
  expect((await request.post('/api/v1/readings', { data: 'nothing' })).status()).toBe(400)
})

test('a trace from a spreadsheet: columns are shown for confirmation, and a reserve is offered, never set by itself', async ({
  page,
}) => {
  await open(page, 'sway', 'isolde-farrant')
  const panel = panelOf(page, 'a trace of sway')
  const rows = Array.from({ length: 1500 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 300
    return `${i * 20};${(8 * Math.cos(angle)).toFixed(2)};${(10 * Math.sin(angle)).toFixed(2)}`.replaceAll('.', ',')
  })
  await panel
    .getByLabel('Paste readings or a table')
    .fill(`Plate 3\nZeit (ms);COP X [mm];COP Y [mm]\n${rows.join('\n')}`)
  await panel.getByRole('button', { name: 'Read it' }).click()
  const columns = page.getByRole('region', { name: 'Understood as' })
  await expect(columns.getByRole('listitem')).toContainText([/Zeit.*time/, /COP X.*across/, /COP Y.*along/])
  await columns.getByRole('button', { name: 'It is so' }).click()
  // 8 and 10 mm over √2; π · 5.991 · 5.66 · 7.07 mm².
  await expect(panel.getByText(/^7\.1\s?mm, 5\.7\s?mm/)).toBeVisible()
  await expect(panel.getByText(/^75\d mm²/)).toBeVisible()
  await expect(panel.getByText(/their own reserve would be 18 mm/)).toBeVisible()
  await panel.getByRole('button', { name: 'Make it their reserve' }).click()
  await expect(panel.getByText('It is their reserve.')).toBeVisible()
  await expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(panel.getByRole('button', { name: 'Make it their reserve' })).toBeVisible()
})

test('a picture: points by touch and keys, angles with what they are known to, kept in this browser and deleted', async ({
  page,
}) => {
  await open(page, 'picture', 'yuki-harland')
  const panel = panelOf(page, 'a picture')
  // A drawn figure: knee 90° bent, trunk upright.
  const png = await page.evaluate(() => {
    const canvas = document.createElement('canvas')
    canvas.width = 600
    canvas.height = 900
    return canvas.toDataURL('image/png')
  })
  await panel.locator('input[type=file]').setInputFiles({
    name: 'figure.png',
    mimeType: 'image/png',
    buffer: Buffer.from(png.split(',')[1] as string, 'base64'),
  })
  const plate = panel.getByRole('application', { name: 'a picture' })
  await expect(plate).toBeVisible()
  const places = [
    ['the heel', 180, 850],
    ['the toes', 300, 850],
    ['the ankle', 200, 800],
    ['the knee', 200, 600],
    ['the hip', 0, 600],
    ['the shoulder', 0, 300],
    ['the ear', 0, 200],
  ] as const
  for (const [name, x, y] of places) {
    await expect(panel.getByText(`Touch: ${name}.`)).toBeVisible()
    const box = (await plate.boundingBox()) as { x: number; y: number; width: number; height: number }
    await page.mouse.click(box.x + ((x + 100) / 600) * box.width, box.y + (y / 900) * box.height)
  }
  await expect(panel.getByText(/^9[01]\s?° ±|^89\s?° ±/)).toBeVisible()
  const knee = plate.getByRole('button', { name: 'the knee' })
  await knee.focus()
  for (let i = 0; i < 5; i++) await page.keyboard.press('Shift+ArrowRight')
  await expect(panel.getByText(/^9[01]\s?° ±|^89\s?° ±/)).toBeHidden()

  await panel.getByRole('button', { name: 'Keep it' }).click()
  const kept = page.getByRole('region', { name: 'Pictures on this machine' })
  await expect(kept.getByRole('listitem')).toHaveCount(1)
  await page.reload()
  await expect(kept.getByRole('listitem')).toHaveCount(1)
  await kept.getByRole('button', { name: 'delete' }).click()
  await expect(kept).toBeHidden()
})
