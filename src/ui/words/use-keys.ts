import { useEffect, useRef } from 'react'

/** Single keys, by letter; not while something is typed, and not with a modifier. */
export function useKeys(actions: Record<string, () => void>): void {
  const latest = useRef(actions)
  latest.current = actions
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return
      if (event.key === ' ' && isPressed(event.target)) return
      const action = latest.current[event.key.toLowerCase()]
      if (!action) return
      event.preventDefault()
      action()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}

/** What a space presses is pressed, and nothing else. */
const isPressed = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest('button, a, summary, [role="button"]') !== null

/** In a field, in an open menu or sheet, or on a number, whose digits begin to type it. */
const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target.closest('input, select, textarea, [role="spinbutton"], [role="menu"], [role="dialog"]') !== null
