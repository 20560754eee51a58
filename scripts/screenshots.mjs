// npm run screenshots [-- NAME …]: the pictures of docs/screenshots (or some), from the demo data, with the production build.
import { spawn } from 'node:child_process'
import { bin, build, ENV, install, prepare, ROOT, say } from './steps.mjs'

const PORT = '4177'

install()
await build()
ENV.NIVREL_DATABASE_URL = 'file:test-results/screenshots.db'
prepare('--demo', '--fresh')
const server = spawn(bin('next'), ['start', '-H', '127.0.0.1', '-p', PORT], { cwd: ROOT, env: ENV, stdio: 'ignore' })
await new Promise((resolve) => setTimeout(resolve, 3000))
const { chromium } = await import('@playwright/test')
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-quic', '--no-first-run'],
})

const choose = async (page, word, item) => {
  await page.getByRole('button', { name: word }).click()
  await page
    .getByRole('menuitemradio', { name: item })
    .or(page.getByRole('option', { name: item }))
    .first()
    .click()
}

const LANES = 'section[aria-label^="Level"]'

const onBench = { path: '/bench', width: 1280, height: 800, light: 'light', shows: '[data-testid=verdict]' }

const onPath = { ...onBench, shows: '[data-testid=path-verdict]' }

const POINTS = ['Heel', 'Toe', 'Ankle', 'Knee', 'Hip', 'Shoulder']

/** A picture of the body as the bench draws it level, brought in and pointed at where its joints are. */
async function pointAtPicture(page) {
  const bench = await browser.newPage({ viewport: { width: 1280, height: 800 } })
  await bench.goto(`http://127.0.0.1:${PORT}/bench?person=yuki-harland`)
  await choose(bench, /^Posture:/, 'parallel stance')
  await bench.keyboard.press('4')
  const figure = bench.getByRole('img', { name: /from its right side/ })
  await figure.waitFor()
  await bench.waitForTimeout(2000)
  const { person, draft } = await (await bench.request.get(`http://127.0.0.1:${PORT}/api/bench/yuki-harland`)).json()
  const asked = { format: 'nivrel.stance/1', person: person.document, stance: draft.stance }
  const { joints, centreOfMassM } = await (
    await bench.request.post(`http://127.0.0.1:${PORT}/api/v1/analyze`, { data: asked })
  ).json()
  const rings = await figure
    .locator('circle')
    .evaluateAll((all) => all.map((one) => [Number(one.getAttribute('cx')), Number(one.getAttribute('cy'))]))
  const [[cx, cy], , [, kneeY]] = rings
  const scale = (kneeY - cy) / (centreOfMassM[2] - joints.rightKnee[2])
  const png = await figure.screenshot()
  const { width } = await figure.boundingBox()
  await bench.close()
  await page.locator('input[type=file]').setInputFiles({ name: 'body.png', mimeType: 'image/png', buffer: png })
  const plate = page.getByRole('application', { name: 'a picture' })
  for (const [, y, z] of [...POINTS.map((point) => joints[`right${point}`]), joints.vertex]) {
    const box = await plate.boundingBox()
    const [x, down] = [cx + (y - centreOfMassM[1]) * scale, cy - (z - centreOfMassM[2]) * scale]
    await page.mouse.click(box.x + (x / width) * box.width, box.y + (down / width) * box.width)
    await page.waitForTimeout(150)
  }
}

/** The next lesson of the demo's first group. */
const LESSON = '/lesson?group=slack-tide'

const SHOTS = {
  'bench-beyond': onBench,
  'bench-dark': {
    ...onBench,
    width: 1024,
    height: 768,
    light: 'dark',
    act: async (page) => {
      await choose(page, /^Person:/, /Keziah/)
      await page.waitForTimeout(800)
      await choose(page, /^Posture:/, 'one-leg stance')
      await page.keyboard.press('4')
    },
  },
  people: { ...onBench, path: '/people', shows: 'main li' },
  person: { ...onBench, path: '/people/keziah-underhill', height: 1000, shows: 'main section' },
  'class-fit': {
    ...onBench,
    path: '/class',
    shows: LANES,
    act: async (page) => {
      await choose(page, /^School:/, 'long upright frame')
      await page.waitForTimeout(8000)
    },
  },
  measuring: {
    ...onBench,
    path: '/measure?person=marit-quill&what=scales',
    shows: 'ol svg',
    act: async (page) => {
      await choose(page, /^Where readings come from/, 'a stand-in')
      await page.getByRole('button', { name: 'Begin' }).click()
      await page.getByRole('button', { name: 'Read for ten seconds' }).click()
      await page.getByRole('button', { name: 'Keep it' }).waitFor()
    },
  },
  'can-do': {
    ...onBench,
    path: '/can?person=severin-aldous',
    shows: 'main section li',
    act: (page) => page.getByText(/on one side only/).waitFor({ timeout: 60_000 }),
  },
  picture: { ...onBench, path: '/measure?person=yuki-harland&what=picture', shows: 'ol svg', act: pointAtPicture },
  paper: { ...onBench, path: '/paper?as=home&person=lorcan-brae', height: 1100, shows: 'main svg' },
  lesson: { ...onBench, path: LESSON, shows: 'section[aria-label="Who does which"]' },
  teaching: {
    ...onBench,
    path: LESSON,
    shows: 'section[aria-label="Who does which"]',
    act: async (page) => {
      await page.getByRole('button', { name: 'Teach', exact: true }).click()
      await page.waitForURL(/teach/)
      await page
        .getByRole('button', { name: 'Next piece' })
        .or(page.getByRole('button', { name: 'Begin' }))
        .first()
        .waitFor()
      await page.keyboard.press('Space')
      for (let i = 0; i < 6; i++) await page.keyboard.press('ArrowRight')
      await page.waitForTimeout(14_000)
      await page.getByRole('button', { name: /^Marit/ }).click()
    },
  },
  'log-at-the-door': { ...onBench, path: '/log?group=slack-tide', shows: 'main li' },
  weeks: { ...onBench, path: '/log?person=bram-tallow', shows: 'section[aria-label="Next week"]' },
  'path-floor': {
    ...onPath,
    path: '/path?person=yuki-harland&routine=harbour-twelve',
    act: async (page) => {
      await page.locator('ol button').nth(9).click()
      await page.getByRole('button', { name: 'The whole routine' }).click()
      await page.getByRole('button', { name: 'Play', exact: true }).click()
      await page.waitForTimeout(4000)
      await page.getByRole('button', { name: 'Pause' }).click()
    },
  },
  today: { ...onBench, path: '/', shows: 'h1', act: (page) => page.getByRole('button', { name: 'Close' }).click() },
  'path-remedy': {
    ...onPath,
    path: '/path?person=odalys-marrin&routine=quay-four',
    act: async (page) => {
      await page.getByRole('button', { name: 'Walk it so' }).waitFor({ timeout: 120_000 })
      await page.getByRole('button', { name: 'Take this' }).first().waitFor({ timeout: 120_000 })
      // Where the left knee is past its limit.
      for (let i = 0; i < 6; i++) await page.keyboard.press('.')
    },
  },
  'path-class': {
    ...onPath,
    height: 1330,
    path: '/path?group=slack-tide&routine=quay-four',
    shows: '[aria-label="The hall from above"]',
  },
  'bench-phone': { ...onBench, path: '/bench?person=odalys-marrin', width: 390, height: 844, touch: true },
  schools: {
    ...onBench,
    path: '/postures',
    shows: 'main table',
    act: async (page) => {
      await choose(page, /^Person:/, /Yuki/)
      await choose(page, /^Posture:/, 'brush knee')
    },
  },
}

const wanted = process.argv.slice(2)
for (const [name, { path, width, height, light, shows, act, touch = false }] of Object.entries(SHOTS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue
  const page = await browser.newPage({ viewport: { width, height }, colorScheme: light, hasTouch: touch })
  await page.goto(`http://127.0.0.1:${PORT}${path}`)
  await page.locator(shows).first().waitFor()
  await page.waitForTimeout(1500)
  await act?.(page)
  await page.waitForTimeout(3500)
  await page.evaluate(() => document.activeElement?.blur())
  await page.evaluate(() => window.scrollTo(0, 0))
  await page.mouse.move(2, 2)
  await page.screenshot({ path: `docs/screenshots/${name}.png` })
  await page.close()
  say(`docs/screenshots/${name}.png`)
}
await browser.close()
server.kill()
