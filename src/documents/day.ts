/** The day on a clock, as YYYY-MM-DD: in a time zone, or where this program runs. */
export function dayOf(now: Date, timeZone?: string): string {
  return new Intl.DateTimeFormat('en-CA', {
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
    ...(timeZone && { timeZone }),
  }).format(now)
}

/** Where the browser says in which time zone its user is, for the pages that the server makes. */
export const ZONE_COOKIE = 'nivrel-zone'
