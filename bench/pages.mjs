// How long the pages take with many people: one who opens them, and fifty at once. Medians of whole answers over HTTP.
const PAGES = ['/', '/people', '/class', '/postures']
const ROUNDS = 7
const CLIENTS = 50
const EACH = 4

const median = (values) => values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)]

async function time(url) {
  const start = performance.now()
  const response = await fetch(url)
  await response.text()
  if (!response.ok) throw new Error(`${url}: ${response.status}`)
  return performance.now() - start
}

/** Brings more people in until there are so many. */
export async function fill(url, upTo, makeRecord) {
  const there = (await (await fetch(`${url}/api/bench`)).json()).length
  const id = crypto.randomUUID()
  const send = (method, body) =>
    fetch(`${url}/api/people/import`, {
      method,
      body: JSON.stringify({ import: id, ...body }),
      headers: { 'content-type': 'application/json' },
    })
  const count = upTo - there
  if (count <= 0) return
  for (let i = 0; i < count; i += 1000) {
    const records = Array.from({ length: Math.min(1000, count - i) }, (_, k) => makeRecord(there + i + k))
    await send('POST', { records })
  }
  await send('PUT', { count })
}

/** For each page the first answer after the change, the median of one client's, and that of fifty at once. */
export async function measurePages(url) {
  const measured = []
  for (const page of PAGES) {
    const first = await time(url + page)
    const alone = []
    for (let i = 0; i < ROUNDS; i++) alone.push(await time(url + page))
    measured.push({ page, first, alone: median(alone) })
  }
  const crowd = await Promise.all(
    Array.from({ length: CLIENTS }, async (_, client) => {
      const times = []
      for (let i = 0; i < EACH; i++) times.push(await time(url + PAGES[(client + i) % PAGES.length]))
      return times
    }),
  )
  return { pages: measured, crowd: median(crowd.flat()) }
}
