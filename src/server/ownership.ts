import { readAddress } from '@/db/address'
import { takeOwnership } from '@/db/owner'

const LOOK_EVERY_MS = 1000

/**
 * Takes the database for this server until it ends; a second one on the same file ends here, in one line. The server
 * ends with the program that started it, however that one ended.
 */
export async function ownDatabase(): Promise<void> {
  try {
    await takeOwnership(readAddress())
  } catch (error) {
    process.stderr.write(`nivrel: ${(error as Error).message}\n`)
    process.exit(1)
  }
  const started = process.ppid
  if (process.env.NIVREL_STARTED !== undefined) {
    setInterval(() => process.ppid !== started && process.exit(0), LOOK_EVERY_MS).unref()
  }
}
