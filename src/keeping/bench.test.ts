import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { InputError, LIBRARY } from '@/core'
import { fromPosture } from '@/documents/posture-document'
import { connect, database, openDatabase } from '@/keeping/db/client'
import { putInDemo } from '@/keeping/db/demo/put-in'
import { firstSite } from '@/keeping/db/here'
import { findDraft } from '@/keeping/db/kept'
import { bringUpToDate } from '@/keeping/db/migrate'
import { answerDocument } from './answer'
import { findLastPersonId, keepDraft, keepStance, readBench, rewordKept, takeAwayKept } from './bench'
import type { ConflictError } from './conflict'
import { readHouse, saveHouse } from './house'
import { previewHouse } from './house-preview'
import { addPosture, changePosture, resetPosture } from './library'
import { bringBack, takeAway } from './people'
import { dropPlan, keepPlan } from './plans'
import { callRoll } from './roll-call'
import { readWhole } from './whole'

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
  it('keeps nothing on the bench for somebody who is gone, or was never there', async () => {
    await takeAway('perrin-locke')
    for (const id of ['perrin-locke', 'nobody']) {
      expect(await fieldOf(keepDraft(id, { ...ON, revision: 0 }))).toBe('person')
      expect(await findDraft(firstSite(database()), id)).toBeNull()
    }
    await bringBack('perrin-locke')
  })

  it('marks people for today as the house has it, keeps the day of whoever is away, and knows the mark again', async () => {
    const mark = async (how: string) => {
      await callRoll({ marks: [{ person: 'isolde-farrant', mark: how }] })
      const { person } = await readBench('isolde-farrant')
      const most = person.limits.find(({ what }) => what === 'kneeFlexionMaxDeg')?.entry.value
      return [person.mark, most ?? null]
    }
    expect(await mark('tired')).toEqual(['tired', 25])
    expect(await mark('bad-night')).toEqual(['bad-night', 30])
    const { rules, signs, units, revision } = await readHouse()
    await saveHouse({ rules, signs, units, revision, days: { sore: { kneePct: 40 } } })
    expect(await mark('sore')).toEqual(['sore', 15])
    expect((await readWhole()).house).toMatchObject({ days: { sore: { kneePct: 40 } } })
    // Away they are not as usual, and come as the day had them.
    expect(await mark('away')).toEqual(['away', 15])
    expect(await mark('here')).toEqual(['sore', 15])
    expect(await mark('here')).toEqual(['here', null])
    expect(await fieldOf(callRoll({ marks: [{ person: 'isolde-farrant', mark: 'gone' }] }))).toBe('marks.0.mark')
    expect(await fieldOf(callRoll({ marks: [{ person: 'nobody', mark: 'away' }] }))).toBe('person')
  })

  it('two who call the roll at once lose nothing of each other', async () => {
    const call = (person: string, mark: string) => callRoll({ marks: [{ person, mark }] })
    await Promise.all([call('adaeze-mburu', 'tired'), call('adaeze-mburu', 'away'), call('tomasz-ferrow', 'sore')])
    const { person } = await readBench('adaeze-mburu')
    expect(['tired', 'away']).toContain(person.mark)
    expect(person.today).toBe('tired')
    expect((await readBench('tomasz-ferrow')).person.mark).toBe('sore')
    await Promise.all([call('adaeze-mburu', 'here'), call('tomasz-ferrow', 'here')])
  })

  it('says whom other rules would turn, standing and in kept plans, and changes nothing by saying so', async () => {
    const plan = {
      format: 'nivrel.plan/1',
      school: 'long-upright',
      side: 'left',
      levels: [],
      people: [{ id: 'isolde-farrant', level: null, kind: 'own', stance: STANCE }],
    }
    await keepPlan({ group: 'slack-tide', posture: 'parallel', plan, revision: 0 })
    const { rules } = await readHouse()
    expect(await previewHouse({ rules })).toEqual({ standing: { no: [], again: [] }, plans: [] })
    const { standing, plans } = await previewHouse({ rules: { ...rules, swayReserveM: 0.06 } })
    expect(standing.no).toContain('Isolde Farrant')
    expect(plans).toEqual([
      { group: 'Slack Tide', posture: { id: 'parallel', own: null }, no: ['Isolde Farrant'], again: [] },
    ])
    expect((await readHouse()).rules).toEqual(rules)
    expect(await fieldOf(previewHouse({ rules: { swayReserveM: 6 } }))).toBe('rules.swayReserveM')
    await dropPlan({ group: 'slack-tide', posture: 'parallel' })
  })

  it('puts a posture of the house’s own back under its id after it was taken out', async () => {
    const [first] = LIBRARY
    const document = fromPosture(first as (typeof LIBRARY)[number], {
      name: 'Harbour',
      purpose: '',
      cue: '',
      watch: [],
    })
    const { id } = await addPosture(document)
    const taken = await resetPosture(id)
    expect(await fieldOf(changePosture(id, { revision: 3, document }))).toBe('posture')
    expect(await changePosture(id, { revision: 0, document: taken.document })).toMatchObject({ id, revision: 1 })
    await resetPosture(id)
  })

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
