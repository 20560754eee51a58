import { useSyncExternalStore } from 'react'

const subscribe = (changed: () => void) => {
  const watcher = new MutationObserver(changed)
  watcher.observe(document.documentElement, { attributeFilter: ['data-theme'] })
  return () => watcher.disconnect()
}

/** The theme that the page wears: light or dark. */
export const useTheme = (): string =>
  useSyncExternalStore(
    subscribe,
    () => document.documentElement.dataset.theme ?? 'light',
    () => 'light',
  )
