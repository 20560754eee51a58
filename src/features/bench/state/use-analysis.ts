import { useStore } from 'zustand'
import {
  type Analysis,
  analyse,
  type Body,
  calcStandingMargin,
  type Footing,
  InputError,
  type Stance,
  setFooting,
} from '@/core'
import type { PersonDocument } from '@/documents/person-document'
import type { StanceBody } from '@/documents/stance-document'
import { bodyOf, toStance } from '@/documents/to-core'
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
  return viewBench(document, doc)
}

const readBody = rememberLast((document: PersonDocument) => {
  const body = bodyOf(document)
  return { body, standing: calcStandingMargin(body) }
})

/** Several parts of the screen ask for the same stance: it is analysed once. */
const viewBench = rememberLast((document: PersonDocument, doc: StanceBody): OnBenchView => {
  const { body, standing } = readBody(document)
  const stance = toStance(doc)
  const footing = setFooting(body, stance)
  try {
    const analysis = analyse(body, stance, { standing, withoutFreeTurn: true })
    return { body, stance, footing, analysis, error: null }
  } catch (error) {
    if (error instanceof InputError) return { body, stance, footing, analysis: null, error }
    throw error
  }
})

function rememberLast<A extends unknown[], R>(compute: (...args: A) => R): (...args: A) => R {
  let last: { args: A; result: R } | null = null
  return (...args) => {
    if (!last?.args.every((arg, i) => arg === args[i])) last = { args, result: compute(...args) }
    return last.result
  }
}

export function useHistory(): { canUndo: boolean; canRedo: boolean } {
  const canUndo = useStore(useBench.temporal, (state) => state.pastStates.length > 0)
  const canRedo = useStore(useBench.temporal, (state) => state.futureStates.length > 0)
  return { canUndo, canRedo }
}
