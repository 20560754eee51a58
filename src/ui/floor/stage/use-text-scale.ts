import { useLayoutEffect, useState } from 'react'

const USUAL = 16

/** How large text is against the usual: drawings that hold words make room for them by it. */
export function useTextScale(watch: unknown): number {
  const [scale, setScale] = useState(1)
  // biome-ignore lint/correctness/useExhaustiveDependencies: text that grows changes the size that is watched
  useLayoutEffect(() => {
    setScale(Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / USUAL)
  }, [watch])
  return scale
}
