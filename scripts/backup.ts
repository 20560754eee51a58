/** Writes everything that the database holds into one file, as "Take out whole" does. */
import { existsSync, writeFileSync } from 'node:fs'
import { now } from '@/clock'
import { dayOf } from '@/documents/day'
import { readAddress } from '@/keeping/db/address'
import { DatabaseError, StorageError } from '@/keeping/db/errors'
import { readWhole } from '@/keeping/whole'

async function backup([file = `nivrel-${dayOf(now())}.house.json`]: string[]): Promise<void> {
  const address = readAddress()
  if (address.kind === 'file' && !existsSync(address.path))
    throw new DatabaseError(`there is no database at ${address.path}`)
  const whole = await readWhole()
  writeFileSync(file, JSON.stringify(whole, null, 2), { mode: 0o600, flag: 'wx' })
  process.stdout.write(`${whole.people.length} people and everything kept with them are in ${file}\n`)
}

backup(process.argv.slice(2)).catch((error: unknown) => {
  const { message, code } = error as Error & { code?: string }
  const known =
    error instanceof DatabaseError || error instanceof StorageError || code === 'EEXIST' || code === 'ENOENT'
  process.stderr.write(`nivrel: ${known ? message : `the backup could not be made (${code ?? 'unknown'})`}\n`)
  process.exit(1)
})
