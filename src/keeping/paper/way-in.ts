import { type Choices, readWayIn, type WayIn } from '@/core'
import type { Stood } from '@/paper/stood'
import { Remembered } from '@/remember'

const MOST = 300
const remembered = new Remembered<WayIn | null>(MOST)

/** A stance with how it is come to: a sheet that is opened again has it at once. */
export function withWayIn(stood: Stood, choices: Choices): Stood {
  const { body, stance, analysis } = stood
  if (!analysis || analysis.verdict === 'beyond') return stood
  const key = JSON.stringify([body.person, stance, choices])
  const known = remembered.get(key)
  const wayIn = known === undefined ? readWayIn(body, stance, analysis.legs, choices) : known
  remembered.keep(key, wayIn)
  return { ...stood, wayIn }
}
