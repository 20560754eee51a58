import type { Next } from '@/teaching/today'

/** Where the step that is next is done. */
export function hrefOf(next: Exclude<Next, 'roll'>, { group, day }: { group: string; day: string }): string {
  const at = `group=${encodeURIComponent(group)}&day=${day}`
  if (next === 'write' || next === 'door') return `/log?${at}`
  return next === 'teach' ? `/teach?${at}` : `/lesson?${at}`
}
