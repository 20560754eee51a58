import { AsyncLocalStorage } from 'node:async_hooks'
import { database } from './db/client'
import { firstSite, type Here } from './db/here'

type Whose = Pick<Here, 'site' | 'who'>

const asked = new AsyncLocalStorage<Whose>()

/** The only way to what is kept: the database, with the site that is open and who asks. */
export const here = async (): Promise<Here> => ({ ...firstSite(database()), ...asked.getStore() })

/** Whatever is read and written meanwhile is of another site, or asked by somebody else. */
export const asOf = <T>(whose: Whose, run: () => Promise<T>): Promise<T> => asked.run(whose, run)
