import type { Words } from '@/words/language'
import { sayShortDay } from '@/words/log'

/** The days under every chart of somebody's weeks. */
export const dayAxis = (words: Words) =>
  ({
    dataKey: 'day',
    tickFormatter: (day: string) => sayShortDay(day, words),
    stroke: 'var(--ink-soft)',
    tickLine: false,
    fontSize: 13,
    padding: { left: 16, right: 16 },
  }) as const
