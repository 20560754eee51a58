import type { FindingCode } from '../limits/finding'
import { BROKEN } from '../limits/registry'

/** What is said first of a way: an order or a limit of theirs that is broken, then a fall, then what a joint shows. */
export const FIRST_SAID: readonly FindingCode[] = [...BROKEN, 'step.falls', 'balance.outside']
