import type { Client, InStatement } from '@libsql/client'
import { describe, expect, it } from 'vitest'
import type { Place } from './place'
import { makeSteady } from './steady'

type Fake = { client: Client; asked: string[]; fail: (code: string, times: number) => void }

/** A client that writes down what is asked of it, and fails as often as it is told. */
function makeFake(): Fake {
  const asked: string[] = []
  let failing = { code: '', times: 0 }
  const answer = async <T>(what: string, result: T): Promise<T> => {
    asked.push(what)
    await new Promise((done) => setTimeout(done, 1))
    if (failing.times > 0 && what.startsWith('begin immediate')) {
      failing.times--
      throw Object.assign(new Error(failing.code), { code: failing.code })
    }
    return result
  }
  const sqlOf = (statement: InStatement) => (typeof statement === 'string' ? statement : statement.sql)
  const client = {
    execute: (statement: InStatement) => answer(sqlOf(statement), { rows: [sqlOf(statement)] }),
    batch: (statements: InStatement[]) =>
      answer(
        `batch ${statements.map(sqlOf).join()}`,
        statements.map((one) => ({ rows: [sqlOf(one)] })),
      ),
    executeMultiple: (sql: string) => answer(sql, undefined),
    reconnect: () => answer('reconnect', undefined),
  } as unknown as Client
  return {
    client,
    asked,
    fail: (code, times) => {
      failing = { code, times }
    },
  }
}

const HERE: Place = { mark: () => {}, isHere: () => true, leave: () => {} }
const never = () => Promise.reject(new Error('it was not moved'))

describe('a file that others write to', () => {
  it('a write that meets a lock is tried again on a new connection, and answered once', async () => {
    const { client, asked, fail } = makeFake()
    const steady = makeSteady(client, HERE, never)
    fail('SQLITE_BUSY', 2)
    const [result] = await steady.batch([{ sql: 'insert 1', args: [] }])
    expect(result?.rows).toEqual(['insert 1'])
    expect(asked.filter((what) => what === 'batch insert 1')).toHaveLength(1)
    expect(asked.filter((what) => what === 'reconnect')).toHaveLength(2)
    // Each new connection is told again what the file does not keep.
    expect(asked.filter((what) => /foreign_keys = on/.test(what))).toHaveLength(2)
  })

  it('what is wrong is said at once, and the next write goes on', async () => {
    const { client, asked, fail } = makeFake()
    const steady = makeSteady(client, HERE, never)
    fail('SQLITE_CORRUPT', 1)
    await expect(steady.batch([{ sql: 'insert 1', args: [] }])).rejects.toThrow('SQLITE_CORRUPT')
    expect(asked).not.toContain('reconnect')
    await steady.batch([{ sql: 'insert 2', args: [] }])
    expect(asked).toContain('batch insert 2')
    expect(asked).not.toContain('batch insert 1')
  })

  it('writes come one after another, in the order in which they were asked for; a reading waits for none', async () => {
    const { client, asked } = makeFake()
    const steady = makeSteady(client, HERE, never)
    const writes = [1, 2, 3].map((n) => steady.execute(`insert ${n}`))
    const read = steady.execute('select 1')
    await Promise.all([...writes, read])
    expect(asked.filter((what) => what.startsWith('batch'))).toEqual([
      'batch insert 1',
      'batch insert 2',
      'batch insert 3',
    ])
    expect(asked.indexOf('select 1')).toBeLessThan(asked.indexOf('batch insert 1'))
    // The lock is taken before each, and let go of by each.
    for (const n of [1, 2, 3])
      expect(asked[asked.indexOf(`batch insert ${n}`) - 1]).toMatch(/^begin immediate; rollback/)
  })

  it('a transaction that is held open is refused: everybody else would wait for it', async () => {
    await expect(makeSteady(makeFake().client, HERE, never).transaction('write')).rejects.toThrow(/batch/)
  })
})
