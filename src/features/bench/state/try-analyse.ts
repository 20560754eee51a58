import { type Analysis, analyse, type Body, InputError, type Stance } from '@/core'

/** What was kept may no longer be possible for a body that was measured anew: null then. */
export function tryAnalyse(body: Body, stance: Stance): Analysis | null {
  try {
    return analyse(body, stance, { standing: null, withoutFreeTurn: true })
  } catch (error) {
    if (error instanceof InputError) return null
    throw error
  }
}
