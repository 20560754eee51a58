import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { InputError } from '@/core'
import { connect, openDatabase } from '@/db/client'
import { putInDemo } from '@/db/demo/put-in'
import { bringUpToDate } from '@/db/migrate'
import { answerDocument } from './answer'
import { findLastPersonId, keepDraft, keepStance, readBench, rewordKept, takeAwayKept } from './bench'
import type { ConflictError } from './conflict'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))

beforeAll(async () => {
  process.env.NIVREL_DATABASE_URL = `file:${join(folder, 'bench.db')}`
  const client = connect()
  await bringUpToDate(client)
  await putInDemo(openDatabase(client), new Date(0))
  client.close()
})
afterAll(() => rmSync(folder, { recursive: true }))

const STANCE = { feet: { left: { heel: [-0.15, 0] }, right: { heel: [0.15, 0] } } }
const ON = { posture: 'parallel', school: 'therapeutic', stance: STANCE }

const fieldOf = async (promise: Promise<unknown>) => {
  const error = await promise.then(
    () => null,
    (e: unknown) => e,
  )
  expect(error).toBeInstanceOf(InputError)
  return (error as InputError).field
}

describe('what the routes do', () => {
  it('keeps, rewords, takes away; a draft is the last word of each person', async () => {
    const kept = await keepStance('marit-quill', { ...ON, name: '  Soft knees ', note: '' })
    expect(kept.name).toBe('Soft knees')
    await rewordKept(kept.id, { name: 'Softer', note: 'say it' })
    await keepDraft('marit-quill', { ...ON, revision: 0 })
    await keepDraft('marit-quill', { ...ON, school: 'high-follow', revision: 1 })
    // Another page that began before: it is told, and nothing of the first is lost.
    const told = await keepDraft('marit-quill', { ...ON, revision: 1 }).catch((e: unknown) => e)
    expect((told as ConflictError<{ school: string }>).current.school).toBe('high-follow')
    const bench = await readBench('marit-quill')
    expect(bench.kept).toMatchObject([{ id: kept.id, name: 'Softer', note: 'say it' }])
    expect(bench.draft?.school).toBe('high-follow')
    expect(await findLastPersonId()).toBe('marit-quill')
    expect(await takeAwayKept(kept.id)).toMatchObject({ name: 'Softer' })
    expect((await readBench('marit-quill')).kept).toEqual([])
  })

  it('refuses what is wrong by its field, and then has changed nothing', async () => {
    const before = await readBench('bram-tallow')
    expect(await fieldOf(readBench('nobody'))).toBe('person')
    expect(await fieldOf(keepStance('bram-tallow', { ...ON, name: ' ', note: '' }))).toBe('name')
    expect(await fieldOf(keepStance('bram-tallow', { ...ON, posture: 'crane', name: 'x', note: '' }))).toBe('posture')
    const apart = { feet: { left: { heel: [-0.9, 0] }, right: { heel: [0.9, 0] } } }
    expect(await fieldOf(keepStance('bram-tallow', { ...ON, stance: apart, name: 'x', note: '' }))).toBe('stance.feet')
    const broken = { ...ON, stance: { feet: { left: { heel: [0] }, right: { heel: [0, 0] } } } }
    expect(await fieldOf(keepDraft('bram-tallow', { ...broken, revision: 0 }))).toBe('stance.feet.left.heel')
    expect(await fieldOf(takeAwayKept('nothing'))).toBe('id')
    expect(await readBench('bram-tallow')).toEqual(before)
  })

  it('reads one JSON document from here, and nothing from another site', async () => {
    const post = (body: string, headers: Record<string, string> = {}) =>
      answerDocument(new Request('http://127.0.0.1/', { method: 'POST', body, headers }), (value) => ({ got: value }))
    expect(await (await post('{"a":1}')).json()).toEqual({ got: { a: 1 } })
    expect((await post('{"a":')).status).toBe(400)
    expect((await post('{}', { 'sec-fetch-site': 'cross-site' })).status).toBe(400)
    expect((await post('{}', { 'sec-fetch-site': 'same-origin' })).status).toBe(200)
    const large = await post(JSON.stringify('x'.repeat(1_000_001)))
    expect((await large.json()).error.field).toBe('document')
  })
})
