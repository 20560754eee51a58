import { type PointerEvent, useRef } from 'react'
import type { Vec2 } from '@/core'
import type { FloorHands } from './hands'

/**
 * A touch on what is dragged never scrolls the page: CSS cannot say so of parts of a drawing, and React only listens
 * passively.
 */
function holdTouch(element: SVGElement | null) {
  const hold = (event: Event) => event.preventDefault()
  element?.addEventListener('touchstart', hold, { passive: false })
  return () => element?.removeEventListener('touchstart', hold)
}

/** Pointer handlers for something that is dragged about the floor: told how far, in floor metres, since it was taken. */
export function useDrag(
  toMetres: (event: PointerEvent) => Vec2,
  onMove: (to: Vec2, from: Vec2) => void,
  onDrag: (on: boolean) => void,
  hands: FloorHands | undefined,
) {
  const from = useRef<{ pointer: number; at: Vec2 } | null>(null)
  if (!hands) return {}
  const end = (event: PointerEvent<SVGElement>) => {
    if (from.current?.pointer !== event.pointerId) return
    from.current = null
    hands.end()
    onDrag(false)
  }
  return {
    ref: holdTouch,
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      // A second finger on what is dragged already moves nothing.
      if (event.button !== 0 || from.current) return
      event.currentTarget.setPointerCapture(event.pointerId)
      from.current = { pointer: event.pointerId, at: toMetres(event) }
      hands.begin()
      onDrag(true)
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (from.current?.pointer === event.pointerId) onMove(toMetres(event), from.current.at)
    },
    onPointerUp: end,
    onPointerCancel: end,
  }
}
