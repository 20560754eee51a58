import { database } from '@/db/client'
import { readFact, writeFact } from '@/db/library'
import { number } from '@/formats/fields'
import { type HouseChoices, houseSettings } from '@/formats/house-settings'
import { parse } from '@/formats/parse'
import { now } from './clock'
import { ConflictError } from './conflict'
import { readKept, type SetAside } from './set-aside'

const saving = houseSettings.extend({ revision: number(0, 1e9) })

export type HouseSettings = HouseChoices & {
  /** Counts the saves; 0: nothing was ever set. */
  revision: number
  /** What was set and cannot be read: the defaults apply. */
  aside: SetAside | null
}

export const HOUSE_FACT = 'house'

/** As they were read last: the same object while nobody changed them. */
let known: { text: string; settings: HouseSettings } | null = null

export async function readHouse(): Promise<HouseSettings> {
  const fact = await readFact(database(), HOUSE_FACT)
  const from = `${fact?.revision ?? 0} ${fact?.text ?? ''}`
  if (known?.text !== from) known = { text: from, settings: readSettings(fact) }
  return known.settings
}

function readSettings(fact: Awaited<ReturnType<typeof readFact>>): HouseSettings {
  const { value, aside } = readKept(houseSettings, fact ? readJson(fact.text) : {}, {
    what: 'house',
    id: HOUSE_FACT,
    name: 'the house’s own rules',
  })
  return {
    ...((value ?? parse(houseSettings, {})) as HouseChoices),
    revision: fact?.revision ?? 0,
    aside,
  }
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}

/**
 * Saves over the revision that they were made from. What could not be read is kept beside, never overwritten.
 * @throws ConflictError where somebody else saved since; InputError naming the rule that is out of range
 */
export async function saveHouse(value: unknown): Promise<HouseSettings> {
  const { revision, ...settings } = parse(saving, value, 'house')
  const { aside } = await readHouse()
  if (aside) await writeFact(database(), `${HOUSE_FACT} unreadable ${now()}`, aside.raw, 0)
  const saved = await writeFact(database(), HOUSE_FACT, settings, revision)
  const after = await readHouse()
  if (saved === null) throw new ConflictError(after)
  return after
}
