/**
 * Makes and migrates the database, and lets go of who was deleted: before the program starts, and when it is left.
 * --demo puts the demo people in, --fresh starts over.
 */
import { now } from '@/clock'
import { readAddress } from '@/keeping/db/address'
import { connect, openDatabase } from '@/keeping/db/client'
import { putInDemo, putInHistory } from '@/keeping/db/demo/put-in'
import { DatabaseError, StorageError } from '@/keeping/db/errors'
import { forgetDeleted } from '@/keeping/db/forget'
import { bringUpToDate, clear, overwrite } from '@/keeping/db/migrate'
import { takeOwnership } from '@/keeping/db/owner'
import { checkClock } from '@/keeping/pinned-clock'

async function prepare(flags: readonly string[]): Promise<void> {
  const address = readAddress()
  checkClock(process.env, address)
  const owner = await takeOwnership(address)
  const client = connect()
  if (flags.includes('--fresh')) await clear(client)
  await bringUpToDate(client)
  const db = openDatabase(client)
  const gone = await forgetDeleted(db)
  if (gone > 0) {
    await overwrite(client)
    if (address.kind === 'remote')
      process.stdout.write(
        `${gone} who were deleted are gone from ${address.host}; what it keeps of its own (copies, free pages) is beyond this program.\n`,
      )
  }
  if (flags.includes('--demo')) {
    await putInDemo(db, now())
    await putInHistory(db, now())
  }
  client.close()
  await owner.letGo()
}

prepare(process.argv.slice(2)).catch((error: unknown) => {
  process.stderr.write(`${sayReason(error)}\n`)
  process.exit(1)
})

function sayReason(error: unknown): string {
  if (error instanceof DatabaseError || error instanceof StorageError || error instanceof RangeError)
    return error.message
  const { code = 'unknown' } = error as { code?: string }
  return `the database at ${describePlace()} cannot be opened or written (${code})`
}

function describePlace(): string {
  const address = readAddress()
  return address.kind === 'file' ? address.path : address.host
}
