import { useEffect, useRef } from 'react'

/** Ctrl Z takes back, with Shift does again; in a field of text they are the field's own. */
export function useUndoKeys(undo: () => void, redo: () => void = () => {}): void {
  const latest = useRef({ undo, redo })
  latest.current = { undo, redo }
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      if (event.target instanceof Element && event.target.closest('input:not([role="spinbutton"]), textarea')) return
      event.preventDefault()
      if (event.shiftKey) latest.current.redo()
      else latest.current.undo()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => window.removeEventListener('keydown', onKeyDown)
  }, [])
}
