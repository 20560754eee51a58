import { type PointerEvent, useRef } from 'react'
import type { Vec2 } from '@/core'
import type { FloorHands } from './hands'

/** Pointer handlers for something that is dragged about the floor: told how far, in floor metres, since it was taken. */
export function useDrag(
  toMetres: (event: PointerEvent) => Vec2,
  onMove: (to: Vec2, from: Vec2) => void,
  onDrag: (on: boolean) => void,
  hands: FloorHands | undefined,
) {
  const from = useRef<Vec2 | null>(null)
  if (!hands) return {}
  const end = () => {
    if (!from.current) return
    from.current = null
    hands.end()
    onDrag(false)
  }
  return {
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      if (event.button !== 0) return
      event.currentTarget.setPointerCapture(event.pointerId)
      from.current = toMetres(event)
      hands.begin()
      onDrag(true)
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (from.current) onMove(toMetres(event), from.current)
    },
    onPointerUp: end,
    onPointerCancel: end,
  }
}
