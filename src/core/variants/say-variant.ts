import type { Meaning } from './meaning'

const GIVEN_UP: Record<Meaning, string> = {
  step: 'less than half its step is left',
  front: 'no more than half the weight is in front',
  level: 'the feet are no longer level',
  empty: 'the empty foot carries more than a fifth',
}

/** What a variant gives up of what the posture is for, said first; null where it gives up nothing. */
export function sayGivenUp(givesUp: readonly Meaning[], posture = 'the posture'): string | null {
  if (givesUp.length === 0) return null
  return `No longer ${posture}: ${givesUp.map((meaning) => GIVEN_UP[meaning]).join(', and ')}.`
}
