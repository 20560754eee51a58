'use client'

import { useCallback, useEffect, useRef } from 'react'
import { flushSync } from 'react-dom'
import { create } from 'zustand'

const REST = 500

/** How many fields hold something typed that was not taken yet: until then nothing may be called saved. */
const useTypedFields = create<{ count: number }>(() => ({ count: 0 }))
const count = (by: 1 | -1) => useTypedFields.setState((before) => ({ count: before.count + by }))

const fields = new Set<() => void>()

/**
 * Takes what stands in every field at once. Whoever saves when a page is left asks for it first; listeners of the same
 * event come in no order to rely on.
 */
export const takeTyped = (): void =>
  flushSync(() => {
    for (const takeNow of fields) takeNow()
  })

export const useIsTyping = (): boolean => useTypedFields((state) => state.count > 0)

/**
 * Takes what is typed into a field while it is typed, whenever it rests; and at once when the field or the page is left,
 * so that a reload or a closed tab loses nothing. `live: false`: only when it is left.
 */
export function useTaking(take: (text: string) => void, live = true) {
  const latest = useRef(take)
  latest.current = take
  const pending = useRef<string | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const drop = useCallback(() => {
    clearTimeout(timer.current)
    if (pending.current !== null) count(-1)
    pending.current = null
  }, [])
  const takeNow = useCallback(() => {
    const text = pending.current
    drop()
    if (text !== null) latest.current(text)
  }, [drop])
  const type = useCallback(
    (text: string) => {
      if (pending.current === null) count(1)
      pending.current = text
      clearTimeout(timer.current)
      if (live) timer.current = setTimeout(takeNow, REST)
    },
    [live, takeNow],
  )
  useEffect(() => {
    fields.add(takeNow)
    window.addEventListener('pagehide', takeTyped)
    return () => {
      fields.delete(takeNow)
      takeNow()
    }
  }, [takeNow])
  return { type, takeNow, drop }
}
