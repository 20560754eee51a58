import {
  type Analysis,
  type Body,
  buildPosture,
  SCHOOL_IDS,
  type SchoolId,
  type Side,
  type Stance,
  tryAnalyse,
} from '@/core'
import type { Posture } from '@/documents/posture-document'
import type { Words } from '@/words/language'
import { saySchool } from '@/words/postures'

/** A posture of one school for a body; no analysis where that body cannot stand it. */
export type SchoolReading = { school: SchoolId; name: string; stance: Stance; analysis: Analysis | null }

export function readSchools(posture: Posture, body: Body, side: Side, words: Words): SchoolReading[] {
  return SCHOOL_IDS.map((school) => {
    const stance = buildPosture(posture, body, school, side)
    return { school, name: saySchool(school, words), stance, analysis: tryAnalyse(body, stance) }
  })
}

/** How each school is drawn: a line of its own, so that colour is never all that tells them apart. */
export const SCHOOL_LINES: Record<SchoolId, { stroke: string; dash?: string }> = {
  'long-upright': { stroke: 'var(--ink)' },
  'small-inclined': { stroke: 'var(--clay)', dash: '7 3' },
  'low-coiling': { stroke: 'var(--tide)' },
  'high-follow': { stroke: 'var(--wood)', dash: '2 4' },
  therapeutic: { stroke: 'var(--tide)', dash: '9 3 2 3' },
}
