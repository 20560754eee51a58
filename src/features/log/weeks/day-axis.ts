import { sayShortDay } from '@/words/log'

/** The days under every chart of somebody's weeks. */
export const DAY_AXIS = {
  dataKey: 'day',
  tickFormatter: (day: string) => sayShortDay(day),
  stroke: 'var(--ink-soft)',
  tickLine: false,
  fontSize: 13,
  padding: { left: 16, right: 16 },
} as const
