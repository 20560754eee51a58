import { readFileSync } from 'node:fs'
import { atRest, choose, openFigures } from './helpers'
import { expect, type Page, test } from './test'

const verdict = (page: Page) => page.getByTestId('path-verdict')
const order = (page: Page) => page.getByRole('region', { name: 'The order' }).getByRole('listitem')
const part = (page: Page, name: RegExp) => order(page).getByRole('button', { name })
const cursor = (page: Page) => page.getByRole('slider', { name: 'Along time' })
const saved = (page: Page) => page.getByRole('status').filter({ hasText: 'saved' })

/** The place with somebody on a routine, worked out. */
async function openPath(page: Page, person: string, routine: string) {
  await page.goto(`/path?person=${person}&routine=${routine}`)
  await expect(verdict(page)).toBeVisible()
  await settled(page)
}

/** What was changed is worked out: nothing moves on the page any more. */
const settled = (page: Page) => expect(page.getByRole('progressbar', { name: 'being worked out.' })).toHaveCount(0)

test('a routine on its floor, along time and as a body that plays it, with one cursor for all', async ({ page }) => {
  await openPath(page, 'isolde-farrant', 'quay-four')
  await expect(page.getByRole('heading', { level: 1 })).toContainText(/Isolde Farrant walks the four along the quay/)
  const floor = page.getByTestId('path-floor')
  await expect(floor.getByRole('button', { name: /^1\. Left foot lands on its heel/ })).toBeVisible()
  await expect(floor.getByRole('button', { name: /turns .* about its heel/ }).first()).toBeVisible()

  await cursor(page).focus()
  await page.keyboard.press('ArrowDown')
  const first = Number(await cursor(page).getAttribute('aria-valuenow'))
  await page.keyboard.press('ArrowDown')
  expect(Number(await cursor(page).getAttribute('aria-valuenow'))).toBeGreaterThan(first)
  await expect(cursor(page)).toHaveAttribute('aria-valuetext', /(empties|turns|lifts|reaches|touches|fills)/)

  const body = page.getByRole('img', { name: /^The body at/ })
  const before = await body.getAttribute('aria-label')
  await page.getByRole('button', { name: 'Play', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
  await expect.poll(() => body.getAttribute('aria-label')).not.toBe(before)
  await page.getByRole('button', { name: 'Pause' }).click()
  const stood = Number(await cursor(page).getAttribute('aria-valuenow'))
  await page.waitForTimeout(300)
  expect(Number(await cursor(page).getAttribute('aria-valuenow'))).toBe(stood)

  await choose(page, /^Seen from/, 'above')
  await expect(page.getByRole('img', { name: /^The body .* seen from above/ })).toBeVisible()
  // A space presses what it is on; elsewhere it plays.
  await page.getByRole('button', { name: 'Mirrored', exact: true }).press('Space')
  await expect(page.getByRole('button', { name: 'Mirrored', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('button', { name: 'Pause' })).toHaveCount(0)
  await cursor(page).press('Space')
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible()
})

test('what is wrong leads to its instant; a safer way is taken, taken back, and stays after a reload', async ({
  page,
}) => {
  await openPath(page, 'odalys-marrin', 'quay-four')
  await expect(verdict(page)).toHaveText(/Not like this/)
  await page.getByRole('region', { name: 'What is wrong on the way' }).getByRole('button').first().click()
  await expect(page.getByTestId('step-floor')).toBeVisible()
  expect(Number(await cursor(page).getAttribute('aria-valuenow'))).toBeGreaterThan(0)
  const remedies = page.getByRole('region', { name: 'Safer ways there' })
  const take = remedies.getByRole('button', { name: 'Take this' }).first()
  await expect(take).toBeVisible()
  const open = await part(page, /./)
    .filter({ has: page.locator('[aria-pressed="true"]') })
    .count()
  expect(open).toBeLessThanOrEqual(1)
  await take.click()
  await expect(page.getByTestId('step-verdict')).toHaveText(/^\s*(Steady|Nearly)/)
  await expect(saved(page)).toBeAttached()
  await page.reload()
  await expect(verdict(page)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Back to the original' })).toBeVisible()
  await page.getByRole('button', { name: 'Back to the original' }).click()
  await page.getByRole('button', { name: 'Yes, do it' }).click()
  await expect(page.getByRole('button', { name: 'Back to the original' })).toHaveCount(0)
  // What is shipped again is not kept as a change of its own.
  await page.waitForTimeout(600)
  const kept = await (await page.request.get('/api/routines')).json()
  expect(kept.map(({ id }: { id: string }) => id)).not.toContain('quay-four')
})

test('parts are moved by key and mouse, doubled, mirrored and taken out; undo brings each back', async ({ page }) => {
  await openPath(page, 'isolde-farrant', 'first-weeks')
  await page.getByRole('button', { name: 'New', exact: true }).click()
  // It begins with what whoever stands can walk.
  await expect(order(page)).toHaveCount(3)
  await settled(page)
  await expect(verdict(page)).toHaveText(/Steady/)
  await choose(page, /^Add a posture/, 'side step')
  await expect(order(page)).toHaveCount(4)
  await expect(part(page, /^4\. side step, left/)).toBeVisible()
  await part(page, /^4\. side step/).focus()
  await page.keyboard.press('Alt+ArrowLeft')
  await expect(part(page, /^3\. side step, left/)).toBeFocused()
  await settled(page)
  await page.getByRole('button', { name: 'Other side' }).click()
  await expect(part(page, /^3\. side step, right/)).toBeVisible()
  await page.getByRole('button', { name: 'Once more' }).click()
  await expect(order(page)).toHaveCount(5)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(part(page, /^3\. side step, left/)).toBeVisible()

  await part(page, /^3\. side step/).scrollIntoViewIfNeeded()
  // What is found beside it moves the page: it comes to rest before anything is taken hold of.
  await expect(page.getByRole('progressbar')).toHaveCount(0)
  await atRest(part(page, /^3\. side step/))
  const [from, to] = [await part(page, /^3\. side step/).boundingBox(), await part(page, /^1\. parallel/).boundingBox()]
  if (!from || !to) throw new Error('a part is not shown')
  await page.mouse.move(from.x + 10, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x + 20, to.y + to.height / 2, { steps: 12 })
  await page.mouse.up()
  await expect(part(page, /^1\. side step/)).toBeVisible()
  await page.getByRole('button', { name: 'Take out' }).click()
  await expect(order(page)).toHaveCount(3)
  await expect(page.getByRole('progressbar')).toHaveCount(0)

  await page.getByRole('button', { name: 'Add an exercise' }).click()
  const sheet = page.getByRole('dialog', { name: 'An exercise in place' })
  await sheet.getByRole('spinbutton', { name: 'Counts in a set' }).fill('2')
  await sheet.getByRole('button', { name: 'Add it' }).click()
  await expect(order(page)).toHaveCount(3 + 2 * 2 * 4)
  await page.getByRole('button', { name: 'Name', exact: true }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Tuesday, slowly')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByRole('button', { name: 'Routine: Tuesday, slowly' })).toBeVisible()
  await expect(saved(page)).toBeAttached()
  await page.reload()
  await expect(page.getByRole('button', { name: 'Routine: Tuesday, slowly' })).toBeVisible()
  await expect(order(page)).toHaveCount(19)
  await page.getByRole('button', { name: 'Remove' }).click()
  await page.getByRole('button', { name: 'Yes, do it' }).click()
  await expect(page.getByRole('button', { name: 'Routine: the four along the quay' })).toBeVisible()
})

test('a routine goes to a file and comes back; a wrong file names its field and changes nothing', async ({ page }) => {
  await openPath(page, 'isolde-farrant', 'walk-out')
  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save to a file' }).click()
  const text = readFileSync(await (await download).path(), 'utf8')
  expect(JSON.parse(text)).toMatchObject({ format: 'nivrel.routine/1', school: 'therapeutic' })
  const file = page.getByLabel('A routine file')
  const give = (name: string, content: string) =>
    file.setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) })
  await give('wrong.json', JSON.stringify({ parts: [{ posture: 'parallel' }, { posture: 'bow', seconds: 900 }] }))
  await expect(page.getByRole('alert').filter({ hasText: 'wrong.json was not opened' })).toContainText(/0\.5 to 120/)
  await expect(order(page)).toHaveCount(10)
  await give('mine.json', text.replace('walking out', 'walking out, mine'))
  await expect(page.getByRole('button', { name: 'Routine: walking out, mine' })).toBeVisible()
  await page.getByRole('button', { name: 'Remove' }).click()
  await page.getByRole('button', { name: 'Yes, do it' }).click()
})

test('the foot of an opened step is dragged and nudged, and answers at once; undo is one step', async ({ page }) => {
  await openPath(page, 'isolde-farrant', 'quay-four')
  await part(page, /^2\. part the wild horse/).click()
  const foot = page.getByTestId('step-floor').getByRole('button', { name: /^left foot|^right foot/ })
  const said = page.getByTestId('step-verdict')
  const before = await said.textContent()
  await foot.scrollIntoViewIfNeeded()
  const box = (await foot.boundingBox()) as { x: number; y: number; width: number; height: number }
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.7)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.7 - 90, { steps: 10 })
  await page.mouse.up()
  await expect(said).not.toHaveText(before as string)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(said).toHaveText(before as string)
  await foot.focus()
  await page.keyboard.press('ArrowUp')
  await expect(said).not.toHaveText(before as string)
  await page.getByRole('button', { name: 'Back to the original' }).click()
  await page.getByRole('button', { name: 'Yes, do it' }).click()
})

test('a class walks one path: each on a line, counted, and a mark leads to the way that fails', async ({ page }) => {
  await page.goto('/path?group=slack-tide&routine=quay-four')
  const lines = page.getByRole('region', { name: 'The class on this path' })
  // Nine people on a way each: a busy machine takes its time.
  await expect(lines.getByText(/of \w+ walk it together/)).toBeVisible({ timeout: 180_000 })
  await expect(lines.getByRole('button', { name: 'Odalys Marrin', exact: true })).toBeVisible()
  const hall = lines.getByRole('region', { name: 'The hall from above' })
  await expect(hall.getByText(/in 6 by 8 m, a metre between them/)).toBeVisible()
  // Everybody once, inside the walls, nobody on anybody else.
  const boxes = await hall.getByRole('button').evaluateAll((all) =>
    all.map((one) => {
      const box = one.getBoundingClientRect()
      const walls = one.closest('svg')?.querySelector('polygon')?.getBoundingClientRect() as DOMRect
      return {
        name: one.getAttribute('aria-label'),
        box,
        walls,
        round: [...document.querySelectorAll('figure')].findIndex((f) => f.contains(one)),
      }
    }),
  )
  expect(boxes.length).toBe(await lines.locator('li[data-how]').count())
  for (const [i, { box, walls, round }] of boxes.entries()) {
    expect(box.left).toBeGreaterThan(walls.left)
    expect(box.bottom).toBeLessThan(walls.bottom)
    for (const other of boxes.slice(i + 1)) {
      if (other.round !== round) continue
      const apart = Math.max(
        box.left - other.box.right,
        other.box.left - box.right,
        box.top - other.box.bottom,
        other.box.top - box.bottom,
      )
      expect(apart, `${boxes[i]?.name} and ${other.name}`).toBeGreaterThan(0)
    }
  }
  await lines.getByRole('button', { name: /^Odalys Marrin, 1 .*Not like this/ }).click()
  await expect(page.getByRole('button', { name: 'Person: Odalys Marrin' })).toBeVisible()
  await expect(page.getByTestId('step-floor')).toBeVisible()
})

test('what the house does otherwise than a school is how its routines go', async ({ page }) => {
  const ways = (of: Page) => of.getByRole('region', { name: 'How one goes from stance to stance' })
  await openFigures(page)
  await page.waitForLoadState('networkidle')
  const ours = ways(page).getByRole('group', { name: 'therapeutic frame' })
  await ours.getByRole('button', { name: /^Arms:/ }).click()
  await page.getByRole('menuitemradio', { name: 'after the waist' }).click()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
  await openPath(page, 'isolde-farrant', 'quay-four')
  await page.getByRole('button', { name: 'How one goes' }).click()
  await expect(page.getByRole('button', { name: 'Arms: after the waist' })).toBeVisible()
  await openFigures(page)
  await page.waitForLoadState('networkidle')
  await ours.getByRole('button', { name: 'Arms: after the waist' }).click()
  await page.getByRole('menuitemradio', { name: /as the school has it/ }).click()
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  await expect(page.getByText('Kept.')).toBeVisible()
})
