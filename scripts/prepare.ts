/** Makes and migrates the database; with --demo puts the demo people in, with --fresh starts over. */

import { connect, databaseUrl, openDatabase } from '@/db/client'
import { putInDemo } from '@/db/demo/put-in'
import { bringUpToDate, clear, DatabaseError } from '@/db/migrate'
import { forgetDeleted } from '@/db/people'

async function prepare(flags: readonly string[]): Promise<void> {
  const client = connect()
  if (flags.includes('--fresh')) await clear(client)
  await bringUpToDate(client)
  // The program was left since: who was taken away then is gone now.
  await forgetDeleted(openDatabase(client))
  if (flags.includes('--demo')) await putInDemo(openDatabase(client), new Date())
  client.close()
}

prepare(process.argv.slice(2)).catch((error: unknown) => {
  const { message } = error as Error
  const reason =
    error instanceof DatabaseError
      ? message
      : `the database at ${describePlace()} cannot be opened or written (${message})`
  process.stderr.write(`${reason}\n`)
  process.exit(1)
})

/** A remote address without what might be secret in it. */
function describePlace(): string {
  const url = databaseUrl()
  return url.startsWith('file:') ? url : new URL(url).host
}
