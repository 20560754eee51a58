import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll } from 'vitest'
import { now } from '@/clock'
import { connect, type Database, openDatabase } from '@/keeping/db/client'
import { putInDemo, putInHistory } from '@/keeping/db/demo/put-in'
import { bringUpToDate } from '@/keeping/db/migrate'

const folder = mkdtempSync(join(tmpdir(), 'nivrel-screens-'))
afterAll(() => rmSync(folder, { recursive: true }))

let opened = 0

/** A database of its own in the place of the one that the server uses: with Lantern Quay in it, or nobody. */
export async function openHouse(who: 'nobody' | 'people' | 'history' = 'people'): Promise<Database> {
  const client = connect(`file:${join(folder, `${++opened}.db`)}`)
  await bringUpToDate(client)
  const db = openDatabase(client)
  if (who !== 'nobody') await putInDemo(db, now())
  if (who === 'history') await putInHistory(db, now())
  Object.assign(globalThis, { nivrelDatabase: db, nivrelRecords: undefined })
  return db
}
