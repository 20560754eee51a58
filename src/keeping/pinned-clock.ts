import { basename, dirname } from 'node:path'
import { readInstant } from '@/clock'
import type { Address } from '@/keeping/db/address'
import { isLoopback } from './host'

/** The folder in which tests have their databases. */
const TESTS = 'test-results'

type Environment = Partial<Record<'NIVREL_CLOCK' | 'NIVREL_HOST' | 'NIVREL_DATABASE_URL' | 'NODE_ENV', string>>

/**
 * Refuses a clock that was set where real days count: in production, unless this machine alone can ask and the database
 * is a test's own. Somebody's limits and orders go by the day.
 * @throws RangeError in one line, with what would be accepted
 */
export function checkClock(environment: Environment, address: Address): void {
  const { NIVREL_CLOCK: clock, NIVREL_HOST: host, NODE_ENV: mode } = environment
  if (!clock) return
  readInstant(clock)
  if (mode !== 'production' || (isLoopback(host) && isTestFile(address))) return
  throw new RangeError(
    `NIVREL_CLOCK sets the day for tests only: it is taken on 127.0.0.1 with a database in a folder ${TESTS}, or not at all`,
  )
}

const isTestFile = (address: Address): boolean => address.kind === 'file' && basename(dirname(address.path)) === TESTS
