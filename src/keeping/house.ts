import { stamp } from '@/clock'
import { number } from '@/documents/fields'
import { type Hall, type HouseChoices, houseSettings } from '@/documents/house-settings'
import { parse } from '@/documents/parse'
import { keepFact } from '@/keeping/db/facts'
import { readSiteHouse, type SiteHouse, writeSiteHouse } from '@/keeping/db/sites'
import { ConflictError } from './conflict'
import { here } from './here'
import { readKept, type SetAside } from './set-aside'

const saving = houseSettings.extend({ revision: number(0, 1e9) })

export type HouseSettings = HouseChoices & {
  /** Counts the saves; 0: nothing was ever set. */
  revision: number
  /** What was set and cannot be read: the defaults apply. */
  aside: SetAside | null
}

const HOUSE = 'house'

/** As they were read last: the same object while nobody changed them. */
let known: { from: string; settings: HouseSettings } | null = null

export async function readHouse(): Promise<HouseSettings> {
  const kept = await readSiteHouse(await here())
  const from = `${kept.revision} ${kept.house ?? ''}`
  if (known?.from !== from) known = { from, settings: readSettings(kept) }
  return known.settings
}

function readSettings({ house, revision }: SiteHouse): HouseSettings {
  const { value, aside } = readKept(houseSettings, house === null ? {} : readJson(house), {
    what: HOUSE,
    id: HOUSE,
    name: 'the house’s own rules',
  })
  return { ...((value ?? parse(houseSettings, {})) as HouseChoices), revision, aside }
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
  if (aside) await keepFact((await here()).db, `${HOUSE} unreadable ${stamp()}`, aside.raw)
  const saved = await writeSiteHouse(await here(), settings, revision)
  const after = await readHouse()
  if (!saved) throw new ConflictError(after)
  return after
}

/** What the hall has, of what the house set. */
export const pickHall = ({ chairs, roomM }: Hall): Hall => ({ chairs, roomM })
