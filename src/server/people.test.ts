import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { InputError, postureOf } from '@/core'
import { connect, openDatabase } from '@/db/client'
import { putInDemo } from '@/db/demo/put-in'
import { bringUpToDate } from '@/db/migrate'
import { PLAN_FORMAT, type PlanDocument } from '@/formats/plan-document'
import { fromMeasures, fromPosture, mergeLibrary } from '@/formats/posture-document'
import { makeRecord } from '@/formats/record-document'
import { answerDocument, isFromHere } from './answer'
import { keepDraft, listBenchPeople } from './bench'
import { dayOf } from './clock'
import { ConflictError } from './conflict'
import { readHouse, saveHouse } from './house'
import { addPosture, changePosture, listOwn, resetPosture } from './library'
import { addRecords, bringBack, listRecords, readRecord, renameGroup, saveRecord, takeAway } from './people'
import { dropPlan, keepPlan, listPlans } from './plans'
import { readRoster } from './roster'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))

beforeAll(async () => {
  process.env.NIVREL_DATABASE_URL = `file:${join(folder, 'people.db')}`
  const client = connect()
  await bringUpToDate(client)
  await putInDemo(openDatabase(client), new Date())
  client.close()
})
afterAll(() => rmSync(folder, { recursive: true }))

const fieldOf = async (promise: Promise<unknown>) => {
  const error = await promise.then(
    () => null,
    (e: unknown) => e,
  )
  expect(error).toBeInstanceOf(InputError)
  return (error as InputError).field
}

const BODY = { statureM: 1.6, massKg: 60 }

describe('people', () => {
  it('come in all at once or not at all, and are refused by their field', async () => {
    const count = (await listRecords()).length
    const records = [makeRecord('Ana', BODY), makeRecord('Bo', { ...BODY, massKg: 600 })]
    expect(await fieldOf(addRecords({ records }))).toBe('records.1.body.massKg')
    expect(await listRecords()).toHaveLength(count)
    const [ana] = await addRecords({ records: [records[0]] })
    expect((await readRecord(ana?.id ?? '')).record.name).toBe('Ana')
  })

  it('saved in two places: the second is told, sees what is there, and can save over it', async () => {
    const first = await readRecord('marit-quill')
    const second = await readRecord('marit-quill')
    await saveRecord('marit-quill', { revision: first.revision, record: { ...first.record, notes: 'first' } })
    const mine = { ...second.record, notes: 'second' }
    const error = await saveRecord('marit-quill', { revision: second.revision, record: mine }).catch((e: unknown) => e)
    expect(error).toBeInstanceOf(ConflictError)
    const { current } = error as ConflictError<typeof first>
    expect(current.record.notes).toBe('first')
    expect((await readRecord('marit-quill')).record.notes).toBe('first')
    await saveRecord('marit-quill', { revision: current.revision, record: mine })
    expect((await readRecord('marit-quill')).record.notes).toBe('second')
    const response = await answerDocument(new Request('http://127.0.0.1/', { method: 'PUT', body: '{}' }), () => {
      throw error
    })
    expect(response.status).toBe(409)
    expect((await response.json()).current.record.notes).toBe('first')
  })

  it('taken away are on no list, and can be brought back', async () => {
    await takeAway('isolde-farrant')
    expect(await fieldOf(readRecord('isolde-farrant'))).toBe('person')
    expect((await readRoster()).rows.map(({ id }) => id)).not.toContain('isolde-farrant')
    expect(await fieldOf(takeAway('isolde-farrant'))).toBe('person')
    expect((await bringBack('isolde-farrant')).record.name).toBe('Isolde Farrant')
  })

  it('of a group that is renamed all go along', async () => {
    const of = async (group: string) =>
      (await listRecords()).filter(({ record }) => record.groups.includes(group)).length
    const before = await of('Second Launch')
    expect(await fieldOf(renameGroup({ from: 'Second Launch', to: ' ' }))).toBe('to')
    await renameGroup({ from: 'Second Launch', to: 'Third Launch' })
    expect([await of('Second Launch'), await of('Third Launch')]).toEqual([0, before])
    await renameGroup({ from: 'Third Launch', to: 'Second Launch' })
  })

  it('are listed with their standing, limits, and what is due', async () => {
    const { rows } = await readRoster()
    const row = (id: string) => rows.find((one) => one.id === id)
    expect(row('severin-aldous')).toMatchObject({
      due: ['review: 50 % on the left leg at most'],
      groups: ['Second Launch'],
    })
    expect(row('bram-tallow')?.standing).toMatchObject({ verdict: null })
    expect(row('tomasz-ferrow')?.standing?.verdict).toBe('holds')
    expect(row('wilhelm-oster')?.today).toBe('dizzy this morning')
    expect(row('calla-wynd')?.limits).toEqual(['no weight on the left leg'])
    // Computed once, and anew for whoever was saved since.
    const { revision, record } = await readRecord('calla-wynd')
    await saveRecord('calla-wynd', { revision, record: { ...record, limits: [] } })
    const again = (await readRoster()).rows
    expect(again.find(({ id }) => id === 'bram-tallow')).toBe(row('bram-tallow'))
    expect(again.find(({ id }) => id === 'calla-wynd')).toMatchObject({ limits: [], standing: { verdict: 'holds' } })
    await saveRecord('calla-wynd', { revision: revision + 1, record })
    expect((await readRoster()).rows.find(({ id }) => id === 'calla-wynd')).toEqual(row('calla-wynd'))
  })

  it('go to the bench with who set each limit', async () => {
    const people = await listBenchPeople()
    const keziah = people.find(({ id }) => id === 'keziah-underhill')
    const inward = keziah?.limits.find(({ what }) => what === 'hipInwardMaxDeg')
    expect(inward).toMatchObject({ side: 'right', text: 'right hip turned inward 10° at most' })
    expect(inward?.origin).toMatch(/^Dr\. A\. Venn \(clinician\), .*, review /)
    expect(keziah?.measured.join()).toMatch(/^usable base from the functional reach of /)
  })
})

describe('the house', () => {
  it('is refused out of range, and reaches everybody', async () => {
    expect(await fieldOf(saveHouse({ rules: { swayReserveM: 5 } }))).toBe('rules.swayReserveM')
    await saveHouse({ rules: { swayReserveM: 0.022 }, signs: ['grips the chair'], units: 'imperial' })
    expect(await readHouse()).toEqual({ rules: { swayReserveM: 0.022 }, signs: ['grips the chair'], units: 'imperial' })
    const [first] = await listBenchPeople()
    expect(first?.document.house).toEqual({ swayReserveM: 0.022 })
    await saveHouse({})
    expect((await listBenchPeople())[0]?.document.house).toBeUndefined()
  })
})

describe('the library', () => {
  it('takes changes and own postures, and always gives the original back', async () => {
    const bow = fromPosture(postureOf('bow'))
    await changePosture('bow', { ...bow, cue: 'Softly.' })
    expect(mergeLibrary(await listOwn()).find(({ id }) => id === 'bow')?.cue).toBe('Softly.')
    expect((await resetPosture('bow')).document.cue).toBe('Softly.')
    expect(mergeLibrary(await listOwn()).find(({ id }) => id === 'bow')).toEqual(postureOf('bow'))
    expect(await fieldOf(changePosture('swan', bow))).toBe('posture')
    expect(await fieldOf(resetPosture('bow'))).toBe('posture')
    const own = await addPosture({
      ...bow,
      name: 'Harbour bow',
      measures: { therapeutic: fromMeasures(postureOf('bow').measures.therapeutic) },
    })
    const posture = mergeLibrary(await listOwn()).find(({ id }) => id === own.id)
    expect(posture?.measures['low-coiling']).toEqual(postureOf('bow').measures.therapeutic)
    await keepDraft('bram-tallow', {
      posture: own.id,
      school: 'therapeutic',
      stance: { feet: { left: { heel: [-0.15, 0] }, right: { heel: [0.15, 0] } } },
    })
    await resetPosture(own.id)
  })
})

describe('a class’s plan', () => {
  const measures = fromMeasures(postureOf('bow').measures.therapeutic)
  const plan: PlanDocument = {
    format: PLAN_FORMAT,
    school: 'therapeutic',
    side: 'left',
    levels: [{ title: 'As taught', sentence: 'feet a shoulder apart', measures }],
    people: [
      { id: 'bram-tallow', level: 0, kind: 'level', stance: null },
      { id: 'keziah-underhill', level: 0, kind: 'level', stance: null },
    ],
  }

  it('is kept in place of the one before, and shown to those of the group', async () => {
    await keepPlan({ group: 'Slack Tide', posture: 'bow', plan: { ...plan, side: 'right' } })
    await keepPlan({ group: 'Slack Tide', posture: 'bow', plan })
    expect((await listPlans()).map(({ plan: { side } }) => side)).toEqual(['left'])
    const planned = async (id: string) => (await listBenchPeople()).find((one) => one.id === id)?.planned
    expect(await planned('bram-tallow')).toMatchObject([{ group: 'Slack Tide', posture: 'bow', title: 'As taught' }])
    // Not of that group (any more): nothing is shown.
    expect(await planned('keziah-underhill')).toEqual([])
    expect(await fieldOf(keepPlan({ group: 'Slack Tide', posture: 'swan', plan }))).toBe('posture')
    await dropPlan({ group: 'Slack Tide', posture: 'bow' })
    expect(await listPlans()).toEqual([])
  })
})

describe('what comes from another site', () => {
  it.each([
    [{}, true],
    [{ 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:4170', host: '127.0.0.1:4170' }, true],
    [{ 'sec-fetch-site': 'cross-site' }, false],
    [{ 'sec-fetch-site': 'same-site' }, false],
    [{ origin: 'https://elsewhere.example', host: '127.0.0.1:4170' }, false],
    [{ origin: 'null', host: '127.0.0.1:4170' }, false],
  ])('%j: %s', (headers, expected) => {
    expect(isFromHere(new Headers(headers as Record<string, string>))).toBe(expected)
  })
})

it('days are those of where the server stands', () => {
  expect(dayOf(new Date(2026, 2, 9, 23, 59))).toBe('2026-03-09')
})
