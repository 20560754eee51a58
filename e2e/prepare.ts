import { rmSync } from 'node:fs'
import Libsql from 'libsql'
import { build, ENV, prepare } from '../scripts/steps.mjs'
import { PINNED } from '../src/testing/clock'
import { remove, TEMPLATE } from './nivrel'

/** Before all tests: what they run against is built, and Lantern Quay is put into a file that each of them copies. */
export default async function prepareAll(): Promise<void> {
  await build()
  remove(TEMPLATE)
  Object.assign(ENV, PINNED, { NIVREL_DATABASE_URL: `file:${TEMPLATE}` })
  prepare('--demo')
  rmSync(`${TEMPLATE}-owner`, { force: true })
  // In this frame people differ, so that there is something to see; a house begins with the one that it chooses.
  const file = new Libsql(TEMPLATE)
  file.exec(`update sites set house = '{"school":"long-upright"}'`)
  file.close()
}
