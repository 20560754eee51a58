import { vi } from 'vitest'

const [WIDTH, HEIGHT] = [900, 560]

/** Whatever asks for its size has one, at once: floors and ribbons are drawn, and can be gone through by key. */
export function giveSizes(): void {
  document.documentElement.style.fontSize = '16px'
  vi.stubGlobal(
    'ResizeObserver',
    class {
      constructor(private readonly tell: (entries: unknown[]) => void) {}
      observe(): void {
        this.tell([{ contentRect: { width: WIDTH, height: HEIGHT } }])
      }
      unobserve(): void {}
      disconnect(): void {}
    },
  )
}
