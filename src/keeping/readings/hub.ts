import { EventEmitter } from 'node:events'
import type { Reading } from '@/core'

/** Readings on their way from a device to the pages that watch. Nothing is kept: whoever watches keeps what they need. */
const place = globalThis as { nivrelReadings?: EventEmitter }
const hub = place.nivrelReadings ?? new EventEmitter().setMaxListeners(0)
place.nivrelReadings = hub

export const publish = (readings: readonly Reading[]): boolean => hub.emit('readings', readings)

/** @returns what ends it */
export function subscribe(take: (readings: readonly Reading[]) => void): () => void {
  hub.on('readings', take)
  return () => hub.off('readings', take)
}
