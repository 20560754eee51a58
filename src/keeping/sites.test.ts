import { readdirSync, readFileSync } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { now } from '@/clock'
import { makeRecord } from '@/documents/record-document'
import { findLastPersonId, keepDraft, keepStance, listMembers, readBench } from './bench'
import { today } from './clock'
import { connect, openDatabase } from './db/client'
import { putInDemo, putInHistory } from './db/demo/put-in'
import { bringUpToDate } from './db/migrate'
import { sites } from './db/schema'
import { keepDecision, readAnswered, readDecisionsOf } from './decisions'
import { readGroups, renameGroup, requireGroup, takeGroups } from './groups'
import { asOf } from './here'
import { readHouse, saveHouse } from './house'
import { dropLesson, keepLesson, listLessons } from './lessons'
import { enterLog, readDay, readLogOf } from './log'
import { addRecords, listRecords, readRecord, saveRecord, takeAway } from './people'
import { callRoll, readRoll } from './roll-call'
import { readWhole } from './whole'

const WHO = 'odalys-marrin'
const GROUP = 'slack-tide'
const OTHER = { site: 'north-pier', who: null }

/** What stands for a site in a query, and which tables no site owns. */
const QUERY = /\.(from|update|delete)\((\w+)\)/g
const OF_NO_SITE = ['facts', 'sites']
/** What is deleted anywhere is forgotten at once. */
const OF_ALL_SITES = ['forget.ts']

describe('what is kept is of a site', () => {
  let folder = ''
  beforeAll(async () => {
    folder = await mkdtemp(join(tmpdir(), 'nivrel-'))
    process.env.NIVREL_DATABASE_URL = `file:${join(folder, 'sites.db')}`
    const client = connect()
    await bringUpToDate(client)
    const db = openDatabase(client)
    Object.assign(globalThis, { nivrelDatabase: db, nivrelRecords: undefined })
    await putInDemo(db, now())
    await putInHistory(db, now())
    await db.insert(sites).values({ id: OTHER.site })
  })
  afterAll(() => rm(folder, { recursive: true }))

  it('no query is without one, and no row', () => {
    const files = readdirSync('src/keeping/db', { recursive: true, encoding: 'utf8' })
    const sources = files.filter(
      (name) => /\.ts$/.test(name) && !/\.test\.ts$/.test(name) && !OF_ALL_SITES.includes(name),
    )
    let read = 0
    for (const name of sources) {
      const text = readFileSync(join('src/keeping/db', name), 'utf8')
      for (const { 0: query, 2: table = '', index } of text.matchAll(QUERY)) {
        if (OF_NO_SITE.includes(table)) continue
        read++
        expect(text.slice(index, index + 300), `${name}: ${query}`).toMatch(/inSite\((here|firstSite\(db\)), \w+/)
        const [, asked] = /inSite\((?:here|firstSite\(db\)), (\w+)/.exec(text.slice(index)) ?? []
        expect(asked, `${name}: ${query}`).toBe(table)
      }
      for (const { 0: insert, 1: table = '', index } of text.matchAll(/\.insert\((\w+)\)/g))
        if (!OF_NO_SITE.includes(table)) expect(text.slice(0, index + 200), `${name}: ${insert}`).toMatch(/siteId/)
    }
    expect(read).toBeGreaterThan(30)
  })

  it('another one sees nothing of the first, and changes nothing of it', async () => {
    const whole = async () => ({ ...(await readWhole()), takenOutAt: '' })
    const before = await whole()
    const day = await today()
    const { revision, record } = await readRecord(WHO)
    const lesson = (await listLessons()).find(({ group }) => group === GROUP)
    const { stance } = (await readBench(WHO)).draft ?? {}
    const on = { posture: 'bow', school: 'long-upright', stance }
    await asOf(OTHER, async () => {
      expect(await listRecords()).toEqual([])
      expect(await readGroups()).toEqual([])
      expect(await listMembers(null)).toEqual([])
      expect(await listLessons()).toEqual([])
      expect(await readDay(GROUP, lesson?.day ?? '')).toEqual([])
      expect(await readLogOf(WHO)).toEqual([])
      expect(await readDecisionsOf(WHO)).toEqual([])
      expect(await readAnswered()).toEqual({})
      expect(await findLastPersonId()).toBeNull()
      const refused = [
        readRecord(WHO),
        saveRecord(WHO, { revision, record }),
        takeAway(WHO),
        readBench(WHO),
        keepDraft(WHO, { ...on, revision: 1 }),
        keepStance(WHO, { ...on, name: 'Soft', note: '' }),
        renameGroup({ id: GROUP, name: 'Mine' }),
        requireGroup(GROUP),
        keepLesson({ group: GROUP, day, revision: 0, document: lesson?.document }),
        enterLog({ rows: [{ person: WHO, day, group: GROUP, said: { pain: 9 } }] }),
        keepDecision({ person: WHO, day, document: { way: 'same' } }),
        callRoll({ marks: [], called: GROUP }),
        callRoll({ marks: [{ person: WHO, mark: 'away' }] }),
      ]
      for (const [i, result] of (await Promise.allSettled(refused)).entries())
        expect(result.status, `${i}`).toBe('rejected')
      await dropLesson({ group: GROUP, day: lesson?.day }).catch(() => {})
    })
    expect(await whole()).toEqual(before)
  })

  it('has people, groups of the same name, a house and a roll of its own', async () => {
    const house = await readHouse()
    const [before] = await readGroups()
    await asOf(OTHER, async () => {
      const [group] = await takeGroups({ names: [before?.name ?? ''] })
      expect(group?.id).not.toBe(before?.id)
      const record = { ...makeRecord('Nan Pier', { statureM: 1.6, massKg: 60 }), groups: [before?.name ?? ''] }
      const [nan] = await addRecords({ records: [record] })
      await saveHouse({ units: 'imperial', revision: 0 })
      await callRoll({ marks: [], called: group?.id })
      expect(await readRoll(group?.id ?? '', await today())).toEqual([nan?.id])
      expect((await listRecords()).map((one) => one.record.name)).toEqual(['Nan Pier'])
      expect((await readHouse()).units).toBe('imperial')
    })
    expect(await readHouse()).toEqual(house)
    expect((await listRecords()).some((one) => one.record.name === 'Nan Pier')).toBe(false)
  })
})
