/** When it is in all tests: a Friday, in one zone. Machines' own days and zones are no part of a test. */
export const PINNED = { NIVREL_CLOCK: '2026-03-13T10:00:00Z', TZ: 'UTC' }

/** The day of it. */
export const TODAY = '2026-03-13'

/** Sets the clock to an instant, in a zone; what is made from here on is made then. */
export function setClock(instant: string, zone: string = PINNED.TZ): void {
  process.env.TZ = zone
  process.env.NIVREL_CLOCK = new Date(Date.parse(instant) - performance.now()).toISOString()
}
