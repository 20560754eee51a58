'use client'

import { useSyncExternalStore } from 'react'
import { LIGHT_KEY } from './light-script'

const subscribe = (changed: () => void) => {
  const watcher = new MutationObserver(changed)
  watcher.observe(document.documentElement, { attributeFilter: ['data-theme'] })
  return () => watcher.disconnect()
}

export function LightSwitch({ className }: { className?: string }) {
  const light = useSyncExternalStore(
    subscribe,
    () => document.documentElement.dataset.theme ?? 'light',
    () => 'light',
  )
  const next = light === 'dark' ? 'light' : 'dark'
  const turn = () => {
    document.documentElement.dataset.theme = next
    localStorage.setItem(LIGHT_KEY, next)
  }
  return (
    <button type="button" className={className} onClick={turn}>
      {next === 'dark' ? 'Dim' : 'Bright'}
    </button>
  )
}
