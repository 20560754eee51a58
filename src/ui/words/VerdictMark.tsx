import type { Verdict } from '@/core'
import type { Words } from '@/words/language'

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

export const verdictWordsIn = (words: Words): Record<Verdict, string> => ({
  holds: words.say('screens.ui.steady'),
  close: words.say('screens.ui.nearly'),
  beyond: words.say('screens.ui.notLike'),
})

export const byEstimateIn = (words: Words) => words.say('screens.ui.notTestedYet')

type JudgedProps = { verdict: Verdict; size: number; estimated: boolean }

/**
 * A verdict with what it rests on: one that rests on an estimate alone floats on a dotted swell, as what is only proposed
 * is dotted everywhere. Whoever shows it says it in words too.
 */
export function Judged({ verdict, size, estimated }: JudgedProps) {
  if (!estimated) return <VerdictMark verdict={verdict} size={size} />
  return (
    <span style={{ display: 'inline-grid', justifyItems: 'center', rowGap: 1, flex: 'none' }}>
      <VerdictMark verdict={verdict} size={size} />
      <EstimateMark width={size * 1.25} />
    </span>
  )
}

function EstimateMark({ width }: { width: number }) {
  return (
    <svg width={width} height={width * 0.4} viewBox="0 0 30 12" aria-hidden="true" focusable="false">
      <path
        d="M2.5 6c4.2 -5.6 8.400 -5.6 12.5 0s8.300 5.600 12.500 0"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="3.6"
        strokeLinecap="round"
        strokeDasharray="0.1 5.700"
      />
    </svg>
  )
}
