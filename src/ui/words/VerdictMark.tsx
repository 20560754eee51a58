import type { Verdict } from '@/core'

/** A verdict has a shape as well as a colour: a full disc, a half disc, an open ring with a notch. */
export function VerdictMark({ verdict, size = 18 }: { verdict: Verdict; size?: number }) {
  const common = { width: size, height: size, viewBox: '0 0 20 20', 'aria-hidden': true, focusable: false } as const
  if (verdict === 'holds') {
    return (
      <svg {...common}>
        <circle cx="10" cy="10" r="8.5" fill="var(--tide)" />
      </svg>
    )
  }
  if (verdict === 'close') {
    return (
      <svg {...common}>
        <circle cx="10" cy="10" r="8" fill="none" stroke="var(--tide)" strokeWidth="2" />
        <path d="M10 2a8 8 0 0 0 0 16z" fill="var(--tide)" />
      </svg>
    )
  }
  return (
    <svg {...common}>
      <path d="M13.6 2.9A8 8 0 1 1 6.4 2.9" fill="none" stroke="var(--clay)" strokeWidth="2.6" strokeLinecap="round" />
    </svg>
  )
}

export const VERDICT_WORDS: Record<Verdict, string> = { holds: 'Holds', close: 'Close', beyond: 'Beyond' }

/**
 * Beside a verdict that rests on estimates alone: a dotted swell, as what is only proposed is dotted everywhere. Whoever
 * shows it says it in words too.
 */
export function EstimateMark({ size = 16 }: { size?: number }) {
  return (
    <svg width={size * 1.4} height={size} viewBox="0 0 28 20" aria-hidden="true" focusable="false">
      <path
        d="M2 11c4 -7 8 -7 12 0s8 7 12 0"
        fill="none"
        stroke="var(--ink-soft)"
        strokeWidth="2.6"
        strokeLinecap="round"
        strokeDasharray="0.1 4.6"
      />
    </svg>
  )
}

export const BY_ESTIMATE = 'by estimate alone'
