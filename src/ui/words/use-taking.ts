'use client'

import { useCallback, useEffect, useRef } from 'react'
import { flushSync } from 'react-dom'
import { create } from 'zustand'

const REST = 500

/** How many fields hold something typed that was not taken yet: until then nothing may be called saved. */
const useTypedFields = create<{ count: number }>(() => ({ count: 0 }))
const count = (by: 1 | -1) => useTypedFields.setState((before) => ({ count: before.count + by }))

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
    // Before whoever saves when the page is left: they must find it.
    const leave = () => flushSync(takeNow)
    window.addEventListener('pagehide', leave, { capture: true })
    return () => {
      window.removeEventListener('pagehide', leave, { capture: true })
      takeNow()
    }
  }, [takeNow])
  return { type, takeNow, drop }
}
