import { describe, expect, it } from 'vitest'
import { sendOut, takeIn } from './stream'

const URL_HERE = 'http://127.0.0.1:4170/api/v1/readings'
const post = (body: string, headers: Record<string, string> = {}) =>
  takeIn(new Request(URL_HERE, { method: 'POST', body, headers }))
const line = (atS: number, leftKg: number) => JSON.stringify({ atS, leftKg, rightKg: 60 - leftKg })

/** What a page that watches gets, message by message. */
function watch() {
  const leaving = new AbortController()
  const response = sendOut(new Request(URL_HERE, { signal: leaving.signal }))
  const reader = (response.body as ReadableStream<Uint8Array>).getReader()
  const next = async () => {
    const { value, done } = await reader.read()
    return done ? null : new TextDecoder().decode(value)
  }
  return { leaving, next }
}

describe('readings of a device', () => {
  it('reach every page that watches, line by line, as they came; not one that left', async () => {
    const [one, other] = [watch(), watch()]
    expect([await one.next(), await other.next()]).toEqual([': here\n\n', ': here\n\n'])
    const answer = await post(`${line(0, 31.5)}\n${line(0.1, 32)}\n`)
    expect(await answer.json()).toEqual({ readings: 2, wrong: [] })
    for (const { next } of [one, other]) {
      const lines = ((await next()) ?? '').split('\n\n').filter(Boolean)
      expect(lines.map((said) => JSON.parse(said.replace('data: ', '')))).toMatchObject([
        { atS: 0, leftKg: 31.5, rightKg: 28.5 },
        { atS: 0.1, leftKg: 32, rightKg: 28 },
      ])
    }
    other.leaving.abort()
    expect(await other.next()).toBeNull()
    await post(line(0.2, 30))
    expect(await one.next()).toContain('"atS":0.2')
    one.leaving.abort()
  })

  it('wrong lines are named by their place, and the others arrive; nothing but wrong ones is refused', async () => {
    const { next, leaving } = watch()
    await next()
    const answer = await post(`${line(0, 31)}\nnot a line\n${JSON.stringify({ atS: 1, leftKg: 'much', rightKg: 3 })}\n`)
    const told = await answer.json()
    expect([answer.status, told.readings]).toEqual([200, 1])
    expect(told.wrong.map((one: { line: number }) => one.line)).toEqual([2, 3])
    expect(JSON.stringify(told.wrong)).toMatch(/leftKg/)
    expect(await next()).toContain('"leftKg":31')
    const refused = await post('nothing\nof the kind\n')
    expect([refused.status, Object.keys((await refused.json()).error)]).toEqual([400, ['field', 'value', 'accepts']])
    leaving.abort()
  })

  it('are not taken from another site, nor given to one, nor without measure', async () => {
    const elsewhere = { 'sec-fetch-site': 'cross-site' }
    expect((await post(line(0, 30), elsewhere)).status).toBe(400)
    expect(sendOut(new Request(URL_HERE, { headers: elsewhere })).status).toBe(403)
    const long = await post(`${line(0, 30)}\n`.repeat(30_000))
    expect(long.status).toBe(400)
    expect((await long.json()).error.field).toBe('document')
  })

  it('a page that takes nothing does not fill the memory: what it is behind by is left out', async () => {
    const { next, leaving } = watch()
    for (let i = 0; i < 700; i++) await post(line(i, 30))
    let messages = 0
    while (messages < 600) {
      const said = await Promise.race([next(), new Promise<null>((done) => setTimeout(() => done(null), 50))])
      if (said === null) break
      messages++
    }
    expect(messages).toBeGreaterThan(100)
    expect(messages).toBeLessThanOrEqual(500)
    leaving.abort()
  })
})
