import { readAddress } from '@/keeping/db/address'
import { type Ownership, takeOwnership } from '@/keeping/db/owner'
import { checkClock } from './pinned-clock'

const LOOK_EVERY_MS = 1000

/** Held for as long as the server runs: what nobody holds is let go of. */
let owner: Ownership | null = null

/**
 * Takes the database for this server until it ends; a second one on the same file ends here, in one line. The server
 * ends with the program that started it, however that one ended.
 */
export async function ownDatabase(): Promise<void> {
  try {
    const address = readAddress()
    checkClock(process.env, address)
    owner = await takeOwnership(address)
  } catch (error) {
    process.stderr.write(`nivrel: ${(error as Error).message}\n`)
    process.exit(1)
  }
  process.once('exit', () => owner?.letGo())
  const started = process.ppid
  if (process.env.NIVREL_STARTED !== undefined) {
    setInterval(() => process.ppid !== started && process.exit(0), LOOK_EVERY_MS).unref()
  }
}
