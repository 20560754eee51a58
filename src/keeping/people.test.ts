import { randomUUID } from 'node:crypto'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Client } from '@libsql/client'
import { eq, inArray, like, sql } from 'drizzle-orm'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { now } from '@/clock'
import { InputError, postureOf } from '@/core'
import { dayOf } from '@/documents/day'
import { PLAN_FORMAT, type PlanDocument } from '@/documents/plan-document'
import { fromMeasures, fromPosture, mergeLibrary } from '@/documents/posture-document'
import { makeRecord } from '@/documents/record-document'
import { connect, type Database, database, openDatabase } from '@/keeping/db/client'
import { putInDemo, putInHistory } from '@/keeping/db/demo/put-in'
import { bringUpToDate } from '@/keeping/db/migrate'
import { facts, people } from '@/keeping/db/schema'
import { ENGLISH } from '@/words/english'
import { sayLimit, sayOrigin } from '@/words/limits'
import { readTexts } from '@/words/postures'
import { readShipped } from '@/words/routines'
import { answerDocument } from './answer'
import { keepDraft, keepStance, listMembers, listNames, takeAwayKept } from './bench'
import { ConflictError } from './conflict'
import { isFromHere } from './from-here'
import { readGroups, renameGroup, takeGroups } from './groups'
import { isNameAnswered } from './host'
import { readHouse, saveHouse } from './house'
import { addPosture, changePosture, listOwn, listUnreadablePostures, resetPosture } from './library'
import {
  addRecords,
  bringBack,
  endImport,
  listRecords,
  readRecord,
  saveRecord,
  takeAway,
  takeImportPart,
  takeOutRecords,
} from './people'
import { dropPlan, keepPlan, listPlans } from './plans'
import { readRoster } from './roster'
import { listRoutines, listUnreadableRoutines, resetRoutine, saveRoutine } from './routines'
import { endWholeImport, readWhole, takeWholePart } from './whole'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))

beforeAll(async () => {
  process.env.NIVREL_DATABASE_URL = `file:${join(folder, 'people.db')}`
  const client = connect()
  await bringUpToDate(client)
  await putInDemo(openDatabase(client), now())
  await putInHistory(openDatabase(client), now())
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

/** Puts another database in the place of the one that the server uses. */
const useDatabase = (other: Client | Database) => {
  const held = globalThis as { nivrelDatabase?: Database; nivrelRecords?: unknown }
  held.nivrelDatabase = 'execute' in other ? openDatabase(other) : other
  held.nivrelRecords = undefined
}

const ON_BENCH = {
  posture: 'bow',
  school: 'therapeutic',
  stance: { feet: { left: { heel: [-0.15, 0] }, right: { heel: [0.15, 0] } } },
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

  it('saved twice as a page is left, in the order in which they were made, whichever arrives first', async () => {
    const { revision, record } = await readRecord('marit-quill')
    const later = saveRecord('marit-quill', { revision: revision + 1, record: { ...record, notes: 'later' } })
    await saveRecord('marit-quill', { revision, record: { ...record, notes: 'earlier' } })
    expect((await later).revision).toBe(revision + 2)
    expect((await readRecord('marit-quill')).record.notes).toBe('later')
  })

  it('taken away are on no list, and can be brought back', async () => {
    await takeAway('isolde-farrant')
    expect(await fieldOf(readRecord('isolde-farrant'))).toBe('person')
    expect((await readRoster()).rows.map(({ id }) => id)).not.toContain('isolde-farrant')
    expect(await fieldOf(takeAway('isolde-farrant'))).toBe('person')
    expect((await bringBack('isolde-farrant')).record.name).toBe('Isolde Farrant')
  })

  it('are in groups by id: another name loses neither them nor what is planned, and a taken one is refused', async () => {
    const of = async (id: string) => (await listRecords()).filter(({ record }) => record.groups.includes(id)).length
    const nameOf = async (id: string) => (await readGroups()).find((group) => group.id === id)?.name
    const [id, before] = ['second-launch', await of('second-launch')]
    expect(before).toBeGreaterThan(5)
    expect(await fieldOf(renameGroup({ id, name: ' ' }))).toBe('name')
    expect(await fieldOf(renameGroup({ id, name: 'Slack Tide' }))).toBe('name')
    expect(await fieldOf(renameGroup({ id: 'none', name: 'Neap' }))).toBe('id')
    const { revision } = await readRecord('keziah-underhill')
    await renameGroup({ id, name: 'Third Launch' })
    expect([await nameOf(id), await of(id)]).toEqual(['Third Launch', before])
    // Nobody's record was touched: a page that is open saves over the revision that it has.
    expect((await readRecord('keziah-underhill')).revision).toBe(revision)
    expect((await takeOutRecords()).filter(({ record }) => record.groups.includes('Third Launch'))).toHaveLength(before)
    await renameGroup({ id, name: 'Second Launch' })
  })

  it('in a group that there is none of are refused by its place; what was there stays', async () => {
    const { revision, record } = await readRecord('keziah-underhill')
    const strange = { revision, record: { ...record, groups: [...record.groups, 'low-water'] } }
    expect(await fieldOf(saveRecord('keziah-underhill', strange))).toBe(`record.groups.${record.groups.length}`)
    expect(await readRecord('keziah-underhill')).toMatchObject({ revision, record: { groups: record.groups } })
  })

  it('name groups as files do when they come in: those that are there, and new ones', async () => {
    const record = makeRecord('Neap', BODY, { groups: ['Slack Tide', 'Neap Tide'] })
    const [added] = await addRecords({ records: [record, { ...record, name: 'Ebb' }] })
    const ids = (await readRecord(added?.id ?? '')).record.groups
    expect(ids[0]).toBe('slack-tide')
    expect((await readGroups()).filter(({ name }) => name === 'Neap Tide').map(({ id }) => id)).toEqual([ids[1]])
    expect(await takeGroups({ names: ['Neap Tide', 'Neap Tide'] })).toEqual([{ id: ids[1], name: 'Neap Tide' }])
    expect(await fieldOf(takeGroups({ names: [''] }))).toBe('names.0')
    await database()
      .delete(people)
      .where(inArray(people.name, ['Neap', 'Ebb']))
  })

  it('are listed with their standing, limits, and what is due', async () => {
    const { rows } = await readRoster()
    const row = (id: string) => rows.find((one) => one.id === id)
    expect(row('severin-aldous')).toMatchObject({
      due: [{ kind: 'review', limit: { what: 'loadMaxPct', side: 'left', value: 50 } }],
      groups: ['second-launch'],
    })
    expect(row('bram-tallow')?.standing).toMatchObject({ verdict: null })
    expect(row('tomasz-ferrow')?.standing?.verdict).toBe('holds')
    expect(row('wilhelm-oster')?.today).toBe('dizzy this morning')
    expect(row('calla-wynd')?.limits.map((one) => sayLimit(one, ENGLISH))).toEqual(['no weight on the left leg'])
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
    const people = await listMembers(null)
    const keziah = people.find(({ id }) => id === 'keziah-underhill')
    const inward = keziah?.limits.find(({ what }) => what === 'hipInwardMaxDeg')
    expect(inward).toMatchObject({
      side: 'right',
      entry: { value: 10, source: { kind: 'clinician', name: 'Dr. A. Venn' } },
    })
    expect(inward && sayOrigin(inward.entry, undefined, ENGLISH)).toMatch(/^Dr\. A\. Venn \(clinician\), .*, review /)
    expect(keziah?.measured).toMatchObject([{ effect: 'usable', from: { test: 'functional-reach' } }])
  })
})

describe('a list of any length', () => {
  it('comes in by parts, all at once at its end or not at all', async () => {
    const count = (await listRecords()).length
    const id = randomUUID()
    const records = Array.from({ length: 3000 }, (_, i) => makeRecord(`Part ${i}`, BODY))
    await takeImportPart({ import: id, records: records.slice(0, 2000) })
    await takeImportPart({ import: id, records: records.slice(2000) })
    expect(await listRecords()).toHaveLength(count)
    expect(await fieldOf(endImport({ import: id, count: 3001 }))).toBe('count')
    expect(await listRecords()).toHaveLength(count)
    await endImport({ import: id, count: 3000 })
    expect(await listRecords()).toHaveLength(count + 3000)
    await database().delete(people).where(like(people.name, 'Part %'))
    expect(await listRecords()).toHaveLength(count)
  })
})

describe('a whole house', () => {
  it('taken out comes back in without loss, into an empty database; what is there already stays', async () => {
    const [kept] = [await keepStance('marit-quill', { ...ON_BENCH, name: 'Soft', note: 'say it' })]
    await keepDraft('marit-quill', { ...ON_BENCH, revision: 0 })
    const bow = fromPosture(postureOf('bow'), readTexts({ id: 'bow', own: null }, ENGLISH))
    await changePosture('bow', { revision: 0, document: { ...bow, cue: 'Softly.' } })
    const made = `own-${randomUUID()}`
    await saveRoutine(made, { revision: 0, document: { ...readShipped('quay-four', ENGLISH), name: 'Twice along' } })
    const whole = await readWhole()
    expect(whole.routines).toMatchObject([{ id: made, document: { name: 'Twice along' } }])
    expect(whole.lessons.length).toBeGreaterThan(8)
    expect(whole.people.find(({ id }) => id === 'bram-tallow')?.log.length).toBeGreaterThan(50)
    expect(whole.people.find(({ id }) => id === 'marit-quill')?.kept).toMatchObject([{ id: kept.id, note: 'say it' }])
    const back = async (into: string) => {
      const client = connect(`file:${join(folder, into)}`)
      await bringUpToDate(client)
      useDatabase(client)
      const id = randomUUID()
      await takeWholePart({ import: id, people: whole.people.slice(0, 5) })
      await takeWholePart({ import: id, people: whole.people.slice(5) })
      expect(await listNames()).toEqual([])
      const { postures, plans, routines, lessons, house } = whole
      const came = await endWholeImport({ import: id, postures, plans, routines, lessons, house })
      expect(came.people).toBe(whole.people.length)
      expect({ ...(await readWhole()), takenOutAt: '' }).toEqual({ ...whole, takenOutAt: '' })
      // Once more: nothing is doubled, nothing is overwritten.
      const again = randomUUID()
      await takeWholePart({ import: again, people: whole.people })
      const second = await endWholeImport({ import: again, postures, plans, routines, lessons, house })
      expect(second).toMatchObject({ people: 0, postures: 0, plans: 0, routines: 0, house: false })
      client.close()
    }
    const before = database()
    await back('back.db')
    useDatabase(before)
    await resetPosture('bow')
    await takeAwayKept(kept.id)
    await resetRoutine(made)
  })
})

describe('what cannot be read', () => {
  it('is set aside and named, the rest goes on, and saving overwrites none of it', async () => {
    const raw = sql`update people set record = '{"format":', updated_at = 'x' where id = 'bram-tallow'`
    const [before] = await database().select().from(people).where(eq(people.id, 'bram-tallow'))
    await database().run(raw)
    await database().run(sql`update sites set house = 'no json', revision = 40`)
    await database().run(sql`insert into postures (id, document, updated_at) values ('own-x', '{"name":"Gull"}', 'x')`)
    const { rows, aside } = await readRoster()
    expect(rows.map(({ id }) => id)).not.toContain('bram-tallow')
    expect(rows.length).toBeGreaterThan(15)
    expect(aside).toMatchObject([{ what: 'person', name: 'Bram Tallow', raw: '{"format":' }])
    expect(await fieldOf(readRecord('bram-tallow'))).toBe('person')
    expect(await listOwn()).toEqual([])
    expect(await listUnreadablePostures()).toMatchObject([{ name: 'Gull' }])
    const house = await readHouse()
    expect(house).toMatchObject({ rules: {}, aside: { raw: 'no json' } })
    await saveHouse({ revision: house.revision, rules: {}, signs: [], units: 'metric' })
    expect((await readWhole()).setAside).toHaveLength(2)
    const kept = await database().select().from(facts).where(like(facts.key, 'house unreadable %'))
    expect(kept.map(({ value }) => value)).toEqual(['"no json"'])
    await database()
      .update(people)
      .set({ record: before?.record as never, updatedAt: 'y' })
      .where(eq(people.id, 'bram-tallow'))
    await database().run(sql`delete from postures where id = 'own-x'`)
  })
})

describe('a failed save', () => {
  it('leaves nothing of the record in the log, and says that nothing was changed', async () => {
    const record = makeRecord('SECRET-NAME', BODY, { notes: 'SECRET-NOTE' })
    await database().run(sql`create trigger full before insert on people begin select raise(abort, 'SECRET-FULL'); end`)
    const log = vi.spyOn(process.stderr, 'write').mockReturnValue(true)
    const request = new Request('http://127.0.0.1/', { method: 'POST', body: JSON.stringify({ records: [record] }) })
    const response = await answerDocument(request, addRecords)
    const said = log.mock.calls.flat().join()
    log.mockRestore()
    await database().run(sql`drop trigger full`)
    expect(response.status).toBe(503)
    expect(said).toMatch(/^nivrel: the database did not answer \(SQLITE_CONSTRAINT/)
    expect(said + JSON.stringify(await response.json())).not.toContain('SECRET')
  })
})

describe('the house', () => {
  it('is refused out of range, and reaches everybody', async () => {
    const { revision } = await readHouse()
    expect(await fieldOf(saveHouse({ revision, rules: { swayReserveM: 5 } }))).toBe('rules.swayReserveM')
    const choices = {
      rules: { swayReserveM: 0.022 },
      days: {},
      signs: ['grips the chair'],
      units: 'imperial',
      bends: {},
      name: 'Low Hall',
      chairs: 0,
      roomM: [6, 8],
      school: 'small-inclined',
      ways: { therapeutic: { middle: 'pass' } },
      practice: { harderClasses: 3 },
      emergency: 'Ring the bell.',
    }
    await saveHouse({ revision, ...choices })
    expect(await readHouse()).toEqual({ ...choices, revision: revision + 1, aside: null })
    // The second of two is told, with what is there.
    const told = await saveHouse({ revision, rules: {} }).catch((e: unknown) => e)
    expect(told).toBeInstanceOf(ConflictError)
    expect((told as ConflictError<typeof choices>).current.rules).toEqual(choices.rules)
    const [first] = await listMembers(null)
    expect(first?.document.house).toEqual({ swayReserveM: 0.022 })
    await saveHouse({ revision: revision + 1 })
    expect((await listMembers(null))[0]?.document.house).toBeUndefined()
  })
})

describe('the library', () => {
  it('takes changes and own postures, and always gives the original back', async () => {
    const bow = fromPosture(postureOf('bow'), readTexts({ id: 'bow', own: null }, ENGLISH))
    await changePosture('bow', { revision: 0, document: { ...bow, cue: 'Softly.' } })
    const told = await changePosture('bow', { revision: 0, document: bow }).catch((e: unknown) => e)
    expect((told as ConflictError<{ revision: number }>).current.revision).toBe(1)
    expect(mergeLibrary(await listOwn()).find(({ id }) => id === 'bow')?.own?.cue).toBe('Softly.')
    expect((await resetPosture('bow')).document.cue).toBe('Softly.')
    expect(mergeLibrary(await listOwn()).find(({ id }) => id === 'bow')).toEqual({ ...postureOf('bow'), own: null })
    expect(await fieldOf(changePosture('swan', { revision: 0, document: bow }))).toBe('posture')
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
      revision: 0,
    })
    await resetPosture(own.id)
  })
})

describe('routines', () => {
  const id = `own-${randomUUID()}`
  const document = { ...readShipped('first-weeks', ENGLISH), name: 'Slower' }

  it('are kept over the revision that they were made from; a second editor is told what is there', async () => {
    expect(await saveRoutine(id, { revision: 0, document })).toMatchObject({ id, revision: 1 })
    const next = { ...document, name: 'Slower still' }
    expect(await saveRoutine(id, { revision: 1, document: next })).toMatchObject({ revision: 2 })
    await expect(saveRoutine(id, { revision: 1, document })).rejects.toMatchObject({
      current: { revision: 2, document: { name: 'Slower still' } },
    })
    expect((await listRoutines()).find((one) => one.id === id)?.document.parts).toEqual(document.parts)
  })

  it('say which field is wrong, and keep what was there', async () => {
    const wrong = { ...document, parts: [...document.parts, { posture: 'parallel', seconds: 0 }] }
    await expect(saveRoutine(id, { revision: 2, document: wrong })).rejects.toMatchObject({
      field: `document.parts.${document.parts.length}.seconds`,
    })
    await expect(saveRoutine('nowhere', { revision: 0, document })).rejects.toMatchObject({ field: 'routine' })
    expect((await listRoutines()).find((one) => one.id === id)?.revision).toBe(2)
  })

  it('that cannot be read are set aside and named; the others go on', async () => {
    await database().run(sql`update routines set document = '{"parts":' where id = ${id}`)
    expect(await listRoutines()).toEqual([])
    expect(await listUnreadableRoutines()).toMatchObject([{ what: 'routine', id }])
    expect(await resetRoutine(id)).toMatchObject({ id })
    await expect(resetRoutine(id)).rejects.toMatchObject({ field: 'routine' })
  })
})

describe('a class’s plan', () => {
  const measures = fromMeasures(postureOf('bow').measures.therapeutic)
  const plan: PlanDocument = {
    format: PLAN_FORMAT,
    school: 'therapeutic',
    side: 'left',
    taught: measures,
    levels: [{ measures }],
    people: [
      { id: 'bram-tallow', level: 0, kind: 'level', stance: null },
      { id: 'keziah-underhill', level: 0, kind: 'level', stance: null },
    ],
  }

  it('is kept in place of the one before, and shown to those of the group', async () => {
    await keepPlan({ group: 'slack-tide', posture: 'bow', plan: { ...plan, side: 'right' }, revision: 0 })
    const told = await keepPlan({ group: 'slack-tide', posture: 'bow', plan, revision: 0 }).catch((e: unknown) => e)
    expect((told as ConflictError<{ plan: PlanDocument }>).current.plan.side).toBe('right')
    await keepPlan({ group: 'slack-tide', posture: 'bow', plan, revision: 1 })
    expect((await listPlans()).map(({ plan: { side } }) => side)).toEqual(['left'])
    const planned = async (id: string) => (await listMembers(null)).find((one) => one.id === id)?.planned
    expect(await planned('bram-tallow')).toMatchObject([
      { group: 'Slack Tide', posture: 'bow', kind: 'level', level: 0 },
    ])
    // Not of that group (any more): nothing is shown.
    expect(await planned('keziah-underhill')).toEqual([])
    expect(await fieldOf(keepPlan({ group: 'slack-tide', posture: 'swan', plan, revision: 0 }))).toBe('posture')
    await dropPlan({ group: 'slack-tide', posture: 'bow' })
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

it('days are those of a clock in a zone', () => {
  expect(dayOf(new Date(2026, 2, 9, 23, 59))).toBe('2026-03-09')
  const evening = new Date('2026-03-09T20:00:00Z')
  expect([dayOf(evening, 'Pacific/Auckland'), dayOf(evening, 'America/Lima')]).toEqual(['2026-03-10', '2026-03-09'])
})

it.each([
  ['127.0.0.1:4170', undefined, true],
  ['[::1]:4170', '', true],
  ['localhost', '127.0.0.1', true],
  ['elsewhere.example', undefined, false],
  ['elsewhere.example', '', false],
  ['elsewhere.example', '127.0.0.1', false],
  ['elsewhere.example:80', '[::1]', false],
  ['hall.lan:4170', '0.0.0.0', true],
  ['hall.lan', '192.168.1.5', true],
])('under the name %s with NIVREL_HOST %s: %s', (name, host, answered) => {
  expect(isNameAnswered(name, host)).toBe(answered)
})
