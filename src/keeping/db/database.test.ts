import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Libsql from 'libsql'
import { afterAll, describe, expect, it } from 'vitest'
import { parse } from '@/documents/parse'
import { recordDocument } from '@/documents/record-document'
import { connect, openDatabase } from './client'
import { DEMO_PEOPLE } from './demo/people'
import { putInDemo } from './demo/put-in'
import { DatabaseError } from './errors'
import { listGroups } from './groups'
import { firstSite } from './here'
import { addKept, findDraft, listKept, removeKept, saveDraft } from './kept'
import { listPlans } from './library'
import { bringUpToDate, clear } from './migrate'
import journal from './migrations/meta/_journal.json'
import { listPeople } from './people'
import { people } from './schema'
import { readSiteHouse } from './sites'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))
afterAll(() => rmSync(folder, { recursive: true }))

async function makeDatabase(name: string) {
  const client = connect(`file:${join(folder, name)}`)
  await bringUpToDate(client)
  return { client, db: openDatabase(client) }
}

const STANCE = {
  feet: { left: { heel: [-0.1, 0] as [number, number] }, right: { heel: [0.1, 0] as [number, number] } },
}
const ON = { posture: 'parallel', school: 'therapeutic', stance: STANCE }

describe('the database', () => {
  it('holds the demo people once, whatever happened to them since', async () => {
    const { db } = await makeDatabase('demo.db')
    await putInDemo(db, new Date(0))
    expect(await listPeople(firstSite(db))).toHaveLength(DEMO_PEOPLE.length)
    await db.delete(people)
    await putInDemo(db, new Date(1))
    expect(await listPeople(firstSite(db))).toEqual([])
  })

  it('gives back what was kept, and puts back what was taken away', async () => {
    const { client, db } = await makeDatabase('kept.db')
    await putInDemo(db, new Date(0))
    const row = { id: 'a', personId: 'marit-quill', ...ON, name: 'Soft', note: '', createdAt: '2026-01-01T00:00:00Z' }
    await addKept(firstSite(db), row)
    await addKept(firstSite(db), { ...row, id: 'b', createdAt: '2026-02-01T00:00:00Z' })
    await saveDraft(firstSite(db), { personId: 'marit-quill', ...ON, updatedAt: 'x' }, 0)
    await saveDraft(firstSite(db), { personId: 'marit-quill', ...ON, school: 'high-follow', updatedAt: 'y' }, 1)
    // Over a revision that is no longer there, nothing is saved.
    expect(await saveDraft(firstSite(db), { personId: 'marit-quill', ...ON, updatedAt: 'z' }, 1)).toBeNull()
    client.close()

    const again = openDatabase(connect(`file:${join(folder, 'kept.db')}`))
    expect((await listKept(firstSite(again), 'marit-quill')).map(({ id }) => id)).toEqual(['b', 'a'])
    expect((await findDraft(firstSite(again), 'marit-quill'))?.school).toBe('high-follow')
    const taken = await removeKept(firstSite(again), 'a')
    expect(taken).toEqual({ ...row, siteId: 'here' })
    expect(await removeKept(firstSite(again), 'a')).toBeNull()
    if (taken) await addKept(firstSite(again), taken)
    expect(await listKept(firstSite(again), 'marit-quill')).toHaveLength(2)
  })

  it('brings people of the first version along, limit by limit, with what was kept for them', async () => {
    const client = connect(`file:${join(folder, 'first.db')}`)
    const first = readFileSync('src/keeping/db/migrations/0000_start.sql', 'utf8')
    await client.executeMultiple(first)
    await client.execute(
      'create table __drizzle_migrations (id integer primary key, hash text not null, created_at numeric)',
    )
    await client.execute({
      sql: 'insert into __drizzle_migrations (hash, created_at) values (?, ?)',
      args: ['first', journal.entries[0]?.when ?? 0],
    })
    const document = {
      ...{ statureM: 1.7, massKg: 70, footLengthM: 0.25, ageYears: 70 },
      limits: { hipInwardMaxDeg: 10, hipOrdered: true, kneeFlexionMaxDeg: 45, loadMaxPct: { left: 50, right: 100 } },
    }
    await client.execute({
      sql: 'insert into people (id, name, story, document, created_at) values (?, ?, ?, ?, ?)',
      args: ['ana', 'Ana', 'Careful.', JSON.stringify(document), '2026-01-05T10:00:00.000Z'],
    })
    await client.execute({
      sql: 'insert into kept (id, person_id, posture, school, stance, name, note, created_at) values (?, ?, ?, ?, ?, ?, ?, ?)',
      args: ['k', 'ana', ON.posture, ON.school, JSON.stringify(ON.stance), 'Soft', '', 'x'],
    })
    await bringUpToDate(client)
    const [row] = await listPeople(firstSite(openDatabase(client)))
    const record = parse(recordDocument, row?.record)
    expect(record).toMatchObject({
      name: 'Ana',
      story: 'Careful.',
      groups: [],
      body: { footLengthM: 0.25, ageYears: 70 },
    })
    expect(record.limits.map(({ what, side, value, source, on }) => [what, side, value, source.kind, on])).toEqual([
      ['hipInwardMaxDeg', undefined, 10, 'clinician', '2026-01-05'],
      ['kneeFlexionMaxDeg', undefined, 45, 'instructor', '2026-01-05'],
      ['loadMaxPct', 'left', 50, 'instructor', '2026-01-05'],
    ])
    expect(await listKept(firstSite(openDatabase(client)), 'ana')).toHaveLength(1)
  })

  it('brings groups along by id, what was kept in words by its code, and the house to its site', async () => {
    const client = connect(`file:${join(folder, 'words.db')}`)
    const before = journal.entries.slice(0, 3)
    for (const { tag } of before)
      await client.executeMultiple(readFileSync(`src/keeping/db/migrations/${tag}.sql`, 'utf8'))
    const record = (groups: string[]) => ({
      format: 'nivrel.person/1',
      groups,
      watch: [
        { sign: 'looks down', on: '2026-01-05' },
        { sign: 'hums', on: '2026-01-05' },
      ],
      today: [{ on: '2026-01-05', reason: 'a bad night', kneeFlexionMaxDeg: 20 }],
    })
    const add = (id: string, text: string) =>
      client.execute({
        sql: "insert into people (id, name, record, created_at, updated_at) values (?, ?, ?, 'x', 'x')",
        args: [id, id, text],
      })
    await add('ana', JSON.stringify(record(['Flood', 'Ebb'])))
    await add('bo', JSON.stringify(record(['Ebb'])))
    await add('odd', '{"groups":')
    const level = { title: 'Half a step', sentence: 'feet a shoulder apart', measures: { stepStatures: 0.1 } }
    await client.execute({
      sql: "insert into plans (id, group_name, posture, document, updated_at) values ('p', 'Neap', 'bow', ?, 'x')",
      args: [JSON.stringify({ levels: [level, level] })],
    })
    await client.execute(`insert into facts (key, value, revision) values ('house', '{"signs":["hums"]}', 4)`)
    await client.executeMultiple(
      `create table __drizzle_migrations (id integer primary key, hash text not null, created_at numeric);
       insert into __drizzle_migrations (hash, created_at) values ('before', ${before.at(-1)?.when})`,
    )
    await bringUpToDate(client)
    const db = openDatabase(client)
    const names = new Map((await listGroups(firstSite(db))).map(({ id, name }) => [id, name]))
    expect([...names.values()]).toEqual(['Ebb', 'Flood', 'Neap'])
    const [ana, bo, odd] = await listPeople(firstSite(db))
    expect(ana?.record.groups.map((id) => names.get(id))).toEqual(['Flood', 'Ebb'])
    expect(bo?.record.groups).toEqual([ana?.record.groups[1]])
    expect(odd?.record).toBe('{"groups":')
    expect(ana?.record.watch.map(({ sign }) => sign)).toEqual(['looks-down', 'hums'])
    expect(ana?.record.today).toMatchObject([{ reason: 'bad-night', kneeFlexionMaxDeg: 20 }])
    const [plan] = await listPlans(firstSite(db))
    expect([names.get(plan?.groupId ?? ''), plan?.document.levels]).toEqual([
      'Neap',
      [{ measures: level.measures }, { measures: level.measures }],
    ])
    expect(await readSiteHouse(firstSite(db))).toEqual({ house: '{"signs":["hums"]}', revision: 4 })
  })

  it('refuses one that a newer version made, and can be started over', async () => {
    const { client } = await makeDatabase('newer.db')
    await client.execute(`update __drizzle_migrations set created_at = ${Date.UTC(2200, 0)}`)
    await expect(bringUpToDate(client)).rejects.toThrow(DatabaseError)
    await clear(client)
    await bringUpToDate(client)
    expect(await listPeople(firstSite(openDatabase(client)))).toEqual([])
  })

  it('touches no database of another program, nor a file that is none, and starts over only its own', async () => {
    const path = join(folder, 'other.db')
    const other = new Libsql(path)
    other.exec('create table ledger (id integer primary key, sum real); insert into ledger values (1, 2)')
    other.close()
    writeFileSync(join(folder, 'letter.db'), 'Dear Marit, '.repeat(200))
    chmodSync(path, 0o644)
    const before = readFileSync(path)
    expect(() => connect(`file:${path}`)).toThrow(/another program/)
    expect(() => connect(`file:${join(folder, 'letter.db')}`)).toThrow(/the file is no database/)
    expect(readFileSync(path)).toEqual(before)
    expect(statSync(path).mode & 0o777).toBe(0o644)
    expect(readdirSync(folder).filter((name) => name.startsWith('other.db'))).toEqual(['other.db'])
    const client = connect(`file:${join(folder, 'late.db')}`)
    await client.executeMultiple('create table ledger (id integer primary key)')
    await expect(bringUpToDate(client)).rejects.toThrow(/another program/)
    await expect(clear(client)).rejects.toThrow(DatabaseError)
    const { client: own } = await makeDatabase('own.db')
    expect((await own.execute('pragma application_id')).rows[0]?.application_id).toBe(0x4e495652)
  })

  it('is for this user alone: the file, what is written ahead, and a folder that was made for it', async () => {
    await makeDatabase('private/here.db')
    const modes = ['private', 'private/here.db', 'private/here.db-wal', 'private/here.db-shm'].map(
      (name) => statSync(join(folder, name)).mode & 0o777,
    )
    expect(modes).toEqual([0o700, 0o600, 0o600, 0o600])
  })

  it('names in one line what an address has to be', async () => {
    const refused = (address: string) => {
      try {
        connect(address)
        return 'opened'
      } catch (error) {
        expect(error).toBeInstanceOf(DatabaseError)
        expect((error as Error).message).not.toContain('\n')
        return (error as Error).message
      }
    }
    for (const address of [
      'nonsense',
      'data/nivrel.db',
      'file:',
      'file::memory:',
      ':memory:',
      'file:a.db?mode=ro',
      'file:%zz.db',
      'file:a/',
    ])
      expect(refused(address), address).toContain('file:path/to.db')
    writeFileSync(join(folder, 'read-only.db'), '')
    mkdirSync(join(folder, 'folder.db'))
    expect(refused(`file:${join(folder, 'folder.db')}`)).toContain('it is no file')
    expect(refused('file:/proc/nowhere/deep/nivrel.db')).toContain('nothing can be made in /proc')
    expect(refused(`file:${join(folder, 'read-only.db', 'deeper.db')}`)).toContain('is no folder')
    // Encoded characters name the file that they stand for.
    await makeDatabase('with%20space%23.db')
    expect(existsSync(join(folder, 'with space#.db'))).toBe(true)
  })

  it('has demo people that the formats accept, in two groups', () => {
    const records = DEMO_PEOPLE.map(({ make }) => make(new Date(Date.UTC(2026, 2, 12))))
    for (const record of records) expect(parse(recordDocument, record)).toEqual(record)
    expect(new Set(records.flatMap(({ groups }) => groups))).toEqual(new Set(['slack-tide', 'second-launch']))
    expect(records).toHaveLength(22)
  })
})
