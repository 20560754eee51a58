import { cookies } from 'next/headers'
import { now } from '@/clock'
import { dayOf, ZONE_COOKIE } from '@/documents/day'

/** The user's day: limits, tests and what is due go by days. Without a browser that said its zone, the server's. */
export async function today(): Promise<string> {
  return dayOf(now(), await readZone())
}

async function readZone(): Promise<string | undefined> {
  try {
    const zone = decodeURIComponent((await cookies()).get(ZONE_COOKIE)?.value ?? '')
    return Intl.supportedValuesOf('timeZone').includes(zone) ? zone : undefined
  } catch {
    // Nobody asked: a test, or a script.
    return undefined
  }
}
