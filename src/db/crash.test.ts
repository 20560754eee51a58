import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { makeRecord } from '@/formats/record-document'
import { connect, openDatabase } from './client'
import { bringUpToDate } from './migrate'
import { addPeople, forgetDeleted, listPeople, setDeleted } from './people'
import { people } from './schema'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-'))
afterAll(() => rmSync(folder, { recursive: true }))

const BODY = { statureM: 1.6, massKg: 60 }
const NOW = '2026-03-12T10:00:00.000Z'

/** Brings in a thousand people; the 701st kills the process while it is written. */
const KILLED = `
  import { connect, openDatabase } from '@/db/client'
  import { addPeople } from '@/db/people'
  import { makeRecord } from '@/formats/record-document'
  const added = Array.from({ length: 1000 }, (_, i) => ({ id: 'new-' + i, record: makeRecord('New ' + i, { statureM: 1.6, massKg: 60 }) }))
  added[700].record.toJSON = () => process.kill(process.pid, 'SIGKILL')
  await addPeople(openDatabase(connect(process.env.AT)), added, '${NOW}')
  console.log('written')
`

describe('what is written', () => {
  it('is all there or not at all when the process is killed in the middle of bringing people in', async () => {
    const at = `file:${join(folder, 'killed.db')}`
    const client = connect(at)
    await bringUpToDate(client)
    await addPeople(openDatabase(client), [{ id: 'ana', record: makeRecord('Ana', BODY) }], NOW)
    client.close()
    const child = spawnSync(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', KILLED], {
      env: { ...process.env, AT: at },
      encoding: 'utf8',
    })
    expect(child.signal).toBe('SIGKILL')
    expect(child.stdout).toBe('')
    const after = openDatabase(connect(at))
    expect((await listPeople(after)).map(({ id }) => id)).toEqual(['ana'])
    // And the file is whole: the same people can be brought in now.
    await addPeople(after, [{ id: 'bo', record: makeRecord('Bo', BODY) }], NOW)
    expect(await listPeople(after)).toHaveLength(2)
  })

  it('adds all or none', async () => {
    const client = connect(`file:${join(folder, 'none.db')}`)
    await bringUpToDate(client)
    const db = openDatabase(client)
    const twice = [1, 2, 1].map((n) => ({ id: `same-${n}`, record: makeRecord('Same', BODY) }))
    await expect(addPeople(db, twice, NOW)).rejects.toThrow()
    expect(await listPeople(db)).toEqual([])
  })

  it('is gone for good once it was taken away and the program left', async () => {
    const client = connect(`file:${join(folder, 'gone.db')}`)
    await bringUpToDate(client)
    const db = openDatabase(client)
    await addPeople(
      db,
      [
        { id: 'ana', record: makeRecord('Ana', BODY) },
        { id: 'bo', record: makeRecord('Bo', BODY) },
      ],
      NOW,
    )
    await setDeleted(db, 'ana', NOW)
    expect((await listPeople(db)).map(({ id }) => id)).toEqual(['bo'])
    expect(await setDeleted(db, 'ana', null)).toBe(true)
    expect(await listPeople(db)).toHaveLength(2)
    await setDeleted(db, 'bo', NOW)
    expect(await forgetDeleted(db)).toBe(1)
    expect((await db.select().from(people)).map(({ id }) => id)).toEqual(['ana'])
    expect(await setDeleted(db, 'bo', null)).toBe(false)
  })
})
