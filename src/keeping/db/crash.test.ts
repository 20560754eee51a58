import { spawn, spawnSync } from 'node:child_process'
import {
  existsSync,
  linkSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  symlinkSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Libsql from 'libsql'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { makeRecord } from '@/documents/record-document'
import { bundle } from '../../../scripts/steps.mjs'
import { parseAddress } from './address'
import { connect, openDatabase, settled } from './client'
import { forgetDeleted } from './forget'
import { requireGroups } from './groups'
import { firstSite } from './here'
import { addKept } from './kept'
import { listPlans, savePlan } from './library'
import { bringUpToDate, clear, overwrite } from './migrate'
import { takeOwnership } from './owner'
import { addPeople, listPeople, savePerson, setDeleted } from './people'
import { people } from './schema'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))
afterAll(() => rmSync(folder, { recursive: true }))

const BODY = { statureM: 1.6, massKg: 60 }
const NOW = '2026-03-12T10:00:00.000Z'

/** Brings in a thousand people; the 701st kills the process while it is written. */
const KILLED = `
  import { connect, openDatabase } from '@/keeping/db/client'
  import { firstSite } from '@/keeping/db/here'
  import { addPeople } from '@/keeping/db/people'
  import { makeRecord } from '@/documents/record-document'
  const added = Array.from({ length: 1000 }, (_, i) => ({ id: 'new-' + i, record: makeRecord('New ' + i, { statureM: 1.6, massKg: 60 }) }))
  added[700].record.toJSON = () => process.kill(process.pid, 'SIGKILL')
  await addPeople(firstSite(openDatabase(connect(process.env.AT))), added, '${NOW}')
  console.log('written')
`

/** A program that saves one person again and again, as fast as it can, and says each save that was answered. */
const SAVING = `
  import { connect, openDatabase } from '@/keeping/db/client'
  import { bringUpToDate } from '@/keeping/db/migrate'
  import { firstSite } from '@/keeping/db/here'
  import { findPerson, savePerson } from '@/keeping/db/people'
  const { AT, WHO, MOST } = process.env
  const client = connect(AT)
  await bringUpToDate(client)
  const db = openDatabase(client)
  for (let done = 0; done < Number(MOST); ) {
    const { revision, record } = await findPerson(firstSite(db), WHO)
    const saved = await savePerson(firstSite(db), { id: WHO, record: { ...record, notes: 'save ' + revision }, revision }, 'now')
    process.stdout.write((saved ? 'saved ' + saved.revision : 'told') + '\\n')
    if (saved) done++
  }
`

/** A program that takes a file for itself, and keeps it. */
const HOLDING = `
  import { parseAddress } from '@/keeping/db/address'
  import { takeOwnership } from '@/keeping/db/owner'
  await takeOwnership(parseAddress(process.env.AT))
  console.log('mine')
  setInterval(() => {}, 1000)
`

const programs = { killed: '', saving: '', holding: '' }
beforeAll(async () => {
  programs.killed = await bundle(KILLED, 'killed.mjs')
  programs.saving = await bundle(SAVING, 'saving.mjs')
  programs.holding = await bundle(HOLDING, 'holding.mjs')
})

describe('what is written', () => {
  it('is all there or not at all when the process is killed in the middle of bringing people in', async () => {
    const at = `file:${join(folder, 'killed.db')}`
    const client = connect(at)
    await bringUpToDate(client)
    await addPeople(firstSite(openDatabase(client)), [{ id: 'ana', record: makeRecord('Ana', BODY) }], NOW)
    client.close()
    const child = spawnSync(process.execPath, [programs.killed], {
      env: { ...process.env, AT: at },
      encoding: 'utf8',
    })
    expect(child.signal).toBe('SIGKILL')
    expect(child.stdout).toBe('')
    const after = openDatabase(connect(at))
    expect((await listPeople(firstSite(after))).map(({ id }) => id)).toEqual(['ana'])
    // And the file is whole: the same people can be brought in now.
    await addPeople(firstSite(after), [{ id: 'bo', record: makeRecord('Bo', BODY) }], NOW)
    expect(await listPeople(firstSite(after))).toHaveLength(2)
  })

  it('adds all or none', async () => {
    const client = connect(`file:${join(folder, 'none.db')}`)
    await bringUpToDate(client)
    const db = openDatabase(client)
    const twice = [1, 2, 1].map((n) => ({ id: `same-${n}`, record: makeRecord('Same', BODY) }))
    await expect(addPeople(firstSite(db), twice, NOW)).rejects.toThrow()
    expect(await listPeople(firstSite(db))).toEqual([])
  })

  it('is gone for good once it was taken away and the program left: not a word of it is in the file', async () => {
    const at = join(folder, 'gone.db')
    const client = connect(`file:${at}`)
    await bringUpToDate(client)
    const db = openDatabase(client)
    const notes = 'SECRET-NOTE '.repeat(400)
    await addPeople(
      firstSite(db),
      [
        { id: 'ana', record: makeRecord('Ana', BODY) },
        { id: 'bo', record: makeRecord('SECRET-NAME', BODY, { notes }) },
      ],
      NOW,
    )
    // A longer record, then a shorter one: what was freed holds the longer one.
    await savePerson(
      firstSite(db),
      { id: 'bo', record: makeRecord('SECRET-NAME', BODY, { notes: 'short' }), revision: 1 },
      NOW,
    )
    const on = {
      posture: 'bow',
      school: 'therapeutic',
      stance: { feet: { left: { heel: [0, 0] }, right: { heel: [0.2, 0] } } },
    }
    await addKept(firstSite(db), {
      id: 'k',
      personId: 'bo',
      ...on,
      name: 'SECRET-KEPT',
      note: '',
      createdAt: NOW,
    } as never)
    const plan = { format: 'nivrel.plan/1', people: [{ id: 'ana' }, { id: 'bo' }] } as never
    await requireGroups(firstSite(db), [{ id: 'g', name: 'Slack Tide' }])
    await savePlan(firstSite(db), { id: 'p', groupId: 'g', posture: 'bow', document: plan, updatedAt: NOW }, 0)
    await setDeleted(firstSite(db), 'ana', NOW)
    expect((await listPeople(firstSite(db))).map(({ id }) => id)).toEqual(['bo'])
    expect(await setDeleted(firstSite(db), 'ana', null)).toBe(true)
    await setDeleted(firstSite(db), 'bo', NOW)
    expect(await forgetDeleted(db)).toBe(1)
    await overwrite(client)
    expect((await db.select().from(people)).map(({ id }) => id)).toEqual(['ana'])
    expect((await listPlans(firstSite(db))).map(({ document }) => document.people)).toEqual([[{ id: 'ana' }]])
    expect(await setDeleted(firstSite(db), 'bo', null)).toBe(false)
    client.close()
    const left = readdirSync(folder).filter((name) => name.startsWith('gone.db'))
    const bytes = left.map((name) => readFileSync(join(folder, name)).toString('latin1')).join()
    expect(bytes).toContain('Ana')
    expect(bytes).not.toContain('SECRET')
  })

  it('leaves nobody of before in the file when it is started over', async () => {
    const at = join(folder, 'fresh.db')
    const client = connect(`file:${at}`)
    await bringUpToDate(client)
    const added = Array.from({ length: 70 }, (_, i) => ({ id: `n${i}`, record: makeRecord(`SECRET-${i}`, BODY) }))
    await addPeople(firstSite(openDatabase(client)), added, NOW)
    await clear(client)
    await bringUpToDate(client)
    client.close()
    for (const name of ['fresh.db', 'fresh.db-wal'])
      if (existsSync(join(folder, name)))
        expect(readFileSync(join(folder, name)).toString('latin1')).not.toContain('SECRET')
  })
})

const startSaving = (at: string, who: string, most: number) => {
  const child = spawn(process.execPath, [programs.saving], {
    env: { ...process.env, AT: at, WHO: who, MOST: String(most) },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  const said: string[] = []
  let errors = ''
  child.stdout.on('data', (data) => said.push(...String(data).trim().split('\n')))
  child.stderr.on('data', (data) => {
    errors += data
  })
  const ended = new Promise<number | null>((done) => child.on('close', (code) => done(code)))
  return { child, said, ended, errors: () => errors }
}

const lastSaved = (said: readonly string[]): number =>
  Math.max(1, ...said.flatMap((line) => (line.startsWith('saved ') ? [Number(line.slice(6))] : [])))

const wait = (ms: number) => new Promise((done) => setTimeout(done, ms))

async function makeFile(name: string, ids: readonly string[]) {
  const at = `file:${join(folder, name)}`
  const client = connect(at)
  await bringUpToDate(client)
  await addPeople(
    firstSite(openDatabase(client)),
    ids.map((id) => ({ id, record: makeRecord(id, BODY) })),
    NOW,
  )
  client.close()
  return at
}

describe('a save that was answered is in the file', () => {
  it('500 of 500, from two programs at once, with the file locked from outside again and again', async () => {
    const at = await makeFile('two.db', ['ana', 'bo'])
    const both = [startSaving(at, 'ana', 250), startSaving(at, 'bo', 250)]
    const outside = new Libsql(join(folder, 'two.db'))
    const locking = (async () => {
      for (let i = 0; i < 12; i++) {
        await wait(60)
        try {
          outside.exec('begin immediate')
          await wait(150)
          outside.exec('commit')
        } catch {
          // Somebody was just saving: next time.
        }
      }
    })()
    const codes = await Promise.all(both.map(({ ended }) => ended))
    await locking
    expect(codes, both.map(({ errors }) => errors()).join()).toEqual([0, 0])
    const after = await listPeople(firstSite(openDatabase(connect(at))))
    expect(after.map(({ revision }) => revision)).toEqual([251, 251])
    expect(both.map(({ said }) => said.filter((line) => line.startsWith('saved')).length)).toEqual([250, 250])
  }, 60_000)

  it('two who save the same person: one of them is told, each time', async () => {
    const at = await makeFile('same.db', ['ana'])
    const both = [startSaving(at, 'ana', 60), startSaving(at, 'ana', 60)]
    await Promise.all(both.map(({ ended }) => ended))
    const said = both.flatMap((one) => one.said)
    const revisions = said.filter((line) => line.startsWith('saved')).map((line) => Number(line.slice(6)))
    expect(new Set(revisions).size).toBe(120)
    const [ana] = await listPeople(firstSite(openDatabase(connect(at))))
    expect(ana?.revision).toBe(121)
  }, 60_000)

  it('whenever the program is killed: twenty times', async () => {
    const at = await makeFile('kills.db', ['ana'])
    for (let i = 0; i < 20; i++) {
      const { child, said, ended, errors } = startSaving(at, 'ana', 100_000)
      while (said.length === 0 && child.exitCode === null) await wait(5)
      expect(child.exitCode, errors()).toBeNull()
      await wait((i * 37) % 90)
      child.kill('SIGKILL')
      await ended
      const client = connect(at)
      const [ana] = await listPeople(firstSite(openDatabase(client)))
      client.close()
      expect(ana?.revision).toBeGreaterThanOrEqual(lastSaved(said))
    }
  }, 120_000)

  it.each([
    ['deleted', (file: string) => rmSync(file)],
    ['moved', (file: string) => renameSync(file, `${file}.elsewhere`)],
    ['replaced by a copy', (file: string, copy: string) => renameSync(copy, file)],
  ])('where the file is %s nothing more is written, and both are there', async (how, disturb) => {
    const file = join(folder, `gone-${how.replaceAll(' ', '-')}.db`)
    const client = connect(await makeFile(file.slice(folder.length + 1), ['ana']))
    await settled(client)
    const on = firstSite(openDatabase(client))
    await client.execute({ sql: 'vacuum into ?', args: [`${file}.copy`] })
    const record = (notes: string) => makeRecord('Ana', BODY, { notes })
    expect(await savePerson(on, { id: 'ana', record: record('saved'), revision: 1 }, NOW)).not.toBeNull()
    disturb(file, `${file}.copy`)
    const before = existsSync(file) ? readFileSync(file) : null
    for (let i = 0; i < 3; i++)
      await expect(savePerson(on, { id: 'ana', record: record('lost'), revision: 2 }, NOW)).rejects.toThrow(
        /moved, deleted or replaced.*nothing is written.*\.saved-.* beside it.*nothing was changed$/,
      )
    client.close()
    expect(existsSync(file) ? readFileSync(file) : null).toEqual(before)
    const kept = readdirSync(folder).filter((name) => name.startsWith(`${file.slice(folder.length + 1)}.saved-`))
    expect(kept).toHaveLength(1)
    const rescued = firstSite(openDatabase(connect(`file:${join(folder, kept[0] as string)}`)))
    expect((await listPeople(rescued)).map((one) => one.record.notes)).toEqual(['saved'])
    if (!before) return
    // What was put there is what it was: nothing of the old one is applied to it.
    const there = firstSite(openDatabase(connect(`file:${file}`)))
    expect((await listPeople(there)).map((one) => one.record.notes)).not.toContain('saved')
  })

  it('and a second Nivrel on the same file is refused, until the first has ended, however it ended', async () => {
    const address = parseAddress(`file:${join(folder, 'owned.db')}`)
    const child = spawn(process.execPath, [programs.holding], {
      env: { ...process.env, AT: address.url },
      stdio: ['ignore', 'pipe', 'inherit'],
    })
    await new Promise((done) => child.stdout.once('data', done))
    await expect(takeOwnership(address)).rejects.toThrow(/^another Nivrel runs on the database at .*owned\.db; /)
    // Nor by another of its names.
    mkdirSync(join(folder, 'other'))
    const named = (name: string) => parseAddress(`file:${join(folder, 'other', name)}`)
    linkSync(address.kind === 'file' ? address.path : '', join(folder, 'other', 'hard.db'))
    symlinkSync(address.kind === 'file' ? address.path : '', join(folder, 'other', 'soft.db'))
    for (const name of ['hard.db', 'soft.db'])
      await expect(takeOwnership(named(name)), name).rejects.toThrow(/^another Nivrel runs on the database at /)
    child.kill('SIGKILL')
    await new Promise((done) => child.once('close', done))
    const mine = await takeOwnership(address)
    await mine.letGo()
  })
})
