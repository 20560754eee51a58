import { useCallback, useEffect, useRef, useState } from 'react'
import type { ReadingKind, ReadingOf } from '@/core'
import { readReadings } from '@/documents/readings/text'
import { tiltOfPhone } from './phone'
import { openSerial, type Serial } from './serial'
import { type StandInOf, startStandIn } from './stand-in'

/** Where readings come from. */
export type Source = 'stand-in' | 'stream' | 'serial' | 'motion'
export type SourceState = 'off' | 'waiting' | 'live' | 'silent' | 'refused'

/** So many readings are kept, the newest: ten minutes at a hundred a second. */
const KEPT_MOST = 60_000
const SHOWN_MS = 66
/** Without a reading for so long it is silent: unplugged, or out of battery. */
const SILENT_MS = 1500

type Take = (text: string) => void

/** Readings of a kind as they come, in memory that does not grow; what is shown is renewed some fifteen times a second. */
export function useReadings<K extends ReadingKind>(kind: K, standIn: StandInOf) {
  const readings = useRef<ReadingOf<K>[]>([])
  const [state, setState] = useState<SourceState>('off')
  const [shown, setShown] = useState<{ count: number; last: ReadingOf<K> | null }>({ count: 0, last: null })
  const end = useRef<() => void>(() => {})
  const arrivedAt = useRef(0)
  const total = useRef(0)

  const put = useCallback((came: readonly ReadingOf<K>[]) => {
    if (came.length === 0) return
    arrivedAt.current = performance.now()
    total.current += came.length
    readings.current.push(...came)
    if (readings.current.length > KEPT_MOST * 1.1) readings.current = readings.current.slice(-KEPT_MOST)
  }, [])
  const take: Take = useCallback(
    (text) => put(readReadings(text).readings.filter((one): one is ReadingOf<K> => one.kind === kind)),
    [kind, put],
  )

  const stop = useCallback(() => {
    end.current()
    end.current = () => {}
    setState('off')
  }, [])
  const clear = useCallback(() => {
    readings.current = []
    total.current = 0
    setShown({ count: 0, last: null })
  }, [])
  const start = async (source: Source) => {
    stop()
    clear()
    setState('waiting')
    try {
      end.current = await openSource(source, kind, standIn, take, put as (came: readonly unknown[]) => void)
    } catch {
      setState('refused')
    }
  }

  useEffect(() => {
    const timer = setInterval(() => {
      const last = readings.current.at(-1) ?? null
      setShown((before) => (before.count === total.current ? before : { count: total.current, last }))
      setState((before) => {
        if (before === 'off' || before === 'refused' || total.current === 0) return before
        return performance.now() - arrivedAt.current > SILENT_MS ? 'silent' : 'live'
      })
    }, SHOWN_MS)
    return () => {
      clearInterval(timer)
      end.current()
    }
  }, [])

  return { readings, shown, state, start, stop, clear, put }
}

async function openSource(
  source: Source,
  kind: ReadingKind,
  standIn: StandInOf,
  take: Take,
  put: (came: readonly unknown[]) => void,
): Promise<() => void> {
  if (source === 'stand-in') return startStandIn(kind, standIn, put)
  if (source === 'motion') return startMotion(put)
  if (source === 'serial') {
    const serial: Serial = await openSerial(take)
    return () => void serial.close()
  }
  const stream = new EventSource('/api/v1/readings')
  stream.onmessage = ({ data }) => take(String(data))
  return () => stream.close()
}

/** A phone's own sense of down. */
async function startMotion(put: (came: readonly unknown[]) => void): Promise<() => void> {
  const asks = DeviceOrientationEvent as unknown as { requestPermission?: () => Promise<string> }
  if (asks.requestPermission && (await asks.requestPermission()) !== 'granted') throw new Error('not granted')
  const began = performance.now()
  const take = ({ beta, gamma }: DeviceOrientationEvent) => {
    if (beta === null || gamma === null) return
    const atS = (performance.now() - began) / 1000
    put([{ kind: 'level', atS, ...tiltOfPhone(beta, gamma) }])
  }
  window.addEventListener('deviceorientation', take)
  return () => window.removeEventListener('deviceorientation', take)
}
