import { useMemo } from 'react'
import { useStore } from 'zustand'
import {
  type Analysis,
  analyse,
  type Body,
  calcStandingMargin,
  type Footing,
  InputError,
  resolveBody,
  type Stance,
  setFooting,
} from '@/core'
import { toPerson, toStance } from '@/formats/to-core'
import { useBench } from './store'

/** The stance on the bench as the core sees it; where it cannot be analysed, why. */
export type OnBenchView = {
  body: Body
  stance: Stance
  footing: Footing
  analysis: Analysis | null
  error: InputError | null
}

export function useAnalysis(): OnBenchView {
  const document = useBench((state) => state.person.document)
  const doc = useBench((state) => state.stance)
  const body = useMemo(() => resolveBody(toPerson(document)), [document])
  const standing = useMemo(() => calcStandingMargin(body), [body])
  return useMemo(() => {
    const stance = toStance(doc)
    const footing = setFooting(body, stance)
    try {
      const analysis = analyse(body, stance, { standing, withoutFreeTurn: true })
      return { body, stance, footing, analysis, error: null }
    } catch (error) {
      if (error instanceof InputError) return { body, stance, footing, analysis: null, error }
      throw error
    }
  }, [body, standing, doc])
}

export function useHistory(): { canUndo: boolean; canRedo: boolean } {
  const canUndo = useStore(useBench.temporal, (state) => state.pastStates.length > 0)
  const canRedo = useStore(useBench.temporal, (state) => state.futureStates.length > 0)
  return { canUndo, canRedo }
}
