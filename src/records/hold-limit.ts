import type { Binding } from './binding'

/** The longest that somebody may hold, seconds, of the limits that bind; null where nothing says so. */
export function holdLimitOf(limits: readonly Pick<Binding, 'what' | 'entry'>[]): number | null {
  const value = limits.find(({ what }) => what === 'holdMaxS')?.entry.value
  return typeof value === 'number' ? value : null
}
