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
