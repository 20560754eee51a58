import { choose, openBench, verdict } from './helpers'
import { expect, test } from './test'

test('person, bench and class lead to each other; what was kept is found from the person, as taught is a press away', async ({
  page,
}) => {
  await openBench(page, /Marit Quill/)
  const step = page.getByRole('spinbutton', { name: 'Step length' })
  const taught = await step.inputValue()
  await step.press('PageDown')
  await page.getByRole('button', { name: 'Keep this' }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Shorter on Tuesdays')
  await page.getByRole('button', { name: 'Keep', exact: true }).click()
  const shorter = await step.inputValue()
  await page.getByRole('button', { name: 'As taught' }).click()
  await expect(step).toHaveValue(taught as string)
  await expect(page.getByRole('region', { name: 'Limits that count here' })).toContainText('a hand on a chair back')

  // From another posture: the person's page has what was kept, and opens it.
  await choose(page, /^Posture:/, 'parallel stance')
  await page.getByRole('link', { name: 'Page of Marit Quill' }).click()
  const kept = page.getByRole('region', { name: 'Kept on the bench' })
  await expect(kept).toContainText('bow, long upright frame')
  await kept
    .getByRole('link', { name: /Shorter on Tuesdays/ })
    .first()
    .click()
  await expect(step).toHaveValue(shorter as string)
  await expect(verdict(page)).toBeVisible()

  await page.getByRole('link', { name: /^Class Slack Tide/ }).click()
  await expect(page.getByRole('button', { name: 'Group: Slack Tide' })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Posture: bow' })).toBeVisible()
  await page.getByRole('button', { name: /^Marit.*as taught/ }).click()
  await page.getByRole('link', { name: 'Put on the bench' }).click()
  await expect(page.getByRole('button', { name: 'Person: Marit Quill' })).toBeVisible()
})

test('what was kept stays open though what stood before it arrives at the server only now', async ({
  page,
  context,
}) => {
  await openBench(page, /Marit Quill/)
  await page.goto('/people')
  await page.waitForLoadState('networkidle')
  const bench = '/api/bench/marit-quill'
  const stood = await context.request.get(bench).then((answer) => answer.json())
  const on = { posture: 'bow', school: 'long-upright', stance: stood.draft.stance }
  const kept = await context.request.post(`${bench}/kept`, { data: { ...on, name: 'A bow to open', note: '' } })
  const { id } = await kept.json()
  // The page that was left said that it sends this; it arrives after the next page was made.
  const revision = stood.draft.revision
  await page.evaluate(
    (sent) => sessionStorage.setItem('nivrel.leaving', sent),
    JSON.stringify({ what: 'bench marit-quill', revision: revision + 1 }),
  )
  await page.goto(`/bench?person=marit-quill&kept=${id}`)
  await expect(page.getByRole('button', { name: 'Posture: bow' })).toBeVisible()
  const looked = page.waitForResponse(async (answer) => {
    if (!answer.url().endsWith(bench) || answer.request().method() !== 'GET') return false
    return (await answer.json()).draft.posture === 'parallel'
  })
  await context.request.put(`${bench}/draft`, { data: { ...on, posture: 'parallel', revision } })
  await looked
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
  await expect(page.getByRole('button', { name: 'Posture: bow' })).toBeVisible()
})

test('what is heard of somebody in a lane is what works; a choice says what is chosen', async ({ page }) => {
  await page.goto('/class?group=slack-tide')
  const lane = page.getByRole('region', { name: /^Level 1:/ })
  await expect(lane).toBeVisible()
  const person = lane.getByRole('button', { name: /steady/ }).first()
  await expect(person).toHaveAccessibleDescription(/The left and right arrow keys move this person to another level\./)
  await expect(person).not.toHaveAccessibleDescription(/space bar|pick up/i)
  await page.getByRole('button', { name: /^Levels:/ }).click()
  await expect(page.getByRole('menuitemradio', { name: 'three levels' })).toHaveAttribute('aria-checked', 'true')
  await expect(page.getByRole('menuitemradio', { name: 'one level' })).toHaveAttribute('aria-checked', 'false')
})
